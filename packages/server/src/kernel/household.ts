import type { DataSource } from 'typeorm';
import type { Clock } from './clock';
import { UnitOfWork } from './unitOfWork';
import type { Events } from './events';
import { Turns } from './turns';

/** What every service works with. */
export interface Household {
  readonly source: DataSource;
  readonly writes: UnitOfWork;
  readonly clock: Clock;
  readonly events: Events;
  /** Copies are made one after the other, beside everything else. */
  readonly copies: Turns;
}

export function household(source: DataSource, clock: Clock, events: Events): Household {
  return { source, writes: new UnitOfWork(source, events), clock, events, copies: new Turns() };
}
