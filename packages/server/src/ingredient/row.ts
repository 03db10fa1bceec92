import { checked, ingredientSchema } from '@amber-ladle/contract';
import { object, ValidationError } from 'yup';
import { key, maybeMoment, moment, version, type RowCheck } from '../kernel/row';
import type { IngredientRow } from './table';

const kept = object({ id: key, version, updatedAt: moment, removedAt: maybeMoment });

export const ingredientRow: RowCheck = (row) => {
  const { body, ...rest } = row as IngredientRow;
  checked(kept, rest);
  checked(ingredientSchema, body);
  if (body.id !== rest.id) throw new ValidationError('It is called otherwise inside.', body.id, 'id');
};
