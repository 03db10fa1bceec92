import type { BowlSnapshot } from '@amber-ladle/contract';
import { EntitySchema } from 'typeorm';

/** A kept bowl. The snapshot holds all it was made from; the other columns are for lists. */
export interface BowlRow {
  id: string;
  headId: string;
  headName: string;
  maskId: string;
  maskName: string;
  madeMillilitres: number;
  keptAt: string;
  removedAt: string | null;
  snapshot: BowlSnapshot;
}

export const BowlEntity = new EntitySchema<BowlRow>({
  name: 'bowl',
  columns: {
    id: { type: 'text', primary: true },
    headId: { type: 'text', name: 'head_id' },
    headName: { type: 'text', name: 'head_name' },
    maskId: { type: 'text', name: 'mask_id' },
    maskName: { type: 'text', name: 'mask_name' },
    madeMillilitres: { type: 'real', name: 'made_millilitres' },
    keptAt: { type: 'text', name: 'kept_at' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
    snapshot: { type: 'simple-json' },
  },
});
