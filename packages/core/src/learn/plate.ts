/** A level tablespoon on a flat plate, half a minute. */
const SPOON_MILLILITRES = 15;
const SECONDS = 30;
const GRAVITY = 9.81;
/** Water on glass runs further, and a mound of a spoonful is no flatter than this; across, cm. */
export const PLATE_CENTIMETRES = { min: 4, max: 30 } as const;

/** Radius of a spreading pool over (g V³ t ∕ 3ν)^⅛: viscous gravity current of a constant volume (Huppert, J. Fluid Mech. 121, 1982, from memory). */
const SPREADING = 0.894;

/**
 * What a spoonful on a plate says of how it flows: log₁₀ mPa·s. An order of magnitude: what holds its shape (a yield stress)
 * stops sooner and so reads thicker than it flows, which is how it lies on hair too.
 *
 * @param acrossCentimetres of the pool after 30 s, 4 to 30
 * @param gramsPerMillilitre above 0
 * @throws RangeError outside those
 * @example flowOfSpread(16) // 1.9, as thin as oil
 */
export function flowOfSpread(acrossCentimetres: number, gramsPerMillilitre = 1): number {
  const { min, max } = PLATE_CENTIMETRES;
  if (!(acrossCentimetres >= min && acrossCentimetres <= max && gramsPerMillilitre > 0))
    throw new RangeError(`A spoonful spreads ${min} to ${max} cm across.`);
  const volume = SPOON_MILLILITRES / 1e6;
  const radius = acrossCentimetres / 200;
  const squareMetresPerSecond = ((GRAVITY * volume ** 3 * SECONDS) / 3) * (SPREADING / radius) ** 8;
  // Kinematic to dynamic, pascal seconds to millipascal seconds.
  return Math.log10(squareMetresPerSecond * gramsPerMillilitre * 1000 * 1000);
}
