import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { readLately } from './lately';

export const latelyRoutes = (home: Household): Served[] => [on(api.household.lately, () => readLately(home))];
