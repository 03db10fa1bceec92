import { checked, fault, faultAt, maskInputSchema } from '@amber-ladle/contract';
import { object } from 'yup';
import { key, maybeMoment, moment, version, type RowCheck } from '../kernel/row';
import type { MaskRow, MaskVersionRow } from './table';

const kept = object({ id: key, version, createdAt: moment, updatedAt: moment, removedAt: maybeMoment });
const keptVersion = object({ maskId: key, version, createdAt: moment });

function checkBody({ id, version: seen, ...input }: MaskRow['body'], of: { id: string; version: number }): void {
  checked(maskInputSchema, input);
  if (id !== of.id || seen !== of.version) throw faultAt('id', fault('called-otherwise'), id);
}

export const maskRow: RowCheck = (row) => {
  const { body, ...rest } = row as MaskRow;
  checked(kept, rest);
  checkBody(body, rest);
};

export const maskVersionRow: RowCheck = (row) => {
  const { body, ...rest } = row as MaskVersionRow;
  checked(keptVersion, rest);
  checkBody(body, { id: rest.maskId, version: rest.version });
};
