import { blob, oval, plate, points } from './curve';
import type { Mark } from './types';

/**
 * A spoon's bowl as half an egg: 1 wide, 1.4 long, 0.4 deep, so it holds 0.293 of its width cubed.
 * A cup as a drum as wide as it is, 0.8 high: 0.628. Shapes of our own, near to what lies in a drawer.
 */
const SPOON_HOLDS = (2 / 3) * Math.PI * 0.5 * 0.7 * 0.4;
const CUP_HOLDS = (Math.PI / 4) * 0.8;
/** From here on it is a cup. */
const CUP_MILLILITRES = 40;

export const isCup = (millilitres: number): boolean => millilitres >= CUP_MILLILITRES;
/**
 * How wide the bowl of a spoon or a cup is.
 * @param millilitres what it holds level, above 0
 * @returns centimetres
 * @example spoonCentimetres(15) // 3.71
 * @example spoonCentimetres(240) // 7.26
 */
export const spoonCentimetres = (millilitres: number): number =>
  Math.cbrt(millilitres / (isCup(millilitres) ? CUP_HOLDS : SPOON_HOLDS));
/**
 * How wide a whole fruit is that weighs so much, as a ball of about the density of water.
 * @param grams with peel and stone, above 0
 * @returns centimetres
 * @example ballCentimetres(180) // 7.01
 */
export const ballCentimetres = (grams: number): number => Math.cbrt((6 * grams) / Math.PI);

/** A drawing with its own box: the measure itself is 100 units wide in it. */
export interface Sized {
  readonly width: number;
  readonly height: number;
  readonly marks: readonly Mark[];
}
/** A level spoon from above. @param paint of what is in it */
export const spoonDrawing = (paint: string): Sized => ({
  width: 104,
  height: 250,
  marks: [
    {
      d: blob(points([46, 4, 56, 4, 60, 60, 58, 116, 44, 116, 42, 60])),
      fill: '#C9C3B6',
      ink: 'line',
    },
    { d: oval(52, 176, 50, 70), fill: '#DAD5CA', ink: 'line' },
    { d: oval(52, 177, 42, 60), fill: paint, ink: 'fine' },
  ],
});
/** A cup from the side, filled to its brim. */
export const cupDrawing = (paint: string): Sized => ({
  width: 150,
  height: 100,
  marks: [
    {
      d: plate(points([98, 22, 148, 22, 148, 34, 98, 34])),
      fill: '#C9C3B6',
      ink: 'line',
    },
    {
      d: plate(points([3, 12, 100, 12, 95, 92, 8, 92])),
      fill: '#DAD5CA',
      ink: 'line',
    },
    { d: oval(51.5, 13, 48, 9), fill: paint, ink: 'fine' },
  ],
});
