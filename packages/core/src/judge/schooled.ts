import type { Catalogue } from '../ingredient';
import { mostWearMinutes, rowsOf, type Mask } from '../mask';
import type { HeadStory } from './story';

/** The questions on which makers disagree, each with its answers, the usual one first. */
export const SCHOOL_CHOICES = {
  protein: ['monthly', 'often', 'weekly', 'seldom'],
  'hair-state': ['as-mask', 'dry', 'spritzed', 'towel-dried'],
  warmth: ['as-mask', 'none', 'cap'],
  wear: ['as-mask', 'short', 'long'],
  rinse: ['as-mask', 'cool', 'warm'],
  shampoo: ['as-mask', 'none', 'twice'],
  strain: ['as-mask', 'if-bits'],
  keep: ['as-mask', 'same-day'],
  mix: ['as-mask', 'by-hand'],
  'egg-part': ['as-mask', 'whole', 'yolk', 'white'],
  vinegar: ['weak', 'third', 'half'],
  measure: ['spoons', 'weight'],
  face: ['no', 'yes'],
} as const satisfies Record<string, readonly [string, ...string[]]>;
export type SchoolId = keyof typeof SCHOOL_CHOICES;
export type ProteinSchool = 'often' | 'weekly' | 'monthly' | 'seldom';

const TEMPERATURES = new Map<string, Mask['rinse']['temperature']>([
  ['cool', 'cool-to-lukewarm'],
  ['warm', 'warm'],
]);
const SHAMPOOS = new Map<string, Mask['rinse']['shampoos']>([
  ['none', 0],
  ['twice', 2],
]);
const WATER_PARTS = new Map<string, 1 | 3 | 7>([
  ['half', 1],
  ['third', 3],
]);

/** What a household chose; a question it left alone goes by the usual. */
export type Schools = Readonly<Partial<Record<SchoolId, string>>>;

/** What holds for a question: what was chosen, or the usual where nothing was, or something unknown. */
export function schoolOf(schools: Schools, id: SchoolId): string {
  const choices: readonly string[] = SCHOOL_CHOICES[id];
  const chosen = schools[id];
  return chosen !== undefined && choices.includes(chosen) ? chosen : (choices[0] as string);
}

/** True where the household's school and the head's sensitivity disagree. */
export const schoolsDisagree = (schools: Schools, story: Pick<HeadStory, 'isProteinSensitive'>): boolean =>
  story.isProteinSensitive && ['often', 'weekly'].includes(schoolOf(schools, 'protein'));

/**
 * A mask as this household makes it; one that is its own way stays as it is written. It never loosens what an
 * ingredient forbids: raw egg gets no warmth, no warm rinse and no long wear, whatever is chosen.
 * @throws RangeError for an unknown ingredient
 */
export function schooled(mask: Mask, schools: Schools, catalogue: Catalogue): Mask {
  if (mask.isItsOwnWay === true) return mask;
  const rows = rowsOf(mask, catalogue);
  const cooks = rows.some(({ traits }) => traits.cooksInWarmth);
  const { wear, rinse } = mask;
  const choice = (id: SchoolId): string => schoolOf(schools, id);
  const aim = { short: wear.minimumMinutes, long: wear.limitMinutes }[choice('wear')] ?? wear.aimMinutes;
  const state = choice('hair-state');
  const warmth = choice('warmth');
  return {
    ...mask,
    ...(state === 'as-mask' ? {} : { hairState: state as NonNullable<Mask['hairState']> }),
    heat: cooks || mask.heat === 'never' || warmth === 'none' ? 'never' : warmth === 'cap' ? 'cap' : mask.heat,
    // No school keeps on what spoils or cooks.
    wear: { ...wear, aimMinutes: Math.min(aim, Math.max(wear.aimMinutes, mostWearMinutes(rows))) },
    rinse: {
      ...rinse,
      temperature: cooks ? 'cool-to-lukewarm' : (TEMPERATURES.get(choice('rinse')) ?? rinse.temperature),
      shampoos: SHAMPOOS.get(choice('shampoo')) ?? rinse.shampoos,
    },
    strained: mask.strained && (choice('strain') !== 'if-bits' || !rows.some(({ traits }) => traits.leavesBits)),
    mixing: choice('mix') === 'by-hand' && mask.mixing === 'blender' ? 'fork' : mask.mixing,
    keeping: choice('keep') === 'same-day' ? 'same-day' : mask.keeping,
  };
}

/** Parts of water to one of vinegar, by what the household holds with. */
export const waterPartsOf = (schools: Schools): 1 | 3 | 7 => WATER_PARTS.get(schoolOf(schools, 'vinegar')) ?? 7;
