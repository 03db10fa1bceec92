import { object, string } from 'yup';
import type { Of } from '../wire';

/** How hair falls by itself, and the tones a head is drawn in. For the drawing alone: no amount is reckoned from it. */
export const HAIR_PATTERNS = ['straight', 'waves', 'curls', 'coils'] as const;
export const SKIN_TONES = ['porcelain', 'sand', 'honey', 'bronze', 'umber', 'ebony'] as const;
export const HAIR_TONES = [
  'black',
  'dark-brown',
  'brown',
  'chestnut',
  'copper',
  'dark-blond',
  'blond',
  'grey',
  'white',
] as const;

export const headLookSchema = object({
  pattern: string().oneOf(HAIR_PATTERNS).required(),
  skin: string().oneOf(SKIN_TONES).required(),
  hair: string().oneOf(HAIR_TONES).required(),
}).noUnknown();
export type HeadLook = Of<typeof headLookSchema>;

/** Until somebody says how a head looks. */
export const USUAL_LOOK: HeadLook = { pattern: 'straight', skin: 'honey', hair: 'brown' };
