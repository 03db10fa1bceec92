import type { Keepings } from './keeping';
import type { Traits } from './traits';

/** Where in a shop things lie: fruit and vegetables, from the cold, dry and in jars, for skin and hair; in the order of a way through it. */
export const AISLES = ['fresh', 'dry', 'care', 'cold'] as const;
export type Aisle = (typeof AISLES)[number];

/** One row of the family table: what holds for its members where they say nothing nearer. */
export interface FamilyRow {
  readonly id: string;
  /** As a heading over its members. */
  readonly name: string;
  /** Its colour where members are seen from afar; the name always stands beside it. */
  readonly tint: string;
  /** Where in a shop its members lie (common practice, no published source). */
  readonly aisle: Aisle;
  readonly traits: Partial<Traits>;
  readonly keeping: Keepings;
}
