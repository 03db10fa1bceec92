import type { WashDay } from '@amber-ladle/contract';
import type { DayMove } from '@amber-ladle/core/washday';
import { EntitySchema } from 'typeorm';

/** A wash day, its steps fixed when it began. */
export interface WashDayRow extends Omit<WashDay, 'events' | 'endedAt'> {
  endedAt: string | null;
}

export const WashDayEntity = new EntitySchema<WashDayRow>({
  name: 'wash_day',
  columns: {
    id: { type: 'text', primary: true },
    bowlIds: { type: 'simple-json', name: 'bowl_ids' },
    wish: { type: 'simple-json' },
    rings: { type: 'integer' },
    steps: { type: 'simple-json' },
    order: { type: 'simple-json', name: 'step_order' },
    leastWear: { type: 'simple-json', name: 'least_wear' },
    startedAt: { type: 'text', name: 'started_at' },
    endedAt: { type: 'text', name: 'ended_at', nullable: true },
  },
});

/** Something told of a wash day. Rows are added, never changed. */
export interface WashEventRow {
  id: string;
  dayId: string;
  pressId: string;
  at: string;
  /** Order within the day. */
  sort: number;
  body: DayMove;
}

export const WashEventEntity = new EntitySchema<WashEventRow>({
  name: 'wash_event',
  columns: {
    id: { type: 'text', primary: true },
    dayId: { type: 'text', name: 'day_id' },
    pressId: { type: 'text', name: 'press_id' },
    at: { type: 'text' },
    sort: { type: 'integer' },
    body: { type: 'simple-json' },
  },
});
