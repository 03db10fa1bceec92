import { ingredientById, type Catalogue } from '../ingredient';
import { estimateTexture, type Mask } from '../mask';
import type { TextureClass } from '../hair';
import type { Message } from '../message';
import type { FittedAmounts, SizedLine } from './amounts';
import { capsOver } from './caps';

/** How far a hand slips: a heaped spoon for a level one, a pinch or a drop too many, the scale by a tenth. */
const SLIP_SHARE = { spoon: 0.5, pinch: 1, drop: 0.25, weight: 0.1 } as const;
/** A spoon is heaped once, not every time: the slip is of one spoonful in three. Assumption of this project. */
const SPOONFULS = 3;

/** A piece taken for another differs by this many spreads of single pieces at the most. Assumption of this project. */
const MOST_SPREADS = 2;

/** What one slip of the hand at one ingredient costs. */
export interface Slip {
  readonly ingredientId: string;
  /** Grams too many. */
  readonly grams: number;
  /** Change of flow, log₁₀ mPa·s. */
  readonly flowChange: number;
  readonly texture: Exclude<TextureClass, 'oil'>;
  readonly changesTexture: boolean;
  /** The limits that it breaks. */
  readonly breaks: readonly Message[];
}

/** Grams of a usual slip at a line: a heaped spoon in three, one piece a size larger, a pinch too many. */
function slipGrams(line: SizedLine, catalogue: Catalogue): number {
  if (line.measuredBy !== 'piece') {
    const spoonfuls = line.measuredBy === 'spoon' ? SPOONFULS : 1;
    return (line.grams * SLIP_SHARE[line.measuredBy]) / spoonfuls;
  }
  const pieces = ingredientById(catalogue, line.ingredientId).pieces;
  const sizes = pieces?.sizes.map(({ usableGrams }) => usableGrams) ?? [];
  const now = line.pieceGrams ?? 0;
  const next = sizes.find((grams) => grams > now + 1e-9) ?? now * (1 + 2 * (pieces?.weightSpread ?? 0));
  // A papaya two sizes larger is no slip: nobody takes one by mistake.
  const most = MOST_SPREADS * (pieces?.weightSpread ?? 0) * now;
  return Math.min(next - now, most) * (line.pieces ?? 1);
}

/** What a slip at each ingredient does to the bowl, the costliest first: what to measure with care. */
export function slips(bowl: FittedAmounts, mask: Mask, catalogue: Catalogue): readonly Slip[] {
  const before = bowl.texture.flowLog10;
  return bowl.lines
    .filter(({ grams }) => grams > 0)
    .map((line): Slip => {
      const grams = slipGrams(line, catalogue);
      const amounts = bowl.lines.map((other) => (other === line ? other.grams + grams : other.grams));
      const texture = estimateTexture(
        bowl.lines.map(({ ingredientId }, i) => ({ ingredientId, grams: amounts[i] ?? 0 })),
        catalogue,
      );
      return {
        ingredientId: line.ingredientId,
        grams,
        flowChange: texture.flowLog10 - before,
        texture: texture.texture,
        changesTexture: mask.texture !== 'oil' && texture.texture !== bowl.texture.texture,
        breaks: capsOver(bowl.caps, amounts).map(({ what }) => what),
      };
    })
    .sort((a, b) => b.breaks.length - a.breaks.length || Math.abs(b.flowChange) - Math.abs(a.flowChange));
}
