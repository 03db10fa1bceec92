import { TEXTURES } from '@amber-ladle/core/hair';
import type { TextureClass } from '@amber-ladle/core/hair';
import {
  PLATE_CENTIMETRES,
  CONFOUNDERS,
  GOING_ON,
  LEVELS,
  NEXT_DAY,
  RINSING,
  SHEDDING,
  type Evidence,
  type LastedOnHead,
  type Level,
  type Moment,
  type TextureOffset,
  type WearLog,
} from '@amber-ladle/core/learn';
import { fault } from '../wire/fault';
export { NO_LOG, type LastedOnHead, type WearLog } from '@amber-ladle/core/learn';
import { array, boolean, mixed, number, object, string } from 'yup';
import { byKind, instant, seenVersion } from '../wire';

/** What a bowl was when it was worn; put down once, so that a log of years is read without opening every bowl. */
export interface WornFacts {
  headName: string;
  maskName: string;
  maskId: string;
  texture: TextureClass;
  /** What was reckoned of its flow without any offset, log₁₀ mPa·s. */
  flowLog10: number;
  /** What the model expected of all heads, mL, with nothing learnt. */
  modelMillilitres: number;
  neededMillilitres: number;
  plannedMillilitres: number;
  /** As it was poured. */
  madeMillilitres: number;
  gramsPerMillilitre: number;
  holdUpMillilitres: number;
  dripShare: number;
  heads: number;
  /** Shares of this head's sections, in the order they are coated. */
  sections: number[];
  /** From the first step to the last rinse, where a wash day was walked. */
  minutes?: number | undefined;
}

/** A bowl on a head, as the log tells it. */
export interface LoggedBowl {
  bowlId: string;
  headId: string;
  /** When it was worn, ISO 8601. */
  at: string;
  /** 0 while nobody has written anything. */
  version: number;
  facts: WornFacts;
  log: WearLog;
  /** What was said of what is left when the bowl ended; counts where the log says nothing. */
  leftOver?: { millilitres: number; how: 'measured' | 'judged' } | undefined;
  /** Sections that still felt coated under the water. */
  coatedStill?: string[] | undefined;
}

/** A bowl that asks for a word. */
export interface OpenLog extends LoggedBowl {
  wants: Moment;
}

/** What a head's bowls taught. */
export interface HeadLearning {
  /** Of a bowl that was kept, or of a mask as its maker writes it. */
  evidence: (Evidence & { bowlId?: string; maskId: string; maskName: string })[];
  /** Everything before this is forgotten. */
  forgottenBefore?: string | undefined;
  /** What was said of masks, 1 to 5, by mask. */
  ratings: Record<string, { mean: number; count: number }>;
}

export interface Learning {
  heads: Record<string, HeadLearning>;
  /** How masks come out in this kitchen, by mask. */
  textures: Record<string, TextureOffset>;
}

const level = mixed<Level>()
  .oneOf([...LEVELS])
  .optional();
const saidSchema = object(
  Object.fromEntries([...GOING_ON, ...RINSING, ...NEXT_DAY].map((quality) => [quality, level])),
).noUnknown();

const LASTED = {
  left: object({
    kind: string().required(),
    millilitres: number()
      .typeError(fault('left-number'))
      .required(fault('say-how-much-left'))
      .min(0)
      .max(5000, fault('5-litres-left')),
    how: string()
      .oneOf(['measured', 'judged'] as const)
      .required(),
  }).noUnknown(),
  'ran-out': object({
    kind: string().required(),
    afterSections: number().integer().min(0).max(12).optional(),
  }).noUnknown(),
} as const;

const lastedSchema = byKind<LastedOnHead>(LASTED, fault('say-left-or-ran-out')).optional();

export const wearLogSchema = object({
  said: saidSchema.required(),
  textureWas: string().oneOf(TEXTURES).optional(),
  plateCentimetres: number().min(PLATE_CENTIMETRES.min).max(PLATE_CENTIMETRES.max).optional(),
  lasted: lastedSchema,
  changes: array()
    .of(string().oneOf(CONFOUNDERS).required())
    .required()
    .max(CONFOUNDERS.length)
    .test('once', fault('named-twice'), (all) => new Set(all).size === (all ?? []).length),
  shed: string().oneOf(SHEDDING).optional(),
  shedCount: number().integer().min(0).max(2000).optional(),
  words: string().trim().defined().max(500),
  toChange: string().trim().defined().max(300),
  isNextDayAsked: boolean().required(),
  isSetAside: boolean().required(),
}).noUnknown();

/** A log with the version that was on the screen, 0 for the first word. */
export const writeLogSchema = object({
  version: seenVersion(0),
  log: wearLogSchema,
}).noUnknown();

export const logQuerySchema = object({
  headId: string().max(80).optional(),
  maskId: string().max(80).optional(),
  from: instant.optional(),
  to: instant.optional(),
  offset: number().integer().min(0).max(1_000_000).default(0),
  limit: number().integer().min(1).max(200).default(60),
});

/** What bowls cost, what was thrown away and how long it took in one month. */
export interface MonthOfSpending {
  /** As 2026-03, in the household's time zone. */
  month: string;
  bowls: number;
  money: number;
  /** Grams that nobody said a price for: the money is at least this much. */
  unpricedGrams: number;
  minutes: number;
  /** What was left in bowls when everybody was served. */
  leftMillilitres: number;
  wasteMoney: number;
  wasteGrams: number;
}
