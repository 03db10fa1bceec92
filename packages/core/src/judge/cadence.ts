import { tz } from '@date-fns/tz';
import { addDays } from 'date-fns';
import { ingredientById, type Catalogue } from '../ingredient';
import type { Mask } from '../mask';
import { schoolOf, type ProteinSchool, type Schools } from './schooled';
import type { HeadStory, Treatment } from './story';

/** What a mask does to the rhythm of a head. */
export const RHYTHMS = ['protein', 'acid', 'clarifying', 'oil', 'deep'] as const;
export type Rhythm = (typeof RHYTHMS)[number];

/** Protein in a mask from here on counts as a protein treatment, g in 100 g. Assumption of this project. */
export const PROTEIN_GRAMS = 3;
/** Oil and butter from here on count as an oil treatment, share of the bowl. Assumption of this project. */
export const OIL_SHARE = 0.3;
/** Acid from here on counts, share of the bowl. Assumption of this project. */
export const ACID_SHARE = 0.02;

/**
 * Which rhythms a mask belongs to; `deep` where none of the others.
 * @throws RangeError for an unknown ingredient
 */
export function rhythmsOf({ parts }: Pick<Mask, 'parts'>, catalogue: Catalogue): readonly Rhythm[] {
  const rows = parts.map(({ ingredientId, share }) => ({ share, row: ingredientById(catalogue, ingredientId) }));
  const sum = (of: (one: (typeof rows)[number]) => number): number => rows.reduce((total, one) => total + of(one), 0);
  const share = (...families: string[]): number => sum((one) => (families.includes(one.row.family) ? one.share : 0));
  const protein = sum((one) => one.share * (one.row.composition?.proteinGrams ?? 0));
  const found: Rhythm[] = [
    ...(protein >= PROTEIN_GRAMS || share('egg') > 0 ? (['protein'] as const) : []),
    ...(share('acid') >= ACID_SHARE ? (['acid'] as const) : []),
    ...(share('soda', 'clay') > 0 ? (['clarifying'] as const) : []),
    ...(share('oil', 'butter') >= OIL_SHARE ? (['oil'] as const) : []),
  ];
  return found.length > 0 ? found : ['deep'];
}

/** Days between two uses (common practice, no published source). */
const PROTEIN_DAYS: Readonly<Record<ProteinSchool, number>> = { often: 3, weekly: 7, monthly: 28, seldom: 84 };
const DAYS: Readonly<Record<Exclude<Rhythm, 'protein'>, number>> = { acid: 14, clarifying: 28, oil: 7, deep: 7 };
/** What asks for it does so once half as much time again has passed. Assumption of this project. */
const DUE_AFTER = 1.5;

/** Least days between two uses under the household's school; a head that is protein-sensitive waits twelve weeks unless the school says often. */
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
    const after = (count: number): number => addDays(new Date(lastAt), count, { in: tz(timeZone) }).getTime();
    return [
      { rhythm, intervalDays: days, lastAt, earliestAt: after(days), dueAt: after(Math.round(days * DUE_AFTER)) },
    ];
  });
}
