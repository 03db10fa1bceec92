import type { HairState, Mask, Need, Slot } from '@amber-ladle/core/mask';

/** What makers use a mask for, in words. */
export const NEED_WORDS: Readonly<Record<Need, string>> = {
  dry: 'dry hair',
  breakage: 'hair that snaps',
  frizz: 'frizz',
  tangles: 'tangles',
  dull: 'dullness',
  'oily-roots': 'oily roots',
  'flakes-or-itch': 'flakes or itch',
  'scalp-care': 'scalp care',
};

export const SLOT_WORDS: Readonly<Record<Slot, string>> = {
  'before-shampoo': 'before shampoo',
  'after-shampoo': 'after shampoo',
  either: 'before or after shampoo',
};

export const COVERAGE_WORDS: Readonly<Record<Mask['coverage'], string>> = {
  scalp: 'scalp',
  lengths: 'lengths and ends',
  'roots-to-tips': 'roots to tips',
};

export const KEEPING_WORDS: Readonly<Record<Mask['keeping'], string>> = {
  'same-day': 'Same day only; bin the rest.',
  'fridge-till-tomorrow': 'In the fridge with a label, until tomorrow.',
  freezes: 'Freezes in portions, each with a label.',
};

export const HEAT_WORDS: Readonly<Record<Mask['heat'], string>> = {
  never: 'No warmth at all: raw egg cooks.',
  cap: 'A cap is warm enough.',
  'dryer-may-help': 'A cap; a hooded dryer on low may shorten it.',
};

export const TEMPERATURE_WORDS: Readonly<Record<Mask['rinse']['temperature'], string>> = {
  'cool-to-lukewarm': 'cool to lukewarm water only',
  lukewarm: 'lukewarm water',
  'lukewarm-then-cool': 'lukewarm, then cool water',
  warm: 'warm water',
};

export const MIXING_WORDS: Readonly<Record<Mask['mixing'], string>> = {
  blender: 'blender',
  fork: 'fork',
  pot: 'pot and spoon',
};

export const APPLICATOR_WORDS: Readonly<Record<Mask['applicator'], string>> = {
  brush: 'brush',
  hand: 'hands',
  bottle: 'applicator bottle',
};

export const HAIR_STATE_WORDS: Readonly<Record<HairState, string>> = {
  dry: 'dry',
  spritzed: 'lightly spritzed',
  'towel-dried': 'washed and towel-dried',
};

/** How to rinse a mask out, in one sentence. */
export function rinseWords({ temperature, shampoos, conditioner, acidRinse }: Mask['rinse']): string {
  const after = [
    ['no shampoo', 'a mild shampoo once', 'a mild shampoo twice'][shampoos] ?? '',
    ...(conditioner ? ['conditioner on the lengths'] : []),
    ...(acidRinse ? ['a weak acid rinse for the smell'] : []),
  ];
  return `Rinse with ${TEMPERATURE_WORDS[temperature]}; then ${after.join(', then ')}.`;
}

/** Minutes as people say them. @example writeMinutes(90) // '1½ h' */
export function writeMinutes(minutes: number): string {
  if (minutes < 60) return `${minutes} min`;
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  if (rest === 0) return `${hours} h`;
  return rest === 30 ? `${hours}½ h` : `${hours} h ${rest} min`;
}
