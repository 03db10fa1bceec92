import { lognormal, type Lognormal } from '../statistic';
import { STYLE_FACTOR, type HairAmount, type HairProfile } from './profile';
import { meanStrandCentimetres, strandCount } from './strands';

/** How thick a mixture lies on hair. Runs from thin to stiff; `oil` stands apart, since it spreads thinnest. */
export type TextureClass = 'oil' | 'runny' | 'pourable' | 'creamy' | 'thick' | 'stiff';

export type Coverage = 'scalp' | 'lengths' | 'roots-to-tips';

/**
 * What a square metre of strands takes of a creamy mixture, mL, and how that grows with their surface. Hair is coated in
 * locks, not strand by strand: the more there is, the less of it each millilitre has to reach. Fitted so that the bowls
 * of `practice.test.ts` come out as makers report them (common practice, no published source).
 */
export const LOCK_MILLILITRES = 31.5;
export const LOCK_EXPONENT = 0.64;

export const TEXTURES = [
  'oil',
  'runny',
  'pourable',
  'creamy',
  'thick',
  'stiff',
] as const satisfies readonly TextureClass[];

/** Where a class lies when nothing more is known, log₁₀ mPa·s: the middle of it. */
const MIDDLE: Readonly<Record<Exclude<TextureClass, 'oil'>, number>> = {
  runny: 1.2,
  pourable: 2.4,
  creamy: 3.6,
  thick: 4.6,
  stiff: 5.2,
};

/** How thick a mixture lies against a creamy one, by its flow: straight lines between these. Fitted with the above. */
const FILM = [
  [MIDDLE.runny, 0.7],
  [MIDDLE.pourable, 0.84],
  [MIDDLE.creamy, 1],
  [MIDDLE.thick, 1.05],
  [MIDDLE.stiff, 1.1],
] as const;
/** An oil lies thinner than water does, since it spreads and stays. */
const OIL_FILM = 0.33;

/** Film on the scalp in mm. Assumption of this project. */
export const SCALP_FILM_MILLIMETRES = 0.2;

/** Length of strand at the root that is wetted when only the scalp is treated, in cm. Assumption of this project. */
export const ROOT_ZONE_CENTIMETRES = 2;

/**
 * Part of the mean length that a scalp-only mixture runs down, by its flow: a juice runs, and so very long hair takes twice
 * the onions that short hair does; an oil creeps, a paste stays. Fitted with the above.
 */
const CARRY_DOWN = [
  [MIDDLE.runny, 0.33],
  [MIDDLE.pourable, 0.1],
  [MIDDLE.creamy, 0.02],
  [MIDDLE.thick, 0],
] as const;
const OIL_CARRY_DOWN = 0.05;

/** Along straight lines between points, and level beyond them. */
function along(points: readonly (readonly [at: number, value: number])[], at: number): number {
  const next = points.findIndex(([flow]) => flow >= at);
  const [from, to] = [points[next - 1], points[next]];
  if (!from || !to) return (to ?? points.at(-1))?.[1] ?? 0;
  return from[1] + ((to[1] - from[1]) * (at - from[0])) / (to[0] - from[0]);
}

/**
 * How thick a mixture lies against a creamy one. What comes out a hair thicker lies a hair thicker: there is no step between
 * classes.
 * @param flowLog10 as it comes out, log₁₀ mPa·s; the middle of its class where nothing more is known; not asked of an oil
 * @example filmFactor('creamy') // 1
 * @example filmFactor('creamy', 3) // 0.92
 */
export const filmFactor = (texture: TextureClass, flowLog10?: number): number =>
  texture === 'oil' ? OIL_FILM : along(FILM, flowLog10 ?? MIDDLE[texture]);

const carryDown = (texture: TextureClass, flowLog10?: number): number =>
  texture === 'oil' ? OIL_CARRY_DOWN : along(CARRY_DOWN, flowLog10 ?? MIDDLE[texture]);

/**
 * Spread (standard deviation of the logarithm) of what a head takes, by how its hair was counted.
 * Assumption of this project around 0.30; a measured tail narrows it, a glance widens it.
 */
export const DEMAND_SIGMA: Readonly<Record<HairAmount['kind'], number>> = { ponytail: 0.27, density: 0.3, eye: 0.36 };

export interface DemandOptions {
  readonly coverage: Coverage;
  readonly texture: TextureClass;
  /** As it comes out, log₁₀ mPa·s; left out, the middle of the class. */
  readonly flowLog10?: number | undefined;
  /** Extra on the ends as a share of the lengths, 0 to 1. */
  readonly endsExtraShare?: number;
  /** What earlier bowls taught: multiplies the model; median 1 and the model's own spread when nothing was learnt. */
  readonly personalFactor?: Lognormal;
}

export interface Demand {
  /** Median for the scalp, mL. */
  readonly scalpMillilitres: number;
  /** Median for the strands, ends included, mL. */
  readonly lengthsMillilitres: number;
  /** What the whole takes, as a log-normal in mL. */
  readonly total: Lognormal;
  /** The figures on the way, for whoever asks why. */
  readonly reason: DemandReason;
}

export interface DemandReason {
  readonly strands: number;
  readonly meanLengthCentimetres: number;
  readonly strandSurfaceSquareMetres: number;
  /** What a square metre takes of a creamy mixture, mL, the exponent of the surface, and the texture's own factor. */
  readonly lockMillilitres: number;
  readonly lockExponent: number;
  readonly filmFactor: number;
  readonly scalpAreaSquareCentimetres: number;
  readonly scalpFilmMillimetres: number;
  readonly styleFactor: number;
  /** Part of each strand that is coated, 0 to 1. */
  readonly coatedShare: number;
  readonly endsExtraShare: number;
  readonly personalFactor: number;
  readonly sigma: number;
}

/** True for what was reckoned by locks; records from before that model were reckoned strand by strand. */
export const isOfLocks = (reason: Partial<Pick<DemandReason, 'lockMillilitres'>>): boolean =>
  reason.lockMillilitres !== undefined;

/**
 * How much a head takes of a mixture, in mL, with its spread.
 *
 * (scalp area × scalp film + 31.5 mL × (surface of the strands in m²)^0.64 × film factor × style factor × (1 + ends)),
 * times the personal factor. Scalp-only coats the root zone and a carried-down part of the strand instead of all of it;
 * lengths-only leaves the scalp out.
 * @example demand(aProfile(), { coverage: 'roots-to-tips', texture: 'creamy' }).total.median // about 122
 */
export function demand(profile: HairProfile, options: DemandOptions): Demand {
  const { coverage, texture, flowLog10, endsExtraShare = 0 } = options;
  const strands = strandCount(profile);
  const meanLengthCentimetres = meanStrandCentimetres(profile);
  const coatedCentimetres =
    coverage === 'scalp'
      ? Math.min(meanLengthCentimetres, ROOT_ZONE_CENTIMETRES + carryDown(texture, flowLog10) * meanLengthCentimetres)
      : meanLengthCentimetres;
  const styleFactor = STYLE_FACTOR[profile.style];
  const ends = coverage === 'scalp' ? 0 : endsExtraShare;

  const squareMetresPerCentimetre = (strands * Math.PI * profile.strandDiameterMicrometres) / 1e8;
  const film = filmFactor(texture, flowLog10);
  const factor = options.personalFactor?.median ?? 1;
  const sigma = options.personalFactor?.sigma ?? DEMAND_SIGMA[profile.amount.kind];

  const scalpMillilitres =
    coverage === 'lengths' ? 0 : (factor * (profile.scalpAreaSquareCentimetres * 100 * SCALP_FILM_MILLIMETRES)) / 1000;
  const coated = (squareMetresPerCentimetre * coatedCentimetres) ** LOCK_EXPONENT;
  const lengthsMillilitres = factor * LOCK_MILLILITRES * coated * film * styleFactor * (1 + ends);

  return {
    scalpMillilitres,
    lengthsMillilitres,
    total: lognormal(scalpMillilitres + lengthsMillilitres, sigma),
    reason: {
      strands,
      meanLengthCentimetres,
      strandSurfaceSquareMetres: squareMetresPerCentimetre * meanLengthCentimetres,
      lockMillilitres: LOCK_MILLILITRES,
      lockExponent: LOCK_EXPONENT,
      filmFactor: film,
      scalpAreaSquareCentimetres: profile.scalpAreaSquareCentimetres,
      scalpFilmMillimetres: SCALP_FILM_MILLIMETRES,
      styleFactor,
      coatedShare: coatedCentimetres / meanLengthCentimetres,
      endsExtraShare: ends,
      personalFactor: factor,
      sigma,
    },
  };
}
