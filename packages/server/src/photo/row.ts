import { fault, cropSchema, PHOTO_MOMENTS } from '@amber-ladle/contract';
import { mixed, number, object, string } from 'yup';
import { key, maybe, maybeMoment, moment, rowOf } from '../kernel/row';

const points = number().required().integer().min(1).max(10_000);

export const photoRow = rowOf(
  object({
    id: key,
    headId: key,
    bowlId: maybe(string().max(80)),
    at: moment,
    moment: string().oneOf(PHOTO_MOMENTS).required(),
    words: string().defined().max(120),
    width: points,
    height: points,
    crop: cropSchema.required(),
    removedAt: maybeMoment,
  }),
);

/** A WebP says so at its head (RIFF container, Google's specification of WebP). */
const isWebp = (data: unknown): data is Uint8Array =>
  data instanceof Uint8Array &&
  data.length > 30 &&
  Buffer.from(data.subarray(0, 4)).toString('latin1') === 'RIFF' &&
  Buffer.from(data.subarray(8, 12)).toString('latin1') === 'WEBP' &&
  Buffer.from(data.buffer, data.byteOffset, data.length).readUInt32LE(4) + 8 <= data.length + 1;

export const photoDataRow = rowOf(
  object({
    photoId: key,
    size: string()
      .oneOf(['large', 'small'] as const)
      .required(),
    data: mixed({ type: 'picture', check: isWebp }).required().typeError(fault('no-picture')),
  }),
);
