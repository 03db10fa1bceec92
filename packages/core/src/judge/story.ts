import type { Allergen } from '../ingredient';
import type { Need } from '../mask';
import { HOUR } from '../time';

export const HAIR_COLOURS = ['natural', 'coloured', 'bleached'] as const;
export type HairColour = (typeof HAIR_COLOURS)[number];

/** A dab on the inner elbow, and what came of it. Without an outcome it is still being waited for. */
export interface PatchTest {
  readonly ingredientId: string;
  /** ISO 8601. */
  readonly at: string;
  readonly outcome?: 'fine' | 'reaction' | undefined;
}

export const TREATMENTS = ['protein', 'colour', 'bleach', 'clarifying'] as const;
/** Something done elsewhere that a mask has to reckon with. */
export interface Treatment {
  readonly kind: (typeof TREATMENTS)[number];
  /** ISO 8601. */
  readonly at: string;
}

/** What a head tells beside its measurements. */
export interface HeadStory {
  /** What it asks for; none is "nothing in particular". */
  readonly needs: readonly Need[];
  readonly isWeighedDown: boolean;
  readonly isProteinSensitive: boolean;
  readonly colour: HairColour;
  readonly allergies: readonly Allergen[];
  readonly hasLatexAllergy: boolean;
  /** Broken, sore or infected skin at present. */
  readonly hasBrokenSkin: boolean;
  readonly patchTests: readonly PatchTest[];
  readonly treatments: readonly Treatment[];
}

export const NO_STORY: HeadStory = {
  needs: [],
  isWeighedDown: false,
  isProteinSensitive: false,
  colour: 'natural',
  allergies: [],
  hasLatexAllergy: false,
  hasBrokenSkin: false,
  patchTests: [],
  treatments: [],
};

/** Hours until a patch test that shows nothing can be called fine: the upper end of 24 to 48 h (dermatology practice, from memory). */
export const PATCH_HOURS = 48;

/** What is known of an ingredient on a head: the last word counts. */
export function patchState(
  { patchTests }: Pick<HeadStory, 'patchTests'>,
  ingredientId: string,
  now: number,
): { readonly state: 'untested' | 'waiting' | 'fine' | 'reaction'; readonly freeAt?: number } {
  const last = patchTests
    .filter((test) => test.ingredientId === ingredientId)
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
    .at(-1);
  if (!last) return { state: 'untested' };
  if (last.outcome) return { state: last.outcome };
  return { state: 'waiting', freeAt: Math.max(now, Date.parse(last.at) + PATCH_HOURS * HOUR) };
}
