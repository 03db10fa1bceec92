import { LOT_STATES, type LotState } from '@amber-ladle/core/ingredient';
import type { Message } from '@amber-ladle/core/message';
import {
  MOVEMENT_KINDS,
  PLACE_KINDS,
  STAGES,
  type Lot,
  type LotMovement,
  type MovementKind,
  type Place,
  type Reading,
  type Stage,
} from '@amber-ladle/core/shelf';
import { array, boolean, number, object, string, type InferType } from 'yup';

/** A lot that comes into being with a change of stock. Its id is made on the device. */
export interface NewLot {
  id: string;
  ingredientId: string;
  state: LotState;
  /** ISO 8601. */
  since: string;
  pieceGrams?: number | undefined;
  pricePerGram?: number | undefined;
  label: string;
}

/** One line of a change of stock. */
export interface NewMovement {
  lotId: string;
  kind: MovementKind;
  grams: number;
  placeId?: string | undefined;
  stage?: Stage | undefined;
  state?: LotState | undefined;
  reason?: string | undefined;
  /** When it happened, where that was before now. ISO 8601. */
  at?: string | undefined;
}

/** A change of stock: all of it happens, or nothing. The id is made on the device, so that a retry cannot draw twice. */
export interface StockChange {
  id: string;
  note: string;
  lots: NewLot[];
  movements: NewMovement[];
}

/** A line of the book as it is kept. */
export interface KeptMovement extends LotMovement {
  id: number;
  changeId: string;
  reason?: string | undefined;
  bowlId?: string | undefined;
}

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
  places: readonly Place[];
  readings: readonly Reading[];
}

const MOST_LINES = 200;
const identifier = string().required().max(80);
export const instant = string().test(
  'instant',
  'A moment is written as ISO 8601, such as 2026-03-14T09:30:00Z.',
  (text) => text === undefined || (/^\d{4}-\d\d-\d\dT\d\d:\d\d/.test(text) && !Number.isNaN(Date.parse(text))),
);

export const newLotSchema = object({
  id: string().required().uuid('A lot’s id is a UUID.'),
  ingredientId: string().required('Say what it is.').max(80),
  state: string().oneOf(LOT_STATES, 'It is whole, opened, cut, made or raw.').required(),
  since: instant.required(),
  pieceGrams: number()
    .moreThan(0, 'A piece weighs more than nothing.')
    .max(20_000, 'A piece weighs at most 20 kg.')
    .optional(),
  pricePerGram: number().min(0, 'A price is nothing or more.').max(1000).optional(),
  label: string().trim().defined().max(120, 'A label has at most 120 letters.'),
}).noUnknown();

export const newMovementSchema = object({
  lotId: identifier,
  kind: string().oneOf(MOVEMENT_KINDS).required(),
  grams: number()
    .typeError('An amount is a number of grams.')
    .required()
    .min(-100_000, 'At most 100 kg at once.')
    .max(100_000, 'At most 100 kg at once.'),
  placeId: string().max(80).optional(),
  stage: string().oneOf(STAGES).optional(),
  state: string().oneOf(LOT_STATES).optional(),
  reason: string().trim().max(200).optional(),
  at: instant.optional(),
}).noUnknown();

export const stockChangeSchema = object({
  id: string().required('A change needs an id.').uuid('A change’s id is a UUID.'),
  note: string().trim().defined().max(200),
  lots: array().of(newLotSchema.required()).required().max(MOST_LINES, `At most ${MOST_LINES} lots at once.`),
  movements: array()
    .of(newMovementSchema.required())
    .required()
    .min(1, 'A change moves something.')
    .max(2 * MOST_LINES, `At most ${2 * MOST_LINES} movements at once.`),
}).noUnknown();

/** A place as it is written; its name in the address is its id. */
export const placeSchema = object({
  name: string().trim().required('Give the place a name.').max(40, 'A name has at most 40 letters.'),
  kind: string().oneOf(PLACE_KINDS).required(),
  celsius: number().required().min(-40, 'At least −40 °C.').max(60, 'At most 60 °C.'),
}).noUnknown();
export type PlaceInput = InferType<typeof placeSchema>;
export const placeIdSchema = string()
  .required()
  .matches(/^[a-z][a-z0-9-]{0,40}$/, 'An id is lower-case letters, digits and hyphens.');
export const MOST_PLACES = 20;

/** A bowl on one head. */
export interface Worn {
  /** Sections that have been coated. */
  sectionsDone: string[];
  /** When the cap went on. */
  wornFrom?: string | undefined;
  rinsedAt?: string | undefined;
}

export const FATES = ['nothing', 'kept', 'frozen', 'second-head', 'discarded'] as const;
/** What became of what was left. */
export type Fate = (typeof FATES)[number];

/** What was left in a bowl, mL, and what became of it. */
export interface LeftOver {
  at: string;
  millilitres: number;
  /** Weighed or poured into a jug, or judged by eye. */
  how: 'measured' | 'judged';
  fate: Fate;
}

/** Where a kept bowl has been since it was made, and how it ended. */
export interface BowlLife {
  bowlId: string;
  /** When it was mixed, or kept while it is not mixed yet. */
  madeAt: string;
  /** The day it is meant for, where it is not for now. */
  plannedFor?: string | undefined;
  /** True once its ingredients were taken from the shelf. */
  isDrawn: boolean;
  startShare: number;
  stays: { placeId: string; from: string }[];
  /** What happened on each head, by head. */
  wearing: Record<string, Worn>;
  /** What was left in it when everybody was served. */
  leftOver?: LeftOver | undefined;
  endedAt?: string | undefined;
  /** Worn, put away, thrown away. */
  endedHow?: BowlEnd | undefined;
  /** What was decided against a warning, and when. */
  decisions: { at: string; what: Message }[];
}
export const BOWL_ENDS = ['worn', 'thrown-away', 'used-otherwise'] as const;
export type BowlEnd = (typeof BOWL_ENDS)[number];

/** What happened on a head: one section is done or not after all, whether the cap is on, the rinse. What is not named stays. */
export const wearSchema = object({
  /** The bowl's first head where it is left out. */
  headId: string().max(80).optional(),
  section: object({ id: string().required().max(40), isDone: boolean().required() })
    .noUnknown()
    .default(undefined)
    .optional(),
  isCapOn: boolean().optional(),
  isRinsed: boolean().optional(),
  /** Needed to put on a bowl that is past its time. */
  decision: string().trim().min(3, 'Say in a few words why.').max(300).optional(),
}).noUnknown();

export const bowlMadeSchema = object({ placeId: identifier }).noUnknown();
export const bowlEndSchema = object({
  how: string().oneOf(BOWL_ENDS).required(),
  /** Needed to wear a bowl that is past its time. */
  decision: string().trim().min(3, 'Say in a few words why.').max(300).optional(),
}).noUnknown();

export const leftOverSchema = object({
  millilitres: number().required('Say how much is left.').min(0, 'What is left is nothing or more.').max(5000),
  how: string()
    .oneOf(['measured', 'judged'] as const)
    .required(),
  fate: string().oneOf(FATES).required('Say what becomes of it.'),
  /** Where it is put, for what is kept or frozen. */
  placeId: string().max(80).optional(),
  /** Whose it is now, for a second head. */
  headId: string().max(80).optional(),
}).noUnknown();

/** How much of a dry good or an oil the house wants to have, usable grams; nothing takes it off the list. */
export const restockSchema = object({
  grams: number().required().min(0, 'A level is nothing or more.').max(100_000, 'At most 100 kg.'),
}).noUnknown();
export const MOST_LEVELS = 100;

/** What reading a table came to. */
export interface FileAnswer {
  kind: 'lots' | 'movements' | 'bowls';
  rows: number;
  faults: readonly { line: number; column: string; words: string }[];
  /** True once it is on the shelf. */
  isDone: boolean;
}

/** A log of ten years is longer than a shelf. */
export const importLogSchema = object({
  text: string().required('Choose a file.').max(4_000_000, 'That file is larger than a log can be.'),
  isForReal: boolean().required(),
}).noUnknown();

export const importSchema = object({
  text: string().required('Choose a file.').max(200_000, 'That file is larger than a shelf can be.'),
  /** False looks it over and changes nothing. */
  isForReal: boolean().required(),
}).noUnknown();
