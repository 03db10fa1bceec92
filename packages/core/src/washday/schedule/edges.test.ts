import fc from 'fast-check';
import { expect, it } from 'vitest';
import { forcedAfter, forcedBefore, type Job } from './edges';

const jobs = fc.array(
  fc
    .record({ notBefore: fc.nat(8), minutes: fc.integer({ min: 1, max: 4 }), leeway: fc.nat(8) })
    .map(({ notBefore, minutes, leeway }): Job => ({ notBefore, minutes, overBy: notBefore + minutes + leeway })),
  { minLength: 2, maxLength: 5 },
);

/** Every row of jobs that keeps all windows, each job as early as its place allows. */
function rowsOf(all: readonly Job[]): number[][] {
  const rows: number[][] = [];
  const walk = (row: number[], now: number): void => {
    if (row.length === all.length) rows.push(row);
    all.forEach((job, i) => {
      const end = Math.max(now, job.notBefore) + job.minutes;
      if (!row.includes(i) && end <= job.overBy) walk([...row, i], end);
    });
  };
  walk([], 0);
  return rows;
}

it('forces only what every row of jobs that keeps its windows does', () => {
  let forced = 0;
  fc.assert(
    fc.property(jobs, (all) => {
      const rows = rowsOf(all);
      const after = forcedAfter(all);
      const before = forcedBefore(all);
      if (!after || !before) {
        expect(rows).toEqual([]);
        return;
      }
      forced += after.length + before.length;
      for (const row of rows) {
        for (const { job, others } of after)
          for (const other of others) expect(row.indexOf(other)).toBeLessThan(row.indexOf(job));
        for (const { job, others } of before)
          for (const other of others) expect(row.indexOf(job)).toBeLessThan(row.indexOf(other));
      }
    }),
    { numRuns: 400 },
  );
  expect(forced).toBeGreaterThan(20);
});

it('sees that two tight jobs leave a third no place but after them', () => {
  const all: Job[] = [
    { notBefore: 0, minutes: 4, overBy: 9 },
    { notBefore: 1, minutes: 4, overBy: 9 },
    { notBefore: 0, minutes: 3, overBy: 30 },
  ];
  expect(forcedAfter(all)).toContainEqual({ job: 2, others: expect.arrayContaining([0, 1]) as number[], notBefore: 8 });
});

it('knows when jobs do not fit', () => {
  const tight: Job = { notBefore: 0, minutes: 4, overBy: 6 };
  expect(forcedAfter([tight, tight])).toBeUndefined();
  expect(forcedAfter([])).toEqual([]);
  expect(forcedAfter([{ ...tight, overBy: Infinity }, tight])).toBeDefined();
});
