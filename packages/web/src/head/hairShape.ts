import type { HeadLook } from '@amber-ladle/contract';
import { strandCount, type HairProfile } from '@amber-ladle/core/hair';
import { bend, blob, mirrored, type Point } from '../kit/ink/curve';

/** The drawing's scale: stretched hair from the crown down, in units of the view box to the centimetre. */
export const UNITS_PER_CENTIMETRE = 4;
export const CROWN_Y = 42;
/** The longest hair the drawing can hold, in cm. */
export const DRAWN_CENTIMETRES = 105;
export const CENTRE_X = 120;

type Pattern = HeadLook['pattern'];

/** Where hair of a length ends in the drawing. */
export function tipY(centimetres: number): number {
  return CROWN_Y + Math.min(DRAWN_CENTIMETRES, centimetres) * UNITS_PER_CENTIMETRE;
}

/** The length that a height in the drawing stands for, in whole cm. */
export function centimetresAt(y: number): number {
  return Math.round(Math.min(DRAWN_CENTIMETRES, Math.max(2, (y - CROWN_Y) / UNITS_PER_CENTIMETRE)));
}

/**
 * How much of its stretched length loose hair shows as it falls: coils shrink to half or less (common practice, no
 * published source). For the drawing alone; every amount is reckoned from the stretched length.
 */
const FALLS: Readonly<Record<Pattern, number>> = { straight: 1, waves: 0.92, curls: 0.72, coils: 0.45 };
/** Twists and braids hold most of it stretched. */
const IN_LOCKS = 0.9;
/** @returns 0 to 1 */
export const fallShare = (pattern: Pattern, style: HairProfile['style']): number =>
  style === 'loose' ? FALLS[pattern] : Math.max(FALLS[pattern], pattern === 'coils' ? IN_LOCKS : 1);

/** Where the hair ends as it falls. */
export const fallsToY = (profile: HairProfile, pattern: Pattern): number =>
  tipY(profile.stretchedLengthCentimetres * fallShare(pattern, profile.style));

/** Half the width of the falling hair: more strands, wider; what shrinks in length gains in width; braids lie closer. */
function halfWidth(profile: HairProfile, pattern: Pattern): number {
  const fullness = Math.sqrt((strandCount(profile) * profile.strandDiameterMicrometres ** 2) / (100_000 * 70 ** 2));
  const style = { loose: 1, twists: 0.86, braids: 0.74 }[profile.style];
  const spread = 1 / Math.sqrt(fallShare(pattern, profile.style));
  return Math.min(86, (24 + 24 * fullness * style) * spread);
}

/** A crop lies about the skull; from here on it falls. */
const CROP_Y = 100;
const BUMPS: Readonly<Record<Pattern, number>> = { straight: 0, waves: 2.2, curls: 3.6, coils: 3.2 };
const STEP: Readonly<Record<Pattern, number>> = { straight: 22, waves: 13, curls: 8, coils: 7 };

/** Half the width at a height, from the crown to the tip. */
function halfAt(y: number, tip: number, half: number, pattern: Pattern): number {
  const skull = 36 * Math.sqrt(Math.max(0, 1 - ((y - 76) / 50) ** 2));
  const puff = pattern === 'coils' ? 12 : pattern === 'curls' ? 8 : 4;
  if (tip < CROP_Y) return skull + puff * 0.7;
  const far = Math.min(1, Math.max(0, (y - 60) / Math.max(40, Math.min(90, tip - 60))));
  return Math.max(y < 80 ? skull + puff : 0, 40 + puff + (half - 40) * far);
}

/** The outline of the hair seen from behind. Short hair is a cap; longer hair falls over the shoulders. */
export function hairOutline(profile: HairProfile, pattern: Pattern): string {
  const tip = Math.max(62, fallsToY(profile, pattern));
  const half = halfWidth(profile, pattern);
  const top = pattern === 'coils' || pattern === 'curls' ? 22 : 27;
  const bump = profile.style === 'loose' ? BUMPS[pattern] : 0;
  const sag = profile.evenness === 'blunt' ? 2 : profile.evenness === 'long-layers' ? 9 : 18;
  const end = tip < CROP_Y ? Math.min(tip, 96) : tip - sag;
  const count = Math.max(4, Math.round((end - top) / STEP[pattern]));
  const side = Array.from({ length: count }, (_, i): Point => {
    const share = (i + 1) / count;
    const y = top + (end - top) * share ** 1.15;
    const round = i === count - 1 && profile.style === 'loose' ? -4 : 0;
    return [CENTRE_X + halfAt(y, tip, half, pattern) + (i % 2 === 0 ? bump : -bump) + round, y];
  });
  const hem: Point = [CENTRE_X, tip < CROP_Y ? end + 8 : tip + sag * 0.5];
  const near = side.at(-1) ?? hem;
  const towards: Point = [CENTRE_X + (near[0] - CENTRE_X) * 0.55, (near[1] + hem[1]) / 2 + sag * 0.2 + bump];
  return blob(mirrored([[CENTRE_X, top], [CENTRE_X + 20, top + 3], ...side, towards, hem], CENTRE_X));
}

const LOCKS = { loose: { straight: 13, waves: 11, curls: 9, coils: 9 }, twists: 9, braids: 6 } as const;

/** Single strands, twists or braids inside the outline, each from the parting to its tip. */
export function strandPaths(profile: HairProfile, pattern: Pattern): string[] {
  const tip = Math.max(62, fallsToY(profile, pattern));
  const half = halfWidth(profile, pattern);
  const locks = LOCKS[profile.style];
  const count = typeof locks === 'number' ? locks : locks[pattern];
  const isCrop = tip < CROP_Y;
  const end = isCrop ? Math.min(tip, 96) - 4 : tip - 10;
  return Array.from({ length: count }, (_, i) => (2 * i) / (count - 1) - 1).flatMap((side) => {
    const from: Point = [CENTRE_X + side * 20, 34 + side * side * 14];
    const at = (t: number): Point => {
      const y = from[1] + (end - (isCrop ? side * side * 18 : Math.abs(side) * 8) - from[1]) * t;
      const wide = halfAt(y, tip, half, pattern) - 7;
      const out = from[0] + (CENTRE_X + side * wide - from[0]) * Math.min(1, t * (isCrop ? 1.1 : 3));
      return [out, y];
    };
    return profile.style === 'loose' ? [looseStrand(at, pattern, end - from[1])] : lock(at, profile.style, end - from[1]);
  });
}

/** A strand as it falls: straight, in waves, in open curls or in tight coils. */
function looseStrand(at: (t: number) => Point, pattern: Pattern, long: number): string {
  const { across, turn, loop } = {
    straight: { across: 0, turn: 60, loop: 0 },
    waves: { across: 3, turn: 34, loop: 0 },
    curls: { across: 4.2, turn: 15, loop: 3.4 },
    coils: { across: 3.6, turn: 8.5, loop: 3.4 },
  }[pattern];
  const turns = Math.max(1, long / turn);
  const perTurn = pattern === 'straight' ? 2 : 7;
  const steps = Math.max(3, Math.round(turns * perTurn));
  return bend(
    Array.from({ length: steps + 1 }, (_, i): Point => {
      const t = i / steps;
      const angle = 2 * Math.PI * turns * t;
      const [x, y] = at(t);
      return [x + across * Math.sin(angle), y + loop * Math.cos(angle)];
    }),
  );
}

/** A twist as two strands that cross, a braid as a plait with its edges. */
function lock(at: (t: number) => Point, style: 'twists' | 'braids', long: number): string[] {
  const wide = style === 'twists' ? 3.4 : 5.2;
  const turns = Math.max(2, Math.round(long / (style === 'twists' ? 15 : 13)));
  const steps = turns * 4;
  const strand = (phase: number, sway: (angle: number) => number): string =>
    bend(
      Array.from({ length: steps + 1 }, (_, i): Point => {
        const [x, y] = at(i / steps);
        return [x + wide * sway((Math.PI * i) / 4 + phase), y];
      }),
    );
  if (style === 'twists') return [strand(0, Math.sin), strand(Math.PI, Math.sin)];
  const chevrons = Array.from({ length: turns }, (_, i) => {
    const [x, y] = at((i + 0.5) / turns);
    return bend([[x - wide, y - 4], [x, y + 2], [x + wide, y - 4]]);
  });
  return [strand(0, () => 1), strand(0, () => -1), ...chevrons];
}
