import type { PlaceKind } from '@amber-ladle/core/shelf';
import { EntitySchema } from 'typeorm';

/** A place where things stand. */
export interface PlaceRow {
  id: string;
  name: string;
  kind: PlaceKind;
  celsius: number;
  sort: number;
  version: number;
}

export const PlaceEntity = new EntitySchema<PlaceRow>({
  name: 'place',
  columns: {
    id: { type: 'text', primary: true },
    name: { type: 'text' },
    kind: { type: 'text' },
    celsius: { type: 'real' },
    sort: { type: 'integer' },
    version: { type: 'integer' },
  },
});

/** What a thermometer said. */
export interface ReadingRow {
  placeId: string;
  at: string;
  celsius: number;
}

export const ReadingEntity = new EntitySchema<ReadingRow>({
  name: 'reading',
  columns: {
    placeId: { type: 'text', name: 'place_id', primary: true },
    at: { type: 'text', primary: true },
    celsius: { type: 'real' },
  },
});
