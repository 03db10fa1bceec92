import { NO_LOG, type LoggedBowl, type WearLog } from '@amber-ladle/contract';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { ApiError, call } from '../data/client';
import { answered, unanswered } from '../data/reach';
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

it('keeps what was refused on the page, and sends it with the next tap', async () => {
  const { log, say, settled, state } = useLog(ref(page()));
  vi.mocked(call).mockRejectedValueOnce(new ApiError({ type: 'x', status: 422, title: 'no' }));
  say('slip', 3);
  await settled();
  expect(state.value).toBe('still');
  expect(log.value.said).toEqual({ slip: 3 });
  say('soft', 1);
  await settled();
  expect(stored.log.said).toEqual({ slip: 3, soft: 1 });
});

describe('while the server is away', () => {
  const AWAY = new ApiError({ type: 'urn:amber-ladle:unreachable', status: 0, title: 'away' });
  beforeEach(() => {
    vi.useFakeTimers();
    unanswered();
  });
  afterEach(() => {
    answered();
    vi.useRealTimers();
  });

  it('keeps taps, shows them on a page that is opened anew, and tells them once it is back, what was unsaid unsaid', async () => {
    const answering = vi.mocked(call).getMockImplementation()!;
    vi.mocked(call).mockRejectedValue(AWAY);
    const first = useLog(ref(page()));
    first.say('slip', 3);
    first.say('soft', 2);
    first.say('slip', 3);
    await vi.advanceTimersByTimeAsync(5000);
    expect(first.state.value).toBe('waiting');
    const again = useLog(ref(page()));
    expect(again.log.value.said).toEqual({ soft: 2 });
    vi.mocked(call).mockImplementation(answering);
    await vi.advanceTimersByTimeAsync(5000);
    expect(stored.log.said).toEqual({ soft: 2 });
    expect(sent).toHaveLength(3);
    expect(first.state.value).toBe('saved');
  });

  it('leaves what another device wrote meanwhile, and says again only what was changed here', async () => {
    const answering = vi.mocked(call).getMockImplementation()!;
    vi.mocked(call).mockRejectedValue(AWAY);
    const { say, change } = useLog(ref(page()));
    say('slip', 3);
    change({ shedCount: 40 });
    await vi.advanceTimersByTimeAsync(2000);
    stored = { version: 7, log: { ...NO_LOG, words: 'theirs', said: { shine: 1 } } };
    vi.mocked(call).mockImplementation(answering);
    await vi.advanceTimersByTimeAsync(5000);
    expect(stored.log).toMatchObject({ words: 'theirs', said: { shine: 1, slip: 3 }, shedCount: 40 });
  });
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
