import { millilitresByHead } from '@amber-ladle/core/batch';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { waterPartsOf, type Schools } from '@amber-ladle/core/judge';
import { EVENT_KINDS, type BowlOfDay, type DayEvent, type PlanStep } from '@amber-ladle/core/washday';
import { array, boolean, number, object, string } from 'yup';
import { maskWorn, type Bowl } from '../bowl';
import { ownStepFields, stepEditSchema } from '../mask';
import { identifier, instant, type Of } from '../wire';
import { fault } from '../wire/fault';

/** When a day is wanted, as it travels and is kept: ISO 8601. */
export interface KeptWish {
  kind: 'start-at' | 'rinsed-by';
  at: string;
}

/** A wash day as it was begun, and everything that was told of it since. */
export interface WashDay {
  id: string;
  bowlIds: string[];
  wish: KeptWish;
  rings: number;
  /** Fixed when the day began; later changes of a mask do not touch them. */
  steps: PlanStep[];
  order: string[];
  /** Least minutes under the cap, by head. */
  leastWear: Record<string, number>;
  startedAt: string;
  endedAt?: string | undefined;
  events: DayEvent[];
}

export const MOST_RINGS = 6;
const rings = number().required().integer().min(1).max(MOST_RINGS);

export const beginDaySchema = object({
  id: string().required().uuid(),
  bowlIds: array()
    .of(identifier)
    .required()
    .min(1, fault('day-without-bowl'))
    .max(2, fault('two-bowls-a-day'))
    .test('once', fault('bowl-twice'), (ids) => new Set(ids).size === ids?.length),
  wish: object({
    kind: string()
      .oneOf(['start-at', 'rinsed-by'] as const)
      .required(),
    at: instant.required(fault('say-when')),
  })
    .noUnknown()
    .required(),
  rings,
  /** Every child's mask is on before a grown-up's. */
  childrenFirst: boolean().optional(),
}).noUnknown();

/** A step that comes to a day under way; before another one, or after all. */
export const addedStepSchema = object({ ...ownStepFields, beforeId: identifier.optional() }).noUnknown();

export const dayMoveSchema = object({
  kind: string().oneOf(EVENT_KINDS).required(),
  stepId: identifier,
  minutes: number().integer().min(1, fault('a-minute-more')).max(60, fault('an-hour-more')).optional(),
  ingredientId: string().max(80).optional(),
  grams: number().moreThan(0, fault('pour-weighs')).max(10_000, fault('10-kg')).optional(),
  isJudged: boolean().optional(),
  edit: stepEditSchema.default(undefined).optional(),
  added: addedStepSchema.default(undefined).optional(),
  undoes: string().max(80).optional(),
})
  .noUnknown()
  .test('edit', fault('say-what-changes'), ({ kind, edit }) => kind !== 'edit' || edit !== undefined)
  .test('add', fault('say-the-step'), ({ kind, added }) => kind !== 'add' || added !== undefined);

/** What is asked for when a wash day begins. The id is made on the device. */
export type BeginDay = Of<typeof beginDaySchema>;

export const dayPressSchema = object({
  pressId: string().required().uuid(),
  moves: array().of(dayMoveSchema.required()).required().min(1, fault('empty-press')).max(30),
  /** Steps in the order of the plan on that screen, so that other screens plan alike. */
  order: array().of(identifier).required().max(100),
  /** Needed where a bowl past its time goes on a head. */
  decision: string().trim().min(3, fault('say-why')).max(300).optional(),
  /** Seconds for which the device could not reach the server; the moment of the press lies so far back. */
  heldSeconds: number()
    .min(0)
    .max(6 * 3600, fault('press-waits'))
    .optional(),
}).noUnknown();

/** One press of a button. Its id is made on the device, so that a retry tells nothing twice. */
export type DayPress = Of<typeof dayPressSchema>;
export const ringsSchema = rings;

/** A kept bowl as the steps of a wash day need it. @param catalogue holds at least the rows of its snapshot */
export function bowlOfDay(
  { id, snapshot, life }: Pick<Bowl, 'id' | 'snapshot' | 'life'>,
  catalogue: Catalogue,
  schools: Schools,
): BowlOfDay {
  const { head, others, sized, choices } = snapshot;
  const millilitres = millilitresByHead(sized);
  return {
    id,
    mask: maskWorn({ snapshot, life }),
    lines: sized.lines,
    madeMillilitres: sized.madeMillilitres,
    catalogue,
    makings: choices.makings,
    waterParts: waterPartsOf(schools),
    heads: [head, ...others].map(({ id: headId, name, ageYears, profile }, i) => ({
      id: headId,
      name,
      ageYears,
      profile,
      millilitres: millilitres[i] ?? 0,
    })),
  };
}

/** The least minutes under the cap, by head. */
export const leastWearOf = (bowls: readonly Pick<Bowl, 'snapshot' | 'life'>[]): Record<string, number> =>
  Object.fromEntries(
    bowls.flatMap(({ snapshot, life }) =>
      [snapshot.head, ...snapshot.others].map(
        ({ id }) => [id, maskWorn({ snapshot, life }).wear.minimumMinutes] as const,
      ),
    ),
  );
