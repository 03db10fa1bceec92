import {
  MOST_PHOTO,
  pageQuerySchema,
  parse,
  photoChangeSchema,
  photoWishSchema,
  type Crop,
} from '@amber-ladle/contract';
import express, { Router } from 'express';
import { notFound, wrongType } from '../http/errors';
import type { Household } from '../services/household';
import { addPhoto, changePhoto, listPhotos, photoData, removePhoto } from '../services/photos';

/** Pictures are brought in as they are; a page of another place cannot send this content type unasked. */
export function photoUpload(household: Household): Router {
  const router = Router();
  const body = express.raw({ type: ['image/*', 'application/octet-stream'], limit: MOST_PHOTO.bytes });
  router.post('/heads/:id/photos', body, async (request, response) => {
    if (!Buffer.isBuffer(request.body)) throw wrongType();
    const wish = photoWishSchema.cast(request.query, { assert: false });
    photoWishSchema.validateSync(wish, { abortEarly: false });
    response.status(201).json(await addPhoto(household, request.params.id, wish, request.body));
  });
  return router;
}

export function photoRoutes(household: Household): Router {
  const router = Router();
  router.get('/heads/:id/photos', async (request, response) => {
    const { offset, limit } = pageQuerySchema.validateSync(request.query, { abortEarly: false });
    response.json(await listPhotos(household, request.params.id, offset, limit));
  });
  router.get('/photos/:id/:size', async (request, response) => {
    const { id, size } = request.params;
    if (size !== 'large' && size !== 'small') throw notFound('picture');
    const data = await photoData(household, id, size);
    response.set('Cache-Control', 'private, max-age=31536000, immutable').type('image/webp').send(data);
  });
  router.patch('/photos/:id', async (request, response) => {
    const change = parse<{ words?: string; crop?: Crop }>(photoChangeSchema, request.body);
    response.json(await changePhoto(household, request.params.id, change));
  });
  router.delete('/photos/:id', async (request, response) => {
    await removePhoto(household, request.params.id);
    response.status(204).end();
  });
  router.post('/photos/:id/restore', async (request, response) => {
    await removePhoto(household, request.params.id, true);
    response.status(204).end();
  });
  return router;
}
