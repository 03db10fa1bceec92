import { MEASURED_BY, ROLES } from '@amber-ladle/core/ingredient';
import { HAIR_STATES, NEEDS, OWN_STEP_PLACES, SLOTS, type Mask } from '@amber-ladle/core/mask';
import { array, boolean, number, object, string } from 'yup';
import { dictionary, minutes, seenVersion } from '../wire';
import { ownStepFields, stepEditSchema } from './steps';

/** What a maker writes of a mask; id and version are the server's. */
export type MaskInput = Omit<Mask, 'id' | 'version'>;

/** A mask as it was at one version. */
export interface MaskVersion {
  mask: Mask;
  createdAt: string;
}

const MOST_PARTS = 40;
const MOST_STEPS = 40;
const ingredientId = string().required('Say which ingredient.').max(80);
const partSchema = object({
  ingredientId,
  share: number()
    .required()
    .moreThan(0, 'Every ingredient needs an amount above nothing.')
    .max(1, 'A share is at most the whole.'),
  role: string().oneOf(ROLES).required(),
  tolerance: number()
    .required()
    .moreThan(0, 'How far a share may drift is more than nothing; 1 % is strict.')
    .max(2, 'A share may drift by 200 % at the most.'),
  measuredBy: string().oneOf(MEASURED_BY).required(),
  writtenAmount: string().max(120).optional(),
  instead: array().of(ingredientId).max(6, 'At most six things stand in for one.').optional(),
}).noUnknown();

const ratioSchema = object({
  ingredientId,
  toIngredientId: ingredientId,
  ratio: number().required().moreThan(0).max(1000),
  tolerance: number().required().moreThan(0).max(1),
}).noUnknown();

const wearSchema = object({
  minimumMinutes: minutes('The least time'),
  aimMinutes: minutes('The aim').test('aim', 'The aim is no less than the least time.', function (aim) {
    const { minimumMinutes } = this.parent as { minimumMinutes?: number };
    return aim >= (minimumMinutes ?? 0);
  }),
  limitMinutes: minutes('The limit').test('limit', 'The limit is no less than the aim.', function (limit) {
    const { aimMinutes } = this.parent as { aimMinutes?: number };
    return limit >= (aimMinutes ?? 0);
  }),
}).noUnknown();

const maskFields = {
  name: string().trim().required('Give the mask a name.').max(80, 'A name has at most 80 letters.'),
  summary: string().trim().defined().max(200, 'One line of at most 200 letters.'),
  needs: array().of(string().oneOf(NEEDS).required()).required().max(NEEDS.length),
  slot: string().oneOf(SLOTS).required(),
  coverage: string()
    .oneOf(['scalp', 'lengths', 'roots-to-tips'] as const)
    .required(),
  texture: string()
    .oneOf(['oil', 'runny', 'pourable', 'creamy', 'thick', 'stiff'] as const)
    .required(),
  endsExtraShare: number().required().min(0, 'Extra on the ends is 0 or more.').max(1, 'At most as much again.'),
  parts: array()
    .of(partSchema)
    .required()
    .min(1, 'A mask needs at least one ingredient.')
    .max(MOST_PARTS, `A mask has at most ${MOST_PARTS} ingredients.`)
    .test('once', 'Each ingredient stands in the formula once.', (parts) => {
      const ids = (parts ?? []).map((part) => part.ingredientId);
      return new Set(ids).size === ids.length;
    }),
  heldRatios: array().of(ratioSchema).required().max(10),
  mixing: string()
    .oneOf(['blender', 'fork', 'pot'] as const)
    .required(),
  strained: boolean().required(),
  whisked: boolean().optional(),
  applicator: string()
    .oneOf(['brush', 'hand', 'bottle'] as const)
    .required(),
  heat: string()
    .oneOf(['never', 'cap', 'dryer-may-help'] as const)
    .required(),
  wear: wearSchema.required(),
  otherWears: array().of(wearSchema.required()).max(4, 'At most four more lengths of wear.').optional(),
  rinse: object({
    temperature: string()
      .oneOf(['cool-to-lukewarm', 'lukewarm', 'lukewarm-then-cool', 'warm'] as const)
      .required(),
    shampoos: number<0 | 1 | 2>()
      .oneOf([0, 1, 2] as const, 'No shampoo, one or two.')
      .required(),
    conditioner: boolean().required(),
    acidRinse: boolean().required(),
  })
    .noUnknown()
    .required(),
  keeping: string()
    .oneOf(['same-day', 'fridge-till-tomorrow', 'freezes'] as const)
    .required(),
  handsOnMinutes: minutes('Hands-on time'),
  steps: array()
    .of(string().trim().required('A step says something.').max(400, 'A step has at most 400 letters.'))
    .required()
    .max(MOST_STEPS, `At most ${MOST_STEPS} steps.`),
  hairState: string().oneOf(HAIR_STATES).optional(),
  repeatDays: number().integer().min(1, 'At least a day between two uses.').max(400).optional(),
  school: string().trim().max(120).optional(),
  stains: boolean().optional(),
  isItsOwnWay: boolean().optional(),
  writtenGrams: number()
    .min(1, 'What you write comes to a gram at least.')
    .max(10_000, 'What you write comes to 10 kg at the most.')
    .optional(),
  cautions: array().of(string().trim().required().max(300)).max(20).optional(),
  stepEdits: dictionary(stepEditSchema, MOST_STEPS, `At most ${MOST_STEPS} steps can be changed.`),
  ownSteps: array()
    .of(
      object({
        ...ownStepFields,
        when: string().oneOf(OWN_STEP_PLACES).required(),
      })
        .noUnknown()
        .required(),
    )
    .max(12, 'At most twelve steps of your own.')
    .optional(),
};

export const maskInputSchema = object(maskFields).noUnknown();

/** A change to a mask names the version that was on the screen. */
export const maskUpdateSchema = object({
  ...maskFields,
  version: seenVersion(1),
}).noUnknown();
