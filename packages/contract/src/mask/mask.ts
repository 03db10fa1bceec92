import { MEASURED_BY, ROLES } from '@amber-ladle/core/ingredient';
import { HAIR_STATES, NEEDS, OWN_STEP_PLACES, SLOTS, type Mask } from '@amber-ladle/core/mask';
import { array, boolean, number, object, string } from 'yup';
import { dictionary, minutes, seenVersion } from '../wire';
import { ownStepFields, stepEditSchema } from './steps';
import { fault, field } from '../wire/fault';

/** What a maker writes of a mask; id and version are the server's. */
export type MaskInput = Omit<Mask, 'id' | 'version'>;

/** A mask as it was at one version. */
export interface MaskVersion {
  mask: Mask;
  createdAt: string;
}

const MOST_PARTS = 40;
const MOST_STEPS = 40;
const ingredientId = string().required(fault('say-which-ingredient')).max(80);
const partSchema = object({
  ingredientId,
  share: number().required().moreThan(0, fault('ingredient-amount')).max(1, fault('share-at-most')),
  role: string().oneOf(ROLES).required(),
  tolerance: number().required().moreThan(0, fault('drift-least')).max(2, fault('drift-most')),
  measuredBy: string().oneOf(MEASURED_BY).required(),
  writtenAmount: string().max(120).optional(),
  instead: array().of(ingredientId).max(6, fault('six-stand-ins')).optional(),
}).noUnknown();

const ratioSchema = object({
  ingredientId,
  toIngredientId: ingredientId,
  ratio: number().required().moreThan(0).max(1000),
  tolerance: number().required().moreThan(0).max(1),
}).noUnknown();

const wearSchema = object({
  minimumMinutes: minutes(field('least-time')),
  aimMinutes: minutes(field('aim')).test('aim', fault('aim-under-least'), function (aim) {
    const { minimumMinutes } = this.parent as { minimumMinutes?: number };
    return aim >= (minimumMinutes ?? 0);
  }),
  limitMinutes: minutes(field('limit')).test('limit', fault('limit-under-aim'), function (limit) {
    const { aimMinutes } = this.parent as { aimMinutes?: number };
    return limit >= (aimMinutes ?? 0);
  }),
}).noUnknown();

const maskFields = {
  name: string().trim().required(fault('mask-name')).max(80),
  summary: string().trim().defined().max(200),
  needs: array().of(string().oneOf(NEEDS).required()).required().max(NEEDS.length),
  slot: string().oneOf(SLOTS).required(),
  coverage: string()
    .oneOf(['scalp', 'lengths', 'roots-to-tips'] as const)
    .required(),
  texture: string()
    .oneOf(['oil', 'runny', 'pourable', 'creamy', 'thick', 'stiff'] as const)
    .required(),
  endsExtraShare: number().required().min(0).max(1, fault('as-much-again')),
  parts: array()
    .of(partSchema)
    .required()
    .min(1, fault('mask-of-nothing'))
    .max(MOST_PARTS)
    .test('once', fault('ingredient-twice'), (parts) => {
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
  otherWears: array().of(wearSchema.required()).max(4, fault('four-lengths-of-wear')).optional(),
  rinse: object({
    temperature: string()
      .oneOf(['cool-to-lukewarm', 'lukewarm', 'lukewarm-then-cool', 'warm'] as const)
      .required(),
    shampoos: number<0 | 1 | 2>()
      .oneOf([0, 1, 2] as const)
      .required(),
    conditioner: boolean().required(),
    acidRinse: boolean().required(),
  })
    .noUnknown()
    .required(),
  keeping: string()
    .oneOf(['same-day', 'fridge-till-tomorrow', 'freezes'] as const)
    .required(),
  handsOnMinutes: minutes(field('hands-on')),
  steps: array()
    .of(string().trim().required(fault('empty-step')).max(400))
    .required()
    .max(MOST_STEPS),
  hairState: string().oneOf(HAIR_STATES).optional(),
  repeatDays: number().integer().min(1, fault('a-day-between')).max(400).optional(),
  school: string().trim().max(120).optional(),
  stains: boolean().optional(),
  isItsOwnWay: boolean().optional(),
  writtenGrams: number().min(1, fault('written-gram')).max(10_000, fault('written-10-kg')).optional(),
  cautions: array().of(string().trim().required().max(300)).max(20).optional(),
  stepEdits: dictionary(stepEditSchema, MOST_STEPS),
  ownSteps: array()
    .of(
      object({
        ...ownStepFields,
        when: string().oneOf(OWN_STEP_PLACES).required(),
      })
        .noUnknown()
        .required(),
    )
    .max(12, fault('twelve-own-steps'))
    .optional(),
};

export const maskInputSchema = object(maskFields).noUnknown();

/** A change to a mask names the version that was on the screen. */
export const maskUpdateSchema = object({
  ...maskFields,
  version: seenVersion(1),
}).noUnknown();
