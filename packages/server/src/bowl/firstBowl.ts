import { NO_CHOICES, sizing } from '@amber-ladle/core/house';
import { schoolOf } from '@amber-ladle/core/judge';
import { writeLine, type WrittenLine } from '@amber-ladle/words';
import type { Settings } from '@amber-ladle/contract';
import { listHeads } from '../head';
import { readSettings } from '../household';
import { readHouse } from '../house';
import type { Household } from '../kernel/household';
import { listMasks } from '../mask';

/** A bowl as a fresh bench shows it first, in words. */
export interface FirstBowl {
  /** The light that the household reads by. */
  readonly light: Settings['theme'];
  readonly headName: string;
  readonly maskName: string;
  readonly madeMillilitres: number;
  readonly lines: readonly WrittenLine[];
}

/**
 * What a fresh bench comes to for a head and a mask, or for the first of each: the same that the page sizes when it is there.
 * @returns nothing where nobody is known yet, or where no bowl comes of it
 */
export async function firstBowl(
  household: Household,
  { headId, maskId }: { readonly headId?: string | undefined; readonly maskId?: string | undefined },
): Promise<FirstBowl | undefined> {
  const heads = await listHeads(household);
  const masks = await listMasks(household);
  const head = heads.find(({ id }) => id === headId) ?? heads[0];
  const book = masks.find(({ id }) => id === maskId) ?? masks[0];
  if (!head || !book) return undefined;
  const { theme } = await readSettings(household);
  const house = await readHouse(household);
  try {
    const { mask, bowl } = sizing(house, { heads: [head], mask: book, choices: NO_CHOICES });
    const isByWeight = schoolOf(house.schools, 'measure') === 'weight';
    return {
      light: theme,
      headName: head.name,
      maskName: mask.name,
      madeMillilitres: bowl.madeMillilitres,
      lines: bowl.lines.map((line) => writeLine(line, house.catalogue, house.spoons, isByWeight)),
    };
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}
