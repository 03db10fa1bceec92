import type { ToldUse } from '@amber-ladle/contract';
import { EntitySchema } from 'typeorm';

export type ToldUseRow = ToldUse;

export const ToldUseEntity = new EntitySchema<ToldUseRow>({
  name: 'told_use',
  columns: {
    maskId: { type: 'text', name: 'mask_id', primary: true },
    headId: { type: 'text', name: 'head_id', primary: true },
    at: { type: 'text' },
    outcome: { type: 'text' },
    maskName: { type: 'text', name: 'mask_name' },
    facts: { type: 'simple-json' },
  },
});
