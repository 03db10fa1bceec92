import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { tellUse, toldOf, untellUse } from './told';

export const toldRoutes = (home: Household): Served[] => [
  on(api.masks.told, ({ params }) => toldOf(home, params.id)),
  on(api.masks.tell, ({ params, body }) => tellUse(home, params.id, params.headId, body.outcome)),
  on(api.masks.untell, ({ params }) => untellUse(home, params.id, params.headId)),
];
