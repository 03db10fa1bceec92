import { array, object, string } from 'yup';
import { profileSchema } from '../head';
import { stockChangeSchema } from '../stock';
import { instant, type Of } from '../wire';
import { choicesSchema } from './choices';
import { fault } from '../wire/fault';

const MOST_OTHERS = 5;

const identifier = (unnamed: ReturnType<typeof fault>) => string().required(unnamed).max(80);

export const keepBowlSchema = object({
  id: string().required().uuid(),
  headId: identifier(fault('say-which-head')),
  maskId: identifier(fault('say-which-mask')),
  /** The measurements as they stood on the bench. */
  profile: profileSchema.required(),
  choices: choicesSchema.required(),
  /** Other heads served from the same bowl. */
  otherHeadIds: array().of(string().required().max(80)).required().max(MOST_OTHERS),
  /** What is taken from the shelf for it; it happens with the keeping, or neither does. */
  draw: stockChangeSchema.default(undefined).optional(),
  /** The day it is meant for, where it is not for now; then nothing is taken yet. */
  plannedFor: instant.optional(),
  /** What was decided against a stop, by its rule. */
  decisions: array()
    .of(
      object({
        ruleId: string().required().max(40),
        words: string().trim().required(fault('say-why')).min(3, fault('say-why')).max(300),
      })
        .noUnknown()
        .required(),
    )
    .max(20)
    .optional(),
}).noUnknown();

/** What is asked for when a bowl is kept. The id is made on the device, so that a retry cannot keep it twice. */
export type KeepBowl = Of<typeof keepBowlSchema>;

/** A bowl each for several heads: the first and those beside it. */
export const keepBowlsSchema = object({
  bowls: array()
    .of(keepBowlSchema.required())
    .required()
    .min(1, fault('no-bowl'))
    .max(MOST_OTHERS + 1)
    .test('once', fault('bowl-twice'), (all) => new Set(all?.map(({ id }) => id)).size === all?.length),
}).noUnknown();
