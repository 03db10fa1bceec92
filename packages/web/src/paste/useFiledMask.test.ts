// @vitest-environment happy-dom
import { MOST_PASTED } from '@amber-ladle/core/exchange';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { reactive, ref, type Ref } from 'vue';
import { useNotice } from '../data/notice';
import { forget, inPage, know } from '../data/testing';
import { useFiledMask } from './useFiledMask';

const route = reactive({ hash: '' });
const replaced: { hash?: string }[] = [];
vi.mock('vue-router', () => ({
  useRoute: () => route,
  useRouter: () => ({ replace: (to: { hash: string }) => replaced.push(to) }),
}));
const back = vi.fn(() => Promise.resolve());
let wasThere = false;
vi.mock('../mask', async () => ({
  ...(await import('../mask/maskLink')),
  layText: () => (wasThere ? back : undefined),
}));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));

const { id: _id, version: _version, ...OATS } = BUILT_IN_MASKS.find(({ id }) => id === 'oat-ease')!;
const filed = (change: object = {}): string =>
  JSON.stringify({ format: 'amber-ladle-mask', version: 1, mask: { ...OATS, ...change } });

let text: Ref<string>;
let page: ReturnType<typeof useFiledMask>;
let leave: () => void;
function begin(): void {
  ({ there: page, leave } = inPage(() => useFiledMask(text)));
}
beforeEach(() => {
  forget();
  setActivePinia(createPinia());
  know({ masks: BUILT_IN_MASKS });
  text = ref('');
  route.hash = '';
  replaced.length = 0;
  wasThere = false;
  back.mockClear();
});
afterEach(() => {
  leave();
});

describe('a mask that was pasted as a file', () => {
  it('is taken as it is, and leaves no text behind', async () => {
    begin();
    text.value = filed();
    await flushPromises();
    expect(page.whole.value?.name).toBe(OATS.name);
    expect(text.value).toBe('');
    expect(page.refused.value).toBe('');
  });

  it('makes way for words that are written next', async () => {
    begin();
    text.value = filed();
    await flushPromises();
    text.value = '2 tbsp honey';
    await flushPromises();
    expect(page.whole.value).toBeUndefined();
    expect(text.value).toBe('2 tbsp honey');
  });

  it('says what is wrong with it, and leaves the text as it is', async () => {
    begin();
    const strange = filed({ parts: [{ ...OATS.parts[0], ingredientId: 'moon-dew', share: 1 }] });
    text.value = strange;
    await flushPromises();
    expect(page.refused.value).toContain('moon-dew');
    expect(page.whole.value).toBeUndefined();
    expect(text.value).toBe(strange);
    text.value = '1 egg';
    await flushPromises();
    expect(page.refused.value).toBe('');
  });
});

describe('a file', () => {
  it('is a mask, or the words that are in it', async () => {
    begin();
    await page.onFile(new File([filed()], 'oats.json'));
    expect(page.whole.value?.name).toBe(OATS.name);
    await page.onFile(new File(['1 avocado\n2 tbsp honey'], 'note.txt'));
    expect(page.whole.value).toBeUndefined();
    expect(text.value).toBe('1 avocado\n2 tbsp honey');
  });

  it('that is far too large is not read', async () => {
    begin();
    const large = new File(['x'], 'film.json');
    Object.defineProperty(large, 'size', { value: MOST_PASTED.file + 1 });
    await page.onFile(large);
    expect(page.refused.value).not.toBe('');
    expect(page.whole.value).toBeUndefined();
  });
});

describe('a link', () => {
  it('that carries what nobody can read says so, is looked at once, and gives back the text that was there', async () => {
    wasThere = true;
    route.hash = '#mask=abc';
    text.value = 'mine';
    begin();
    await vi.waitFor(() => {
      expect(page.refused.value).not.toBe('');
    });
    expect(text.value).toBe('');
    expect(replaced).toEqual([{ hash: '' }]);
    await useNotice().current?.undo?.();
    expect(back).toHaveBeenCalledTimes(1);
  });

  it('is any that has the mark; others are none', async () => {
    route.hash = '#top';
    begin();
    await flushPromises();
    expect(replaced).toEqual([]);
    text.value = 'http://localhost:4310/masks/paste#mask=abc';
    await vi.waitFor(() => {
      expect(page.refused.value).not.toBe('');
    });
    expect(text.value).toBe('');
  });
});

it('that is longer than anybody reads is counted in thousands', () => {
  begin();
  page.tooLong(123_456);
  expect(page.refused.value).toMatch(/123.?000/);
});
