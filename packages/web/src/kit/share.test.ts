import { afterEach, expect, it, vi } from 'vitest';
import { share } from './share';

afterEach(() => vi.unstubAllGlobals());
const what = { title: 'Rice silk', text: 'rice water', url: 'http://localhost:4310/x' };

it('takes the device’s own way where there is one, and the clipboard where there is none or it fails', async () => {
  const writeText = vi.fn(() => Promise.resolve());
  const own = vi.fn(() => Promise.resolve());
  vi.stubGlobal('navigator', { share: own, clipboard: { writeText } });
  expect(await share(what)).toBe('shared');
  expect(own).toHaveBeenCalledWith(what);
  vi.stubGlobal('navigator', { share: () => Promise.reject(new TypeError('no')), clipboard: { writeText } });
  expect(await share(what)).toBe('copied');
  vi.stubGlobal('navigator', { clipboard: { writeText } });
  expect(await share(what)).toBe('copied');
  expect(writeText).toHaveBeenLastCalledWith('rice water\n\nhttp://localhost:4310/x');
});

it('does nothing more where somebody thought better of it, and says where nothing goes', async () => {
  const writeText = vi.fn(() => Promise.reject(new Error('denied')));
  vi.stubGlobal('navigator', {
    share: () => Promise.reject(new DOMException('', 'AbortError')),
    clipboard: { writeText },
  });
  expect(await share(what)).toBeUndefined();
  expect(writeText).not.toHaveBeenCalled();
  vi.stubGlobal('navigator', { clipboard: { writeText } });
  await expect(share(what)).rejects.toThrow('clipboard');
});
