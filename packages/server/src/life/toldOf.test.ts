import { expect, it } from 'vitest';
import type { BowlLifeRow } from './table';
import { standing, toldOf } from './toldOf';

const life: BowlLifeRow = {
  bowlId: 'bowl',
  madeAt: '2026-03-14T09:00:00Z',
  plannedFor: null,
  wearAimMinutes: null,
  isDrawn: false,
  startShare: 0,
  stays: [],
  wearing: { ada: { sectionsDone: ['front'] } },
  leftOver: null,
  endedAt: null,
  endedHow: null,
  decisions: [],
};
const told = (change: Partial<BowlLifeRow>): readonly string[] => toldOf(standing([life]), [{ ...life, ...change }]);

it('tells of sections alone where nothing else of a bowl is otherwise', () => {
  expect(told({ wearing: { ada: { sectionsDone: ['front', 'nape'] } } })).toEqual(['sections']);
  expect(told({ wearing: { ada: { sectionsDone: [] } } })).toEqual(['sections']);
});

it.each<[string, Partial<BowlLifeRow>]>([
  ['somebody has it on who had not', { wearing: { ...life.wearing, bo: { sectionsDone: ['front'] } } }],
  ['the cap goes on with a section', { wearing: { ada: { sectionsDone: ['nape'], wornFrom: life.madeAt } } }],
  ['it is put away', { stays: [{ placeId: 'fridge', from: life.madeAt }] }],
  ['it ends', { endedAt: life.madeAt }],
])('tells of the bowl where %s', (_what, change) => {
  expect(told(change)).toEqual(['bowls']);
});

it('tells nothing where nothing is otherwise', () => {
  expect(told({})).toEqual([]);
});

it('knows how a row stood that was changed in place', () => {
  const row = { ...life, wearing: { ada: { sectionsDone: ['front'] } } };
  const before = standing([row]);
  row.wearing = { ada: { sectionsDone: ['front', 'nape'] } };
  expect(toldOf(before, [row])).toEqual(['sections']);
});
