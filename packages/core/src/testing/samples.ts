import { bareHouse } from '../house';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS } from '../mask';
import { SPOON_SETS } from '../measure';
import { aBowl, aDay } from './aDay';
import { aProfile, anAdult } from './aHead';

/** A name for code: 'olive-oil' is oliveOil. */
const named = (id: string): string => id.replaceAll(/-(\w)/g, (_, letter: string) => letter.toUpperCase());
const byName = <T extends { readonly id: string }>(all: Iterable<T>): Record<string, T> =>
  Object.fromEntries([...all].map((one) => [named(one.id), one]));

/** What the examples in docstrings speak of: every ingredient and built-in mask by its name, a head, a house, a moment. */
export const SAMPLES: Readonly<Record<string, unknown>> = {
  ...byName(CATALOGUE.values()),
  ...byName(BUILT_IN_MASKS),
  aProfile,
  anAdult,
  aBowl,
  aDay,
  ada: { id: 'ada', ageYears: 30, sensitiveSkin: false, profile: aProfile() },
  adaSized: { profile: aProfile(), wearer: anAdult },
  places: [
    { id: 'counter', name: 'Counter', kind: 'counter', celsius: 20 },
    { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4 },
  ],
  house: bareHouse(SPOON_SETS.us, Date.parse('2026-03-14T09:00:00Z')),
  now: Date.parse('2026-03-14T09:00:00Z'),
};
