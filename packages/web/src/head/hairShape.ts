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

/** The length that a height in the drawing stands for, cm. */
export function centimetresAt(y: number): number {
  return Math.min(DRAWN_CENTIMETRES, Math.max(2, (y - CROWN_Y) / UNITS_PER_CENTIMETRE));
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
  const style = { loose: 1, twists: 0.86, braids: 0.74, cornrows: 0.66 }[profile.style];
  const spread = 1 / Math.sqrt(fallShare(pattern, profile.style));
  return Math.min(86, (24 + 24 * fullness * style) * spread);
}

/** A crop lies about the skull; from here on it falls. */
const CROP_Y = 100;
const BUMPS: Readonly<Record<Pattern, number>> = { straight: 0, waves: 2.2, curls: 3.6, coils: 3.2 };
const STEP: Readonly<Record<Pattern, number>> = { straight: 22, waves: 13, curls: 8, coils: 7 };

/** Where the hair begins: what curls stands off the crown. */
const topY = (pattern: Pattern): number => (pattern === 'coils' ? 18 : pattern === 'curls' ? 22 : 27);
/** The widest of the skull. */
const WIDEST_Y = 78;

interface Fall {
  readonly top: number;
  readonly tip: number;
  readonly half: number;
  /** How far hair stands off the skull. */
  readonly puff: number;
  /** Loose curls and coils end round, all else in a hem. */
  readonly isRound: boolean;
}
function fallOf(profile: HairProfile, pattern: Pattern): Fall {
  const isLoose = profile.style === 'loose';
  return {
    top: topY(isLoose ? pattern : 'straight'),
    tip: Math.max(62, fallsToY(profile, pattern)),
    half: halfWidth(profile, pattern),
    puff: !isLoose ? 3 : { straight: 4, waves: 6, curls: 11, coils: 16 }[pattern],
    isRound: isLoose && (pattern === 'curls' || pattern === 'coils'),
  };
}

/** Half the width at a height: a dome over the skull, then as the hair falls. */
function halfAt(y: number, { top, tip, half, puff, isRound }: Fall): number {
  const dome = 35 + puff;
  if (y < WIDEST_Y) return dome * Math.sqrt(Math.max(0, 1 - ((WIDEST_Y - y) / (WIDEST_Y - top)) ** 2));
  if (tip < CROP_Y) return dome;
  const far = Math.min(1, (y - WIDEST_Y) / Math.max(36, Math.min(110, tip - WIDEST_Y)));
  const wide = dome + (half - dome) * far;
  if (!isRound) return wide;
  const low = Math.max(0, 1 - (tip - y) / Math.min(44, (tip - WIDEST_Y) * 0.8));
  return wide * Math.sqrt(1 - 0.72 * low * low);
}

/** The outline of the hair seen from behind. Short hair is a cap; longer hair falls over the shoulders. */
export function hairOutline(profile: HairProfile, pattern: Pattern): string {
  const isLoose = profile.style === 'loose';
  const fall = fallOf(profile, pattern);
  const { top, tip, isRound } = fall;
  const bump = isLoose ? BUMPS[pattern] : 0;
  const sag = isRound ? 4 : profile.evenness === 'blunt' ? 2 : profile.evenness === 'long-layers' ? 9 : 18;
  // Twists and braids are drawn one by one: only what lies about the skull is one shape.
  const end = !isLoose ? Math.min(tip, 104) : tip < CROP_Y ? Math.min(tip, 96) : tip - sag;
  const count = Math.max(7, Math.round((end - top) / STEP[pattern]));
  const side = Array.from({ length: count }, (_, i): Point => {
    const y = top + (end - top) * ((i + 1) / count) ** 1.35;
    const swell = y < 40 ? 0 : i % 2 === 0 ? bump : -bump;
    return [CENTRE_X + halfAt(y, fall) + swell, y];
  });
  const hem: Point = [CENTRE_X, tip < CROP_Y || !isLoose ? end + 8 : tip + sag * 0.5];
  const near = side.at(-1) ?? hem;
  const towards: Point = [CENTRE_X + (near[0] - CENTRE_X) * 0.55, (near[1] + hem[1]) / 2 + sag * 0.2 + bump];
  return blob(mirrored([[CENTRE_X, top], ...side, towards, hem], CENTRE_X));
}

const STRANDS: Readonly<Record<Pattern, number>> = { straight: 13, waves: 11, curls: 9, coils: 9 };
const LOCKS = { twists: 11, braids: 8, cornrows: 9 } as const;
/** How wide a twist and a braid are drawn. */
const LOCK_WIDTH = { twists: 7, braids: 10, cornrows: 5.5 } as const;

/** How a strand or a lock lies: 0 at the parting, 1 at its tip. */
type Way = (t: number) => Point;
function wayOf(side: number, fall: Fall, margin: number, isRow = false): Way {
  const isCrop = fall.tip < CROP_Y;
  const end = isCrop ? Math.min(fall.tip, 96) - 4 : fall.tip - (fall.isRound ? 14 : 10);
  // A cornrow begins at its own place on the crown and lies flat along the skull; all else comes from the parting.
  const from: Point = [
    CENTRE_X + side * (isRow ? 30 : 16),
    fall.top + (isRow ? 5 : 8) + side * side * (isRow ? 24 : 12),
  ];
  const to = end - (isCrop ? side * side * 18 : fall.isRound ? side * side * 16 : Math.abs(side) * 8);
  return (t) => {
    const y = from[1] + (to - from[1]) * t;
    const out = CENTRE_X + side * Math.max(0, halfAt(y, fall) - margin);
    return [from[0] + (out - from[0]) * Math.min(1, t * (isCrop ? 1.2 : 3.2)), y];
  };
}
const spread = (count: number): number[] => Array.from({ length: count }, (_, i) => (2 * i) / (count - 1) - 1);

/** Single strands of loose hair inside the outline, each from the parting to its tip. */
export function strandPaths(profile: HairProfile, pattern: Pattern): string[] {
  if (profile.style !== 'loose') return [];
  const fall = fallOf(profile, pattern);
  return spread(STRANDS[pattern]).map((side) => looseStrand(wayOf(side, fall, 7), pattern, fall.tip - fall.top));
}

/** A strand as it falls: straight, in waves, in open curls or in tight coils. */
function looseStrand(at: Way, pattern: Pattern, long: number): string {
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

/** A twist or a braid: its course, how wide it is, and what is seen on it. */
export interface HairLock {
  readonly course: string;
  readonly width: number;
  readonly turns: readonly string[];
}

/** Twists or braids, each from the parting to its tip; none of loose hair. */
export function hairLocks(profile: HairProfile, pattern: Pattern): HairLock[] {
  const { style } = profile;
  if (style === 'loose') return [];
  const fall = fallOf(profile, pattern);
  const width = LOCK_WIDTH[style];
  const half = width / 2;
  const count = Math.max(3, Math.round((fall.tip - fall.top) / (style === 'twists' ? 9 : 8)));
  // From the sides inwards, so that both sides lie alike.
  const sides = spread(LOCKS[style]).sort((a, b) => Math.abs(b) - Math.abs(a));
  return sides.map((side) => {
    const at = wayOf(side, fall, half, style === 'cornrows');
    const turns = Array.from({ length: count - 1 }, (_, i) => {
      const [x, y] = at((i + 1) / count);
      return style === 'twists'
        ? bend([
            [x - half, y - 3],
            [x, y - 1],
            [x + half, y + 3],
          ])
        : bend([
            [x - half, y - 3],
            [x, y + 2],
            [x + half, y - 3],
          ]);
    });
    return { course: bend(Array.from({ length: 12 }, (_, i) => at(i / 11))), width, turns };
  });
}
