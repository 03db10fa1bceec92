import type { HeadStory, Wore } from '@amber-ladle/core/judge';
import { boolean, number, object, string } from 'yup';
import { seenVersion, type Of } from '../wire';
import { profileSchema } from './profile';
import { headLookSchema, type HeadLook } from './look';
import { storySchema } from './story';
import { fault } from '../wire/fault';

/** A head as the server keeps it. */
export interface Head extends Omit<HeadInput, 'story' | 'look'> {
  id: string;
  /** Rises with every change; a write names the version it saw. */
  version: number;
  createdAt: string;
  updatedAt: string;
  story: HeadStory;
  look: HeadLook;
}

/** What each head has worn, by head, newest first. */
export type Histories = Record<string, Wore[]>;

const headFields = {
  name: string().trim().required(fault('head-name')).max(60),
  note: string().trim().defined().max(500),
  ageYears: number().typeError(fault('age-number')).required(fault('age-needed')).min(0).max(120),
  sensitiveSkin: boolean().required(),
  profile: profileSchema.required(),
  /** What it asks for and must be careful about; kept as it was where it is left out. */
  story: storySchema.default(undefined).optional(),
  /** How it is drawn; kept as it was where it is left out. */
  look: headLookSchema.default(undefined).optional(),
};

export const headInputSchema = object(headFields).noUnknown();
/** What a person fills in about a head. */
export type HeadInput = Of<typeof headInputSchema>;

/** A change to a head names the version that was on the screen. */
export const headUpdateSchema = object({
  ...headFields,
  version: seenVersion(1),
}).noUnknown();
export type HeadUpdate = Of<typeof headUpdateSchema>;
