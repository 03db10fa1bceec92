import { ingredientById, type Catalogue, type MeasuredBy } from '../../ingredient';
import type { Amount } from '../../mask';
import { gramsOf } from './gramsOf';
import type { PastedLine } from './lines';

/** What a maker answered about one line. */
export interface LineAnswer {
  readonly ingredientId?: string;
  /** Usable grams. */
  readonly grams?: number;
  readonly isLeftOut?: boolean;
  /** The pot's liquid goes into the bowl after all. */
  readonly isInBowl?: boolean;
}

/** A line with its answer laid over it. */
export interface SettledLine {
  readonly line: PastedLine;
  readonly ingredientId?: string;
  readonly grams?: number;
  readonly measuredBy?: MeasuredBy;
  /** The share of it that is asked; nothing is left to ask where it is settled. */
  readonly isOpen: boolean;
  /** Left out by its maker, or left in its pot. */
  readonly isOut: boolean;
}

/** A line as it stands with what was answered: an ingredient that was chosen is reckoned with the amount that was written. */
export function settled(line: PastedLine, answer: LineAnswer | undefined, catalogue: Catalogue): SettledLine {
  const isOut = answer?.isLeftOut === true || (line.isPots === true && answer?.isInBowl !== true);
  const chosen = answer?.ingredientId;
  const row = chosen !== undefined && catalogue.has(chosen) ? ingredientById(catalogue, chosen) : undefined;
  const canReckon = row && line.amount && !line.questions.includes('comma');
  const reckoned = canReckon ? gramsOf(line.amount, row) : undefined;
  const isClear = line.questions.length === 0;
  const ingredientId = row?.id ?? line.ingredientId;
  const grams = answer?.grams ?? (row ? reckoned?.grams : isClear ? line.grams : undefined);
  const measuredBy = row ? reckoned?.measuredBy : isClear ? line.measuredBy : undefined;
  // An unknown word beside a known name is settled by whoever says that it makes no difference, or how much it is.
  const isKnown = ingredientId !== undefined && (isClear || answer !== undefined);
  return {
    line,
    ...(ingredientId === undefined ? {} : { ingredientId }),
    ...(grams === undefined ? {} : { grams }),
    ...(measuredBy === undefined ? {} : { measuredBy }),
    isOpen: !isOut && !(isKnown && grams !== undefined && grams > 0),
    isOut,
  };
}

/** The least that a written range lets a share drift, relative. */
const LEAST_SPREAD = 0.05;
const LONGEST_AMOUNT = 120;

/** The amounts of the lines that are settled, as a formula is made of. */
export const amountsOf = (lines: readonly SettledLine[]): readonly Amount[] =>
  lines.flatMap(({ line, ingredientId, grams, measuredBy, isOpen, isOut }) =>
    ingredientId === undefined || grams === undefined || isOpen || isOut
      ? []
      : [
          {
            ingredientId,
            grams: Number(grams.toPrecision(4)),
            ...(line.role ? { role: line.role } : {}),
            ...(measuredBy ? { measuredBy } : {}),
            ...(line.spread === undefined ? {} : { tolerance: Math.max(LEAST_SPREAD, line.spread) }),
            ...(line.instead.length > 0 ? { instead: line.instead.slice(0, 6) } : {}),
            writtenAmount: line.text.trim().slice(0, LONGEST_AMOUNT),
          },
        ],
  );

/**
 * How much of the bowl depends on a line, mL, roughly: what is asked about first is what would change most.
 * @returns an eighth of a litre where nothing is known of it
 * @example roughMillilitres({ amount: { quantity: 2, unit: { kind: 'volume', millilitres: 15 } } }) // 30
 */
export function roughMillilitres({ amount, grams }: PastedLine): number {
  if (grams !== undefined) return grams;
  if (!amount) return UNKNOWN_MILLILITRES;
  const { quantity, unit } = amount;
  if (unit.kind === 'volume') return quantity * unit.millilitres;
  if (unit.kind === 'mass') return quantity * unit.grams;
  return unit.kind === 'piece' ? quantity * PIECE_MILLILITRES : VAGUE_MILLILITRES;
}
/** Assumptions of this project, for the order of questions alone. */
const [UNKNOWN_MILLILITRES, PIECE_MILLILITRES, VAGUE_MILLILITRES] = [125, 120, 20] as const;
