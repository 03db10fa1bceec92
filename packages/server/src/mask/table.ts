import type { Mask } from '@amber-ladle/core/mask';
import { EntitySchema } from 'typeorm';

/** A mask of the household's own, as it is now. */
export interface MaskRow {
  id: string;
  version: number;
  body: Mask;
  createdAt: string;
  updatedAt: string;
  removedAt: string | null;
}

export const MaskEntity = new EntitySchema<MaskRow>({
  name: 'mask',
  columns: {
    id: { type: 'text', primary: true },
    version: { type: 'integer' },
    body: { type: 'simple-json' },
    createdAt: { type: 'text', name: 'created_at' },
    updatedAt: { type: 'text', name: 'updated_at' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
  },
});

/** A mask as it was at each of its versions, the present one among them. */
export interface MaskVersionRow {
  maskId: string;
  version: number;
  body: Mask;
  createdAt: string;
}

export const MaskVersionEntity = new EntitySchema<MaskVersionRow>({
  name: 'mask_version',
  columns: {
    maskId: { type: 'text', name: 'mask_id', primary: true },
    version: { type: 'integer', primary: true },
    body: { type: 'simple-json' },
    createdAt: { type: 'text', name: 'created_at' },
  },
});
