import { weekPlanSchema } from '@amber-ladle/contract';
import { object, string } from 'yup';
import { moment, rowOf } from '../kernel/row';

export const weekPlanRow = rowOf(
  object({ day: string().required().length(10), at: moment, plan: weekPlanSchema.required() }),
);
