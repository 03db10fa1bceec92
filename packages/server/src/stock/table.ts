import type { LotState } from '@amber-ladle/core/ingredient';
import type { MovementKind, Stage, Stay, Touch } from '@amber-ladle/core/shelf';
import { EntitySchema } from 'typeorm';

/**
 * A lot. How it was born never changes; its condition (grams, state, stays, touches) follows from its movements and is
 * kept beside them so that a shelf of thousands can be listed at once.
 */
export interface LotRow {
  id: string;
  ingredientId: string;
  bornState: LotState;
  bornAt: string;
  pieceGrams: number | null;
  pricePerGram: number | null;
  label: string;
  state: LotState;
  since: string;
  grams: number;
  stays: Stay[];
  touches: Touch[];
  /** Until when it may be used as far as is known, for ordering; 9999 for what has no end in sight. */
  endsAt: string;
}

export const LotEntity = new EntitySchema<LotRow>({
  name: 'lot',
  columns: {
    id: { type: 'text', primary: true },
    ingredientId: { type: 'text', name: 'ingredient_id' },
    bornState: { type: 'text', name: 'born_state' },
    bornAt: { type: 'text', name: 'born_at' },
    pieceGrams: { type: 'real', name: 'piece_grams', nullable: true },
    pricePerGram: { type: 'real', name: 'price_per_gram', nullable: true },
    label: { type: 'text' },
    state: { type: 'text' },
    since: { type: 'text' },
    grams: { type: 'real' },
    stays: { type: 'simple-json' },
    touches: { type: 'simple-json' },
    endsAt: { type: 'text', name: 'ends_at' },
  },
});

/** What a change of stock was for: as somebody asked, to follow what was weighed at the end of a day, or to take one back. */
export type Purpose = 'change' | 'settlement' | 'undo';

/** A change of stock as it was asked for: its id keeps a retry from happening twice. */
export interface StockChangeRow {
  id: string;
  at: string;
  note: string;
  bowlId: string | null;
  undoneBy: string | null;
  purpose: Purpose;
}

export const StockChangeEntity = new EntitySchema<StockChangeRow>({
  name: 'stock_change',
  columns: {
    id: { type: 'text', primary: true },
    at: { type: 'text' },
    note: { type: 'text' },
    bowlId: { type: 'text', name: 'bowl_id', nullable: true },
    undoneBy: { type: 'text', name: 'undone_by', nullable: true },
    purpose: { type: 'text' },
  },
});

/** One line of the book of stock. Lines are added, never changed. */
export interface MovementRow {
  id: number;
  changeId: string;
  lotId: string;
  kind: MovementKind;
  grams: number;
  at: string;
  placeId: string | null;
  stage: Stage | null;
  state: LotState | null;
  reason: string | null;
}

export const MovementEntity = new EntitySchema<MovementRow>({
  name: 'movement',
  columns: {
    id: { type: 'integer', primary: true, generated: 'increment' },
    changeId: { type: 'text', name: 'change_id' },
    lotId: { type: 'text', name: 'lot_id' },
    kind: { type: 'text' },
    grams: { type: 'real' },
    at: { type: 'text' },
    placeId: { type: 'text', name: 'place_id', nullable: true },
    stage: { type: 'text', nullable: true },
    state: { type: 'text', nullable: true },
    reason: { type: 'text', nullable: true },
  },
});
