import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { createHead, getHead, listHeads, removeHead, restoreHead, updateHead } from './heads';
import { addMeasure, listMeasures, removeMeasure } from './measures';

export const headRoutes = (home: Household): Served[] => [
  on(api.heads.list, () => listHeads(home)),
  on(api.heads.one, ({ params }) => getHead(home, params.id)),
  on(api.heads.create, ({ body }) => createHead(home, body)),
  on(api.heads.update, ({ params, body }) => updateHead(home, params.id, body)),
  on(api.heads.remove, ({ params }) => removeHead(home, params.id)),
  on(api.heads.restore, ({ params }) => restoreHead(home, params.id)),
  on(api.heads.measures, ({ params }) => listMeasures(home, params.id)),
  on(api.heads.addMeasure, ({ params, body }) => addMeasure(home, params.id, body)),
  on(api.heads.removeMeasure, ({ params }) => removeMeasure(home, params.id, params.measureId)),
];
