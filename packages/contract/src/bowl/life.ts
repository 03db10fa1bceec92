import { BOWL_ENDS, FATES, LEFT_HOW, RINSE_REASONS } from '@amber-ladle/core/washday';
import { boolean, number, object, string } from 'yup';
import { identifier, type Of } from '../wire';
import { fault } from '../wire/fault';

export {
  BOWL_ENDS,
  FATES,
  RINSE_REASONS,
  type BowlEnd,
  type BowlLife,
  type Fate,
  type LeftOver,
  type RinseReason,
  type Worn,
} from '@amber-ladle/core/washday';

/** A press told of a bowl: once, however often it is sent, as long after it happened as it was held, and in its order. */
const pressed = {
  pressId: string().uuid().optional(),
  secondsAgo: number()
    .min(0)
    .max(24 * 3600, fault('press-within-a-day'))
    .optional(),
  /** The one that the same device told before it while nobody was heard: it happened no earlier, whatever the way took. */
  afterPressId: string().uuid().optional(),
};

/** What happened on a head: one section is done or not after all, whether the cap is on, the rinse. What is not named stays. */
export const wearSchema = object({
  /** The bowl's first head where it is left out. */
  headId: string().max(80).optional(),
  section: object({ id: string().required().max(40), isDone: boolean().required() })
    .noUnknown()
    .default(undefined)
    .optional(),
  /** What is still in the bowl of what was meant for this head, half-way: 0 to 1. */
  leftShare: number().min(0).max(1, fault('more-left-than-meant')).optional(),
  /** Whether a section still feels coated under the water. */
  felt: object({ id: string().required().max(40), isCoated: boolean().required() })
    .noUnknown()
    .default(undefined)
    .optional(),
  /** Which of the mask's lengths it is worn, by its aim. */
  wearAimMinutes: number().integer().min(0).max(2880).optional(),
  isCapOn: boolean().optional(),
  isRinsed: boolean().optional(),
  /** Said with the rinse, where it comes at once. */
  rinsedWhy: string().oneOf(RINSE_REASONS).optional(),
  /** Needed to put on a bowl that is past its time. */
  decision: string().trim().min(3, fault('say-why')).max(300).optional(),
  ...pressed,
}).noUnknown();

/** What is told of a head: what is not named stays. */
export type Wearing = Of<typeof wearSchema>;

export const bowlMadeSchema = object({ placeId: identifier, ...pressed }).noUnknown();
export const bowlEndSchema = object({
  how: string().oneOf(BOWL_ENDS).required(),
  /** Needed to wear a bowl that is past its time. */
  decision: string().trim().min(3, fault('say-why')).max(300).optional(),
  ...pressed,
}).noUnknown();

export const leftOverSchema = object({
  millilitres: number().required(fault('say-how-much-left')).min(0).max(5000),
  how: string().oneOf(LEFT_HOW).required(),
  fate: string().oneOf(FATES).required(fault('say-what-becomes')),
  /** Where it is put, for what is kept or frozen. */
  placeId: string().max(80).optional(),
  /** Whose it is now, for a second head. */
  headId: string().max(80).optional(),
  ...pressed,
}).noUnknown();
/** What is left in a bowl, and what becomes of it. */
export type LeftWish = Of<typeof leftOverSchema>;
