import { demand, type Demand, type HairProfile } from '../hair';
import {
  gramsPerMillilitre,
  ingredientById,
  pieceSize,
  wholeGrams,
  type Catalogue,
  type MeasuredBy,
} from '../ingredient';
import type { Spoon } from '../measure';
import {
  bowlMillilitresPerGram,
  estimateTexture,
  formulaMillilitresPerGram,
  normaliseShares,
  type Mask,
  type TextureEstimate,
} from '../mask';
import { chanceAbove, expectedLeftover, quantile, type Lognormal } from '../statistic';
import { capsFor, type NamedCap, type Wearer } from './caps';
import { leastMeasurableGrams, measurableAmounts } from './choices';
import { fit, type FitAnswer, type FitChoice, type FitProblem } from './fit';
import { lossesOf, millilitresOnHead, millilitresToMake, type Losses } from './losses';

/** The head a bowl is made for. */
export interface SizedHead {
  readonly profile: HairProfile;
  readonly wearer: Wearer;
  readonly personalFactor?: Lognormal;
}

export interface SizeOptions {
  readonly spoons: readonly Spoon[];
  /** Chance that the bowl suffices, 0.5 to 0.99; makers who hate running out choose high. */
  readonly enoughChance?: number;
  /** Size of piece chosen by ingredient: a size's id. */
  readonly pieceSizes?: Readonly<Record<string, string>>;
  /** Usable grams of a piece as it lies there, by ingredient; goes before a size. */
  readonly pieceGrams?: Readonly<Record<string, number>>;
  /** Exact amounts that are not up for fitting, in usable grams by ingredient: "exactly 2 yolks". */
  readonly lockedGrams?: Readonly<Record<string, number>>;
  /** Other ways of measuring, by ingredient. */
  readonly measuredBy?: Readonly<Record<string, MeasuredBy>>;
  /** What earlier bowls of this mask taught about its flow, in log₁₀ mPa·s. */
  readonly textureOffset?: number;
}

export const DEFAULT_ENOUGH_CHANCE = 0.85;

/** A bowl may hold up to this many times what is needed before it counts as far too much. Assumption of this project. */
const LIMIT_OVER_NEED = 1.5;
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
}

export interface SizedBowl {
  readonly demand: Demand;
  readonly enoughChance: number;
  readonly losses: Losses;
  /** On the head at the chosen chance, mL. */
  readonly wantedOnHeadMillilitres: number;
  /** In the bowl at the chosen chance, mL: what the amounts must reach. */
  readonly needMillilitres: number;
  readonly lines: readonly SizedLine[];
  readonly madeMillilitres: number;
  readonly madeGrams: number;
  readonly onHeadMillilitres: number;
  readonly chanceShort: number;
  readonly expectedLeftoverMillilitres: number;
  readonly texture: TextureEstimate;
  readonly caps: readonly NamedCap[];
  readonly brokenCaps: readonly NamedCap[];
  /** Lines whose drift leaves their tolerance, by ingredient. */
  readonly outOfTolerance: readonly string[];
  readonly fits: boolean;
}

/**
 * The whole way from a head and a mask to a bowl: demand with its spread, the amount at the wanted chance,
 * losses, and the amounts in pieces and spoons that reach it nearest to the formula.
 *
 * @throws RangeError for an empty formula, an unknown ingredient, or a chance outside 0.5 to 0.99
 */
export function sizeBowl(head: SizedHead, mask: Mask, catalogue: Catalogue, options: SizeOptions): SizedBowl {
  const { enoughChance = DEFAULT_ENOUGH_CHANCE } = options;
  if (!(enoughChance >= 0.5 && enoughChance <= 0.99)) throw new RangeError('The chance of enough is 50 to 99 %.');
  const wanted = demand(head.profile, {
    coverage: mask.coverage,
    texture: mask.texture,
    endsExtraShare: mask.endsExtraShare,
    ...(head.personalFactor ? { personalFactor: head.personalFactor } : {}),
  });
  const losses = lossesOf(mask);
  const wantedOnHeadMillilitres = quantile(wanted.total, enoughChance);
  const needMillilitres = millilitresToMake(wantedOnHeadMillilitres, losses);

  const formula: Mask = { ...mask, parts: normaliseShares(mask.parts).filter(({ share }) => share > 0) };
  const caps = capsFor(formula, catalogue, head.wearer);
  const problem = fitProblem(formula, catalogue, options, needMillilitres, caps);
  const answer = fit(problem);
  const lines = formula.parts.map((part, i) => sizedLine(formula, part.ingredientId, i, answer, catalogue, options));

  const onHeadMillilitres = millilitresOnHead(answer.millilitres, losses);
  return {
    demand: wanted,
    enoughChance,
    losses,
    wantedOnHeadMillilitres,
    needMillilitres,
    lines,
    madeMillilitres: answer.millilitres,
    madeGrams: lines.reduce((sum, { grams }) => sum + grams, 0),
    onHeadMillilitres,
    chanceShort: chanceAbove(wanted.total, onHeadMillilitres),
    expectedLeftoverMillilitres: expectedLeftover(wanted.total, onHeadMillilitres),
    texture: estimateTexture(lines, catalogue, options.textureOffset),
    caps,
    brokenCaps: answer.brokenCaps.flatMap((index) => caps[index] ?? []),
    outOfTolerance: lines
      .filter(({ drift, tolerance }) => Math.abs(drift) > tolerance + 1e-9)
      .map((l) => l.ingredientId),
    fits: answer.fits,
  };
}

/** Usable grams of a piece of an ingredient under the options. */
function pieceGramsOf(catalogue: Catalogue, ingredientId: string, options: SizeOptions): number {
  const given = options.pieceGrams?.[ingredientId];
  if (given !== undefined && given > 0) return given;
  return pieceSize(ingredientById(catalogue, ingredientId), options.pieceSizes?.[ingredientId]).usableGrams;
}

function measureOf(formula: Mask, index: number, options: SizeOptions): MeasuredBy {
  const part = formula.parts[index];
  return options.measuredBy?.[part?.ingredientId ?? ''] ?? part?.measuredBy ?? 'weight';
}

function fitProblem(
  formula: Mask,
  catalogue: Catalogue,
  options: SizeOptions,
  needMillilitres: number,
  caps: readonly NamedCap[],
): FitProblem {
  const needGrams = needMillilitres / formulaMillilitresPerGram(formula, catalogue);
  const asMeasured = formula.parts.map((part, i) => {
    const ingredient = ingredientById(catalogue, part.ingredientId);
    const measuredBy = measureOf(formula, i, options);
    const pieceGrams =
      measuredBy === 'piece' ? { pieceGrams: pieceGramsOf(catalogue, part.ingredientId, options) } : {};
    return { part, ingredient, measuredBy, ...pieceGrams, spoons: options.spoons };
  });
  // One egg, or a locked amount, may be more than a small head's share: then everything else must be able to follow it.
  const forced = Math.max(
    1,
    ...asMeasured.map(
      ({ part, ingredient, ...rest }) =>
        (options.lockedGrams?.[ingredient.id] ?? leastMeasurableGrams(ingredient, rest)) / (part.share * needGrams),
    ),
  );
  return {
    parts: asMeasured.map(({ part, ingredient, ...rest }) => ({
      share: part.share,
      tolerance: part.tolerance,
      millilitresPerGram: bowlMillilitresPerGram(formula, catalogue, part.ingredientId),
      choices:
        lockedChoice(options, ingredient.id) ??
        measurableAmounts(ingredient, {
          ...rest,
          idealGrams: part.share * needGrams,
          mostGrams: part.share * needGrams * Math.max(MOST_OVER_IDEAL, forced * 1.2),
        }),
    })),
    needMillilitres,
    limitMillilitres: needMillilitres * LIMIT_OVER_NEED,
    caps,
  };
}

/** The one amount of a locked ingredient. */
function lockedChoice(options: SizeOptions, ingredientId: string): readonly FitChoice[] | undefined {
  const grams = options.lockedGrams?.[ingredientId];
  return grams === undefined ? undefined : [{ grams, charge: 0 }];
}

function sizedLine(
  formula: Mask,
  ingredientId: string,
  index: number,
  answer: FitAnswer,
  catalogue: Catalogue,
  options: SizeOptions,
): SizedLine {
  const ingredient = ingredientById(catalogue, ingredientId);
  const part = formula.parts[index];
  const grams = answer.grams[index] ?? 0;
  const measuredBy = measureOf(formula, index, options);
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
