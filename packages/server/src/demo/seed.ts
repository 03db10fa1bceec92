import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import type { Head, HeadInput } from '@amber-ladle/contract';
import { NO_CHOICES } from '@amber-ladle/core/house';
import type { Household } from '../kernel/household';
import { NO_STORY, type PatchTest } from '@amber-ladle/core/judge';
import { createHead, listHeads } from '../head';
import { endBowl } from '../life';
import { keepBowl } from '../bowl';
import { Clock } from '../kernel/clock';
import { seedNotes } from './notes';
import { seedPhotos } from './photos';
import { USUAL_WISHES } from '@amber-ladle/core/plan';
import { wishWeeks } from '../weeks';
import { seedPlaces, seedShelf } from './shelf';

/** Dabs that came out fine, a while before the demo begins. */
const tested = (ids: readonly string[]): PatchTest[] =>
  ids.map((ingredientId) => ({ ingredientId, at: '2026-02-01T18:00:00.000Z', outcome: 'fine' }));

/** The invented household of a canal narrowboat: three quite different heads. */
const HEADS: readonly HeadInput[] = [
  {
    name: 'Isaura',
    note: 'Waist-long dense coils; two-strand twists from Sunday to Friday. Ends thirsty.',
    ageYears: 34,
    sensitiveSkin: false,
    profile: {
      amount: { kind: 'ponytail', circumferenceMillimetres: 92 },
      strandDiameterMicrometres: 72,
      stretchedLengthCentimetres: 68,
      evenness: 'long-layers',
      scalpAreaSquareCentimetres: 610,
      style: 'twists',
    },
    story: { ...NO_STORY, needs: ['dry', 'breakage'], isProteinSensitive: true },
    look: { pattern: 'coils', skin: 'umber', hair: 'black' },
  },
  {
    name: 'Teo',
    note: 'Short, fine, oily by evening. Scalp reddens easily.',
    ageYears: 41,
    sensitiveSkin: true,
    profile: {
      amount: { kind: 'density', density: 'low' },
      strandDiameterMicrometres: 55,
      stretchedLengthCentimetres: 9,
      evenness: 'short-layers',
      scalpAreaSquareCentimetres: 620,
      style: 'loose',
    },
    story: {
      ...NO_STORY,
      needs: ['oily-roots', 'flakes-or-itch'],
      isWeighedDown: true,
      hasLatexAllergy: true,
      patchTests: tested([
        ...['honey', 'yogurt', 'milk', 'lemon-juice', 'aloe-gel', 'cucumber', 'strawberry', 'pear', 'oat-cream'],
        ...['strained-yogurt', 'jojoba-oil', 'almond-oil', 'flax-gel', 'buttermilk'],
      ]),
    },
    look: { pattern: 'straight', skin: 'porcelain', hair: 'copper' },
  },
  {
    name: 'Pip',
    note: 'Shoulder-long waves that knot at the nape. Eight years old: nothing that stings.',
    ageYears: 8,
    sensitiveSkin: true,
    profile: {
      amount: { kind: 'eye', look: 'middling' },
      strandDiameterMicrometres: 62,
      stretchedLengthCentimetres: 31,
      evenness: 'long-layers',
      scalpAreaSquareCentimetres: 450,
      style: 'loose',
    },
    story: {
      ...NO_STORY,
      needs: ['tangles'],
      allergies: ['nuts'],
      patchTests: tested([
        ...['honey', 'yogurt', 'milk', 'banana', 'coconut-milk', 'avocado', 'olive-oil', 'buttermilk', 'papaya'],
        ...['strained-yogurt', 'pear', 'strawberry'],
      ]),
    },
    look: { pattern: 'waves', skin: 'bronze', hair: 'chestnut' },
  },
];

/** Bowls already kept: how many days ago, at what hour (UTC), whose and which. */
const BOWLS: readonly {
  readonly id: string;
  readonly daysAgo: number;
  readonly head: string;
  readonly maskId: string;
}[] = [
  { id: '5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0001', daysAgo: 12, head: 'Isaura', maskId: 'towpath-avocado' },
  { id: '5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0002', daysAgo: 6, head: 'Pip', maskId: 'still-water' },
  { id: '5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0003', daysAgo: 5, head: 'Teo', maskId: 'strawberry-sieve' },
  { id: '5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0004', daysAgo: 2, head: 'Isaura', maskId: 'rice-silk' },
];

/** Fills an empty demo database; one that holds heads is left alone. All dates are relative to the present. */
export async function seedDemo(household: Household): Promise<void> {
  if ((await listHeads(household)).length > 0) return;
  const present = Date.parse(household.clock.now());
  const then = new Clock();
  const earlier: Household = { ...household, clock: then };
  await seedPlaces(household);
  const ids = new Map<string, Head>();
  then.set(new Date(present - 400 * TWENTY_FOUR_HOURS).toISOString());
  for (const input of HEADS) ids.set(input.name, await createHead(earlier, input));
  await seedNotes(household, ids);
  // The book of stock is read from its end: what lies there now comes last.
  await seedShelf(household);
  const isaura = ids.get('Isaura');
  // She has a bowl twice a week, and Thursdays are taken.
  if (isaura)
    await wishWeeks(
      household,
      {
        ...USUAL_WISHES,
        rhythms: { [isaura.id]: { everyDays: 4, weekdays: [] } },
        weekdayMinutes: [240, 120, 120, 120, 0, 120, 240],
      },
      USUAL_WISHES,
    );
  if (isaura) await seedPhotos(household, isaura);
  for (const { id, daysAgo, head, maskId } of BOWLS) {
    const wearer = ids.get(head);
    if (!wearer) continue;
    then.set(new Date(present - daysAgo * TWENTY_FOUR_HOURS).toISOString());
    await keepBowl(earlier, {
      id,
      headId: wearer.id,
      maskId,
      profile: wearer.profile,
      choices: NO_CHOICES,
      otherHeadIds: [],
    });
    // The last one still waits for its day.
    if (daysAgo > 2) await endBowl(earlier, id, 'worn', undefined);
  }
}
