import type { LotState } from '../ingredient';
import type { Lot } from './lot';
import type { MovementKind } from './stock';

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
