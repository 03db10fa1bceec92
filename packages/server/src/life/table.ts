import type { BowlEnd, LeftOver, Worn } from '@amber-ladle/contract';
import type { BowlFact } from '@amber-ladle/core/washday';
import type { Message } from '@amber-ladle/core/message';
import type { Stay } from '@amber-ladle/core/shelf';
import { EntitySchema } from 'typeorm';

/** Where a kept bowl has been, and how it ended: what its log comes to, written down with each line of it so that lists need not read logs. */
export interface BowlLifeRow {
  bowlId: string;
  madeAt: string;
  /** The day it is meant for, where it is not for now. */
  plannedFor: string | null;
  /** Which length of wear was chosen for it, by its aim. */
  wearAimMinutes: number | null;
  /** True once its ingredients were taken from the shelf. */
  isDrawn: boolean;
  startShare: number;
  stays: Stay[];
  wearing: Record<string, Worn>;
  leftOver: LeftOver | null;
  endedAt: string | null;
  endedHow: BowlEnd | null;
  decisions: { at: string; what: Message }[];
}

export const BowlLifeEntity = new EntitySchema<BowlLifeRow>({
  name: 'bowl_life',
  columns: {
    bowlId: { type: 'text', name: 'bowl_id', primary: true },
    madeAt: { type: 'text', name: 'made_at' },
    plannedFor: { type: 'text', name: 'planned_for', nullable: true },
    wearAimMinutes: { type: 'integer', name: 'wear_aim_minutes', nullable: true },
    isDrawn: { type: 'boolean', name: 'is_drawn' },
    startShare: { type: 'real', name: 'start_share' },
    stays: { type: 'simple-json' },
    wearing: { type: 'simple-json' },
    leftOver: { type: 'simple-json', name: 'left_over', nullable: true },
    endedAt: { type: 'text', name: 'ended_at', nullable: true },
    endedHow: { type: 'text', name: 'ended_how', nullable: true },
    decisions: { type: 'simple-json' },
  },
});

/** A line of a bowl's log. Rows are added, never changed. */
export interface BowlEventRow {
  /** Rises in the order of telling. */
  sort: number;
  id: string;
  bowlId: string;
  pressId: string;
  /** When it happened. */
  at: string;
  toldAt: string;
  dayId: string | null;
  placeId: string | null;
  fact: BowlFact;
}

export const BowlEventEntity = new EntitySchema<BowlEventRow>({
  name: 'bowl_event',
  columns: {
    sort: { type: 'integer', primary: true, generated: 'increment' },
    id: { type: 'text' },
    bowlId: { type: 'text', name: 'bowl_id' },
    pressId: { type: 'text', name: 'press_id' },
    at: { type: 'text' },
    toldAt: { type: 'text', name: 'told_at' },
    dayId: { type: 'text', name: 'day_id', nullable: true },
    placeId: { type: 'text', name: 'place_id', nullable: true },
    fact: { type: 'simple-json' },
  },
});
