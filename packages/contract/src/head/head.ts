import type { HeadStory, Wore } from '@amber-ladle/core/judge';
import { boolean, number, object, string } from 'yup';
import { seenVersion, type Of } from '../wire';
import { profileSchema } from './profile';
import { headLookSchema, type HeadLook } from './look';
import { storySchema } from './story';

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
  name: string().trim().required('Give the head a name.').max(60, 'A name has at most 60 letters.'),
  note: string().trim().defined().max(500, 'A note has at most 500 letters.'),
  ageYears: number()
    .typeError('Age is a number of years.')
    .required('Age decides the limits for scents: give it in years.')
    .min(0, 'Age is 0 or more.')
    .max(120, 'Age is at most 120 years.'),
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
