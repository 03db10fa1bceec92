import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BUILT_IN_MASKS } from '../../mask';
import { message } from '../../message';
import { aDay } from '../../testing';
import { planDay } from '../schedule';
import { lengthOf, step, type PlanStep } from '../steps';
import {
  effective,
  focusOf,
  forward,
  gramsIn,
  isOnTarget,
  lastPress,
  nextAt,
  offTarget,
  planOf,
  pouredIn,
  progressOf,
  rebalancedLines,
  recordOf,
  settledGrams,
  takeOuts,
  whatHelps,
  type DayEvent,
  type DayMove,
  type DayOptions,
} from '.';

const MINUTE = 60_000;
const T0 = Date.parse('2026-03-14T10:00:00Z');
const kitchen = { rings: 1 };

const told = (moves: readonly DayMove[], now: number, pressId: string): DayEvent[] =>
  moves.map((move, i) => ({ ...move, id: `${pressId}.${i}`, pressId, at: new Date(now).toISOString() }));

/** Walks a day by the big button alone, `pace` minutes of hands for each planned one; pots are waited for. */
function walk(steps: readonly PlanStep[], pace: (step: PlanStep) => number = () => 1) {
  const leastWear = { ada: 20, bo: 20 };
  const byId = new Map(steps.map((step) => [step.id, step]));
  let events: DayEvent[] = [];
  let now = T0;
  let order: readonly string[] = [];
  for (let press = 0; press < 200; press++) {
    const day = { steps, events, leastWear };
    const options: DayOptions = { kitchen, wish: { kind: 'start-at', at: T0 }, now, order };
    const plan = planOf(day, options);
    const focus = focusOf(day, progressOf(steps, events), plan, now);
    if (focus.kind === 'finished') return { events, now, presses: press };
    if (focus.kind === 'hands') {
      const step = byId.get(focus.stepId) as PlanStep;
      now += Math.max(1, Math.round(step.handsOnMinutes * pace(step))) * MINUTE;
    }
    if (focus.kind === 'waiting') {
      const next = plan.steps.filter((one) => !one.isDone && (one.isWaiting ? one.endsAt : one.startsAt) > now);
      now = Math.min(...next.map((one) => (one.isWaiting ? one.endsAt : one.startsAt)));
      continue;
    }
    const done = forward(day, { ...options, now });
    expect(done.moves.length).toBeGreaterThan(0);
    events = [...events, ...told(done.moves, now, `press ${press}`)];
    order = done.plan.steps.map(({ stepId }) => stepId);
  }
  throw new Error('The day never ended.');
}

it('lets go of what runs by itself, and ends what needs hands to its end', () => {
  const steps = aDay('rice-silk');
  const byId = new Map(steps.map((step) => [step.id, step]));
  const { events } = walk(steps);
  const left = events.filter(({ kind }) => kind === 'hands-off').map(({ stepId }) => stepId);
  expect(left).toContain('rice-cream.boil');
  for (const { id, waitMinutes, handsOnMinutes } of steps)
    if (handsOnMinutes > 0) expect([id, left.includes(id)]).toEqual([id, waitMinutes > 0]);
  expect(events.every((event) => !('stepId' in event) || byId.has(event.stepId))).toBe(true);
});

/** What went wrong on a day, in words. */
function faultsOf(steps: readonly PlanStep[], events: readonly DayEvent[]): string[] {
  const progress = progressOf(steps, events);
  const faults: string[] = [];
  for (const step of steps) {
    const far = progress.get(step.id);
    if (far?.endedAt === undefined) faults.push(`${step.id} never ended`);
    for (const { stepId } of step.after)
      if ((progress.get(stepId)?.endedAt ?? Infinity) > (far?.startedAt ?? 0)) faults.push(`${step.id} too early`);
    for (const other of steps) {
      const there = progress.get(other.id);
      if (!far || !there || other.id <= step.id || step.handsOnMinutes === 0 || other.handsOnMinutes === 0) continue;
      if (far.startedAt < (there.handsFreeAt ?? 0) && there.startedAt < (far.handsFreeAt ?? 0))
        faults.push(`${step.id} × ${other.id}`);
    }
  }
  return faults;
}

describe('a day walked by the big button alone', () => {
  it.each(BUILT_IN_MASKS.map(({ id }) => id))(
    'reaches the end of %s, one thing at a time, in its order',
    (id) => {
      const steps = aDay(id, 2);
      const { events, now } = walk(steps);
      expect(faultsOf(steps, events)).toEqual([]);
      // Kept to the minute it takes as long as was planned, up to the minute that each button may wait.
      const planned = planDay(steps, { kitchen, wish: { kind: 'start-at', at: T0 }, now: T0 });
      expect((now - planned.endsAt) / MINUTE).toBeLessThanOrEqual(6);
    },
    60_000,
  );

  it('stays in order however slow or quick the hands are, and what is done is never told anew', () => {
    const steps = aDay('rice-silk', 2);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.3, max: 2.5, noNaN: true }), { minLength: 30, maxLength: 30 }),
        (paces) => {
          let i = 0;
          const { events } = walk(steps, () => paces[i++ % paces.length] as number);
          expect(faultsOf(steps, events)).toEqual([]);
          const done = events.filter(({ kind }) => kind === 'done').map(({ stepId }) => stepId);
          expect(new Set(done).size).toBe(done.length);
        },
      ),
      { numRuns: 8 },
    );
  }, 60_000);

  it('does not count hair as worn before the least time', () => {
    const steps = aDay('borrowed-conditioner');
    const wear = steps.find(({ kind }) => kind === 'wear') as PlanStep;
    const events = told(
      steps
        .filter(({ id }) => id !== wear.id && !['rinse', 'acid-rinse'].includes(id.split('.')[1] ?? ''))
        .map(({ id }): DayMove => ({ kind: 'done', stepId: id }))
        .concat([
          { kind: 'begin', stepId: wear.id },
          { kind: 'hands-off', stepId: wear.id },
        ]),
      T0,
      'a',
    );
    const day = { steps, events, leastWear: { ada: 10 } };
    const options = (minutes: number): DayOptions => ({
      kitchen,
      wish: { kind: 'start-at', at: T0 },
      now: T0 + minutes * MINUTE,
    });
    expect(forward(day, options(5)).moves).toEqual([]);
    expect(forward(day, options(11)).moves[0]).toEqual({ kind: 'done', stepId: wear.id });
  });
});

describe('what was told', () => {
  const steps = aDay('rice-silk');
  const boil = 'rice-cream.boil';

  it('counts once, and not at all when it was taken back', () => {
    const events = [
      ...told([{ kind: 'begin', stepId: boil }], T0, 'a'),
      ...told([{ kind: 'begin', stepId: boil }], T0 + MINUTE, 'twice'),
      ...told([{ kind: 'hands-off', stepId: boil }], T0 + 2 * MINUTE, 'b'),
      ...told([{ kind: 'more', stepId: boil, minutes: 5 }], T0 + 9 * MINUTE, 'c'),
    ];
    expect(progressOf(steps, events).get(boil)).toEqual({
      startedAt: T0,
      handsFreeAt: T0 + 2 * MINUTE,
      moreMinutes: 5,
    });
    expect(lastPress(events)?.pressId).toBe('c');
    const undone = [...events, ...told([{ kind: 'undo', stepId: boil, undoes: 'b' }], T0 + 3 * MINUTE, 'd')];
    expect(progressOf(steps, undone).get(boil)?.handsFreeAt).toBeUndefined();
    expect(effective(undone).map(({ pressId }) => pressId)).toEqual(['a', 'twice', 'c']);
    expect(progressOf(steps, told([{ kind: 'done', stepId: 'nothing' }], T0, 'x')).size).toBe(0);
  });

  it('gives a pot its minutes on top, in the plan too, to the very moment', () => {
    const began = [
      ...told([{ kind: 'done', stepId: 'rice-cream.rinse' }], T0, 'z'),
      ...told([{ kind: 'begin', stepId: boil }], T0, 'a'),
      ...told([{ kind: 'hands-off', stepId: boil }], T0 + 90_000, 'b'),
    ];
    const wait = steps.find(({ id }) => id === boil)?.waitMinutes as number;
    const options: DayOptions = { kitchen, wish: { kind: 'start-at', at: T0 }, now: T0 + 5 * MINUTE };
    const end = (events: readonly DayEvent[]) =>
      planOf({ steps, events, leastWear: {} }, options).steps.find(({ stepId }) => stepId === boil)?.endsAt;
    expect(end(began)).toBe(T0 + 90_000 + wait * MINUTE);
    const more = told([{ kind: 'more', stepId: boil, minutes: 7 }], T0 + 4 * MINUTE, 'c');
    expect(end([...began, ...more])).toBe(T0 + 90_000 + (wait + 7) * MINUTE);
  });

  it('stands in the record with how long it took', () => {
    const { events } = walk(steps, ({ kind }) => (kind === 'apply' ? 2 : 1));
    const record = recordOf(steps, events);
    expect(record.map(({ at }) => at)).toEqual([...record.map(({ at }) => at)].sort());
    const apply = steps.find(({ kind }) => kind === 'apply') as PlanStep;
    expect(record.find(({ kind, step }) => kind === 'done' && step.id === apply.id)).toMatchObject({
      tookMinutes: 2 * lengthOf(apply),
      overMinutes: lengthOf(apply),
    });
    expect(record.filter(({ kind }) => kind === 'done')).toHaveLength(steps.length);
    // How long it took is said where it ended, and nowhere else; a step that is still in hand took no time yet.
    for (const { kind, tookMinutes } of record)
      expect([kind, tookMinutes !== undefined]).toEqual([kind, kind === 'done']);
    const open = recordOf(steps, told([{ kind: 'begin', stepId: apply.id }], T0, 'x'));
    expect(open.map(({ kind, tookMinutes }) => [kind, tookMinutes])).toEqual([['begin', undefined]]);
  });

  it('has what follows within minutes be due so long after its step was over, by the clock', () => {
    const first = step({ id: 'first', kind: 'mix', title: message('cap.ratio'), handsOnMinutes: 2 });
    const links = [{ stepId: 'first', withinMinutes: 10 }];
    const next = step({ id: 'next', kind: 'mix', title: message('cap.ratio'), handsOnMinutes: 3, after: links });
    const done = told([{ kind: 'done', stepId: 'first' }], T0, 'a');
    const missedAt = (minutes: number) =>
      planOf(
        { steps: [first, next], events: done, leastWear: {} },
        { kitchen, wish: { kind: 'start-at', at: T0 }, now: T0 + minutes * MINUTE },
      ).missed.map(({ stepId }) => stepId);
    expect([missedAt(0), missedAt(9), missedAt(10)]).toEqual([[], [], []]);
    expect(missedAt(12)).toEqual(['next']);
  });

  it('knows what is in, weighed or by spoon, and what can no longer be changed', () => {
    const weigh = (ingredientId: string, grams: number, isJudged = false): DayMove => ({
      kind: 'weigh',
      stepId: 'measure',
      ingredientId,
      grams,
      isJudged,
    });
    const events = [
      ...told([{ kind: 'begin', stepId: boil }], T0, 'z'),
      ...told([{ kind: 'begin', stepId: 'measure' }], T0, 'y'),
      ...told([weigh('honey', 40)], T0, 'a'),
      ...told([weigh('honey', 42)], T0, 'b'),
      ...told([weigh('coconut-milk', 28, true)], T0, 'c'),
    ];
    expect(gramsIn(events)).toEqual({ honey: 42, 'coconut-milk': 28 });
    expect([...pouredIn(events, 'measure')]).toEqual(['honey', 'coconut-milk']);
    // The rice is on the stove; the oil of the step in hand is still open.
    const planned = { honey: 30, 'coconut-milk': 28, 'argan-oil': 20, 'rice-cream': 300 };
    expect(settledGrams(steps, events, planned, 'measure')).toEqual({
      'rice-cream': 300,
      honey: 42,
      'coconut-milk': 28,
    });
    expect(settledGrams(steps, [], planned, undefined)).toEqual({});
  });
});

describe('a plan made anew', () => {
  it('keeps what is done, where it was', () => {
    const steps = aDay('towpath-avocado', 2);
    const { events } = walk(steps);
    fc.assert(
      fc.property(fc.nat(events.length), fc.integer({ min: 0, max: 40 }), (count, late) => {
        const soFar = events.slice(0, count);
        const now = Date.parse(soFar.at(-1)?.at ?? new Date(T0).toISOString()) + late * MINUTE;
        const plan = planOf(
          { steps, events: soFar, leastWear: {} },
          { kitchen, wish: { kind: 'start-at', at: T0 }, now },
        );
        for (const [id, { startedAt, endedAt }] of progressOf(steps, soFar)) {
          const planned = plan.steps.find(({ stepId }) => stepId === id);
          expect(planned?.startsAt).toBe(startedAt);
          if (endedAt !== undefined) expect(planned).toMatchObject({ isDone: true, endsAt: endedAt });
        }
        for (const one of plan.steps)
          if (!one.isDone && !one.isRunning) expect(one.startsAt).toBeGreaterThanOrEqual(now);
        expect(plan.steps).toHaveLength(steps.length);
      }),
      { numRuns: 25 },
    );
  }, 60_000);

  it('begins so that all is rinsed by the wished time, to the minute', () => {
    const steps = aDay('rice-silk');
    const by = T0 + 8 * 60 * MINUTE;
    const plan = planDay(steps, { kitchen, wish: { kind: 'rinsed-by', at: by }, now: T0 });
    expect(plan).toMatchObject({ isAsWished: true, endsAt: by, latestStart: plan.startsAt });
    const late = planDay(steps, { kitchen, wish: { kind: 'rinsed-by', at: T0 + 30 * MINUTE }, now: T0 });
    expect(late).toMatchObject({ isAsWished: false, startsAt: T0 });
  });

  it('says what is overdue instead of giving up', () => {
    const steps = aDay('rice-silk');
    const cooked = told([{ kind: 'done', stepId: 'rice-cream.boil' }], T0, 'a');
    const plan = planOf(
      { steps, events: cooked, leastWear: {} },
      { kitchen, wish: { kind: 'start-at', at: T0 }, now: T0 + 60 * MINUTE },
    );
    expect(plan.missed.map(({ stepId }) => stepId)).toContain('rice-cream.blend');
  });
});

describe('a wish that cannot be kept', () => {
  it('is answered with what would help, and by how much', () => {
    const steps = aDay('rice-silk', 1, {}, true);
    const day = { kitchen, wish: { kind: 'rinsed-by', at: T0 + 2 * 60 * MINUTE } as const, now: T0 };
    const helps = whatHelps(steps, day, { ada: 30 }, [{ maskId: 'quick', steps: aDay('borrowed-conditioner') }]);
    expect(helps.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['no-soak', 'least-wear', 'other-mask']));
    expect(helps.map(({ savesMinutes }) => savesMinutes)).toEqual(
      [...helps.map(({ savesMinutes }) => savesMinutes)].sort((a, b) => b - a),
    );
    const noSoak = helps.find(({ kind }) => kind === 'no-soak');
    expect(noSoak?.savesMinutes).toBeGreaterThan(20);
    expect(noSoak?.savesMinutes).toBeLessThanOrEqual(60);
    expect(helps.every(({ savesMinutes }) => savesMinutes >= 1)).toBe(true);
    // What is said to be enough is enough.
    const without = aDay('rice-silk');
    const plan = planDay(without, { ...day, wish: { kind: 'rinsed-by', at: plan0(steps).endsAt - 5 * MINUTE } });
    expect(plan.isAsWished).toBe(true);
  });
  const plan0 = (steps: readonly PlanStep[]) =>
    planDay(steps, { kitchen, wish: { kind: 'start-at', at: T0 }, now: T0 });
});

it('reads a time of day in the household’s zone, the next day where it is past', () => {
  const iso = (time: string, zone: string): string => new Date(nextAt(time, T0, zone)).toISOString();
  expect(iso('20:30', 'UTC')).toBe('2026-03-14T20:30:00.000Z');
  expect(iso('09:15', 'UTC')).toBe('2026-03-15T09:15:00.000Z');
  expect(iso('20:30', 'America/New_York')).toBe('2026-03-15T00:30:00.000Z');
  // The clocks go forward in Lisbon on 29 March 2026: 09:00 there is 08:00 UTC from then on.
  expect(new Date(nextAt('09:00', Date.parse('2026-03-28T10:00:00Z'), 'Europe/Lisbon')).toISOString()).toBe(
    '2026-03-29T08:00:00.000Z',
  );
  expect(() => nextAt('25:00', T0, 'UTC')).toThrow(RangeError);
});

it('says when to take out what is cold and what is frozen', () => {
  const steps = aDay('two-yolk-evening');
  const plan = planDay(steps, { kitchen, wish: { kind: 'start-at', at: T0 }, now: T0 });
  const outs = takeOuts(steps, plan, (id) => (id === 'egg-yolk' ? 'fridge' : 'counter'));
  const crack = plan.steps.find(({ stepId }) => stepId === 'egg-yolk.crack');
  expect(outs).toEqual([
    { ingredientId: 'egg-yolk', from: 'fridge', usedAt: crack?.startsAt, at: (crack?.startsAt ?? 0) - 20 * MINUTE },
  ]);
});

// Common practice, no published source: carrots go into the pot as cold as they are.
it('takes nothing out beforehand that goes into a pot', () => {
  const out = (id: string): string[] => {
    const steps = aDay(id);
    const plan = planDay(steps, { kitchen, wish: { kind: 'start-at', at: T0 }, now: T0 });
    return takeOuts(steps, plan, () => 'fridge').map(({ ingredientId }) => ingredientId);
  };
  expect(out('carrot-lantern')).toEqual(['coconut-milk', 'olive-oil', 'honey']);
  expect(out('harbour-tea')).toEqual(['jojoba-oil']);
});

describe('a pour', () => {
  it('within three hundredths or a gram is on target', () => {
    expect(isOnTarget(102.9, 100)).toBe(true);
    expect(isOnTarget(103.1, 100)).toBe(false);
    expect(isOnTarget(5.9, 5)).toBe(true);
    expect(offTarget({ honey: 60, oil: 14 }, { honey: 50, oil: 14 })).toEqual({ honey: 60 });
  });

  it('that goes off changes only what is still to come, and says by how much', () => {
    const line = (ingredientId: string, grams: number) => ({ ingredientId, grams });
    const before = [line('honey', 50), line('oil', 14), line('curd', 90)];
    const after = [line('honey', 60), line('oil', 16), line('curd', 91)];
    expect(rebalancedLines(before, after, (id) => id === 'honey')).toEqual([
      { ingredientId: 'oil', fromGrams: 14, toGrams: 16 },
    ]);
  });
});
