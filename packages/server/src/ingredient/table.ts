import type { SaidIngredient } from '@amber-ladle/core/ingredient';
import { EntitySchema } from 'typeorm';

/** An ingredient of the household's own, or its correction of a built-in one with the same id. */
export interface IngredientRow {
  id: string;
  version: number;
  body: SaidIngredient;
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
