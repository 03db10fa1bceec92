import { wearState } from '@amber-ladle/core/washday';
import { describe, expect, it } from 'vitest';
import type { RunningBowl } from '../day';
import { alarmWords } from './words';
import { dueAlarms } from './dueAlarms';

const T0 = Date.parse('2026-03-01T09:00:00.000Z');
const at = (minutes: number): number => T0 + minutes * 60_000;
const WEAR = { minimumMinutes: 20, aimMinutes: 40, limitMinutes: 60 };
/** A bowl that Ada has on since nine, as it stands after some minutes. */
const bowl = (minutes: number, wear = WEAR, endsAt = 300): RunningBowl => ({
  summary: {
    id: 'b',
    headId: 'ada',
    headName: 'Ada',
    maskId: 'm',
    maskName: 'Rice silk',
    madeMillilitres: 1,
    keptAt: '',
  },
  budget: { endsAt: at(endsAt) } as RunningBowl['budget'],
  worn: [{ headId: 'ada', name: 'Ada', state: wearState(wear, new Date(T0).toISOString(), at(minutes)) }],
});
const pot = (endsAt: number) => ({ stepId: 'boil', dayId: 'd', title: 'Boil the rice', endsAt: at(endsAt) });
const kinds = (minutes: number, ...rest: readonly unknown[]) =>
  dueAlarms(rest.length > 0 ? [pot(rest[0] as number)] : [], [bowl(minutes)], at(minutes)).map(({ kind }) => kind);

describe('what calls', () => {
  it('is silent before anything is due, and calls at the aim and again at the limit', () => {
    expect(kinds(39)).toEqual([]);
    expect(kinds(40)).toEqual(['wear-aim']);
    expect(kinds(59)).toEqual(['wear-aim']);
    expect(kinds(60)).toEqual(['wear-limit']);
    const keyAt = (minutes: number) => dueAlarms([], [bowl(minutes)], at(minutes))[0]?.key;
    expect(keyAt(41)).toBe(keyAt(55));
    expect(keyAt(60)).not.toBe(keyAt(55));
  });

  it('says the most pressing first: skin before the stove, the stove before what may wait', () => {
    expect(kinds(45, 44)).toEqual(['pot', 'wear-aim']);
    expect(kinds(65, 44)).toEqual(['wear-limit', 'pot']);
    expect(kinds(30, 31)).toEqual([]);
  });

  it('wakes nobody in the night but for the limit', () => {
    const night = { minimumMinutes: 240, aimMinutes: 480, limitMinutes: 600 };
    const due = (minutes: number) => dueAlarms([], [bowl(minutes, night, 5000)], at(minutes)).map(({ kind }) => kind);
    expect(due(500)).toEqual([]);
    expect(due(600)).toEqual(['wear-limit']);
  });

  it('calls for a bowl that is past its time for a while, and for nothing of yesterday', () => {
    const unworn = { ...bowl(0, WEAR, 30), worn: [] };
    const due = (minutes: number) => dueAlarms([], [unworn], at(minutes)).map(({ kind }) => kind);
    expect(due(29)).toEqual([]);
    expect(due(31)).toEqual(['bowl-end']);
    expect(due(30 + 121)).toEqual([]);
    expect(kinds(60 + 13 * 60)).toEqual([]);
    expect(dueAlarms([], [{ ...unworn, budget: undefined }], at(500))).toEqual([]);
  });

  it('a minute more for a pot is a new alarm', () => {
    const [first] = dueAlarms([pot(10)], [], at(12));
    expect(dueAlarms([pot(12)], [], at(12))[0]?.key).not.toBe(first?.key);
  });

  it('says what to do', () => {
    const [aim] = dueAlarms([], [bowl(41)], at(41));
    if (!aim) throw new Error('It has had its time.');
    expect(alarmWords(aim, (moment) => new Date(moment).toISOString().slice(11, 16))).toEqual({
      what: 'Ada: the mask has had its time',
      todo: 'Rinse when you like, by 10:00 at the latest.',
    });
  });
});
