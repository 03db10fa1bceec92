import { expect, inject, it } from 'vitest';
import { SideThreads } from './sideThreads';

/** A thread that says which one it is, waits, fails or dies, as it is asked. */
const PROGRAM = new URL(
  `data:text/javascript,${encodeURIComponent(`
    import { parentPort, threadId } from 'node:worker_threads';
    parentPort.on('message', ({ what, given }) => {
      if (what === 'die') process.exit(3);
      if (what === 'burst') throw new Error('burst');
      setTimeout(() => parentPort.postMessage({ done: threadId }), given);
    });
  `)}`,
);

it('takes the thread that is free, and begins another where none is', async () => {
  const side = new SideThreads(PROGRAM);
  const first = await side.ask<number>('wait', 0);
  expect(await side.ask('wait', 0)).toBe(first);
  const [a, b] = await Promise.all([side.ask<number>('wait', 20), side.ask<number>('wait', 20)]);
  expect(new Set([a, b]).size).toBe(2);
  expect([a, b]).toContain(first);
  await side.close();
});

it('tells of a thread that ended without a word, and goes on with a new one', async () => {
  const side = new SideThreads(PROGRAM);
  await expect(side.ask('die', 0)).rejects.toThrow('ended without a word');
  await expect(side.ask('burst', 0)).rejects.toThrow('burst');
  expect(await side.ask('wait', 0)).toEqual(expect.any(Number));
  await side.close();
});

it('brings the name of a fault along, and knows its works', async () => {
  const side = new SideThreads(inject('besideProgram'));
  const nowhere = { from: '/nowhere/household.sqlite', to: '/nowhere/copy.sqlite' };
  await expect(side.ask('copy', nowhere)).rejects.toMatchObject({ code: 'SQLITE_CANTOPEN' });
  await expect(side.ask('dance', {})).rejects.toThrow('Nobody here knows');
  await side.close();
  await expect(new SideThreads().ask('copy', nowhere)).rejects.toThrow('no threads');
});
