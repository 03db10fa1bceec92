import { NO_LOG, type LoggedBowl, type WearLog } from '@amber-ladle/contract';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { ApiError, call } from '../data/client';
import { useLog } from './useLog';

vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));

/** A server of one page that may be turned by somebody else. */
let stored: { version: number; log: WearLog };
const sent: WearLog[] = [];
const facts = {} as LoggedBowl['facts'];
const page = (): LoggedBowl => ({ bowlId: 'b', headId: 'h', at: '', facts, ...stored });
beforeEach(() => {
  setActivePinia(createPinia());
  stored = { version: 0, log: NO_LOG };
  sent.length = 0;
  vi.mocked(call).mockImplementation(async (_endpoint, wish) => {
    const { version, log } = (wish as { body: typeof stored }).body;
    await new Promise((resolve) => setTimeout(resolve, 5));
    if (version !== stored.version)
      throw new ApiError({ type: 'urn:amber-ladle:stale', title: '', status: 409, current: page() });
    sent.push(log);
    stored = { version: version + 1, log };
    return page();
  });
});

it('stores quick taps one after the other, and a tap said again is unsaid', async () => {
  const { log, say, change, settled, state } = useLog(ref(page()));
  say('slip', 3);
  say('soft', 2);
  say('soft', 2);
  change({ words: 'fine' });
  expect(log.value).toMatchObject({ said: { slip: 3 }, words: 'fine' });
  await settled();
  expect(stored.log).toMatchObject({ said: { slip: 3 }, words: 'fine' });
  expect(state.value).toBe('saved');
});

it('says a tap again on the page as another device left it', async () => {
  const { log, say, settled } = useLog(ref(page()));
  stored = { version: 4, log: { ...NO_LOG, said: { shine: 1 }, words: 'theirs' } };
  say('slip', 3);
  await settled();
  expect(stored).toEqual({ version: 5, log: { ...NO_LOG, said: { shine: 1, slip: 3 }, words: 'theirs' } });
  expect(log.value.words).toBe('theirs');
});

it('keeps what was tapped while the server cannot be reached, and sends it with the next tap', async () => {
  const { say, settled, state } = useLog(ref(page()));
  vi.mocked(call).mockRejectedValueOnce(new Error('unreachable'));
  say('slip', 3);
  await settled();
  expect(state.value).toBe('still');
  say('soft', 1);
  await settled();
  expect(stored.log.said).toEqual({ slip: 3, soft: 1 });
});

it('follows a newer page, and not an older one', async () => {
  const source = ref(page());
  const { log, say, settled } = useLog(source);
  say('slip', 2);
  await settled();
  source.value = { ...page(), version: 0, log: NO_LOG };
  await Promise.resolve();
  expect(log.value.said).toEqual({ slip: 2 });
  source.value = { ...page(), version: 3, log: { ...NO_LOG, said: { ease: 3 } } };
  await Promise.resolve();
  expect(log.value.said).toEqual({ ease: 3 });
});
