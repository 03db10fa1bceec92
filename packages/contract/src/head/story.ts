import { ALLERGENS } from '@amber-ladle/core/ingredient';
import { HAIR_COLOURS, TREATMENTS } from '@amber-ladle/core/judge';
import { NEEDS } from '@amber-ladle/core/mask';
import { array, boolean, object, string, type Schema } from 'yup';
import { instant } from '../wire';
import { fault } from '../wire/fault';

const MOST_TESTS = 200;
/** Some of a few words, each once. */
const some = <T extends string>(of: Schema<T>, most: number) =>
  array()
    .of(of)
    .required()
    .max(most)
    .test('once', fault('named-twice'), (all) => new Set(all).size === (all ?? []).length);

/** What a head tells beside its measurements. */
export const storySchema = object({
  needs: some(string().oneOf(NEEDS).required(), NEEDS.length),
  isWeighedDown: boolean().required(),
  isProteinSensitive: boolean().required(),
  colour: string().oneOf(HAIR_COLOURS).required(),
  allergies: some(string().oneOf(ALLERGENS).required(), ALLERGENS.length),
  hasLatexAllergy: boolean().required(),
  hasBrokenSkin: boolean().required(),
  patchTests: array()
    .of(
      object({
        ingredientId: string().required(fault('say-what-was-tested')).max(80),
        at: instant.required(fault('say-when')),
        outcome: string()
          .oneOf(['fine', 'reaction'] as const)
          .optional(),
      })
        .noUnknown()
        .required(),
    )
    .required()
    .max(MOST_TESTS),
  treatments: array()
    .of(
      object({ kind: string().oneOf(TREATMENTS).required(), at: instant.required(fault('say-when')) })
        .noUnknown()
        .required(),
    )
    .required()
    .max(MOST_TESTS),
}).noUnknown();
