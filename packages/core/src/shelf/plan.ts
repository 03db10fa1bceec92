import { ingredientById, makingFor, preparationOf, type Catalogue } from '../ingredient';
import type { Climate } from './climate';
import { drawFrom, type Offer } from './draw';
import type { LotState } from './keeping';
import { lotPast, placeOf, type Lot } from './lot';
import type { MovementKind } from './stock';
import { windowOf } from './window';

/** Of a whole egg, by mass: yolk and white (USDA: large yolk 17 g, white 33 g, from memory). */
const EGG_PARTS: Readonly<Record<string, { readonly share: number; readonly other: string }>> = {
  'egg-yolk': { share: 17 / 50, other: 'egg-white' },
  'egg-white': { share: 33 / 50, other: 'egg-yolk' },
};
const WHOLE_EGG = 'egg-whole';

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
}

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
    hoursLeft: window.isPast ? 0 : Math.min(24_000, (window.endsAt - now) / 3_600_000),
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

  return lines.map(({ ingredientId, grams }): PlannedLine => {
    const drawn = drawFrom(
      offers(ingredientId, (state) => state !== 'raw'),
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

    const part = EGG_PARTS[ingredientId];
    if (part && short > 0) {
      const eggs = separated(
        offers(WHOLE_EGG, (state) => state === 'whole'),
        short / part.share,
      );
      for (const egg of eggs.takes) {
        note({ ...egg, leavesGrams: 0 });
        takes.push({
          ...egg,
          leaves: [{ ingredientId: part.other, grams: egg.grams * (1 - part.share) }],
          isUnripe: false,
        });
      }
      short = eggs.shortGrams * part.share;
    }

    const preparation = preparationOf(ingredientId);
    if (preparation && short > 0) {
      const rawWanted = makingFor(preparation, short).rawGrams;
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
    return { ingredientId, wantedGrams: grams, takes, shortGrams: short < 0.5 ? 0 : short };
  });
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

/** A line of the book to be written, and the lots that come into being with it. */
export interface StockDraft {
  readonly lots: readonly (Pick<Lot, 'id' | 'ingredientId' | 'state' | 'since' | 'pricePerGram' | 'label'> & {
    readonly pieceGrams?: number | undefined;
  })[];
  readonly movements: readonly {
    readonly lotId: string;
    readonly kind: MovementKind;
    readonly grams: number;
    readonly placeId?: string | undefined;
    readonly state?: LotState | undefined;
  }[];
}

/** What is opened when it is first drawn from: a tub, a bottle, a jar. */
const OPENS = new Set(['dairy', 'plant-milk', 'honey', 'oil', 'butter', 'acid', 'humectant', 'scent', 'base']);

/**
 * The movements of a planned draw: what is taken, what is cut off, what stays as a lot of its own, and what is opened.
 * @param newId gives an id that nothing has yet
 * @param at ISO 8601
 */
export function stockDraftOf(
  lines: readonly PlannedLine[],
  lots: readonly Lot[],
  catalogue: Catalogue,
  at: string,
  newId: () => string,
): StockDraft {
  const born: StockDraft['lots'][number][] = [];
  const movements: StockDraft['movements'][number][] = [];
  for (const { takes } of lines)
    for (const { lotId, grams, leaves } of takes) {
      const lot = lots.find(({ id }) => id === lotId);
      if (!lot) continue;
      movements.push({ lotId, kind: 'draw', grams: -grams });
      const { family } = ingredientById(catalogue, lot.ingredientId);
      if (lot.state === 'whole' && OPENS.has(family))
        movements.push({ lotId, kind: 'open', grams: 0, state: 'opened' });
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
        movements.push({ lotId: id, kind: 'cut-in', grams: left.grams, placeId: placeOf(lot) });
      }
    }
  return { lots: born, movements };
}
