import type { Keepings } from './keeping';
import type { Traits } from './traits';

/** One row of the family table: what holds for its members where they say nothing nearer. */
export interface FamilyRow {
  readonly id: string;
  /** As a heading over its members. */
  readonly name: string;
  /** Its colour where members are seen from afar; the name always stands beside it. */
  readonly tint: string;
  readonly traits: Partial<Traits>;
  readonly keeping: Keepings;
}
