import { expect, it, vi } from 'vitest';
import { inTurn } from './inTurn';

const kept = vi.hoisted(() => new Set<unknown>());
vi.mock('./client', () => ({ isFromBefore: (answer: unknown) => kept.has(answer) }));

/** A server whose answers come when the test lets them. */
function slowServer() {
  const waiting: { answer: (value: string) => void; fail: (error: Error) => void }[] = [];
  const ask = () => new Promise<string>((answer, fail) => waiting.push({ answer, fail }));
  return { ask, waiting };
}

it('drops the answer that was asked before one that is taken already', async () => {
  const { ask, waiting } = slowServer();
  const shown: string[] = [];
  const read = inTurn(ask, (value) => shown.push(value));
  const both = [read(), read()];
  waiting[1]?.answer('new');
  await both[1];
  waiting[0]?.answer('old');
  await both[0];
  expect(shown).toEqual(['new']);
});

it('takes each where they come in their order', async () => {
  const { ask, waiting } = slowServer();
  const shown: string[] = [];
  const read = inTurn(ask, (value) => shown.push(value));
  const both = [read(), read()];
  waiting[0]?.answer('one');
  await both[0];
  waiting[1]?.answer('two');
  await both[1];
  expect(shown).toEqual(['one', 'two']);
});

it('drops what was asked before something newer was known, and takes what is asked then', async () => {
  const { ask, waiting } = slowServer();
  const shown: string[] = [];
  const read = inTurn(ask, (value) => shown.push(value));
  const before = read();
  read.outdate();
  const after = read();
  waiting[0]?.answer('before');
  waiting[1]?.answer('after');
  await Promise.all([before, after]);
  expect(shown).toEqual(['after']);
});

it('takes the older answer where the newer one failed', async () => {
  const { ask, waiting } = slowServer();
  const shown: string[] = [];
  const read = inTurn(ask, (value) => shown.push(value));
  const [older, newer] = [read(), read()];
  waiting[1]?.fail(new Error('away'));
  await expect(newer).rejects.toThrow('away');
  waiting[0]?.answer('older');
  await older;
  expect(shown).toEqual(['older']);
});

it('takes what was kept from before only where nothing is known yet', async () => {
  const { ask, waiting } = slowServer();
  const shown: string[] = [];
  const read = inTurn(ask, (value) => shown.push(value));
  kept.add('of yesterday');
  for (const answer of ['of yesterday', 'now', 'of yesterday']) {
    const reading = read();
    waiting.at(-1)?.answer(answer);
    await reading;
  }
  expect(shown).toEqual(['of yesterday', 'now']);
  const shownHere: string[] = [];
  const readHere = inTurn(ask, (value) => shownHere.push(value));
  readHere.outdate();
  const late = readHere();
  waiting.at(-1)?.answer('of yesterday');
  await late;
  expect(shownHere).toEqual([]);
});
