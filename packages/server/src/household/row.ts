import { checked, MOST_LEVELS, settingsSchema, weekWishesSchema } from '@amber-ladle/contract';
import { array, number, object, string } from 'yup';
import type { RowCheck } from '../kernel/row';
import type { SettingRow } from './table';

const restock = array()
  .of(object({ ingredientId: string().required().max(80), grams: number().required().min(0).max(100_000) }).required())
  .required()
  .max(MOST_LEVELS);

/** What is set by the household, and the levels of what is always in the house, and what is wished of the weeks. */
export const settingRow: RowCheck = (row) => {
  const { key, value } = row as SettingRow;
  if (key === 'household') checked(settingsSchema, value);
  if (key === 'restock') checked(restock, value);
  if (key === 'weeks') checked(weekWishesSchema, value);
};
