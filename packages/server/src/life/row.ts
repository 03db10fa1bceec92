import {
  addedStepSchema,
  BOWL_ENDS,
  byKind,
  dictionary,
  fault,
  field,
  FATES,
  minutes,
  RINSE_REASONS,
  stepEditSchema,
} from '@amber-ladle/contract';
import { LEFT_HOW, type BowlFact } from '@amber-ladle/core/washday';
import { array, boolean, number, object, string } from 'yup';
import { anObject, key, maybe, maybeKey, maybeMoment, maybeOneOf, moment, rowOf } from '../kernel/row';

const stay = object({ placeId: key, from: moment });
const share = number().required().min(0).max(1);
const worn = object({
  sectionsDone: array().of(string().required().max(40)).required().max(40),
  wornFrom: moment.optional(),
  rinsedAt: moment.optional(),
  leftShare: share.optional(),
  coatedStill: array().of(string().required().max(40)).max(40).optional(),
  rinsedWhy: string().oneOf(RINSE_REASONS).optional(),
}).noUnknown();
const millilitres = number().required().min(0).max(5000);
const how = string().oneOf(LEFT_HOW).required();
const fate = string().oneOf(FATES).required();
const startShare = number().required().min(0).max(1000);
const end = string().oneOf(BOWL_ENDS);

/** What a life is but for its bowl. */
const life = {
  madeAt: moment,
  isDrawn: boolean().required(),
  startShare,
  stays: array().of(stay.required()).required().max(500),
  wearing: dictionary(worn.required(), 20, true),
  decisions: array()
    .of(object({ at: moment, what: anObject }).required())
    .required()
    .max(200),
};
const leftOver = object({ at: moment, millilitres, how, fate }).noUnknown();

export const bowlLifeRow = rowOf(
  object({
    bowlId: key,
    ...life,
    plannedFor: maybeMoment,
    wearAimMinutes: maybe(minutes(field('aim'))),
    leftOver: maybe(leftOver),
    endedAt: maybeMoment,
    endedHow: maybeOneOf(BOWL_ENDS),
  }),
);

const kind = string().required();
const only = <T extends object>(fields: T) => object({ kind, ...fields }).noUnknown();
const stepId = key;
const headId = key;
const placeId = key;
const FACTS = {
  begin: only({ stepId }),
  'hands-off': only({ stepId }),
  done: only({ stepId }),
  more: only({ stepId, minutes: number().integer().min(1).max(60).optional() }),
  weigh: only({
    stepId,
    ingredientId: string().max(80).optional(),
    grams: number().moreThan(0).max(10_000).optional(),
    isJudged: boolean().optional(),
  }),
  edit: only({ stepId, edit: stepEditSchema.required() }),
  add: only({ stepId, added: addedStepSchema.required() }),
  kept: only({ plannedFor: moment.optional() }),
  drawn: only({ startShare }),
  'put-back': only({}),
  cooked: only({}),
  mixed: only({ placeId }),
  moved: only({ placeId }),
  coated: only({ headId, section: string().required().max(40), isDone: boolean().required() }),
  capped: only({ headId }),
  'length-chosen': only({ aimMinutes: minutes(field('aim')) }),
  'seen-left': only({ headId, share }),
  felt: only({ headId, section: string().required().max(40), isCoated: boolean().required() }),
  rinsed: only({ headId, why: string().oneOf(RINSE_REASONS).optional() }),
  left: only({ millilitres, how, fate, placeId: placeId.optional(), headId: headId.optional() }),
  ended: only({ how: end.required() }),
  decided: only({ what: anObject }),
  'taken-over': only({
    life: object({
      ...life,
      plannedFor: moment.optional(),
      wearAimMinutes: minutes(field('aim')).optional(),
      leftOver: leftOver.optional().default(undefined),
      endedAt: moment.optional(),
      endedHow: end.optional(),
    }).noUnknown(),
  }),
  undo: only({ undoes: key, stepId: string().max(120).optional() }),
} as const satisfies Record<BowlFact['kind'], unknown>;

export const bowlEventRow = rowOf(
  object({
    sort: number().required().integer().min(1),
    id: string().required().max(300),
    bowlId: key,
    pressId: key,
    at: moment,
    toldAt: moment,
    dayId: maybeKey,
    placeId: maybeKey,
    fact: byKind<BowlFact>(FACTS, fault('nothing-of-a-bowl')).required(),
  }),
);
