import {
  gramsPerMillilitre,
  ingredientById,
  rawRecipeOf,
  type Catalogue,
  type Ingredient,
  type LotState,
} from '../ingredient';
import { makingFor, type MakingOptions } from '../recipe';
import { hoursBetween } from '../time';
import type { Climate } from './climate';
import { drawFrom, type Offer } from './draw';
import { opening, remnantPlace } from './cut';
import type { StockDraft } from './stockDraft';
import { lotPast, type Lot } from './lot';
import type { Place } from './place';
import { windowOf } from './window';

/** What is taken from one lot for one ingredient of a bowl. */
export interface PlannedTake {
  readonly lotId: string;
  /** Grams of the lot (of the raw thing: as it is weighed). */
  readonly grams: number;
  /** What stays over and becomes a lot of its own: the rest of a cut piece, the white of a separated egg. */
  readonly leaves: readonly { readonly ingredientId: string; readonly grams: number }[];
  readonly isUnripe: boolean;
}

/** Where one ingredient of a bowl comes from. */
export interface PlannedLine {
  readonly ingredientId: string;
  readonly wantedGrams: number;
  readonly takes: readonly PlannedTake[];
  /** Grams of the finished ingredient that are not on the shelf. */
  readonly shortGrams: number;
  /** Grams that the bowl goes without, since nothing new is opened for less than a spoonful; 0 mostly. */
  readonly sparedGrams: number;
}

/** Less than a tablespoon of a bowl's amount, and less than so much of it, opens nothing new. Assumption of this project. */
const SPOONFUL_MILLILITRES = 15;
const MOST_SPARED_SHARE = 0.15;

/** A lot as it can be drawn from at a moment; undefined for one of something unknown. */
export function offerOf(lot: Lot, catalogue: Catalogue, climate: Climate, now: number): Offer | undefined {
  const row = catalogue.get(lot.ingredientId);
  if (!row) return undefined;
  const window = windowOf(row, lotPast(lot), climate, now);
  return {
    lotId: lot.id,
    grams: lot.grams,
    ...(lot.pieceGrams && lot.state === 'whole' ? { pieceGrams: lot.pieceGrams } : {}),
    isRemnant: lot.state === 'cut',
    hoursLeft: window.isPast ? 0 : Math.min(24_000, hoursBetween(now, window.endsAt)),
    ...(window.ripeness ? { stage: window.ripeness.stage } : {}),
  };
}

/**
 * Which lots a bowl would be made from at a moment: what is ready made or cut first, then whole, then the raw thing
 * that has to be cooked. Eggs are separated where a part of them is wanted, and the other part stays as stock.
 * What is measured in drops and pinches is not counted; nobody keeps book of pepper.
 */
export function planDraw(
  lines: readonly { readonly ingredientId: string; readonly grams: number }[],
  lots: readonly Lot[],
  catalogue: Catalogue,
  climate: Climate,
  now: number,
  makings: Readonly<Record<string, MakingOptions>> = {},
): readonly PlannedLine[] {
  /** Grams already spoken for by earlier lines, by lot. */
  const spoken = new Map<string, number>();
  const offers = (ingredientId: string, states: (state: LotState) => boolean): Offer[] =>
    lots
      .filter((lot) => lot.ingredientId === ingredientId && states(lot.state))
      .flatMap((lot) => {
        const offer = offerOf({ ...lot, grams: lot.grams - (spoken.get(lot.id) ?? 0) }, catalogue, climate, now);
        return offer && offer.grams > 0 ? [offer] : [];
      });
  const note = (take: { readonly lotId: string; readonly grams: number; readonly leavesGrams: number }): void =>
    void spoken.set(take.lotId, (spoken.get(take.lotId) ?? 0) + take.grams + take.leavesGrams);

  return lines.map(({ ingredientId, grams: wantedGrams }): PlannedLine => {
    const sparedGrams = spared(
      ingredientById(catalogue, ingredientId),
      offers(ingredientId, (state) => OPEN.has(state)),
      wantedGrams,
    );
    const grams = wantedGrams - sparedGrams;
    const drawn = drawFrom(
      offers(ingredientId, (state) => (sparedGrams > 0 ? OPEN.has(state) : state !== 'raw')),
      grams,
    );
    drawn.takes.forEach(note);
    const takes: PlannedTake[] = drawn.takes.map((take) => ({
      lotId: take.lotId,
      grams: take.grams,
      leaves: take.leavesGrams > 0 ? [{ ingredientId, grams: take.leavesGrams }] : [],
      isUnripe: take.isUnripe,
    }));
    let short = drawn.shortGrams;

    const row = ingredientById(catalogue, ingredientId);
    const part = row.traits.partOf;
    if (part && short > 0) {
      const eggs = separated(
        offers(part.wholeId, (state) => state === 'whole'),
        short / part.share,
      );
      for (const egg of eggs.takes) {
        note({ ...egg, leavesGrams: 0 });
        takes.push({
          ...egg,
          leaves: [{ ingredientId: part.leavesId, grams: egg.grams * (1 - part.share) }],
          isUnripe: false,
        });
      }
      short = eggs.shortGrams * part.share;
    }

    const recipe = rawRecipeOf(row);
    if (recipe && short > 0) {
      const rawWanted = makingFor(recipe, short, makings[ingredientId]).rawGrams;
      const raw = drawFrom(
        offers(ingredientId, (state) => state === 'raw'),
        rawWanted,
      );
      raw.takes.forEach(note);
      takes.push(
        ...raw.takes.map(({ lotId, grams: rawGrams }) => ({ lotId, grams: rawGrams, leaves: [], isUnripe: false })),
      );
      short *= raw.shortGrams / rawWanted;
    }
    return { ingredientId, wantedGrams, takes, shortGrams: short < 0.5 ? 0 : short, sparedGrams };
  });
}

/** What is open already, and may be used to its end without opening more. */
const OPEN: ReadonlySet<LotState> = new Set(['cut', 'opened', 'made']);

/** What a bowl goes without rather than opening something new for it; grams. */
function spared(row: Ingredient, open: readonly Offer[], wanted: number): number {
  const there = open.reduce((sum, { grams, hoursLeft }) => sum + (hoursLeft > 0 ? grams : 0), 0);
  const missing = wanted - there;
  if (there === 0 || missing <= 0.5) return 0;
  const isCrumb = missing < SPOONFUL_MILLILITRES * gramsPerMillilitre(row) && missing < MOST_SPARED_SHARE * wanted;
  return isCrumb ? missing : 0;
}

/** Whole eggs that hold at least so many grams, what turns first first. Half an egg is not broken. */
function separated(
  offers: readonly Offer[],
  wanted: number,
): { takes: readonly { lotId: string; grams: number }[]; shortGrams: number } {
  const takes: { lotId: string; grams: number }[] = [];
  let left = wanted;
  for (const { lotId, grams, pieceGrams, hoursLeft } of [...offers].sort((a, b) => a.hoursLeft - b.hoursLeft)) {
    if (left <= 1e-6 || hoursLeft <= 0) continue;
    const piece = pieceGrams ?? grams;
    const count = Math.min(Math.round(grams / piece), Math.ceil(left / piece - 0.02));
    if (count <= 0) continue;
    takes.push({ lotId, grams: count * piece });
    left -= count * piece;
  }
  return { takes, shortGrams: Math.max(0, left) };
}

/**
 * The movements of a planned draw: what is taken, what is cut off, what stays as a lot of its own, and what is opened.
 * What is left of a cut piece goes to the cold unless told otherwise.
 * @param newId gives an id that nothing has yet
 * @param at ISO 8601
 */
export function stockDraftOf(
  lines: readonly PlannedLine[],
  lots: readonly Lot[],
  catalogue: Catalogue,
  at: string,
  newId: () => string,
  places: readonly Place[] = [],
): StockDraft {
  const born: StockDraft['lots'][number][] = [];
  const movements: StockDraft['movements'][number][] = [];
  for (const { takes } of lines)
    for (const { lotId, grams, leaves } of takes) {
      const lot = lots.find(({ id }) => id === lotId);
      if (!lot) continue;
      movements.push({ lotId, kind: 'draw', grams: -grams });
      const row = ingredientById(catalogue, lot.ingredientId);
      if (lot.state === 'whole' && row.traits.isPacked) movements.push(opening(lot, row, places));
      for (const left of leaves) {
        if (left.ingredientId === lot.ingredientId) movements.push({ lotId, kind: 'cut-off', grams: -left.grams });
        const id = newId();
        born.push({
          id,
          ingredientId: left.ingredientId,
          state: 'cut',
          since: at,
          pricePerGram: lot.pricePerGram,
          label: '',
        });
        movements.push({
          lotId: id,
          kind: 'cut-in',
          grams: left.grams,
          placeId: remnantPlace(ingredientById(catalogue, left.ingredientId), 'cut', lot, places),
        });
      }
    }
  return { lots: born, movements };
}
