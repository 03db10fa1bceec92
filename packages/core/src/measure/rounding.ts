/**
 * Rounds to what a kitchen scale or jug can show: tenths below 10, whole numbers below 250, fives from there on.
 * For reading only; nothing is computed from a rounded number.
 * @param value grams or millilitres, 0 or more
 * @example kitchenRound(263) // 265
 */
export function kitchenRound(value: number): number {
  if (value < 10) return Math.round(value * 10) / 10;
  if (value < 250) return Math.round(value);
  return Math.round(value / 5) * 5;
}
