import { api } from '@amber-ladle/contract';
import { on, type Served } from '../http/serve';
import type { Household } from '../kernel/household';
import { notFound } from '../kernel/refusal';
import { addPhoto, changePhoto, listPhotos, photoData, removePhoto } from './photos';

export const photoRoutes = (home: Household): Served[] => [
  on(api.photos.ofHead, ({ params, query }) => listPhotos(home, params.id, query.offset, query.limit)),
  on(api.photos.add, ({ params, query, body }) => addPhoto(home, params.id, query, body)),
  on(api.photos.picture, async ({ params: { id, size }, response }) => {
    if (size !== 'large' && size !== 'small') throw notFound('picture');
    const data = await photoData(home, id, size);
    response.set('Cache-Control', 'private, max-age=31536000, immutable').type('image/webp').send(data);
  }),
  on(api.photos.change, ({ params, body }) => changePhoto(home, params.id, body)),
  on(api.photos.remove, ({ params }) => removePhoto(home, params.id)),
  on(api.photos.restore, ({ params }) => removePhoto(home, params.id, true)),
];
