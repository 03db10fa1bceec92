import type { Crop, Photo } from '@amber-ladle/contract';
import { EntitySchema } from 'typeorm';

/** A picture of a head; a removed one stays for a while, so that removing can be undone. */
export interface PhotoRow {
  id: string;
  headId: string;
  bowlId: string | null;
  at: string;
  moment: Photo['moment'];
  words: string;
  width: number;
  height: number;
  crop: Crop;
  removedAt: string | null;
}

export const PhotoEntity = new EntitySchema<PhotoRow>({
  name: 'photo',
  columns: {
    id: { type: 'text', primary: true },
    headId: { type: 'text', name: 'head_id' },
    bowlId: { type: 'text', name: 'bowl_id', nullable: true },
    at: { type: 'text' },
    moment: { type: 'text' },
    words: { type: 'text' },
    width: { type: 'integer' },
    height: { type: 'integer' },
    crop: { type: 'simple-json' },
    removedAt: { type: 'text', name: 'removed_at', nullable: true },
  },
});

/** The picture itself, large and small. */
export interface PhotoDataRow {
  photoId: string;
  size: 'large' | 'small';
  data: Buffer;
}

export const PhotoDataEntity = new EntitySchema<PhotoDataRow>({
  name: 'photo_data',
  columns: {
    photoId: { type: 'text', name: 'photo_id', primary: true },
    size: { type: 'text', primary: true },
    data: { type: 'blob' },
  },
});
