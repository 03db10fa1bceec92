import { LOT_STATES } from '@amber-ladle/core/ingredient';
import { MOVEMENT_KINDS, STAGES } from '@amber-ladle/core/shelf';
import { array, number, object, string } from 'yup';
import { key, maybe, maybeOneOf, moment, rowOf } from '../kernel/row';
import type { Purpose } from './table';

const state = string().oneOf(LOT_STATES).required();
const PURPOSES: readonly Purpose[] = ['change', 'settlement', 'undo'];
const text = string().defined().max(400);

export const lotRow = rowOf(
  object({
    id: key,
    ingredientId: key,
    bornState: state,
    bornAt: moment,
    pieceGrams: maybe(number().moreThan(0).max(20_000)),
    pricePerGram: maybe(number().min(0).max(1000)),
    label: text,
    state,
    since: moment,
    grams: number().required().min(0).max(10_000_000),
    stays: array()
      .of(object({ placeId: key, from: moment }).required())
      .required()
      .max(2000),
    touches: array()
      .of(object({ at: moment, stage: string().oneOf(STAGES).required() }).required())
      .required()
      .max(2000),
    endsAt: moment,
  }),
);

export const stockChangeRow = rowOf(
  object({
    id: key,
    at: moment,
    note: text,
    bowlId: maybe(string().max(80)),
    undoneBy: maybe(string().max(120)),
    purpose: string().oneOf(PURPOSES).required(),
  }),
);

export const movementRow = rowOf(
  object({
    id: number().required().integer().min(1),
    changeId: key,
    lotId: key,
    kind: string().oneOf(MOVEMENT_KINDS).required(),
    grams: number().required().min(-1_000_000).max(1_000_000),
    at: moment,
    placeId: maybe(string().max(80)),
    stage: maybeOneOf(STAGES),
    state: maybeOneOf(LOT_STATES),
    reason: maybe(string().max(200)),
  }),
);
