import type { HairProfile } from '@amber-ladle/core/hair';
import { boolean, number, object, string, type ObjectSchema } from 'yup';
import { profileSchema } from './profile';

/** What a person fills in about a head. */
export interface HeadInput {
  name: string;
  note: string;
  ageYears: number;
  sensitiveSkin: boolean;
  profile: HairProfile;
}

/** A head as the server keeps it. */
export interface Head extends HeadInput {
  id: string;
  /** Rises with every change; a write names the version it saw. */
  version: number;
  createdAt: string;
  updatedAt: string;
}

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
};

export const headInputSchema: ObjectSchema<HeadInput> = object(headFields).noUnknown();

/** A change to a head names the version that was on the screen. */
export const headUpdateSchema: ObjectSchema<HeadInput & { version: number }> = object({
  ...headFields,
  version: number().integer().min(1).required('Say which version was changed.'),
}).noUnknown();
