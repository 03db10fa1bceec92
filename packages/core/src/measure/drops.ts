/**
 * Drops in a millilitre. The standard dropper gives 20 drops of water to the gram
 * (European Pharmacopoeia 2.1.1, from memory); the inserts of scent bottles give
 * 20 to 30 by oil (common practice), so 20 errs toward fewer drops.
 */
export const DROPS_PER_MILLILITRE = 20;

/**
 * Volume of a number of drops, in millilitres.
 * @param drops 0 or more
 * @param dropsPerMillilitre drops the bottle's insert gives to a millilitre, above 0
 * @example dropsToMillilitres(10) // 0.5
 */
export function dropsToMillilitres(drops: number, dropsPerMillilitre = DROPS_PER_MILLILITRE): number {
  return drops / dropsPerMillilitre;
}

/** Whole drops nearest to a volume in millilitres; never fewer than none. @example millilitresToDrops(0.24) // 5 */
export function millilitresToDrops(millilitres: number, dropsPerMillilitre = DROPS_PER_MILLILITRE): number {
  return Math.max(0, Math.round(millilitres * dropsPerMillilitre));
}
