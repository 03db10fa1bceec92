import type { Stage } from './ripeness';

/** A lot as it can be drawn from. */
export interface Offer {
  readonly lotId: string;
  /** Usable grams there are. */
  readonly grams: number;
  /** Usable grams of one piece, for whole pieces; absent for what is loose, opened or cut. */
  readonly pieceGrams?: number;
  /** A remnant is cut already: what is not taken of it stays cut. */
  readonly isRemnant: boolean;
  /** Hours until it may no longer be used; 0 or less is past. */
  readonly hoursLeft: number;
  readonly stage?: Stage;
}

export interface Take {
  readonly lotId: string;
  readonly grams: number;
  /** Grams of a piece that is cut open for this and not used up. */
  readonly leavesGrams: number;
  readonly isUnripe: boolean;
}

export interface Drawn {
  readonly takes: readonly Take[];
  /** Grams that must be bought. */
  readonly shortGrams: number;
  /** Grams that stay cut open after it. */
  readonly cutGrams: number;
  /** What was least, for whoever wants to compare. */
  readonly cost: number;
}

/** Per amount wanted that stays cut open afterwards. Weights are assumptions of this project. */
const CUT_WEIGHT = 4;
/** Per day that what is taken would still have had, up to three weeks: what turns first goes first. */
const LATE_WEIGHT = 0.15;
const MOST_DAYS = 21;
/** For what is not ripe: only where nothing else will do. */
const UNRIPE_WEIGHT = 50;

const isUnripe = ({ stage }: Offer): boolean => stage === 'unripe' || stage === 'nearly';
const isPast = ({ hoursLeft, stage }: Offer): boolean => hoursLeft <= 0 || stage === 'past';

/** What a gram of an offer costs, per gram wanted. */
function gramCost(offer: Offer): number {
  const days = Math.min(MOST_DAYS, offer.hoursLeft / 24);
  return LATE_WEIGHT * days + (isUnripe(offer) ? UNRIPE_WEIGHT : 0);
}

/**
 * The lots whose pieces can be part of a best answer. Among pieces of one weight a cheaper one always does as well, so of
 * each weight only the cheapest count, as many as the need takes and one to cut: a shop's worth of eggs is as quick as a box.
 */
function worthCounting(offers: readonly Offer[], need: number): readonly Offer[] {
  const taken = new Map<number, number>();
  return [...offers]
    .sort((a, b) => gramCost(a) - gramCost(b))
    .filter(({ pieceGrams = 0, grams }) => {
      const before = taken.get(pieceGrams) ?? 0;
      taken.set(pieceGrams, before + grams);
      return before < need + pieceGrams;
    });
}

/** Something that gives any amount up to a limit, at a price per gram. */
interface Loose {
  readonly offer: Offer;
  readonly grams: number;
  readonly price: number;
  readonly isCut: boolean;
}

/**
 * Which lots to take an amount from: remnants first, then what turns first, with piece weights combined so that least
 * is left cut. Least is
 *
 *   Σ (gramsᵢ ∕ wanted)·(0.15·daysᵢ + 50·unripeᵢ) + 4·(grams that stay cut ∕ wanted)
 *
 * Whole pieces are counted through, one piece may be cut, and the rest comes from what is loose, cheapest first:
 * for given whole pieces that is a continuous knapsack, so the answer is the true minimum.
 *
 * @param wanted usable grams, 0 or more
 * @param offers lots of the one ingredient; those that are past are left out
 */
export function drawFrom(offers: readonly Offer[], wanted: number): Drawn {
  if (!(wanted >= 0)) throw new RangeError('An amount is nothing or more.');
  const usable = offers.filter((offer) => !isPast(offer) && offer.grams > 0);
  const there = usable.reduce((sum, { grams }) => sum + grams, 0);
  const need = Math.min(wanted, there);
  if (need === 0) return { takes: [], shortGrams: wanted, cutGrams: 0, cost: 0 };
  const inPieces = worthCounting(
    usable.filter(({ pieceGrams }) => pieceGrams !== undefined),
    need,
  );
  const loose = usable.filter(({ pieceGrams }) => pieceGrams === undefined);
  const remnants = loose.filter((offer) => offer.isRemnant).reduce((sum, { grams }) => sum + grams, 0);

  let best: Drawn | undefined;
  const counts = inPieces.map(() => 0);

  /** With so many whole pieces taken, what the rest comes to; `cutFrom` names the lot one piece of which is cut. */
  const settle = (whole: number, wholeCost: number, cutFrom: number | undefined): void => {
    const left = need - whole;
    const cut = cutFrom === undefined ? undefined : inPieces[cutFrom];
    // What a remnant gives no longer stays cut, so taking it is worth that much; the same holds for the piece cut now.
    const cutPrice = CUT_WEIGHT / need;
    const sources: Loose[] = loose.map((offer) => ({
      offer,
      grams: offer.grams,
      price: gramCost(offer) / need - (offer.isRemnant ? cutPrice : 0),
      isCut: false,
    }));
    if (cut?.pieceGrams !== undefined)
      sources.push({ offer: cut, grams: cut.pieceGrams, price: gramCost(cut) / need - cutPrice, isCut: true });
    sources.sort((a, b) => a.price - b.price);
    let cost = wholeCost + cutPrice * (remnants + (cut?.pieceGrams ?? 0));
    let missing = left;
    let fromRemnants = 0;
    const takes = new Map<string, Take>();
    inPieces.forEach((offer, i) => {
      const grams = (counts[i] ?? 0) * (offer.pieceGrams ?? 0);
      if (grams > 0) takes.set(offer.lotId, { lotId: offer.lotId, grams, leavesGrams: 0, isUnripe: isUnripe(offer) });
    });
    let leaves = 0;
    for (const { offer, grams: most, price, isCut } of sources) {
      const grams = Math.min(missing, most);
      if (isCut) leaves = most - grams;
      if (grams <= 0) continue;
      missing -= grams;
      cost += price * grams;
      if (offer.isRemnant) fromRemnants += grams;
      const before = takes.get(offer.lotId)?.grams ?? 0;
      takes.set(offer.lotId, {
        lotId: offer.lotId,
        grams: before + grams,
        leavesGrams: isCut ? most - grams : 0,
        isUnripe: isUnripe(offer),
      });
    }
    // A piece is only cut to be used, and the amount has to be there.
    if (missing > 1e-9 || (cut && leaves >= (cut.pieceGrams ?? 0) - 1e-9)) return;
    if (best && cost >= best.cost - 1e-12) return;
    best = {
      takes: [...takes.values()],
      shortGrams: wanted - need,
      cutGrams: remnants - fromRemnants + leaves,
      cost,
    };
  };

  const count = (index: number, whole: number, cost: number): void => {
    const offer = inPieces[index];
    if (!offer) {
      settle(whole, cost, undefined);
      inPieces.forEach((one, i) => {
        const left = one.grams - (counts[i] ?? 0) * (one.pieceGrams ?? 0);
        if (left >= (one.pieceGrams ?? Infinity) - 1e-9) settle(whole, cost, i);
      });
      return;
    }
    const piece = offer.pieceGrams ?? 0;
    const most = Math.min(Math.round(offer.grams / piece), Math.floor((need - whole) / piece + 1e-9));
    for (let n = 0; n <= most; n++) {
      counts[index] = n;
      count(index + 1, whole + n * piece, cost + (n * piece * gramCost(offer)) / need);
    }
    counts[index] = 0;
  };
  count(0, 0, 0);
  return best ?? { takes: [], shortGrams: wanted, cutGrams: remnants, cost: 0 };
}
