import {
  checked,
  headInputSchema,
  headLookSchema,
  headMeasureSchema,
  storySchema,
  USUAL_LOOK,
} from '@amber-ladle/contract';
import { NO_STORY } from '@amber-ladle/core/judge';
import { object, string } from 'yup';
import { key, maybeMoment, moment, rowOf, version, type RowCheck } from '../kernel/row';
import type { HeadRow } from './table';

const kept = object({ id: key, version, createdAt: moment, updatedAt: moment, removedAt: maybeMoment });

/** The same as on the screen; a head from before stories and looks came up has told its own in part. */
export const headRow: RowCheck = (row) => {
  const { id, version: seen, createdAt, updatedAt, removedAt, story, look, ...input } = row as HeadRow;
  checked(kept, { id, version: seen, createdAt, updatedAt, removedAt });
  checked(storySchema, { ...NO_STORY, ...story });
  checked(headLookSchema, { ...USUAL_LOOK, ...look });
  checked(headInputSchema, input);
};

export const headMeasureRow = rowOf(
  object({ ...headMeasureSchema.fields, id: string().required().max(80), headId: key }),
);
