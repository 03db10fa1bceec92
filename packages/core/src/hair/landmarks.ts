/**
 * How far stretched hair of an adult reaches, by body landmark, in cm (common practice, no published source).
 * Ordered from the crown down.
 */
export const LANDMARKS = [
  { id: 'ear', centimetres: 10 },
  { id: 'chin', centimetres: 20 },
  { id: 'shoulder', centimetres: 30 },
  { id: 'armpit', centimetres: 40 },
  { id: 'mid-back', centimetres: 55 },
  { id: 'waist', centimetres: 70 },
  { id: 'hip', centimetres: 85 },
] as const;

export type LandmarkId = (typeof LANDMARKS)[number]['id'];

/** The landmark nearest to a stretched length in cm. @example nearestLandmark(33).id // 'shoulder' */
export function nearestLandmark(centimetres: number): (typeof LANDMARKS)[number] {
  return LANDMARKS.reduce((best, mark) =>
    Math.abs(mark.centimetres - centimetres) < Math.abs(best.centimetres - centimetres) ? mark : best,
  );
}
