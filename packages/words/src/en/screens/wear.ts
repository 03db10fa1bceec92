import type { Mask } from '@amber-ladle/core/mask';
import type { Pace } from '@amber-ladle/core/washday';

/** What is left in a bowl, as the eye judges it. */
export const LEFT_IN_BOWL: readonly { readonly share: number; readonly words: string }[] = [
  { share: 0.75, words: '¾' },
  { share: 0.5, words: '½' },
  { share: 0.35, words: '⅓' },
  { share: 0.25, words: '¼' },
  { share: 0.1, words: 'a spoonful' },
];

/**
 * Whether the rest of the bowl will last for what is still to come, and what to do if not.
 * @example lastsWords({ isShort: true, ratio: 0.7 }) // 'It will run short by about 30 %: lighter from here, …'
 */
export function lastsWords({ isShort, ratio }: Pick<Pace, 'isShort' | 'ratio'>): string {
  if (!isShort) return 'It will last.';
  const percent = Math.round((1 - ratio) * 100);
  return `It will run short by about ${percent} %: lighter from here, thin it with a splash of water, and keep the ends for last.`;
}

/** What to do where hair still feels coated under the water. Egg sets where it is warm: common practice, no published source. */
export function coatedWords({ heat, rinse }: Pick<Mask, 'heat' | 'rinse'>): string {
  const slip = rinse.conditioner ? 'a little conditioner for slip' : 'more water and fingers';
  return heat === 'never'
    ? `Again with cool water and ${slip}; never warm while egg is in it.`
    : `Again with ${slip}, from the nape up, combed out under the water.`;
}
