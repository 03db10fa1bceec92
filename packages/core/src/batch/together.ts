import type { Catalogue } from '../ingredient';
import type { Mask } from '../mask';
import { sizeBowl, type SizedBowl, type SizedHead, type SizeOptions } from './size';

/** Two ways of serving several heads: one bowl for all, or one each. */
export interface TogetherOrApart {
  readonly together: SizedBowl;
  readonly apart: readonly SizedBowl[];
  readonly togetherMillilitres: number;
  readonly apartMillilitres: number;
  /** Cut pieces that stay open, counted. */
  readonly togetherCut: number;
  readonly apartCut: number;
}

/**
 * One bowl for several heads against a bowl for each. One bowl saves what clings to the tools and evens out the doubt;
 * two keep to each wearer's own limits.
 * @throws RangeError as sizeBowl does
 */
export function togetherOrApart(
  heads: readonly [SizedHead, ...SizedHead[]],
  mask: Mask,
  catalogue: Catalogue,
  options: Omit<SizeOptions, 'others'>,
): TogetherOrApart {
  const [first, ...others] = heads;
  const together = sizeBowl(first, mask, catalogue, { ...options, others });
  // What was fixed for the common bowl is said of that bowl, not of each of two.
  const { lockedGrams: _locked, ...free } = options;
  const apart = heads.map((head) => sizeBowl(head, mask, catalogue, free));
  return {
    together,
    apart,
    togetherMillilitres: together.madeMillilitres,
    apartMillilitres: apart.reduce((sum, { madeMillilitres }) => sum + madeMillilitres, 0),
    togetherCut: cutPieces(together),
    apartCut: apart.reduce((sum, bowl) => sum + cutPieces(bowl), 0),
  };
}

const cutPieces = ({ lines }: SizedBowl): number => lines.filter(({ leftOfPiece }) => (leftOfPiece ?? 0) > 0).length;
