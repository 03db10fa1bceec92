import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import type { TermId } from '@amber-ladle/core/judge';
import { kitchenRound } from '@amber-ladle/core/measure';
import { capital, listed } from '../../sentence';
import { aboutWords, type Where } from './when';

/** Terms of the ranking that are said in other words beside the bowl that is worth making. */
export const SAID_BESIDE: ReadonlySet<TermId> = new Set(['saves', 'in-house', 'quick']);

/**
 * Why a bowl is worth making now.
 * @param saved what it saves, as it stands in a sentence: "the cut avocado"
 * @example worthWords(['the cut avocado'], 143, 'Wren', 'en-GB') // 'The cut avocado turns by tomorrow: 143 mL, enough for Wren.'
 */
export function worthWords(
  saved: readonly string[],
  millilitres: number,
  name: string | undefined,
  locale: string,
): string {
  const size = `${kitchenRound(millilitres)} mL, enough for ${name ?? 'one head'}`;
  if (saved.length === 0) return `${size}.`;
  const isPlural = saved.length > 1 || /[^s]s$/.test(saved[0] ?? '');
  return capital(`${listed(saved, locale)} ${isPlural ? 'turn' : 'turns'} by tomorrow: ${size}.`);
}

/** A thing that a bowl wants and the shelf has not. */
export interface Lacking {
  readonly ingredientId: string;
  readonly grams: number;
  /** It is there and hard: when it will be ready, ms; infinite where it never will. */
  readonly readyAt?: number | undefined;
}

/**
 * What is missing for a bowl: what is to be bought, and what is in the house and not ripe yet.
 * @example besideWords([{ ingredientId: 'honey', grams: 12 }], …) // 'Still missing: 12 g honey.'
 * @example besideWords([], …) // 'Everything else is in the house.'
 */
export function besideWords(lacking: readonly Lacking[], catalogue: Catalogue, now: number, where: Where): string {
  const amount = ({ ingredientId, grams }: Lacking): string =>
    `${kitchenRound(grams)} g ${ingredientById(catalogue, ingredientId).name.toLowerCase()}`;
  const buy = lacking.filter(({ readyAt }) => readyAt === undefined).map(amount);
  const hard = lacking.flatMap((one) =>
    one.readyAt === undefined
      ? []
      : [`${amount(one)}${Number.isFinite(one.readyAt) ? ` (about ${aboutWords(one.readyAt, now, where)})` : ''}`],
  );
  return (
    [
      ...(buy.length > 0 ? [`Still missing: ${buy.join(', ')}.`] : []),
      ...(hard.length > 0 ? [`Not ripe yet: ${hard.join(', ')}.`] : []),
    ].join(' ') || 'Everything else is in the house.'
  );
}

/** @example pastWords(1) // '1 thing is past and can go' */
export const pastWords = (count: number): string => `${count} ${count > 1 ? 'things are' : 'thing is'} past and can go`;
