import type { BowlEnd, LeftOver, Worn } from '@amber-ladle/contract';
import type { Message } from '@amber-ladle/core/message';
import type { Stay } from '@amber-ladle/core/shelf';
import { EntitySchema } from 'typeorm';

/** Where a kept bowl has been, and how it ended. */
export interface BowlLifeRow {
  bowlId: string;
  madeAt: string;
  /** The day it is meant for, where it is not for now. */
  plannedFor: string | null;
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
