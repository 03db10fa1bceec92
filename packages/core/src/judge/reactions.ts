import type { Wore } from './cadence';
import { patchState, type HeadStory } from './story';

/** What a head has worn, as far as its skin has spoken. */
export interface WornBefore {
  /** Ingredients it has worn without a word of complaint. */
  readonly known: ReadonlySet<string>;
  /** Masks that were rinsed out because they burned or itched, with the last time, milliseconds since 1970. */
  readonly burned: ReadonlyMap<string, number>;
  /** What was in them and in nothing that was worn in peace: any of it may have been the one. With the last time. */
  readonly suspects: ReadonlyMap<string, number>;
}

/**
 * What a head's bowls say of its skin.
 * @example
 * const inPeace = { at: '2026-03-01T09:00:00Z', maskId: 'a', rhythms: [], ingredientIds: ['honey'] };
 * const burned = { ...inPeace, maskId: 'b', ingredientIds: ['honey', 'lemon-juice'], isBurned: true };
 * [...wornBefore([inPeace, burned]).suspects.keys()] // ['lemon-juice']
 */
export function wornBefore(wore: readonly Wore[]): WornBefore {
  const inPeace = wore.filter(({ isBurned }) => !isBurned);
  const known = new Set(inPeace.flatMap(({ ingredientIds }) => ingredientIds));
  const burned = new Map<string, number>();
  const suspects = new Map<string, number>();
  for (const { maskId, at, ingredientIds } of wore.filter(({ isBurned }) => isBurned)) {
    const when = Date.parse(at);
    burned.set(maskId, Math.max(when, burned.get(maskId) ?? when));
    for (const id of ingredientIds) if (!known.has(id)) suspects.set(id, Math.max(when, suspects.get(id) ?? when));
  }
  return { known, burned, suspects };
}

/** True where a patch test after it burned was fine. */
export function isCleared(
  story: Pick<HeadStory, 'patchTests'>,
  ingredientId: string,
  burnedAt: number,
  now: number,
): boolean {
  const since = { patchTests: story.patchTests.filter(({ at }) => Date.parse(at) > burnedAt) };
  return patchState(since, ingredientId, now).state === 'fine';
}
