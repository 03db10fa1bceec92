import type { DataSource } from 'typeorm';
import type { Clock } from './clock';
import { UnitOfWork } from './unitOfWork';
import type { Events } from './events';
import type { SideThreads } from './sideThreads';
import { Turns } from './turns';

/** What every service works with. */
export interface Household {
  readonly source: DataSource;
  readonly writes: UnitOfWork;
  readonly clock: Clock;
  readonly events: Events;
  /** Copies are made one after the other, beside everything else. */
  readonly copies: Turns;
  /** For what takes long; the threads belong to the process, not to the household. */
  readonly side: SideThreads;
}

export function household(source: DataSource, clock: Clock, events: Events, side: SideThreads): Household {
  return { source, writes: new UnitOfWork(source, events), clock, events, copies: new Turns(), side };
}

/** The file that a household is kept in. */
export const fileOf = ({ source }: Pick<Household, 'source'>): string => String(source.options.database);
