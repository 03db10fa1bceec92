import type { WeekPlan } from '@amber-ladle/contract';
import { EntitySchema } from 'typeorm';

/** The plan that was kept last on a day. */
export interface WeekPlanRow {
  day: string;
  at: string;
  plan: WeekPlan;
}

export const WeekPlanEntity = new EntitySchema<WeekPlanRow>({
  name: 'week_plan',
  columns: {
    day: { type: 'text', primary: true },
    at: { type: 'text' },
    plan: { type: 'simple-json' },
  },
});
