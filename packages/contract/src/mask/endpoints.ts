import type { Mask } from '@amber-ladle/core/mask';
import { get, post, put, remove } from '../wire/endpoint';
import type { MaskVersion } from './mask';
import type { ToldUse } from './told';

const schemas = () => import('./mask');

/** The book of masks, their versions, and what was said of each as its maker writes it. */
export const masks = {
  list: get('/masks').giving<readonly Mask[]>().changingWith('masks'),
  one: get('/masks/:id').giving<Mask>().changingWith('masks').refusing('not-found'),
  versions: get('/masks/:id/versions').giving<MaskVersion[]>().changingWith('masks').refusing('not-found'),
  create: post('/masks')
    .taking(async () => (await schemas()).maskInputSchema)
    .creating<Mask>(),
  update: put('/masks/:id')
    .taking(async () => (await schemas()).maskUpdateSchema)
    .giving<Mask>()
    .refusing('not-found', 'stale'),
  remove: remove('/masks/:id').refusing('not-found'),
  restore: post('/masks/:id/restore').giving<Mask>().refusing('not-found'),
  told: get('/masks/:id/told').giving<ToldUse[]>().changingWith('notes').refusing('not-found'),
  tell: put('/masks/:id/told/:headId')
    .taking(async () => (await import('./told')).tellUseSchema)
    .giving<ToldUse[]>()
    .refusing('not-found'),
  untell: remove('/masks/:id/told/:headId').giving<ToldUse[]>().refusing('not-found'),
};
