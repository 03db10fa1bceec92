import { message } from '@amber-ladle/core/message';
import {
  MOST_POINTS,
  WHOLE,
  type Made,
  type Crop,
  type Photo,
  type PhotoPage,
  type PhotoWish,
} from '@amber-ladle/contract';
import { canonical } from '@amber-ladle/core/time';
import { IsNull } from 'typeorm';
import sharp from 'sharp';
import { BowlEntity } from '../bowl/table';
import { PhotoDataEntity, PhotoEntity, type PhotoDataRow, type PhotoRow } from './table';
import { inUse, invalid, notFound, Refusal, tooLarge } from '../kernel/refusal';
import { getHead } from '../head';
import type { Household } from '../kernel/household';

/** What is taken in. Vector pictures are documents, not photos, and are not opened. */
const FORMATS: ReadonlySet<string> = new Set(['jpeg', 'png', 'webp', 'avif', 'tiff', 'heif']);
/** Longest side as it is kept, and as it stands in a list, points. */
const SIZES = { large: 1600, small: 320 } as const;
const LONGEST_SECONDS = 30;

// One picture at a time, and none kept in memory afterwards.
sharp.cache(false);
sharp.concurrency(1);

const toPhoto = ({ removedAt: _removedAt, bowlId, ...row }: PhotoRow): Photo => ({
  ...row,
  ...(bowlId === null ? {} : { bowlId }),
});

/** Pictures of a head, newest first, a page at a time. @throws Refusal 404 */
export async function listPhotos(
  household: Household,
  headId: string,
  offset: number,
  limit: number,
): Promise<PhotoPage> {
  await getHead(household, headId);
  const { manager } = household.source;
  const where = { headId, removedAt: IsNull() };
  const [rows, total] = await manager.findAndCount(PhotoEntity, {
    where,
    order: { at: 'DESC', id: 'ASC' },
    skip: offset,
    take: limit,
  });
  const [first] = await manager.find(PhotoEntity, { where, order: { at: 'ASC', id: 'DESC' }, take: 1 });
  return { items: rows.map(toPhoto), total, offset, ...(first ? { first: toPhoto(first) } : {}) };
}

/**
 * Takes a picture in: turned as its camera held it, shrunk, everything else about it (place, camera, thumbnail) left
 * behind. Told again with the same id, even at the same moment, it is there once.
 * @throws Refusal not-found; too-large; invalid for what is no picture; in-use where another head has a picture of that id
 */
export async function addPhoto(
  household: Household,
  headId: string,
  { id, at, moment, words, bowlId }: PhotoWish,
  picture: Uint8Array,
): Promise<Made<Photo>> {
  await getHead(household, headId);
  const { source, writes, clock } = household;
  if (Date.parse(at) > Date.parse(clock.now())) throw invalid({ at: message('refusal.day-to-come') });
  const known = await source.manager.findOneBy(PhotoEntity, { id });
  if (known) return again(known, headId);
  if (bowlId && !(await source.manager.existsBy(BowlEntity, { id: bowlId }))) throw notFound('bowl');
  const { large, small, width, height } = await developed(picture);
  const row: PhotoRow = {
    id,
    headId,
    bowlId: bowlId ?? null,
    at: canonical(at),
    moment,
    words,
    width,
    height,
    crop: WHOLE,
    removedAt: null,
  };
  const twin = await writes.run(['notes'], async (manager) => {
    const before = await manager.findOneBy(PhotoEntity, { id });
    if (before) return before;
    await manager.insert(PhotoEntity, row);
    await manager.insert(PhotoDataEntity, [
      { photoId: id, size: 'large', data: large },
      { photoId: id, size: 'small', data: small },
    ]);
    return undefined;
  });
  return twin ? again(twin, headId) : { answer: toPhoto(row), isNew: true };
}

/** A picture that is there already. */
function again(row: PhotoRow, headId: string): Made<Photo> {
  if (row.headId !== headId) throw inUse(message('refusal.another-heads-picture'), message('refusal.bring-it-anew'));
  return { answer: toPhoto(row), isNew: false };
}

/** Turned, shrunk and stripped, large and small. @throws Refusal 413, 422 */
async function developed(
  picture: Uint8Array,
): Promise<{ large: Buffer; small: Buffer; width: number; height: number }> {
  if (picture.length === 0) throw notAPicture();
  const open = () => sharp(picture, { limitInputPixels: MOST_POINTS, failOn: 'error', pages: 1 });
  try {
    const { format, width = 0, height = 0 } = await sharp(picture, { limitInputPixels: false, pages: 1 }).metadata();
    if (!FORMATS.has(format)) throw notAPicture();
    if (width * height > MOST_POINTS) throw tooManyPoints(width, height);
    const { data: large, info } = await open()
      .rotate()
      .resize({ width: SIZES.large, height: SIZES.large, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#fff' })
      .toColourspace('srgb')
      .webp({ quality: 82 })
      .timeout({ seconds: LONGEST_SECONDS })
      .toBuffer({ resolveWithObject: true });
    const small = await sharp(large)
      .resize({ width: SIZES.small, height: SIZES.small, fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 76 })
      .toBuffer();
    return { large, small, width: info.width, height: info.height };
  } catch (error) {
    if (error instanceof Refusal) throw error;
    throw notAPicture();
  }
}

const notAPicture = () =>
  invalid({
    picture: message('refusal.no-picture'),
  });

const tooManyPoints = (width: number, height: number) =>
  tooLarge(
    message('refusal.too-many-points', { millions: Math.round((width * height) / 1e6) }),
    message('refusal.make-it-smaller'),
  );

/** The picture itself. @throws Refusal 404 */
export async function photoData({ source }: Household, id: string, size: PhotoDataRow['size']): Promise<Buffer> {
  const row = await source.manager.findOneBy(PhotoDataEntity, { photoId: id, size });
  if (!row || !(await source.manager.existsBy(PhotoEntity, { id, removedAt: IsNull() }))) throw notFound('picture');
  return row.data;
}

/** @throws Refusal 404 */
export async function changePhoto(
  household: Household,
  id: string,
  change: { readonly words?: string | undefined; readonly crop?: Crop | undefined },
): Promise<Photo> {
  const row = await household.writes.run(['notes'], async (manager) => {
    const before = await manager.findOneBy(PhotoEntity, { id, removedAt: IsNull() });
    if (!before) throw notFound('picture');
    const { words = before.words, crop = before.crop } = change;
    return manager.save(PhotoEntity, { ...before, words, crop });
  });
  return toPhoto(row);
}

/** @throws Refusal 404 */
export async function removePhoto(household: Household, id: string, isBack = false): Promise<void> {
  const { affected } = await household.writes.run(['notes'], (manager) =>
    manager.update(PhotoEntity, { id }, { removedAt: isBack ? null : household.clock.now() }),
  );
  if (!affected) throw notFound('picture');
}
