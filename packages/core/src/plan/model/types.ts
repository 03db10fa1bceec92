import type { Option, Supply } from '../problem';
import type { Programme } from '../programme';

/** What a point of the cost is for. */
export const COST_KINDS = [
  'lost',
  'risk',
  'late',
  'shopping',
  'bowls',
  'again',
  'due',
  'missing',
  'freezing',
  'changed',
] as const;
export type CostKind = (typeof COST_KINDS)[number];

/** One for each bowl that could be, 0 or 1. */
export interface BowlColumn {
  readonly column: number;
  readonly option: Option;
  readonly on: number;
  readonly isPinned: boolean;
}
/** Grams drawn of a supply on a day, of a piece opened on that day or before, or of what was frozen of it. */
export interface DrawColumn {
  readonly column: number;
  readonly supply: Supply;
  readonly on: number;
  readonly openedOn: number;
  readonly isFrozen: boolean;
}
/** Something that is had of a supply: pieces opened, units bought, grams frozen. */
export interface SupplyColumn {
  readonly column: number;
  readonly supply: Supply;
}
/** What a pinned bowl wants and nobody has; on a day, or at any time for what keeps. */
export interface MissingColumn {
  readonly column: number;
  readonly ingredientId: string;
  readonly on: number | undefined;
}
/** Packs of a good bought on a day. */
export interface PackColumn {
  readonly column: number;
  readonly ingredientId: string;
  readonly on: number;
}
/** What is lost of a supply: grams expected for each one of the column. */
export interface LostColumn extends SupplyColumn {
  readonly grams: number;
}

/** A programme with what its columns mean. */
export interface PlanModel {
  readonly programme: Programme;
  /** What each column costs for. */
  readonly kinds: readonly CostKind[];
  readonly bowls: readonly BowlColumn[];
  readonly draws: readonly DrawColumn[];
  /** Pieces opened on a day. */
  readonly opened: readonly (SupplyColumn & { readonly on: number })[];
  readonly bought: readonly SupplyColumn[];
  readonly packs: readonly PackColumn[];
  readonly frozen: readonly SupplyColumn[];
  readonly lost: readonly LostColumn[];
  readonly missing: readonly MissingColumn[];
}

/** A column with its value in a row. */
export type Entry = readonly [column: number, value: number];
