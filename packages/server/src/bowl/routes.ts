import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { endBowl, makeBowl, moveBowl } from '../life';
import { costOfBowl } from '../stock';
import { drawForBowl } from './draw';
import { getBowl, keepBowl, keepBowls, listBowls, removeBowl, restoreBowl } from './bowls';
import { readHistories } from './histories';
import { leaveBowl, unleaveBowl, wearBowl } from './wearing';

export const bowlRoutes = (home: Household): Served[] => [
  on(api.heads.histories, () => readHistories(home)),
  on(api.bowls.list, ({ query }) => listBowls(home, query.offset, query.limit)),
  on(api.bowls.one, ({ params }) => getBowl(home, params.id)),
  on(api.bowls.keep, async ({ body }) => {
    const { bowl, isNew } = await keepBowl(home, body);
    return { answer: bowl, isNew };
  }),
  on(api.bowls.keepEach, ({ body }) => keepBowls(home, body.bowls)),
  on(api.bowls.cost, ({ params }) => costOfBowl(home, params.id)),
  on(api.bowls.draw, ({ params, body }) => drawForBowl(home, params.id, body)),
  on(api.bowls.made, ({ params, body }) => makeBowl(home, params.id, body.placeId, body)),
  on(api.bowls.move, ({ params, body }) => moveBowl(home, params.id, body.placeId, body)),
  on(api.bowls.wear, ({ params, body }) => wearBowl(home, params.id, body)),
  on(api.bowls.end, ({ params, body }) => endBowl(home, params.id, body.how, body.decision, body)),
  on(api.bowls.leave, ({ params, body }) => leaveBowl(home, params.id, body)),
  on(api.bowls.unleave, ({ params }) => unleaveBowl(home, params.id)),
  on(api.bowls.remove, ({ params }) => removeBowl(home, params.id)),
  on(api.bowls.restore, ({ params }) => restoreBowl(home, params.id)),
];
