import { createHash, randomBytes, randomInt } from 'node:crypto';

/** Letters and digits that nobody takes for another, read aloud or from a screen: no vowels, no 0 1 2 5 8. */
const LETTERS = '34679CDFGHJKMNPQRTVWXY';
const LENGTH = 8;

/** A code to join by, in two groups: 22⁸, five in 10¹⁰ for ten tries at random. */
export function newCode(): string {
  const text = Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');
  return `${text.slice(0, LENGTH / 2)}-${text.slice(LENGTH / 2)}`;
}

/** A code as it is compared, however it was written. @example plainCode(' cdfg 3467') // 'CDFG3467' */
export const plainCode = (text: string): string => text.toUpperCase().replace(/[^A-Z0-9]/g, '');

/** A secret that nobody types: 256 bits. */
export const newSecret = (): string => randomBytes(32).toString('base64url');

/** What is stored of a secret; whoever reads it can do nothing with it. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');
