import type { TextureClass } from '../hair';
import type { Mask } from '../mask';

/** What clings to the tools, in mL. Assumption of this project; a rinsed spatula halves it. */
export const HOLD_UP_MILLILITRES = {
  bowl: 4,
  blender: 10,
  fork: 1,
  pot: 5,
  cloth: 6,
  brush: 2,
  hand: 1,
  bottle: 4,
} as const;

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
  /** Stays in the bowl, the blender, the cloth and the brush, mL, whatever is made. */
  readonly holdUpMillilitres: number;
  readonly holdUp: readonly { readonly tool: keyof typeof HOLD_UP_MILLILITRES; readonly millilitres: number }[];
  /** Drips off, as a share of what goes on. */
  readonly dripShare: number;
}

/** What a mask loses between the bowl and the hair. */
export function lossesOf(mask: Pick<Mask, 'mixing' | 'strained' | 'applicator' | 'texture'>): Losses {
  const tools = ['bowl', mask.mixing, ...(mask.strained ? (['cloth'] as const) : []), mask.applicator] as const;
  const holdUp = tools.map((tool) => ({ tool, millilitres: HOLD_UP_MILLILITRES[tool] }));
  return {
    holdUp,
    holdUpMillilitres: holdUp.reduce((sum, { millilitres }) => sum + millilitres, 0),
    dripShare: DRIP_SHARE[mask.texture],
  };
}

/** Millilitres to make so that `onHead` mL reach the head. */
export function millilitresToMake(onHead: number, losses: Losses): number {
  return onHead / (1 - losses.dripShare) + losses.holdUpMillilitres;
}

/** Millilitres that reach the head from a bowl of `made` mL; never below 0. */
export function millilitresOnHead(made: number, losses: Losses): number {
  return Math.max(0, made - losses.holdUpMillilitres) * (1 - losses.dripShare);
}
