import { number, object, string } from 'yup';
import { instant, type Of, type Page } from '../wire';
import { fault } from '../wire/fault';

export const PHOTO_MOMENTS = ['before', 'after', 'length'] as const;

/** The part of a picture that is looked at: its middle as shares of width and height, and how much nearer. */
export interface Crop {
  x: number;
  y: number;
  zoom: number;
}

export const WHOLE: Crop = { x: 0.5, y: 0.5, zoom: 1 };

/** A picture of a head. The picture itself comes from its own address. */
export interface Photo {
  id: string;
  headId: string;
  bowlId?: string | undefined;
  at: string;
  moment: (typeof PHOTO_MOMENTS)[number];
  words: string;
  width: number;
  height: number;
  crop: Crop;
}

/** Points a picture may have: more is no photo of a head. */
export const MOST_POINTS = 60_000_000;

/** Pictures of a head: some of them, newest first, the very first one, and how many there are. */
export interface PhotoPage extends Page<Photo> {
  first?: Photo | undefined;
}

const share = number().required().min(0).max(1);
export const cropSchema = object({ x: share, y: share, zoom: number().required().min(1).max(8) }).noUnknown();

export const photoWishSchema = object({
  id: string().required().uuid(),
  at: instant.required(fault('say-when')),
  moment: string().oneOf(PHOTO_MOMENTS).required(),
  words: string().trim().default('').max(120),
  bowlId: string().max(80).optional(),
}).noUnknown();
/** What is said of a picture when it is brought in; the picture follows as the body. */
export type PhotoWish = Of<typeof photoWishSchema>;

export const photoChangeSchema = object({
  words: string().trim().max(120).optional(),
  crop: cropSchema.default(undefined).optional(),
}).noUnknown();
