import { LOT_STATES } from '@amber-ladle/core/ingredient';
import {
  MOVEMENT_KINDS,
  STAGES,
  type BuyLine,
  type Lot,
  type LotMovement,
  type Paces,
  type Reading,
} from '@amber-ladle/core/shelf';
import { array, number, object, string } from 'yup';
import type { KeptPlace } from './place';
import { identifier, instant, type Of } from '../wire';
import { fault } from '../wire/fault';

/** A line of the book as it is kept. */
export interface KeptMovement extends LotMovement {
  id: number;
  changeId: string;
  reason?: string | undefined;
  bowlId?: string | undefined;
}

/** A line of the book with what it was of. */
export type BookLine = KeptMovement & { ingredientId: string };

/** A thing to buy, with what would do instead in every bowl that it is for: ids of ingredients, the nearest first. */
export type KeptBuyLine = BuyLine & { readonly instead: readonly string[] };

/** What a change came to: the lots it touched, as they are now. */
export interface StockAnswer {
  lots: Lot[];
  /** False where the same change was there already. */
  isNew: boolean;
}

/** What the shelf needs to be drawn: lots with something in them, where they can stand, and what thermometers said. */
export interface Shelf {
  lots: Lot[];
  total: number;
  places: readonly KeptPlace[];
  readings: readonly Reading[];
  /** How things ripen in this kitchen, as far as it was learnt. */
  paces: Paces;
}

const MOST_LINES = 200;

export const newLotSchema = object({
  id: string().required().uuid(),
  ingredientId: string().required(fault('say-what-it-is')).max(80),
  state: string().oneOf(LOT_STATES).required(),
  since: instant.required(),
  pieceGrams: number().moreThan(0, fault('piece-weighs')).max(20_000, fault('piece-20-kg')).optional(),
  pricePerGram: number().min(0).max(1000).optional(),
  label: string().trim().defined().max(120),
}).noUnknown();

/** A lot that comes into being with a change of stock. Its id is made on the device. */
export type NewLot = Of<typeof newLotSchema>;

export const newMovementSchema = object({
  lotId: identifier,
  kind: string().oneOf(MOVEMENT_KINDS).required(),
  grams: number()
    .typeError(fault('grams-number'))
    .required()
    .min(-100_000, fault('100-kg-at-once'))
    .max(100_000, fault('100-kg-at-once')),
  placeId: string().max(80).optional(),
  stage: string().oneOf(STAGES).optional(),
  state: string().oneOf(LOT_STATES).optional(),
  reason: string().trim().max(200).optional(),
  /** When it happened, where that was before now. */
  at: instant.optional(),
}).noUnknown();
/** One line of a change of stock. */
export type NewMovement = Of<typeof newMovementSchema>;

export const stockChangeSchema = object({
  id: string().required().uuid(),
  note: string().trim().defined().max(200),
  lots: array().of(newLotSchema.required()).required().max(MOST_LINES),
  movements: array()
    .of(newMovementSchema.required())
    .required()
    .min(1, fault('empty-change'))
    .max(2 * MOST_LINES),
}).noUnknown();
/** The same by a table, where a lot may be called as whoever wrote it likes, and there are more of them. */
export const tableChangeSchema = object({
  ...stockChangeSchema.fields,
  lots: array()
    .of(
      object({ ...newLotSchema.fields, id: identifier })
        .noUnknown()
        .required(),
    )
    .required()
    .max(2000),
  movements: array().of(newMovementSchema.required()).required().min(1).max(40_000),
}).noUnknown();
/** A change of stock: all of it happens, or nothing. The id is made on the device, so that a retry cannot draw twice. */
export type StockChange = Of<typeof stockChangeSchema>;

/** How much of a dry good or an oil the house wants to have, usable grams; nothing takes it off the list. */
export const restockSchema = object({
  grams: number().required().min(0).max(100_000, fault('100-kg')),
  /** The level that was on the screen, 0 for none. */
  seenGrams: number().required(fault('say-how-it-was')).min(0).max(100_000),
}).noUnknown();
export const MOST_LEVELS = 100;
