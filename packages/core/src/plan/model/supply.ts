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

/** What is frozen waits for no even chance: so sure it has to be fit, if it ever is. Assumption of this project. */
const SURE_TO_FREEZE = 0.8;

/**
 * The day by which it is frozen, the last on which it is as good as sure to be fit.
 * @returns counted from 0, today; below 0 where there is none
 * @example freezeOn({ chance: [0.6, 0.9, 0.85, 0.7] }) // 2
 */
export function freezeOn({ chance }: Pick<Supply, 'chance'>): number {
  const sure = Math.min(SURE_TO_FREEZE, Math.max(...chance));
  return sure < LEAST_CHANCE ? -1 : chance.findLastIndex((one) => one >= sure);
}

/** The first day on which a bowl takes of it frozen: the one after the last on which it is fit, for until then it is used fresh. */
export const frozenFrom = (supply: Supply): number => (usableOn(supply).at(-1) ?? -1) + 1;
