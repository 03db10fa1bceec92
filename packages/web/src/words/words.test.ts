import { describe, expect, it } from 'vitest';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { sizeBowl } from '@amber-ladle/core/batch';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import { makingWords } from './making';
import { aProfile } from '@amber-ladle/core/testing';
import { rinseWords, writeMinutes } from './mask';
import { pullWords, thinnerWords } from './texture';
import { whySteps } from './why';
import { writeDay, writeTime } from './when';

describe('when', () => {
  const now = new Date('2026-03-14T09:30:00Z');
  it.each([
    ['2026-03-14T00:10:00Z', 'today'],
    ['2026-03-13T23:50:00Z', 'yesterday'],
    ['2026-03-10T12:00:00Z', 'Tuesday'],
    ['2026-03-02T12:00:00Z', '2 March'],
  ])('calls %s %s', (instant, words) => expect(writeDay(instant, now, 'UTC')).toBe(words));

  it('belongs to the household’s zone, not to the browser’s', () => {
    // 23:50 UTC is already the 14th in Auckland.
    expect(writeDay('2026-03-13T23:50:00Z', now, 'Pacific/Auckland')).toBe('today');
    expect(writeTime('2026-03-14T09:30:00Z', 'Europe/Paris')).toBe('10:30');
    // The night the clocks go forward in Paris, 29 March 2026: 00:30 UTC is 01:30, 01:30 UTC is 03:30.
    expect(writeTime('2026-03-29T00:30:00Z', 'Europe/Paris')).toBe('01:30');
    expect(writeTime('2026-03-29T01:30:00Z', 'Europe/Paris')).toBe('03:30');
  });
});

it.each([
  [25, '25 min'],
  [60, '1 h'],
  [90, '1½ h'],
  [75, '1 h 15 min'],
  [480, '8 h'],
])('writes %d minutes as %s', (minutes, words) => expect(writeMinutes(minutes)).toBe(words));

it('says how to rinse', () => {
  const egg = BUILT_IN_MASKS.find(({ id }) => id === 'galley-egg')!;
  expect(rinseWords(egg.rinse)).toBe(
    'Rinse with cool to lukewarm water only; then a mild shampoo once, then conditioner on the lengths, then a weak acid rinse for the smell.',
  );
});

it('explains a need by steps that end at it', () => {
  const profile = aProfile({ style: 'twists' });
  const wearer = { ageYears: 30, sensitiveSkin: false };
  const sized = sizeBowl({ profile, wearer }, BUILT_IN_MASKS[0]!, CATALOGUE, { spoons: SPOON_SETS.us });
  const steps = whySteps(sized);
  expect(steps.at(-1)).toMatchObject({ what: 'To make' });
  expect(steps[0]?.result).toBe('102,000');
  expect(steps[2]?.from).toContain('0.75 for the style');
});

it('says what goes in the pot, and nothing of what comes as it is', () => {
  const words = makingWords('rice-cream', 400, SPOON_SETS.us);
  expect(words).toMatch(
    /^From \d+ g white rice, dry \(.*cup.*\) and \d+ mL water, 25 min with the lid ajar; \d+ mL more at the blender\.$/,
  );
  expect(makingWords('rose-infused-oil', 50, SPOON_SETS.us)).toContain('g of almond oil');
  expect(makingWords('milk', 50, SPOON_SETS.us)).toBe('');
});

it('offers a thinner only where a reasonable amount does it', () => {
  const profile = aProfile();
  const sizeOf = (id: string) => {
    const mask = BUILT_IN_MASKS.find((candidate) => candidate.id === id)!;
    const wearer = { ageYears: 30, sensitiveSkin: false };
    return { mask, bowl: sizeBowl({ profile, wearer }, mask, CATALOGUE, { spoons: SPOON_SETS.us }) };
  };
  const egg = sizeOf('galley-egg');
  expect(thinnerWords(egg.bowl, egg.mask, CATALOGUE)).toMatch(/mL more water would make it pourable/);
  expect(pullWords(egg.bowl, CATALOGUE)).toBe('mayonnaise thickens it most, whole egg thins it most');
  const rice = sizeOf('rice-silk');
  expect(thinnerWords(rice.bowl, rice.mask, CATALOGUE)).toBe('');
});
