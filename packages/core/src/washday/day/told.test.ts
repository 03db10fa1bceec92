import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MESSAGES } from '../../message';
import { aDay } from '../../testing';
import { planDay } from '../schedule';
import { lastsOf, readyStepOf, type PlanStep } from '../steps';
import { hairWaits, mayLeaveOut, progressOf, recordOf, stepsAsTold, type DayEvent, type DayMove } from '.';

const steps = aDay('rice-silk', 2, {}, true);
let count = 0;
const told = (move: DayMove): DayEvent => ({
  ...move,
  id: `e${++count}`,
  pressId: `p${count}`,
  at: new Date(count * 60_000).toISOString(),
});
const edit = (stepId: string, change: NonNullable<DayMove['edit']>) => told({ kind: 'edit', stepId, edit: change });
const find = (all: readonly PlanStep[], id: string) => all.find((one) => one.id === id);
const soak = 'rice-cream.soak';

describe('a day that is changed while it runs', () => {
  it('has other minutes and words for a step, the last word on each', () => {
    const after = stepsAsTold(steps, [
      edit('ada.section', { handsOnMinutes: 9, words: 'Four braids are enough.' }),
      edit('ada.section', { handsOnMinutes: 4 }),
    ]);
    expect(find(after, 'ada.section')).toMatchObject({
      handsOnMinutes: 4,
      words: [{ id: 'said', params: { text: 'Four braids are enough.' } }],
    });
    expect(after.filter(({ id }) => id !== 'ada.section')).toEqual(steps.filter(({ id }) => id !== 'ada.section'));
  });

  it('goes on without a step: what followed it follows what came before', () => {
    const before = find(steps, soak)?.after[0]?.stepId ?? '';
    const after = stepsAsTold(steps, [edit(soak, { isLeftOut: true })]);
    expect(find(after, soak)).toBeUndefined();
    expect(find(after, 'rice-cream.boil')?.after).toEqual([{ stepId: before }]);
  });

  it('keeps a step that was begun meanwhile, mask on, worn and rinsed, and what makes the bowl ready', () => {
    expect(
      find(stepsAsTold(steps, [told({ kind: 'begin', stepId: soak }), edit(soak, { isLeftOut: true })]), soak),
    ).toBeDefined();
    for (const id of ['ada.apply', 'ada.wear', 'bo.rinse', readyStepOf(steps) ?? '']) {
      expect(stepsAsTold(steps, [edit(id, { isLeftOut: true })])).toEqual(steps);
      expect(mayLeaveOut(steps, new Map(), find(steps, id) as PlanStep)).toBe(false);
    }
  });

  it('wears no mask longer for it: that is the mask’s, and its limit’s', () => {
    expect(stepsAsTold(steps, [edit('ada.wear', { waitMinutes: 600 })])).toEqual(steps);
  });

  it('takes a step in before another one, or behind all of them', () => {
    const added = { title: 'Feed the cat', handsOnMinutes: 3, waitMinutes: 0 };
    const before = stepsAsTold(steps, [
      told({ kind: 'add', stepId: 'cat', added: { ...added, beforeId: 'bo.apply' } }),
    ]);
    expect(before).toHaveLength(steps.length + 1);
    expect(find(before, 'cat')).toMatchObject({ kind: 'own', handsOnMinutes: 3 });
    expect(find(before, 'bo.apply')?.after).toEqual([...(find(steps, 'bo.apply')?.after ?? []), { stepId: 'cat' }]);
    const last = stepsAsTold(steps, [told({ kind: 'add', stepId: 'cat', added })]);
    expect(lastsOf(last)).toEqual(['cat']);
    expect(find(last, 'cat')?.after.map(({ stepId }) => stepId)).toEqual(lastsOf(steps));
  });

  it('is as it was once a change is taken back, and is read again unchanged', () => {
    const out = edit(soak, { isLeftOut: true });
    const back = told({ kind: 'undo', stepId: soak, undoes: out.pressId });
    expect(stepsAsTold(steps, [out, back])).toEqual(steps);
    const added = told({ kind: 'add', stepId: 'x', added: { title: 'Tea', handsOnMinutes: 1, waitMinutes: 4 } });
    const once = stepsAsTold(steps, [out, added]);
    expect(stepsAsTold(once, [out, added])).toEqual(once);
  });

  it('whatever is changed, can be planned, names no step that is gone and has no circle', () => {
    const change = fc.oneof(
      fc.record({
        stepId: fc.constantFrom(...steps.map(({ id }) => id)),
        kind: fc.constant('edit' as const),
        edit: fc.record(
          {
            handsOnMinutes: fc.integer({ min: 0, max: 30 }),
            waitMinutes: fc.integer({ min: 0, max: 90 }),
            isLeftOut: fc.boolean(),
          },
          { requiredKeys: [] },
        ),
      }),
      fc.record({
        stepId: fc.constantFrom('new.1', 'new.2'),
        kind: fc.constant('add' as const),
        added: fc.record({
          title: fc.constant('Something'),
          handsOnMinutes: fc.integer({ min: 0, max: 10 }),
          waitMinutes: fc.integer({ min: 0, max: 10 }),
          beforeId: fc.constantFrom(...steps.map(({ id }) => id), 'new.1', 'nowhere'),
        }),
      }),
      fc.record({ stepId: fc.constantFrom(...steps.map(({ id }) => id)), kind: fc.constant('begin' as const) }),
    );
    fc.assert(
      fc.property(fc.array(change, { maxLength: 12 }), (moves) => {
        const events = moves.map(told);
        const after = stepsAsTold(steps, events);
        const ids = new Set(after.map(({ id }) => id));
        for (const one of after) for (const { stepId } of one.after) expect(ids).toContain(stepId);
        for (const { kind, stepId } of events) if (kind === 'begin') expect(ids).toContain(stepId);
        const plan = planDay(after, {
          kitchen: { rings: 1 },
          wish: { kind: 'start-at', at: 0 },
          now: count * 60_000,
          progress: progressOf(after, events),
        });
        expect(plan.steps).toHaveLength(after.length);
        expect(recordOf(steps, events).every(({ step }) => step.title.id in MESSAGES)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});

it('tells the record what was left out, changed and added, by name', () => {
  const events = [
    edit(soak, { isLeftOut: true }),
    told({ kind: 'add', stepId: 'cat', added: { title: 'Feed the cat', handsOnMinutes: 3, waitMinutes: 0 } }),
    told({ kind: 'done', stepId: 'cat' }),
  ];
  expect(recordOf(steps, events).map(({ kind, step, edit: change }) => [kind, step.title.id, change])).toEqual([
    ['edit', 'step.soak.title', { isLeftOut: true }],
    ['add', 'said', undefined],
    ['done', 'said', undefined],
  ]);
});

describe('hair that is wet', () => {
  const day = aDay('borrowed-conditioner', 2);
  const done = (...ids: readonly string[]) =>
    progressOf(
      day,
      ids.map((id, i) => ({
        kind: 'done' as const,
        stepId: id,
        id,
        pressId: id,
        at: new Date(i * 60_000).toISOString(),
      })),
    );
  const until = (...ids: readonly string[]) => (hairWaits(day, done(...ids), 'ada')?.until ?? NaN) / 60_000;

  it('towel-dried waits forty minutes for the sections, and from there forty for the mask; each head its own', () => {
    expect(hairWaits(day, done(), 'ada')).toBeUndefined();
    expect(hairWaits(day, done('ada.wash'), 'ada')).toEqual({ since: 0, until: 40 * 60_000 });
    expect(until('ada.wash', 'ada.section')).toBe(41);
    expect(hairWaits(day, done('ada.wash'), 'bo')).toBeUndefined();
  });
  it('spritzed waits twenty minutes', () => {
    const spritzed = aDay('towpath-avocado');
    const wet = progressOf(spritzed, [
      { kind: 'done', stepId: 'ada.wet', id: 'e', pressId: 'p', at: new Date(0).toISOString() },
    ]);
    expect(hairWaits(spritzed, wet, 'ada')?.until).toBe(20 * 60_000);
  });
  it('waits no more once the mask is going on, or was put on without a word', () => {
    expect(hairWaits(day, done('ada.wash', 'ada.section', 'ada.apply'), 'ada')).toBeUndefined();
  });
});
