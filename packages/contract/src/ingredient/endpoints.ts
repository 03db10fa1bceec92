import { get, post, put, remove } from '../wire/endpoint';
import type { OwnIngredient } from './ingredient';

/** The household's own and corrected rows of the catalogue. */
export const ingredients = {
  list: get('/ingredients').giving<OwnIngredient[]>().changingWith('ingredients'),
  save: put('/ingredients/:id')
    .taking(async () => (await import('./ingredient')).ingredientUpdateSchema)
    .giving<OwnIngredient>()
    .refusing('not-found', 'stale'),
  remove: remove('/ingredients/:id').refusing('not-found', 'in-use'),
  restore: post('/ingredients/:id/restore').giving<OwnIngredient>().refusing('not-found', 'in-use'),
};
