import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { message } from '../../message';
import { aDay } from '../../testing/aDay';
import { progressOf, recordOf } from '../day';
import { readyStepOf } from '../steps';
import {
  dayEventsOf,
  type Fate,
  holding,
  lifeOf,
  pressesBehind,
  type BowlEvent,
  type BowlFact,
  type LogContext,
} from '.';

/** Minutes after nine on a day that was made up. */
const at = (minutes: number): string => new Date(Date.UTC(2026, 2, 1, 9, minutes)).toISOString();
const steps = aDay('towpath-avocado', 2);
const stepOf = (kind: string, headId?: string) =>
  steps.find((one) => one.kind === kind && one.headId === headId)?.id ?? '';
const day = { id: 'day', startedAt: at(0), steps };
const context: LogContext = {
  bowlId: 'bowl',
  days: new Map([['day', day]]),
  sections: new Map([
    ['ada', ['front', 'back']],
    ['bo', ['all']],
  ]),
};

let count = 0;
const event = (minutes: number, fact: BowlFact, more: Partial<BowlEvent> = {}): BowlEvent => ({
  id: `e${++count}`,
  pressId: `p${count}`,
  at: at(minutes),
  toldAt: at(minutes),
  placeId: 'counter',
  fact,
  ...more,
});
const onDay = (minutes: number, kind: 'begin' | 'hands-off' | 'done', stepId: string, pressId?: string): BowlEvent =>
  event(minutes, { kind, stepId }, { dayId: 'day', ...(pressId ? { pressId } : {}) });
const kept = event(-60, { kind: 'kept' });
const life = (...events: readonly BowlEvent[]) => lifeOf([kept, ...events], context);
const progress = (...events: readonly BowlEvent[]) =>
  progressOf(steps, dayEventsOf(day, [{ events: [kept, ...events], context }]));

describe('a bowl that is worn without a word of how it was made', () => {
  it('was mixed by then: its clock begins with the first section', () => {
    const { madeAt, stays } = life(event(5, { kind: 'coated', headId: 'ada', section: 'front', isDone: true }));
    expect({ madeAt, stays }).toEqual({ madeAt: at(5), stays: [{ placeId: 'counter', from: at(5) }] });
    expect(life(event(6, { kind: 'capped', headId: 'ada' })).stays).toEqual([{ placeId: 'counter', from: at(6) }]);
  });

  it('keeps the clock that it has, and the pot’s where that is earlier', () => {
    const mixed = event(1, { kind: 'mixed', placeId: 'table' });
    expect(life(mixed, event(6, { kind: 'capped', headId: 'ada' })).stays).toEqual([{ placeId: 'table', from: at(1) }]);
    const cooked = event(-20, { kind: 'cooked' });
    expect(life(cooked, mixed)).toMatchObject({ madeAt: at(1), stays: [{ from: at(-20) }] });
  });
});

describe('whatever the order', () => {
  it('rinsed before anybody said capped, it was on from the last section', () => {
    const coated = event(5, { kind: 'coated', headId: 'ada', section: 'front', isDone: true });
    const rinsed = event(40, { kind: 'rinsed', headId: 'ada' });
    expect(life(coated, rinsed).wearing['ada']).toEqual({
      sectionsDone: ['front'],
      wornFrom: at(5),
      rinsedAt: at(40),
    });
    expect(life(rinsed).wearing['ada']).toEqual({ sectionsDone: [], wornFrom: at(40), rinsedAt: at(40) });
  });

  it('capped or rinsed twice is once, the first time; why may be said afterwards', () => {
    const worn = life(
      event(5, { kind: 'capped', headId: 'ada' }),
      event(6, { kind: 'capped', headId: 'ada' }),
      event(30, { kind: 'rinsed', headId: 'ada' }),
      event(31, { kind: 'rinsed', headId: 'ada', why: 'burning' }),
    ).wearing['ada'];
    expect(worn).toEqual({ sectionsDone: [], wornFrom: at(5), rinsedAt: at(30), rinsedWhy: 'burning' });
  });

  it('told late it stands where it belongs: rinsed at nine, said at ten', () => {
    const capped = event(5, { kind: 'capped', headId: 'ada' });
    const late = event(30, { kind: 'rinsed', headId: 'ada' }, { toldAt: at(90) });
    const moved = event(60, { kind: 'moved', placeId: 'fridge' });
    expect(life(capped, moved, late).wearing['ada']?.rinsedAt).toBe(at(30));
    expect(holding([capped, moved, late])).toEqual([capped, late, moved]);
  });

  it('may have been on a head before the bowl was written down', () => {
    const late = event(-90, { kind: 'capped', headId: 'ada' }, { toldAt: at(1) });
    expect(life(late)).toMatchObject({
      madeAt: at(-90),
      stays: [{ from: at(-90) }],
      wearing: { ada: { wornFrom: at(-90) } },
    });
  });

  it('stands as it was told where the clock was set back in between', () => {
    const mixed = event(10, { kind: 'mixed', placeId: 'counter' });
    const moved = event(9, { kind: 'moved', placeId: 'fridge' });
    expect(life(mixed, moved).stays.map(({ placeId }) => placeId)).toEqual(['counter', 'fridge']);
  });

  it('comes to the same whether it was told at once or at the end of the day, in any order', () => {
    const facts: readonly BowlFact[] = [
      { kind: 'mixed', placeId: 'counter' },
      { kind: 'moved', placeId: 'fridge' },
      { kind: 'coated', headId: 'ada', section: 'front', isDone: true },
      { kind: 'coated', headId: 'bo', section: 'all', isDone: true },
      { kind: 'coated', headId: 'ada', section: 'front', isDone: false },
      { kind: 'capped', headId: 'ada' },
      { kind: 'capped', headId: 'bo' },
      { kind: 'rinsed', headId: 'ada', why: 'enough' },
      { kind: 'left', millilitres: 30, how: 'judged', fate: 'kept', placeId: 'fridge' },
      { kind: 'rinsed', headId: 'bo' },
      { kind: 'left', millilitres: 5, how: 'measured', fate: 'discarded' },
    ];
    const onTime = facts.map((fact, i) => event(i + 1, fact));
    const late = onTime.map((one) => ({ ...one, toldAt: at(600) }));
    fc.assert(
      fc.property(fc.shuffledSubarray(late, { minLength: late.length }), (told) => {
        expect(life(...told)).toEqual(life(...onTime));
      }),
    );
  });
});

describe('what is left', () => {
  const rinsed = [event(5, { kind: 'capped', headId: 'ada' }), event(30, { kind: 'rinsed', headId: 'ada' })];
  const left = (fate: Fate, more: object = {}) =>
    event(40, { kind: 'left', millilitres: 20, how: 'judged', fate, ...more });

  it('is kept and worn anew, goes to a second head, or ends the bowl', () => {
    const anew = life(...rinsed, left('kept', { placeId: 'fridge' }), event(90, { kind: 'capped', headId: 'ada' }));
    expect(anew.stays.at(-1)).toEqual({ placeId: 'fridge', from: at(40) });
    expect(anew.wearing['ada']).toEqual({ sectionsDone: [], wornFrom: at(90) });
    expect(life(...rinsed, left('second-head', { headId: 'cy' })).wearing['cy']).toEqual({ sectionsDone: [] });
    expect(life(...rinsed, left('nothing'))).toMatchObject({ endedAt: at(40), endedHow: 'worn' });
    expect(life(...rinsed, left('discarded')).leftOver).toEqual({
      at: at(40),
      millilitres: 20,
      how: 'judged',
      fate: 'discarded',
    });
  });

  it('is known before anybody says what becomes of it', () => {
    const open = life(...rinsed, left('undecided'));
    expect(open).toMatchObject({ leftOver: { millilitres: 20, fate: 'undecided' }, stays: [{ placeId: 'counter' }] });
    expect(open).not.toHaveProperty('endedAt');
    expect(life(...rinsed, left('undecided'), left('discarded')).endedAt).toBe(at(40));
  });

  it('ends as worn: who has it on has rinsed by then, and who has not had it stays so', () => {
    const on = event(5, { kind: 'capped', headId: 'ada' });
    const touched = event(6, { kind: 'coated', headId: 'bo', section: 'all', isDone: true });
    const { wearing, endedHow } = life(on, touched, event(50, { kind: 'ended', how: 'worn' }));
    expect(endedHow).toBe('worn');
    expect(wearing['ada']?.rinsedAt).toBe(at(50));
    expect(wearing['bo']).toEqual({ sectionsDone: ['all'] });
    expect(life(on, event(50, { kind: 'ended', how: 'thrown-away' })).wearing['ada']).not.toHaveProperty('rinsedAt');
  });
});

it('knows what was taken from the shelf, put back, decided, planned and known before there was a log', () => {
  const planned = lifeOf([event(-60, { kind: 'kept', plannedFor: at(600) })], context);
  expect(planned).toMatchObject({ plannedFor: at(600), isDrawn: false, madeAt: at(-60) });
  const drawn = event(1, { kind: 'drawn', startShare: 0.25 });
  expect(life(drawn)).toMatchObject({ isDrawn: true, startShare: 0.25 });
  expect(life(drawn, event(2, { kind: 'put-back' })).isDrawn).toBe(false);
  const what = message('said', { text: 'smells fresh' });
  expect(life(event(3, { kind: 'decided', what })).decisions).toEqual([{ at: at(3), what }]);
  const { bowlId: _id, ...before } = life(drawn, event(3, { kind: 'capped', headId: 'bo' }));
  const over = event(4, { kind: 'taken-over', life: before });
  expect(life(over, event(9, { kind: 'rinsed', headId: 'bo' })).wearing['bo']).toEqual({
    sectionsDone: [],
    wornFrom: at(3),
    rinsedAt: at(9),
  });
  expect(before.wearing['bo']).not.toHaveProperty('rinsedAt');
});

describe('a wash day over it', () => {
  it('means the same wherever it is tapped: on Make', () => {
    const ready = readyStepOf(steps) ?? '';
    const told = [
      onDay(1, 'begin', ready),
      onDay(3, 'done', ready),
      onDay(8, 'done', stepOf('apply', 'ada')),
      onDay(8, 'begin', stepOf('wear', 'ada')),
      onDay(40, 'done', stepOf('rinse', 'ada')),
    ];
    expect(life(...told)).toMatchObject({
      madeAt: at(3),
      stays: [{ placeId: 'counter', from: at(3) }],
      wearing: { ada: { sectionsDone: ['front', 'back'], wornFrom: at(8), rinsedAt: at(40) } },
    });
    // Told by a second device that had not heard: nothing begins anew.
    expect(life(...told, onDay(41, 'begin', stepOf('wear', 'ada')))).toEqual(life(...told));
  });

  it('… and on Wear', () => {
    const capped = event(8, { kind: 'capped', headId: 'ada' });
    const rinsed = event(40, { kind: 'rinsed', headId: 'ada', why: 'burning' });
    const far = progress(capped, rinsed);
    expect(far.get(stepOf('apply', 'ada'))?.endedAt).toBe(Date.parse(at(8)));
    expect(far.get(stepOf('wear', 'ada'))).toMatchObject({
      startedAt: Date.parse(at(8)),
      handsFreeAt: Date.parse(at(8)),
      endedAt: Date.parse(at(40)),
    });
    expect(far.get(stepOf('rinse', 'ada'))?.endedAt).toBe(Date.parse(at(40)));
    expect(far.has(stepOf('wear', 'bo'))).toBe(false);
  });

  it('has what was mixed without it made, and goes on with what is on a head when it begins', () => {
    const far = progress(event(2, { kind: 'mixed', placeId: 'counter' }));
    for (const { id, headId, kind } of steps)
      expect(far.get(id)?.endedAt !== undefined).toBe(headId === undefined && kind !== 'own');
    expect(progress(event(-9, { kind: 'capped', headId: 'ada' })).get(stepOf('wear', 'ada'))?.startedAt).toBe(
      Date.parse(at(-9)),
    );
    const wornBefore = [event(-50, { kind: 'capped', headId: 'ada' }), event(-10, { kind: 'rinsed', headId: 'ada' })];
    expect(progress(...wornBefore).size).toBe(0);
  });

  it('is another day’s: steps of a day that was begun before mean nothing for this one', () => {
    const before = event(-30, { kind: 'done', stepId: stepOf('wash', 'ada') }, { dayId: 'earlier' });
    expect(progress(before).size).toBe(0);
    const earlier = { ...context, days: new Map([...context.days, ['earlier', { startedAt: at(-99), steps }]]) };
    const capped = event(-20, { kind: 'begin', stepId: stepOf('wear', 'ada') }, { dayId: 'earlier' });
    const far = progressOf(steps, dayEventsOf(day, [{ events: [kept, before, capped], context: earlier }]));
    // It is on: so it was mixed, and the head made ready; nothing of that is asked for, and nothing is said of the other head.
    expect([...far.keys()].filter((id) => id.startsWith('bo.'))).toEqual([]);
    const done = [...far].filter(([, { endedAt }]) => endedAt !== undefined).map(([id]) => id);
    const made = steps.filter(({ headId }) => headId === undefined).map(({ id }) => id);
    expect(new Set(done)).toEqual(new Set([...made, 'ada.detangle', 'ada.section', 'ada.wet', 'ada.apply']));
    expect(far.get('ada.wear')).toMatchObject({ startedAt: Date.parse(at(-20)) });
  });

  it('writes nothing into the record that nobody said, and what was said twice once', () => {
    const events = dayEventsOf(day, [
      {
        events: [
          kept,
          event(5, { kind: 'capped', headId: 'ada' }),
          onDay(6, 'begin', stepOf('wear', 'ada')),
          event(40, { kind: 'rinsed', headId: 'ada' }),
        ],
        context,
      },
    ]);
    expect(recordOf(steps, events).map(({ kind, step }) => `${kind} ${step.id}`)).toEqual([
      'done ada.apply',
      'begin ada.wear',
      'hands-off ada.wear',
      'done ada.wear',
      'begin ada.rinse',
      'done ada.rinse',
    ]);
  });

  it('follows the sections that are tapped on Wear: made and parted, the mask is going on', () => {
    const front = event(5, { kind: 'coated', headId: 'ada', section: 'front', isDone: true });
    const far = progress(front);
    expect(far.get('ada.apply')).toEqual({ startedAt: Date.parse(at(5)) });
    expect(far.get('mix')?.endedAt).toBe(Date.parse(at(5)));
    expect(far.has('bo.apply')).toBe(false);
    expect(progress(event(5, { kind: 'coated', headId: 'ada', section: 'front', isDone: false })).size).toBe(0);
  });

  it('is one story through any row of taps on Make and Wear, also taken back on either', () => {
    const heads = ['ada', 'bo'] as const;
    const tap = fc.record({
      what: fc.constantFrom('cap', 'cap-off', 'rinse', 'rinse-off', 'make-wear', 'make-rinse', 'make-undo'),
      headId: fc.constantFrom(...heads),
    });
    fc.assert(
      fc.property(fc.array(tap, { maxLength: 25 }), (taps) => {
        let events: readonly BowlEvent[] = [kept];
        const presses = () => holding(events).map(({ pressId }) => pressId);
        for (const [i, { what, headId }] of taps.entries()) {
          const worn = lifeOf(events, context).wearing[headId];
          const now = i + 1;
          const undo = (ids: readonly string[]) =>
            (events = [...events, ...ids.map((undoes) => event(now, { kind: 'undo', undoes }))]);
          const tell = (...told: readonly BowlEvent[]) => (events = [...events, ...told]);
          const wear = stepOf('wear', headId);
          // As the screens do: what was rinsed is not put on anew in this test.
          if (what === 'cap' && !worn?.rinsedAt) tell(event(now, { kind: 'capped', headId }));
          if (what === 'rinse' && !worn?.rinsedAt) tell(event(now, { kind: 'rinsed', headId }));
          if (what === 'cap-off' && !worn?.rinsedAt) undo(pressesBehind(events, context, 'capped', headId));
          if (what === 'rinse-off') undo(pressesBehind(events, context, 'rinsed', headId));
          if (what === 'make-wear')
            tell(onDay(now, 'done', stepOf('apply', headId), `m${i}`), onDay(now, 'begin', wear, `m${i}`));
          if (what === 'make-rinse')
            tell(onDay(now, 'done', wear, `m${i}`), onDay(now, 'done', stepOf('rinse', headId), `m${i}`));
          if (what === 'make-undo') undo(presses().slice(1).slice(-1));
          const { wearing } = lifeOf(events, context);
          const far = progressOf(steps, dayEventsOf(day, [{ events, context }]));
          for (const id of heads) {
            expect(far.get(stepOf('rinse', id))?.endedAt !== undefined).toBe(wearing[id]?.rinsedAt !== undefined);
            expect(far.get(stepOf('wear', id)) !== undefined).toBe(wearing[id]?.wornFrom !== undefined);
          }
          if (what === 'rinse-off') expect(wearing[headId]?.rinsedAt).toBeUndefined();
          if (what === 'cap') expect(wearing[headId]?.wornFrom).toBeDefined();
        }
      }),
      { numRuns: 300 },
    );
  });
});

describe('what is said of a bowl before it is worn', () => {
  it('a length of wear that is chosen stays chosen; the last word counts, and it can be taken back', () => {
    const hour = event(1, { kind: 'length-chosen', aimMinutes: 60 });
    const short = event(2, { kind: 'length-chosen', aimMinutes: 30 });
    expect(life(hour).wearAimMinutes).toBe(60);
    expect(life(hour, short).wearAimMinutes).toBe(30);
    expect(life(hour, short, event(3, { kind: 'undo', undoes: short.pressId })).wearAimMinutes).toBe(60);
    expect(life(hour).stays).toEqual([]);
  });

  it('what is left half-way holds until the next section', () => {
    const coated = (minutes: number, section: string) =>
      event(minutes, { kind: 'coated', headId: 'ada', section, isDone: true });
    const seen = event(6, { kind: 'seen-left', headId: 'ada', share: 0.5 });
    expect(life(coated(5, 'front'), seen).wearing['ada']).toEqual({ sectionsDone: ['front'], leftShare: 0.5 });
    expect(life(coated(5, 'front'), seen, coated(7, 'back')).wearing['ada']).toEqual({
      sectionsDone: ['front', 'back'],
    });
  });

  it('what still feels coated is kept with the head, also after it was rinsed, until it does not any more', () => {
    const felt = (minutes: number, section: string, isCoated: boolean) =>
      event(minutes, { kind: 'felt', headId: 'ada', section, isCoated });
    const rinsed = event(40, { kind: 'rinsed', headId: 'ada' });
    expect(life(rinsed, felt(41, 'back', true)).wearing['ada']).toMatchObject({ coatedStill: ['back'] });
    expect(life(felt(39, 'back', true), rinsed, felt(41, 'back', false)).wearing['ada']).not.toHaveProperty(
      'coatedStill',
    );
  });

  it('a step that is changed for the day puts nothing on a head', () => {
    const change = event(
      5,
      { kind: 'edit', stepId: stepOf('wear', 'ada'), edit: { words: 'With a scarf' } },
      { dayId: 'day' },
    );
    expect(life(change).wearing).toEqual({});
    expect(dayEventsOf(day, [{ events: [kept, change], context }])).toMatchObject([{ kind: 'edit' }]);
  });
});
