import type { HairProfile } from '@amber-ladle/core/hair';
import { strandCount } from '@amber-ladle/core/hair';

/** The drawing's scale: stretched hair from the crown down, in units of the view box to the centimetre. */
export const UNITS_PER_CENTIMETRE = 4;
export const CROWN_Y = 42;
/** The longest hair the drawing can hold, in cm. */
export const DRAWN_CENTIMETRES = 105;
export const CENTRE_X = 120;

/** Where hair of a length ends in the drawing. */
export function tipY(centimetres: number): number {
  return CROWN_Y + Math.min(DRAWN_CENTIMETRES, centimetres) * UNITS_PER_CENTIMETRE;
}

/** The length that a height in the drawing stands for, in whole cm. */
export function centimetresAt(y: number): number {
  return Math.round(Math.min(DRAWN_CENTIMETRES, Math.max(2, (y - CROWN_Y) / UNITS_PER_CENTIMETRE)));
}

/** Half the width of the falling hair: more strands, wider; braids lie closer. */
function halfWidth(profile: HairProfile): number {
  const fullness = Math.sqrt((strandCount(profile) * profile.strandDiameterMicrometres ** 2) / (100_000 * 70 ** 2));
  const style = { loose: 1, twists: 0.9, braids: 0.8 }[profile.style];
  return Math.min(82, 26 + 26 * fullness * style);
}

/** The outline of the hair seen from behind. Short hair is a cap; longer hair falls over the shoulders. */
export function hairOutline(profile: HairProfile): string {
  const tip = tipY(profile.stretchedLengthCentimetres);
  const half = halfWidth(profile);
  const crown = 26;
  const top = `M ${CENTRE_X} ${crown} C ${CENTRE_X - 48} ${crown}, ${CENTRE_X - 46} 62`;
  if (tip < 96) {
    const side = Math.max(54, tip);
    return `${top}, ${CENTRE_X - 41} ${side} Q ${CENTRE_X} ${side + 14} ${CENTRE_X + 41} ${side} C ${CENTRE_X + 46} 62, ${CENTRE_X + 48} ${crown}, ${CENTRE_X} ${crown} Z`;
  }
  const sag = profile.evenness === 'blunt' ? 3 : profile.evenness === 'long-layers' ? 12 : 24;
  return `${top}, ${CENTRE_X - 44} 96 L ${CENTRE_X - half} ${tip - sag} Q ${CENTRE_X} ${tip + sag} ${CENTRE_X + half} ${tip - sag} L ${CENTRE_X + 44} 96 C ${CENTRE_X + 46} 62, ${CENTRE_X + 48} ${crown}, ${CENTRE_X} ${crown} Z`;
}

/** Single strands, twists or braids inside the outline. */
export function strandPaths(profile: HairProfile): string[] {
  const tip = tipY(profile.stretchedLengthCentimetres);
  const half = halfWidth(profile);
  const count = { loose: 15, twists: 9, braids: 7 }[profile.style];
  const sway = { loose: 1.5, twists: 3.4, braids: 2.4 }[profile.style];
  const start = 50;
  const end = Math.max(start + 8, tip - 8);
  return Array.from({ length: count }, (_, i) => {
    const side = (2 * i) / (count - 1) - 1;
    const from = CENTRE_X + side * 34;
    const to = CENTRE_X + side * (tip < 96 ? 36 : half - 6);
    const steps = Math.max(2, Math.round((end - start) / 14));
    const points = Array.from({ length: steps + 1 }, (_, step) => {
      const t = step / steps;
      const x = from + (to - from) * Math.min(1, t * 1.4) + (step % 2 === 0 ? sway : -sway);
      return `${x.toFixed(1)} ${(start + (end - start) * t - (1 - Math.abs(side)) * 14 * (1 - t)).toFixed(1)}`;
    });
    return `M ${points.join(profile.style === 'braids' ? ' L ' : ' L ')}`;
  });
}
