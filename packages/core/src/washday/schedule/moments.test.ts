import { expect, it } from 'vitest';
import { message } from '../../message';
import { step } from '../steps/step';
import type { PlannedStep } from './dayPlan';
import { donePlan, idleIn } from './moments';

const MINUTE = 60_000;
const planned = (startsIn: number, hands: number, change: Partial<PlannedStep> = {}): PlannedStep => ({
  ...{ stepId: 'a', isDone: false, isRunning: false, isWaiting: false, isCritical: false, slackMinutes: 0 },
  ...{ startsAt: startsIn * MINUTE, handsFreeAt: (startsIn + hands) * MINUTE, endsAt: (startsIn + hands) * MINUTE },
  ...change,
});
const gaps = (steps: readonly PlannedStep[], to: number): number[][] =>
  idleIn(steps, 0, to * MINUTE).map((gap) => [gap.from / MINUTE, gap.to / MINUTE]);

it('is idle wherever nothing wants the hands, before, between and after', () => {
  expect(gaps([planned(3, 5), planned(8, 2), planned(20, 4)], 30)).toEqual([
    [0, 3],
    [10, 20],
    [24, 30],
  ]);
  expect(gaps([planned(0, 5), planned(5, 5)], 10)).toEqual([]);
  expect(gaps([], 7)).toEqual([[0, 7]]);
});

it('is as idle while something runs by itself, and counts hands once that are given twice', () => {
  expect(gaps([planned(0, 0), planned(4, 2)], 6)).toEqual([[0, 4]]);
  expect(gaps([planned(0, 10), planned(2, 3)], 12)).toEqual([[10, 12]]);
  expect(gaps([planned(0, 5, { isDone: true })], 6)).toEqual([[0, 6]]);
});

it('shows what is done as it was done, and nothing of it waits or presses any more', () => {
  const row = step({ id: 'a', kind: 'prepare', title: message('cap.ratio'), handsOnMinutes: 5, waitMinutes: 20 });
  expect(donePlan(row, undefined)).toEqual([]);
  expect(donePlan(row, { startedAt: 0 })).toEqual([]);
  const [done] = donePlan(row, { startedAt: 0, handsFreeAt: 6 * MINUTE, endedAt: 40 * MINUTE });
  expect(done).toEqual({
    ...{ stepId: 'a', startsAt: 0, handsFreeAt: 6 * MINUTE, endsAt: 40 * MINUTE },
    ...{ isDone: true, isRunning: false, isWaiting: false, isCritical: false, slackMinutes: 0 },
  });
  // Nobody said when the hands were off: as planned, and not beyond its end.
  expect(donePlan(row, { startedAt: 0, endedAt: 3 * MINUTE })[0]?.handsFreeAt).toBe(3 * MINUTE);
});
