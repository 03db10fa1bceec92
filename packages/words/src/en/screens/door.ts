import type { Deed } from '@amber-ladle/contract';

/** What an address of the server is about, by its first step. */
const ABOUT: Readonly<Record<string, string>> = {
  bowls: 'a bowl',
  devices: 'the devices for practice',
  door: 'the door',
  heads: 'a head',
  settings: 'the settings',
  backups: 'the copies',
  ingredients: 'an ingredient',
  masks: 'the book of masks',
  photos: 'a picture',
  stock: 'the shelf',
  places: 'the places of the shelf',
  readings: 'a temperature',
  restock: 'what is always in the house',
  washdays: 'the wash day',
  weeks: 'the weeks',
};
/** Where the first step says too little. */
const CLOSER: readonly (readonly [pattern: RegExp, about: string])[] = [
  [/^\/bowls\/:id\/logs\//, 'the notes of a bowl'],
  [/^\/bowls\/:id\/wear$/, 'a mask on a head'],
  [/^\/heads\/:id\/photos$/, 'a picture'],
  [/^\/heads\/:id\/measures/, 'a length'],
  [/^\/files\/household$/, 'the whole household'],
  [/^\/files\/log$/, 'the notes'],
  [/^\/files\/stock$/, 'the shelf'],
];

/**
 * What a device changed, in words.
 * @example deedWords({ path: '/bowls/:id/wear' }) // 'a mask on a head'
 */
export const deedWords = ({ path }: Pick<Deed, 'path'>): string =>
  CLOSER.find(([pattern]) => pattern.test(path))?.[1] ?? ABOUT[path.split('/')[1] ?? ''] ?? 'something';

/** Minutes and seconds that are left. @example countdown(125) // '2:05' */
export const countdown = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
