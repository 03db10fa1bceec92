// @vitest-environment happy-dom
import { describe, expect, it, vi } from 'vitest';
import { isProxy, reactive, ref, shallowRef } from 'vue';
import { bare, jobsOf } from './beside';

const holdsProxy = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && (isProxy(value) || Object.values(value).some(holdsProxy));

describe('what stands behind the proxies', () => {
  it('is found however deep they lie, and can be sent', () => {
    const mask = { name: 'Oat', parts: [{ share: 1 }] };
    const asked = { masks: [reactive(mask)], wish: ref({ now: 1, slots: [reactive({ at: 2 })] }).value };
    const sent = bare(asked);
    expect(holdsProxy(asked)).toBe(true);
    expect(holdsProxy(sent)).toBe(false);
    expect(sent).toEqual({ masks: [mask], wish: { now: 1, slots: [{ at: 2 }] } });
    expect(sent.masks[0]).toBe(mask);
    expect(structuredClone(sent)).toEqual(sent);
  });

  it('is handed on as it is where there are none, with all that JSON would lose', () => {
    const asked = { most: Infinity, none: undefined, at: new Date(0), by: new Map([['a', 1]]), deep: [{ one: 1 }] };
    expect(bare(asked)).toBe(asked);
    expect(bare(shallowRef(asked).value)).toBe(asked);
    expect([undefined, null, 3, 'x'].map((one) => bare(one))).toEqual([undefined, null, 3, 'x']);
    const beside = bare({ ...asked, more: reactive({ a: 1 }) });
    expect(beside).toMatchObject({ most: Infinity, at: asked.at, by: asked.by, more: { a: 1 } });
    expect('none' in beside).toBe(true);
  });

  it('leaves what is no plain thing alone: a port that answers come back through', () => {
    const { port1 } = new MessageChannel();
    expect(bare({ type: 'HANDLER', value: port1 }).value).toBe(port1);
    port1.close();
  });
});

it('hands a worker what it can be sent', async () => {
  const listeners: ((event: { data: unknown }) => void)[] = [];
  const postMessage = vi.fn((message: { id: string; argumentList: { value: unknown }[] }) => {
    structuredClone(message);
    for (const told of listeners)
      told({ data: { id: message.id, type: 'RAW', value: message.argumentList[0]?.value } });
  });
  const worker = {
    postMessage,
    addEventListener: (_: string, run: (event: { data: unknown }) => void) => listeners.push(run),
    removeEventListener: () => undefined,
  };
  const jobs = jobsOf<{ same: (value: object) => object }>(worker as never);
  expect(await jobs.same(reactive({ parts: [{ share: 1 }] }))).toEqual({ parts: [{ share: 1 }] });
  expect(postMessage).toHaveBeenCalledOnce();
});
