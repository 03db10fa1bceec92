import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import { notFound } from '../http/errors';

/** The book of masks. */
export function listMasks(): readonly Mask[] {
  return BUILT_IN_MASKS;
}

/** @throws HttpProblem 404 */
export function getMask(id: string): Mask {
  const mask = BUILT_IN_MASKS.find((candidate) => candidate.id === id);
  if (!mask) throw notFound('mask');
  return mask;
}
