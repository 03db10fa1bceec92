import {
  bowlFromInHand,
  sizeBowl,
  type AmountOptions,
  type InHand,
  type SizedBowl,
  type SizedHead,
  type SizeOptions,
} from '@amber-ladle/core/batch';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import type { Mask } from '@amber-ladle/core/mask';
import { expose } from 'comlink';

const sizing = {
  size: (head: SizedHead, mask: Mask, options: SizeOptions): SizedBowl => sizeBowl(head, mask, CATALOGUE, options),
  fromInHand: (
    mask: Mask,
    gramsInHand: Readonly<Record<string, number>>,
    head: Pick<SizedHead, 'wearer'>,
    options: AmountOptions,
  ): InHand => bowlFromInHand(mask, CATALOGUE, gramsInHand, head, options),
};

export type Sizing = typeof sizing;

expose(sizing);
