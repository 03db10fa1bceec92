import { RHYTHMS, type Catalogue, type Ingredient, type Rhythm } from '../ingredient';
import { rowsOf, type Mask } from '../mask';
import { daysLater } from '../time';
import { schoolOf, type ProteinSchool, type Schools } from './schooled';
import type { HeadStory, Treatment } from './story';

/** Protein in a mask from here on counts as a protein treatment, g in 100 g. Assumption of this project. */
export const PROTEIN_GRAMS = 3;
/** From which share of the bowl on its kind counts; soda and clay do in any amount. Assumption of this project. */
export const COUNTS_FROM: Readonly<Record<Exclude<Rhythm, 'deep' | 'protein'>, number>> = {
  acid: 0.02,
  clarifying: 0,
  oil: 0.3,
};

type SharedRow = Pick<Ingredient, 'traits' | 'composition'> & { readonly share: number };

/** True for a protein treatment: something in it counts as one, or the whole holds enough. */
export function countsAsProtein(rows: readonly SharedRow[]): boolean {
  const grams = rows.reduce((sum, row) => sum + row.share * (row.composition?.proteinGrams ?? 0), 0);
  return grams >= PROTEIN_GRAMS || rows.some(({ traits, share }) => share > 0 && traits.countsAs.includes('protein'));
}

/**
 * Which rhythms a mask belongs to; `deep` where none of the others.
 * @throws RangeError for an unknown ingredient
 */
export function rhythmsOf(mask: Pick<Mask, 'parts'>, catalogue: Catalogue): readonly Rhythm[] {
  const rows = rowsOf(mask, catalogue);
  const share = (rhythm: Rhythm): number =>
    rows.reduce((sum, row) => sum + (row.traits.countsAs.includes(rhythm) ? row.share : 0), 0);
  const found = RHYTHMS.filter((rhythm) => {
    if (rhythm === 'deep') return false;
    if (rhythm === 'protein') return countsAsProtein(rows);
    return share(rhythm) > 0 && share(rhythm) >= COUNTS_FROM[rhythm];
  });
  return found.length > 0 ? found : ['deep'];
}

/** Days between two uses (common practice, no published source). */
const PROTEIN_DAYS: Readonly<Record<ProteinSchool, number>> = { often: 3, weekly: 7, monthly: 28, seldom: 84 };
const DAYS: Readonly<Record<Exclude<Rhythm, 'protein'>, number>> = { acid: 14, clarifying: 28, oil: 7, deep: 7 };
/** What asks for it does so once half as much time again has passed. Assumption of this project. */
const DUE_AFTER = 1.5;

/**
 * Least days between two uses under the household's school; a head that is protein-sensitive waits twelve weeks unless the school says often.
 * @example intervalDays('protein', { protein: 'weekly' }, { isProteinSensitive: false }) // 7
 */
export function intervalDays(rhythm: Rhythm, schools: Schools, story: Pick<HeadStory, 'isProteinSensitive'>): number {
  if (rhythm !== 'protein') return DAYS[rhythm];
  const school = schoolOf(schools, 'protein') as ProteinSchool;
  if (story.isProteinSensitive && school !== 'often') return PROTEIN_DAYS.seldom;
  return PROTEIN_DAYS[school];
}

/** A mask that a head has worn. */
export interface Wore {
  readonly at: string;
  readonly maskId: string;
  readonly rhythms: readonly Rhythm[];
  readonly ingredientIds: readonly string[];
  /** True where it was rinsed out because it burned or itched. */
  readonly isBurned?: boolean;
}

export interface Beat {
  readonly rhythm: Rhythm;
  readonly intervalDays: number;
  readonly lastAt: string;
  /** Not before this, milliseconds. */
  readonly earliestAt: number;
  /** From here on it asks for it. */
  readonly dueAt: number;
}

const FROM_TREATMENT: Readonly<Partial<Record<Treatment['kind'], Rhythm>>> = {
  protein: 'protein',
  bleach: 'clarifying',
  clarifying: 'clarifying',
};

/**
 * Where a head stands in each rhythm it has been in, by whole days of the household's time zone.
 * @param wore in any order
 */
export function beatsOf(
  wore: readonly Wore[],
  schools: Schools,
  story: Pick<HeadStory, 'isProteinSensitive' | 'treatments'>,
  timeZone: string,
): readonly Beat[] {
  return RHYTHMS.flatMap((rhythm): readonly Beat[] => {
    const moments = [
      ...wore.filter(({ rhythms }) => rhythms.includes(rhythm)).map(({ at }) => at),
      ...story.treatments.filter(({ kind }) => FROM_TREATMENT[kind] === rhythm).map(({ at }) => at),
    ];
    const lastAt = moments.sort((a, b) => Date.parse(a) - Date.parse(b)).at(-1);
    if (lastAt === undefined) return [];
    const days = intervalDays(rhythm, schools, story);
    const after = (count: number): number => daysLater(Date.parse(lastAt), count, timeZone);
    return [
      { rhythm, intervalDays: days, lastAt, earliestAt: after(days), dueAt: after(Math.round(days * DUE_AFTER)) },
    ];
  });
}
