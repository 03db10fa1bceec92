import { CATALOGUE, overlaid, type Catalogue, type SaidIngredient } from '../ingredient';
import type { Schools } from '../judge';
import type { Evidence } from '../learn';
import type { Spoon } from '../measure';
import type { Climate } from '../shelf';
import type { Zone } from '../time';

/** What bowls taught, as far as sizing goes. */
export interface HouseLearning {
  readonly heads: Readonly<Record<string, { readonly evidence: readonly Evidence[] }>>;
  /** How much thicker or thinner a mask comes out here than reckoned, log₁₀ mPa·s, by mask. */
  readonly textures: Readonly<Record<string, { readonly offset: number }>>;
}

/** A household at a moment: everything that a whole job needs to know of it. Plain data, so that it can be sent to a worker. */
export interface House {
  readonly catalogue: Catalogue;
  readonly spoons: readonly Spoon[];
  readonly schools: Schools;
  readonly zone: Zone;
  readonly climate: Climate;
  readonly learning: HouseLearning;
  /** The present, milliseconds since 1970. */
  readonly now: number;
}

export const NOTHING_TAUGHT: HouseLearning = { heads: {}, textures: {} };

/** A house of which nothing is known but its spoons: for a bowl of a record, and for benches. */
export function bareHouse(spoons: readonly Spoon[], now: number, own: readonly SaidIngredient[] = []): House {
  return {
    catalogue: own.length === 0 ? CATALOGUE : overlaid(own),
    spoons,
    schools: {},
    zone: 'UTC',
    climate: { places: [], readings: [] },
    learning: NOTHING_TAUGHT,
    now,
  };
}
