/** Below this many pixels a drawing goes without its fine lines. */
const SMALL_PIXELS = 30;
export const isSmallAt = (pixels: number): boolean => pixels < SMALL_PIXELS;
/** How strong the pen is, in pixels: a little stronger in large drawings, never a hair's breadth. @example inkWidth(40) // 1.3 */
export const inkWidth = (pixels: number): number => Math.round((0.9 + Math.min(1.4, pixels / 100)) * 10) / 10;
