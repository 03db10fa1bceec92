export { listIngredients, readCatalogue, removeIngredient, restoreIngredient, saveIngredient } from './ingredients';
