import { expect, it } from 'vitest';
import { inTurn } from './inTurn';

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
