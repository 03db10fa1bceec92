import type { TextureClass } from '../hair';
import type { Mask } from '../mask';

/** What clings to the tools from a bowl of 200 mL, in mL, once it is scraped out. Assumption of this project. */
export const HOLD_UP_MILLILITRES = {
  bowl: 2,
  blender: 5,
  fork: 0.5,
  pot: 2.5,
  cloth: 3,
  brush: 1,
  hand: 0.5,
  bottle: 2,
} as const;
/** Walls are wetted as high as a bowl stands: what clings grows with the surface of a volume, not with the volume. */
const HOLD_UP_AT_MILLILITRES = 200;
const WETTED_EXPONENT = 2 / 3;

/** Share of what goes on that drips off, by texture. Assumption of this project. */
export const DRIP_SHARE: Readonly<Record<TextureClass, number>> = {
  oil: 0.03,
  runny: 0.08,
  pourable: 0.04,
  creamy: 0.015,
  thick: 0.005,
  stiff: 0.005,
};

export interface Losses {
  /** Stays in the bowl, the blender, the cloth and the brush, mL. */
  readonly holdUpMillilitres: number;
  readonly holdUp: readonly { readonly tool: keyof typeof HOLD_UP_MILLILITRES; readonly millilitres: number }[];
  /** Drips off, as a share of what goes on. */
  readonly dripShare: number;
}

/** How a mask is made and put on, as far as it loses something. */
export type LossyMask = Pick<Mask, 'mixing' | 'strained' | 'applicator' | 'texture'>;

/**
 * What a bowl loses on the way to the hair.
 * @param madeMillilitres 0 or more: a small bowl wets less of its tools
 * @example lossesOf(riceSilk, 200).holdUpMillilitres // 8: bowl, blender, cloth and brush
 */
export function lossesOf(mask: LossyMask, madeMillilitres: number): Losses {
  const tools = ['bowl', mask.mixing, ...(mask.strained ? (['cloth'] as const) : []), mask.applicator] as const;
  const wetted = (madeMillilitres / HOLD_UP_AT_MILLILITRES) ** WETTED_EXPONENT;
  const holdUp = tools.map((tool) => ({ tool, millilitres: HOLD_UP_MILLILITRES[tool] * wetted }));
  return {
    holdUp,
    holdUpMillilitres: holdUp.reduce((sum, { millilitres }) => sum + millilitres, 0),
    dripShare: DRIP_SHARE[mask.texture],
  };
}

/**
 * Millilitres to make so that `onHead` mL reach the head: the way back from `millilitresOnHead`.
 * @example millilitresToMake(150, riceSilk) // 159
 */
export function millilitresToMake(onHead: number, mask: LossyMask): number {
  const dripping = onHead / (1 - DRIP_SHARE[mask.texture]);
  let made = dripping;
  // What clings grows more slowly than the bowl, so that each round comes nearer by far.
  for (let round = 0; round < 60; round++) {
    const next = dripping + lossesOf(mask, made).holdUpMillilitres;
    if (Math.abs(next - made) <= 1e-12 * next) return next;
    made = next;
  }
  return made;
}

/**
 * Millilitres that reach the head from a bowl of `made` mL; never below 0.
 * @example millilitresOnHead(200, { holdUpMillilitres: 10, dripShare: 0.05 }) // 180.5
 */
export function millilitresOnHead(made: number, losses: Losses): number {
  return Math.max(0, made - losses.holdUpMillilitres) * (1 - losses.dripShare);
}
