/** Why something goes into the bin, as the book says it. */
export const BIN_REASONS = ['past its time', 'mouldy', 'brown', 'too much cut', 'smells'] as const;
export type BinReason = (typeof BIN_REASONS)[number];
/** Those that say it had turned; in books of some time ago also as it is spelt elsewhere. */
export const TURNED_REASONS: readonly string[] = ['past its time', 'mouldy', 'moldy', 'brown', 'smells'];
