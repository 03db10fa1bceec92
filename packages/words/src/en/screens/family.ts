import { FAMILY_ROWS, familyOf } from '@amber-ladle/core/ingredient';

export const familyName = (family: string): string => familyOf(family).name;
/** All families, to choose from. */
export const FAMILY_ITEMS = FAMILY_ROWS.map(({ id, name }) => ({ value: id, title: name }));
