import { checked, fault, faultAt, ingredientSchema } from '@amber-ladle/contract';
import { object } from 'yup';
import { key, maybeMoment, moment, version, type RowCheck } from '../kernel/row';
import type { IngredientRow } from './table';

const kept = object({ id: key, version, updatedAt: moment, removedAt: maybeMoment });

export const ingredientRow: RowCheck = (row) => {
  const { body, ...rest } = row as IngredientRow;
  checked(kept, rest);
  checked(ingredientSchema, body);
  if (body.id !== rest.id) throw faultAt('id', fault('called-otherwise'), body.id);
};
