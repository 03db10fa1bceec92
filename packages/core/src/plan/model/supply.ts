import { LEAST_CHANCE, type Supply } from '../problem';

/** A remnant that would still be good when the horizon ends may yet be used: half of it counts. Assumption of this project. */
export const LEFT_OPEN_SHARE = 0.5;

/** How much of a remnant of a piece opened on a day counts as lost. */
export const lostOfOpened = (supply: Supply, openedOn: number, days: number): number =>
  openedOn + (supply.openDays ?? 0) < days ? 1 : LEFT_OPEN_SHARE;

/** The days on which a supply may be drawn from for the first time. */
export const usableOn = (supply: Supply): readonly number[] =>
  supply.chance.flatMap((chance, on) => (chance >= LEAST_CHANCE ? [on] : []));

/** What is ready on no day of the horizon is frozen on none. */
export const mayFreeze = (supply: Supply): boolean => supply.canFreeze && usableOn(supply).length > 0;
