import { cannot } from '../message';
import {
  gramsPerMillilitre,
  ingredientById,
  pieceSize,
  wholeGrams,
  type Catalogue,
  type MeasuredBy,
} from '../ingredient';
import type { Spoon } from '../measure';
import type { Message } from '../message';
import {
  bowlMillilitresPerGram,
  estimateTexture,
  formulaMillilitresPerGram,
  normaliseShares,
  type FormulaPart,
  type Mask,
  type TextureEstimate,
} from '../mask';
import { capsFor, type NamedCap, type Wearer } from './caps';
import { leastMeasurableGrams, measurableAmounts } from './choices';
import { withinCaps, type CappedFormula } from './withinCaps';
import { fit, type FitAnswer, type FitChoice, type FitProblem } from './fit';

/** How amounts may be measured, whatever the head. */
export interface AmountOptions {
  readonly spoons: readonly Spoon[];
  /** Size of piece chosen by ingredient: a size's id. */
  readonly pieceSizes?: Readonly<Record<string, string>>;
  /** Usable grams of a piece as it lies there, by ingredient; goes before a size. */
  readonly pieceGrams?: Readonly<Record<string, number>>;
  /** Exact amounts that are not up for fitting, in usable grams by ingredient: "exactly 2 yolks". */
  readonly lockedGrams?: Readonly<Record<string, number>>;
  /** The fixed ingredient that is all there is: the bowl is made around it, however much the head takes. */
  readonly aroundId?: string | undefined;
  /** What there is at the most, in usable grams by ingredient; the rest is taken as plenty. */
  readonly mostGrams?: Readonly<Record<string, number>>;
  /** Other ways of measuring, by ingredient. */
  readonly measuredBy?: Readonly<Record<string, MeasuredBy>>;
  /** What earlier bowls of this mask taught about its flow, in log₁₀ mPa·s. */
  readonly textureOffset?: number;
}

/** A bowl over its need by more than this wants a reason: fruit is what its maker pays for. Assumption of this project. */
const LIMIT_OVER_NEED = 1.1;
/** A drift this little over its tolerance is told nobody. Assumption of this project. */
const TOLD_FROM = 1.15;
/** A share that is none. */
const NOTHING = 1e-9;
/** Amounts are looked at up to this many times the ideal. */
const MOST_OVER_IDEAL = 2.2;

/** One ingredient of a sized bowl. */
export interface SizedLine {
  readonly ingredientId: string;
  readonly measuredBy: MeasuredBy;
  /** Usable grams that go in. */
  readonly grams: number;
  /** Millilitres as spooned, before straining. */
  readonly millilitres: number;
  /** Millilitres that it adds to the bowl. */
  readonly bowlMillilitres: number;
  /** Pieces, where it is counted. */
  readonly pieces?: number;
  readonly pieceGrams?: number;
  /** Part of a cut piece that is left over, 0 to 1. */
  readonly leftOfPiece?: number;
  /** Grams to buy or take, with peel, stone, shell or rind. */
  readonly wholeGrams: number;
  /** Share of the bowl by mass, and the formula's. */
  readonly share: number;
  readonly formulaShare: number;
  /** Relative drift from the formula at the bowl's own scale. */
  readonly drift: number;
  readonly tolerance: number;
  /** True when the maker fixed the amount. */
  readonly isLocked: boolean;
  /** The limit that holds it below its formula, where one does. */
  readonly heldBy?: Message;
}

/** Amounts that can be measured, fitted to a volume. */
export interface FittedAmounts {
  readonly lines: readonly SizedLine[];
  readonly madeMillilitres: number;
  readonly madeGrams: number;
  readonly texture: TextureEstimate;
  readonly caps: readonly NamedCap[];
  readonly brokenCaps: readonly NamedCap[];
  /** Lines whose drift leaves their tolerance, by ingredient. */
  readonly outOfTolerance: readonly string[];
  readonly fits: boolean;
  /** Objective by which a better answer could still exist: 0 where this one is proven the best. */
  readonly gap: number;
}

/**
 * The amounts of a mask that reach a volume nearest to its formula.
 * @param needMillilitres what the bowl must hold, above 0
 * @throws RangeError for an empty formula or an unknown ingredient
 */
export function fitAmounts(
  mask: Mask,
  catalogue: Catalogue,
  wearer: Wearer,
  options: AmountOptions,
  needMillilitres: number,
): FittedAmounts {
  const formula: Mask = { ...mask, parts: normaliseShares(mask.parts).filter(({ share }) => share > 0) };
  const caps = capsFor(formula, catalogue, wearer, needMillilitres);
  const capped = withinCaps(formula, catalogue, caps, needMillilitres, options.lockedGrams);
  const answer = fit(fitProblem(formula, capped, catalogue, options, needMillilitres, caps));
  const lines = formula.parts.map((part, i): SizedLine => {
    const line = sizedLine(formula, part.ingredientId, i, answer, catalogue, options);
    const cap = capped.heldBy.get(part.ingredientId);
    return cap ? { ...line, heldBy: cap.what } : line;
  });
  return {
    lines,
    madeMillilitres: answer.millilitres,
    madeGrams: lines.reduce((sum, { grams }) => sum + grams, 0),
    texture: estimateTexture(lines, catalogue, options.textureOffset),
    caps,
    brokenCaps: answer.brokenCaps.flatMap((index) => caps[index] ?? []),
    outOfTolerance: lines
      .filter(
        ({ drift, tolerance, heldBy, grams }) => !(heldBy && grams === 0) && Math.abs(drift) > TOLD_FROM * tolerance,
      )
      .map(({ ingredientId }) => ingredientId),
    fits: answer.fits,
    gap: answer.gap,
  };
}

/** Spoons rarely meet the scale to the gram; a bowl around an amount may stop this short of it. Assumption of this project. */
const NEARLY = 0.97;

/**
 * What a bowl around an amount comes to, mL: all of one ingredient goes in, and the rest of the formula follows it.
 * @example millilitresAround(towpathAvocado, CATALOGUE, 'avocado', 130) // 195
 */
export function millilitresAround(mask: Mask, catalogue: Catalogue, ingredientId: string, grams: number): number {
  const parts = normaliseShares(mask.parts);
  const share = parts.find((part) => part.ingredientId === ingredientId)?.share ?? 0;
  if (!(share > 0) || !(grams > 0)) throw cannot('nothing-around');
  return (grams / share) * formulaMillilitresPerGram({ ...mask, parts }, catalogue) * NEARLY;
}

/**
 * Usable grams of a piece of an ingredient under the options.
 * @example pieceGramsOf(CATALOGUE, 'egg-whole', { pieceSizes: { 'egg-whole': 'large' } }) // 50
 */
export function pieceGramsOf(
  catalogue: Catalogue,
  ingredientId: string,
  options: Pick<AmountOptions, 'pieceGrams' | 'pieceSizes'>,
): number {
  const given = options.pieceGrams?.[ingredientId];
  if (given !== undefined && given > 0) return given;
  return pieceSize(ingredientById(catalogue, ingredientId), options.pieceSizes?.[ingredientId]).usableGrams;
}

/** How a part is measured: as was asked for, or as its formula has it. */
export function measureOf(
  part: Pick<FormulaPart, 'ingredientId' | 'measuredBy'>,
  { measuredBy }: Pick<AmountOptions, 'measuredBy'>,
): MeasuredBy {
  return measuredBy?.[part.ingredientId] ?? part.measuredBy;
}

function fitProblem(
  formula: Mask,
  { parts, heldBy }: CappedFormula,
  catalogue: Catalogue,
  options: AmountOptions,
  needMillilitres: number,
  caps: readonly NamedCap[],
): FitProblem {
  const needGrams = needMillilitres / formulaMillilitresPerGram(formula, catalogue);
  const asMeasured = parts.map((part) => {
    const ingredient = ingredientById(catalogue, part.ingredientId);
    const measuredBy = measureOf(part, options);
    const pieceGrams =
      measuredBy === 'piece' ? { pieceGrams: pieceGramsOf(catalogue, part.ingredientId, options) } : {};
    return { part, ingredient, measuredBy, ...pieceGrams, spoons: options.spoons };
  });
  // One egg, or a locked amount, may be more than a small head's share: then everything else must be able to follow it.
  const forced = Math.max(
    1,
    ...asMeasured.map(({ part, ingredient, ...rest }) =>
      // What a limit holds down does not make the rest follow it up.
      heldBy.has(ingredient.id)
        ? 1
        : (options.lockedGrams?.[ingredient.id] ?? leastMeasurableGrams(ingredient, rest)) / (part.share * needGrams),
    ),
  );
  return {
    parts: asMeasured.map(({ part, ingredient, ...rest }) => ({
      // What a limit leaves nothing of weighs nothing in the drift.
      ...(part.share > NOTHING ? { share: part.share, tolerance: part.tolerance } : { share: NOTHING, tolerance: 1e6 }),
      millilitresPerGram: bowlMillilitresPerGram(formula, catalogue, part.ingredientId),
      choices:
        lockedChoice(options, ingredient.id) ??
        withinStock(
          measurableAmounts(ingredient, {
            ...rest,
            idealGrams: part.share * needGrams,
            mostGrams: part.share * needGrams * Math.max(MOST_OVER_IDEAL, forced * 1.2),
            mayBeNone: heldBy.has(ingredient.id),
          }),
          options.mostGrams?.[ingredient.id],
        ),
    })),
    needMillilitres,
    limitMillilitres: needMillilitres * LIMIT_OVER_NEED,
    caps,
  };
}

/** The one amount of a locked ingredient. */
function lockedChoice(options: AmountOptions, ingredientId: string): readonly FitChoice[] | undefined {
  const grams = options.lockedGrams?.[ingredientId];
  return grams === undefined ? undefined : [{ grams, charge: 0 }];
}

/** The amounts that do not exceed what there is; all of it where even the least does. */
function withinStock(choices: readonly FitChoice[], most: number | undefined): readonly FitChoice[] {
  if (most === undefined) return choices;
  const within = choices.filter(({ grams }) => grams <= most * (1 + 1e-9));
  return within.length > 0 ? within : [{ grams: most, charge: 0 }];
}

function sizedLine(
  formula: Mask,
  ingredientId: string,
  index: number,
  answer: FitAnswer,
  catalogue: Catalogue,
  options: AmountOptions,
): SizedLine {
  const ingredient = ingredientById(catalogue, ingredientId);
  const part = formula.parts[index];
  const grams = answer.grams[index] ?? 0;
  const measuredBy = part ? measureOf(part, options) : 'weight';
  const total = answer.grams.reduce((sum, g) => sum + g, 0);
  const counted = measuredBy === 'piece' ? countPieces(grams, pieceGramsOf(catalogue, ingredientId, options)) : {};
  return {
    ingredientId,
    measuredBy,
    grams,
    millilitres: grams / gramsPerMillilitre(ingredient),
    bowlMillilitres: grams * bowlMillilitresPerGram(formula, catalogue, ingredientId),
    ...counted,
    wholeGrams: wholeGrams(grams, ingredient.pieces?.refuseShare ?? 0),
    share: grams / total,
    formulaShare: part?.share ?? 0,
    drift: answer.drifts[index] ?? 0,
    tolerance: part?.tolerance ?? 0,
    isLocked: options.lockedGrams?.[ingredientId] !== undefined,
  };
}

function countPieces(grams: number, pieceGrams: number): Pick<SizedLine, 'pieces' | 'pieceGrams' | 'leftOfPiece'> {
  const pieces = grams / pieceGrams;
  const left = Math.ceil(pieces - 1e-9) - pieces;
  return { pieces, pieceGrams, leftOfPiece: left < 1e-9 ? 0 : left };
}
