import type { BowlSnapshot } from '@amber-ladle/contract';
import type { HairProfile } from '@amber-ladle/core/hair';
import type { Ingredient } from '@amber-ladle/core/ingredient';
import type { Mask } from '@amber-ladle/core/mask';
import { EntitySchema } from 'typeorm';

/** A head of hair. A deleted one stays for a while, so that removing can be undone. */
export interface HeadRow {
  id: string;
  name: string;
  note: string;
  ageYears: number;
  sensitiveSkin: boolean;
  profile: HairProfile;
  version: number;
  createdAt: string;
  updatedAt: string;
  removedAt: string | null;
}

export const HeadEntity = new EntitySchema<HeadRow>({
  name: 'head',
  columns: {
    id: { type: 'text', primary: true },
    name: { type: 'text' },
    note: { type: 'text' },
    ageYears: { type: 'real', name: 'age_years' },
    sensitiveSkin: { type: 'boolean', name: 'sensitive_skin' },
    profile: { type: 'simple-json' },
    version: { type: 'integer' },
    createdAt: { type: 'text', name: 'created_at' },
    updatedAt: { type: 'text', name: 'updated_at' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
  },
});

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

/** One setting of the household. */
export interface SettingRow {
  key: string;
  value: unknown;
}

export const SettingEntity = new EntitySchema<SettingRow>({
  name: 'setting',
  columns: {
    key: { type: 'text', primary: true },
    value: { type: 'simple-json' },
  },
});

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

/** An ingredient of the household's own, or its correction of a built-in one with the same id. */
export interface IngredientRow {
  id: string;
  version: number;
  body: Ingredient;
  updatedAt: string;
  removedAt: string | null;
}

export const IngredientEntity = new EntitySchema<IngredientRow>({
  name: 'ingredient',
  columns: {
    id: { type: 'text', primary: true },
    version: { type: 'integer' },
    body: { type: 'simple-json' },
    updatedAt: { type: 'text', name: 'updated_at' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
  },
});
