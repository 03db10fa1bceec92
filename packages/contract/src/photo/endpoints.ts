import { get, patch, post, remove } from '../wire/endpoint';
import type { Photo, PhotoPage } from './photo';

const schemas = () => import('./photo');

/** Bytes of a picture as it is brought in. */
const MOST_BYTES = 20_000_000;

/** Pictures of heads. */
export const photos = {
  ofHead: get('/heads/:id/photos')
    .asking(async () => (await import('../wire/page')).pageQuerySchema)
    .giving<PhotoPage>()
    .changingWith('notes')
    .refusing('not-found'),
  add: post('/heads/:id/photos')
    .asking(async () => (await schemas()).photoWishSchema)
    .takingPicture(MOST_BYTES)
    .making<Photo>()
    .takingItsTime()
    .refusing('not-found', 'wrong-type', 'in-use'),
  picture: get('/photos/:id/:size').givingFile().refusing('not-found'),
  change: patch('/photos/:id')
    .taking(async () => (await schemas()).photoChangeSchema)
    .giving<Photo>()
    .refusing('not-found'),
  remove: remove('/photos/:id').refusing('not-found'),
  restore: post('/photos/:id/restore').refusing('not-found'),
};
