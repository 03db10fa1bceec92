import type { WeekWishes, Pin } from '@amber-ladle/core/plan';
import type { Habits } from '@amber-ladle/core/shelf';
import { isDay } from '@amber-ladle/core/time';
import { array, boolean, number, object, string } from 'yup';
import { dictionary, identifier, instant, type Of } from '../wire';
import { fault } from '../wire/fault';

const MOST_HEADS = 60;
const MOST_PINS = 200;
const MOST_BOWLS = 400;

const day = string()
  .required()
  .max(10)
  .test('day', fault('day-written'), (text) => isDay(text ?? ''));
const weekday = number().integer().min(0).max(6).required();
const weekdays = array().of(weekday).required().max(7);
const minutesOfDay = number()
  .typeError(fault('number-of-minutes'))
  .integer()
  .min(0)
  .max(1440, fault('minutes-of-a-day'))
  .required();
const headIds = array().of(identifier).required().min(1, fault('bowl-for-nobody')).max(6, fault('six-heads'));

const pinSchema = object({ day, maskId: identifier, headIds }).noUnknown();
const noSchema = object({
  from: day,
  to: day,
  ingredientId: string().max(80).optional(),
  maskId: string().max(80).optional(),
  headId: string().max(80).optional(),
})
  .noUnknown()
  .test('order', fault('days-in-order'), (no) => no.from <= no.to);

export const weekWishesSchema = object({
  horizonDays: number().required().integer().min(7).max(28),
  rhythms: dictionary(
    object({
      everyDays: number()
        .typeError(fault('days-between'))
        .required(fault('days-between'))
        .integer()
        .min(1, fault('a-bowl-a-day'))
        .max(28, fault('a-bowl-in-four-weeks')),
      weekdays,
    })
      .noUnknown()
      .required(),
    MOST_HEADS,
    true,
  ),
  weekdayMinutes: array().of(minutesOfDay).required().length(7, fault('seven-weekdays')).max(7),
  dayMinutes: dictionary(minutesOfDay, MOST_PINS, true),
  shopWeekdays: weekdays,
  pins: array().of(pinSchema.required()).required().max(MOST_PINS),
  noes: array().of(noSchema.required()).required().max(MOST_PINS),
  useUpIds: array().of(identifier).required().max(40),
  budget: number().min(0).max(1_000_000).optional(),
})
  .noUnknown()
  .test('days', fault('day-written'), ({ dayMinutes }) => Object.keys(dayMinutes ?? {}).every((one) => isDay(one)));

/** Wishes as they are to be, and as they were on the screen: what another device wished meanwhile is not overwritten. */
export const weekWishesChangeSchema = object({
  wishes: weekWishesSchema.required(fault('say-what-is-wished')),
  seen: object().required(fault('say-how-it-was')),
}).noUnknown();

const grams = number().required().min(0).max(1_000_000);

const plannedBowlSchema = object({
  day,
  at: instant.required(),
  maskId: identifier,
  headIds,
  isPinned: boolean().required(),
  lines: array()
    .of(object({ ingredientId: identifier, grams }).noUnknown().required())
    .required()
    .max(60),
}).noUnknown();

const otherwiseSchema = object({
  ingredientId: identifier,
  day,
  headIds,
  maskId: identifier,
  insteadMaskId: string().max(80).optional(),
  laterDay: day.optional(),
}).noUnknown();

export const weekPlanSchema = object({
  /** The first day that it is for. */
  day,
  days: number().required().integer().min(1).max(28),
  bowls: array().of(plannedBowlSchema.required()).required().max(MOST_BOWLS),
  /** Lots that go into the fridge once they are ready. */
  chills: array().of(identifier).required().max(200),
  /** Lots of which what is left goes into the freezer by a day, the last on which it is fit. */
  freezes: array()
    .of(object({ lotId: identifier, day, at: instant.required() }).noUnknown().required())
    .required()
    .max(200),
  otherwise: array().of(otherwiseSchema.required()).required().max(20),
  /** What it is expected to lose, and what going by the day would. */
  lostGrams: grams,
  byDayLostGrams: grams,
  isProven: boolean().required(),
}).noUnknown();

/** A plan as a page has worked it out: the bowls, and what was promised of them. */
export type WeekPlan = Of<typeof weekPlanSchema>;
/** A plan as it is kept: one for each day, the last that was made on it. */
export type KeptWeekPlan = WeekPlan & { readonly at: string };

/** What the weeks of a household rest on, beside shelf and heads. */
export interface WeeksHeld {
  readonly wishes: WeekWishes;
  /** The plan that was kept last; nothing before the first. */
  readonly plan?: KeptWeekPlan | undefined;
  /** How things were bought so far, by ingredient. */
  readonly habits: Habits;
  /** Bowls that are kept for a day to come. */
  readonly kept: readonly (Pin & { readonly bowlId: string })[];
}

/** A week of the past: what was planned on its first day, what was made, and what was lost. */
export interface WeekBack {
  /** Its Monday. */
  readonly week: string;
  /** Bowls planned for it on its first day with a plan; undefined where nothing was planned. */
  readonly planned: number | undefined;
  /** Of those, how many were made for the same head with the same mask within it. */
  readonly kept: number;
  readonly made: number;
  /** What the plan expected to lose within its own days, and what was thrown away in this week, grams. */
  readonly expectedGrams: number | undefined;
  readonly lostGrams: number;
  readonly lostMoney: number;
  /** What came onto the shelf, in money where a price is known. */
  readonly spentMoney: number;
}
