import type { WearLog, WornFacts } from '@amber-ladle/contract';
import { EntitySchema } from 'typeorm';

/** What was written down of a bowl on a head; the facts of the bowl beside it. */
export interface WearLogRow {
  bowlId: string;
  headId: string;
  at: string;
  version: number;
  facts: WornFacts;
  body: WearLog;
}

export const WearLogEntity = new EntitySchema<WearLogRow>({
  name: 'wear_log',
  columns: {
    bowlId: { type: 'text', name: 'bowl_id', primary: true },
    headId: { type: 'text', name: 'head_id', primary: true },
    at: { type: 'text' },
    version: { type: 'integer' },
    facts: { type: 'simple-json' },
    body: { type: 'simple-json' },
  },
});

/** From when on a head's bowls teach anew; the latest counts. */
export interface ForgettingRow {
  headId: string;
  at: string;
}

export const ForgettingEntity = new EntitySchema<ForgettingRow>({
  name: 'forgetting',
  columns: {
    headId: { type: 'text', name: 'head_id', primary: true },
    at: { type: 'text', primary: true },
  },
});
