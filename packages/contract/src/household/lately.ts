import type { MovementKind } from '@amber-ladle/core/shelf';

/** What can be taken back long after its moment: a change of stock, or something that was taken out. */
export const LATELY_KINDS = ['stock', 'bowl', 'head', 'mask', 'ingredient', 'photo'] as const;
export type LatelyKind = (typeof LATELY_KINDS)[number];

/** One thing that was done and can be taken back still. */
export interface LatelyDone {
  readonly kind: LatelyKind;
  /** Of the change of stock, or of what was taken out. */
  readonly id: string;
  /** What was said of it then, or its name. */
  readonly what: string;
  /** Of a change of stock: what it began with. */
  readonly did?: MovementKind;
  /** Ids of up to three ingredients that it was about, of a mask those there is most of; of a head or a picture, none. */
  readonly things: readonly string[];
  /** ISO 8601. */
  readonly at: string;
}
