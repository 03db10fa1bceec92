// @vitest-environment happy-dom
import { beforeEach, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';

vi.mock('../data/changes', () => ({ onChange: () => undefined }));
const there = vi.hoisted(() => ({ is: true }));
vi.mock('../data/reach', () => ({ isThere: () => Promise.resolve(there.is) }));
vi.mock('../data/answers', () => ({ keepAnswers: () => Promise.resolve() }));

/** What registers the worker, and hears of it. */
interface Box {
  readonly tell: (what: string) => void;
}
const boxes = vi.hoisted((): Box[] => []);
vi.mock('workbox-window', () => ({
  Workbox: class {
    readonly heard = new Map<string, () => void>();
    constructor() {
      boxes.push({ tell: (what) => this.heard.get(what)?.() });
    }
    addEventListener(what: string, run: () => void): void {
      this.heard.set(what, run);
    }
    register(): Promise<undefined> {
      return Promise.resolve(undefined);
    }
  },
}));

/** The workers of a browser, one of which may stand before the page already. */
class Workers extends EventTarget {
  controller: object | null = null;
  getRegistration: () => Promise<object | undefined> = () => Promise.resolve(undefined);
}
let workers: Workers;
beforeEach(() => {
  vi.resetModules();
  vi.restoreAllMocks();
  boxes.length = 0;
  workers = new Workers();
  Object.defineProperty(navigator, 'serviceWorker', { value: workers, configurable: true });
});
const kept = async () => {
  const { useKeptHere } = await import('./useKeptHere');
  return effectScope().run(() => useKeptHere()) as ReturnType<typeof useKeptHere>;
};
const change = (): boolean => workers.dispatchEvent(new Event('controllerchange'));

it('knows of newer pages that another tab asked for, though its own worker never came', async () => {
  workers.controller = {};
  const { hasNewer } = await kept();
  expect(hasNewer.value).toBe(false);
  change();
  expect(hasNewer.value).toBe(true);
});

it('takes the first worker of a device for what it is, and the next for newer pages', async () => {
  const { hasNewer } = await kept();
  change();
  expect(hasNewer.value).toBe(false);
  change();
  expect(hasNewer.value).toBe(true);
});

it('loads the page once the newer one has come in, and not before', async () => {
  const reload = vi.spyOn(location, 'reload').mockReturnValue(undefined);
  const asked = vi.fn();
  workers.controller = {};
  workers.getRegistration = () => Promise.resolve({ waiting: { postMessage: asked } });
  const { load } = await kept();
  await load();
  expect(asked).toHaveBeenCalledExactlyOnceWith({ type: 'SKIP_WAITING' });
  expect(reload).not.toHaveBeenCalled();
  change();
  expect(reload).toHaveBeenCalledOnce();
});

it('loads the page at once where nothing waits', async () => {
  const reload = vi.spyOn(location, 'reload').mockReturnValue(undefined);
  workers.controller = {};
  const { load } = await kept();
  await load();
  expect(reload).toHaveBeenCalledOnce();
});

it.each([true, false])(
  'goes past a worker that is busy for long, where the server has the newer pages (%s)',
  async (is) => {
    vi.useFakeTimers();
    there.is = is;
    const reload = vi.spyOn(location, 'reload').mockReturnValue(undefined);
    const unregister = vi.fn().mockResolvedValue(true);
    workers.controller = {};
    workers.getRegistration = () => Promise.resolve({ waiting: { postMessage: () => undefined }, unregister });
    const { load } = await kept();
    await load();
    await vi.advanceTimersByTimeAsync(10_000);
    vi.useRealTimers();
    expect(unregister).toHaveBeenCalledTimes(is ? 1 : 0);
    expect(reload).toHaveBeenCalledTimes(is ? 1 : 0);
  },
);

it('fetches the pages again where one of them did not come, until they are there', async () => {
  vi.useFakeTimers();
  vi.stubEnv('PROD', true);
  const { kept: how } = await kept();
  await vi.advanceTimersByTimeAsync(4000);
  expect([boxes.length, how.value]).toEqual([1, 'getting']);
  boxes[0]?.tell('redundant');
  await vi.advanceTimersByTimeAsync(10_000);
  expect(boxes.length).toBe(2);
  boxes[1]?.tell('activated');
  expect(how.value).toBe('ready');
  // One that gives way to newer pages is no fault.
  boxes[1]?.tell('redundant');
  await vi.advanceTimersByTimeAsync(60_000);
  expect([boxes.length, how.value]).toEqual([2, 'ready']);
  vi.unstubAllEnvs();
  vi.useRealTimers();
});
