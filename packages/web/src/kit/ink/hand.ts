import rough from 'roughjs';

const generator = rough.generator();
const drawn = new Map<string, string>();

/** A number that stays the same for the same path, so that a thing is drawn by the same hand each time. */
function seedOf(text: string): number {
  let sum = 7;
  for (let at = 0; at < text.length; at++) sum = (sum * 31 + text.charCodeAt(at)) % 2_147_483_646;
  return sum + 1;
}

/** The larger side of what a path covers. */
function extent(d: string): number {
  const numbers = [...d.matchAll(/-?\d+(?:\.\d+)?/g)].map(Number);
  const side = (odd: number): number => {
    const along = numbers.filter((_, at) => at % 2 === odd);
    return Math.max(...along) - Math.min(...along);
  };
  return Math.max(side(0), side(1));
}
/** A seed is drawn with a steadier hand than a bowl. */
const STEADY_BELOW = 30;

/**
 * A path as a hand draws it with one stroke of the pen: nearly along it.
 * @param d an SVG path in a view box of about 100
 * @param unrest how far the hand strays, about in units of the view box
 */
export function byHand(d: string, unrest = 0.8): string {
  const key = `${unrest} ${d}`;
  const known = drawn.get(key);
  if (known !== undefined) return known;
  const options = {
    seed: seedOf(d),
    roughness: unrest * Math.min(1, extent(d) / STEADY_BELOW),
    bowing: 0.6,
    disableMultiStroke: true,
    preserveVertices: true,
    fixedDecimalPlaceDigits: 1,
  };
  const path = generator
    .toPaths(generator.path(d, options))
    .map((one) => one.d)
    .join(' ');
  drawn.set(key, path);
  return path;
}
