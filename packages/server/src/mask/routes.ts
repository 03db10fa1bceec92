import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { createMask, getMask, listMasks, maskVersions, removeMask, restoreMask, updateMask } from './masks';

export const maskRoutes = (home: Household): Served[] => [
  on(api.masks.list, () => listMasks(home)),
  on(api.masks.one, ({ params }) => getMask(home, params.id)),
  on(api.masks.versions, ({ params }) => maskVersions(home, params.id)),
  on(api.masks.create, ({ body }) => createMask(home, body)),
  on(api.masks.update, ({ params, body: { version, ...input } }) => updateMask(home, params.id, version, input)),
  on(api.masks.remove, ({ params }) => removeMask(home, params.id)),
  on(api.masks.restore, ({ params }) => restoreMask(home, params.id)),
];
