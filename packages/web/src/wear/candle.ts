/** The candle burns from its full height down to its holder, where the time has run out. In units of the drawing. */
export const CANDLE = { full: 74, holder: 264, left: 92, right: 148 } as const;

/**
 * Where the top of the candle stands.
 * @param elapsedMinutes 0 or more
 * @param limitMinutes above 0
 * @returns its y, from {@link CANDLE}.full at the start to .holder at the limit
 * @example candleTop(60, 120) // 169, half burnt
 */
export function candleTop(elapsedMinutes: number, limitMinutes: number): number {
  const share = Math.min(1, Math.max(0, elapsedMinutes / Math.max(1, limitMinutes)));
  return CANDLE.full + share * (CANDLE.holder - CANDLE.full);
}
