import { FAMILY_ROWS, familyOf } from '@amber-ladle/core/ingredient';

/** The fill of a family in the vessel. The name always stands beside it: colour carries nothing alone. */
export const familyFill = (family: string): string => familyOf(family).tint;
export const familyName = (family: string): string => familyOf(family).name;
/** All families, to choose from. */
export const FAMILY_ITEMS = FAMILY_ROWS.map(({ id, name }) => ({ value: id, title: name }));
