// @vitest-environment happy-dom
import { beforeEach, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';

vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/answers', () => ({ keepAnswers: () => Promise.resolve() }));

/** The workers of a browser, one of which may stand before the page already. */
class Workers extends EventTarget {
  controller: object | null = null;
}
let workers: Workers;
beforeEach(() => {
  vi.resetModules();
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
