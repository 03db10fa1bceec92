import type { WashDay } from '@amber-ladle/contract';
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
