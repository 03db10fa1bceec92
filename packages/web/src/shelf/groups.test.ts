import type { Place } from '@amber-ladle/core/shelf';
import { expect, it } from 'vitest';
import type { ShelvedLot } from '../data/shelf';
import { groupsOf, turningNames } from './groups';

const NOW = Date.parse('2026-03-14T09:30:00Z');
const HOUR = 3_600_000;
const place = (id: string): Place => ({ id, name: `The ${id}`, kind: 'fridge', celsius: 4 });
const FRIDGE = place('fridge');
const COUNTER = place('counter');
const shelved = (
  name: string,
  hours: number,
  {
    state = 'whole',
    at = COUNTER,
    stage,
    isPast = false,
  }: Partial<{ state: string; at: Place; stage: string; isPast: boolean }> = {},
): ShelvedLot =>
  ({
    lot: { id: name, state },
    name,
    place: at,
    window: { endsAt: NOW + hours * HOUR, isPast, ...(stage ? { ripeness: { stage } } : {}) },
  }) as ShelvedLot;
const named = (lots: readonly ShelvedLot[]): readonly string[] => lots.map(({ name }) => name);

it('puts remnants first wherever they stand, then place by place, and what keeps for months last', () => {
  const groups = groupsOf(
    [
      shelved('Mango', 50),
      shelved('Avocado, cut', 20, { state: 'cut', at: FRIDGE }),
      shelved('Egg', 200, { at: FRIDGE }),
      shelved('Honey', 31 * 24, { state: 'opened' }),
      shelved('Banana', 40),
      shelved('Yogurt', 90, { state: 'opened', at: FRIDGE }),
      shelved('Rice cream', 12, { state: 'made', at: FRIDGE }),
    ],
    [FRIDGE, COUNTER],
    NOW,
  );
  expect(groups.map(({ id, lots }) => [id, named(lots)])).toEqual([
    ['cut', ['Rice cream', 'Avocado, cut', 'Yogurt']],
    ['fridge', ['Egg']],
    ['counter', ['Banana', 'Mango']],
    ['long', ['Honey']],
  ]);
});

it('shows an empty place, and no other group that is empty', () => {
  expect(groupsOf([], [FRIDGE], NOW).map(({ id }) => id)).toEqual(['fridge']);
});

it('says what turns within a day, each name once; nothing that is hard or past', () => {
  const names = turningNames(
    [
      shelved('Yogurt', 23.9),
      shelved('Avocado', 5),
      shelved('Avocado', 6),
      shelved('Mango', 10, { stage: 'unripe' }),
      shelved('Papaya', 10, { stage: 'ready' }),
      shelved('Pear', -1, { isPast: true }),
      shelved('Banana', 24.1),
    ],
    NOW,
  );
  expect(names).toEqual(['avocado', 'papaya', 'yogurt']);
});
