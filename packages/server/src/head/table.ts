import type { HeadLook, HeadMeasure } from '@amber-ladle/contract';
import type { HairProfile } from '@amber-ladle/core/hair';
import type { HeadStory } from '@amber-ladle/core/judge';
import { EntitySchema } from 'typeorm';

/** A head of hair. A deleted one stays for a while, so that removing can be undone. */
export interface HeadRow {
  id: string;
  name: string;
  note: string;
  ageYears: number;
  sensitiveSkin: boolean;
  profile: HairProfile;
  /** Empty for heads from before stories came up. */
  story: Partial<HeadStory>;
  /** Empty until somebody says how it looks. */
  look: Partial<HeadLook>;
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
    story: { type: 'simple-json' },
    look: { type: 'simple-json' },
    version: { type: 'integer' },
    createdAt: { type: 'text', name: 'created_at' },
    updatedAt: { type: 'text', name: 'updated_at' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
  },
});

/** A length that was measured, or a trim. */
export interface HeadMeasureRow extends HeadMeasure {
  headId: string;
}

export const HeadMeasureEntity = new EntitySchema<HeadMeasureRow>({
  name: 'head_measure',
  columns: {
    id: { type: 'text', primary: true },
    headId: { type: 'text', name: 'head_id' },
    at: { type: 'text' },
    kind: { type: 'text' },
    centimetres: { type: 'real' },
    where: { type: 'text', name: 'place' },
  },
});
