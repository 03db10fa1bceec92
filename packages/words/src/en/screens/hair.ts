import type { HeadLook } from '@amber-ladle/contract';
import type { LandmarkId, StrandClass } from '@amber-ladle/core/hair';

/** How far hair reaches. */
export const LANDMARK_WORDS: Readonly<Record<LandmarkId, string>> = {
  ear: 'ear',
  chin: 'chin',
  shoulder: 'shoulder',
  armpit: 'armpit',
  'mid-back': 'mid-back',
  waist: 'waist',
  hip: 'hip',
};

export const STRAND_WORDS: Readonly<Record<StrandClass, string>> = {
  fine: 'fine',
  medium: 'medium',
  coarse: 'coarse',
};

/** How it falls in the drawing of a head. */
export const PATTERN_WORDS: Readonly<Record<HeadLook['pattern'], string>> = {
  straight: 'straight',
  waves: 'waves',
  curls: 'curls',
  coils: 'coils',
};

/** What the tones of the drawing are called. */
export const SKIN_TONE_WORDS: Readonly<Record<HeadLook['skin'], string>> = {
  porcelain: 'porcelain',
  sand: 'sand',
  honey: 'honey',
  bronze: 'bronze',
  umber: 'umber',
  ebony: 'ebony',
};
export const HAIR_TONE_WORDS: Readonly<Record<HeadLook['hair'], string>> = {
  black: 'black',
  'dark-brown': 'dark brown',
  brown: 'brown',
  chestnut: 'chestnut',
  copper: 'copper',
  'dark-blond': 'dark blond',
  blond: 'blond',
  grey: 'grey',
  white: 'white',
};
