import { message } from '@amber-ladle/core/message';
import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { invalid } from '../kernel/refusal';
import { listIngredients, removeIngredient, restoreIngredient, saveIngredient } from './ingredients';

export const ingredientRoutes = (home: Household): Served[] => [
  on(api.ingredients.list, () => listIngredients(home)),
  on(api.ingredients.save, ({ params, body: { row, version } }) => {
    if (row.id !== params.id) throw invalid({ 'row.id': message('refusal.id-of-address') });
    return saveIngredient(home, row, version);
  }),
  on(api.ingredients.remove, ({ params }) => removeIngredient(home, params.id)),
  on(api.ingredients.restore, ({ params }) => restoreIngredient(home, params.id)),
];
