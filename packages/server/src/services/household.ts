import type { DataSource } from 'typeorm';
import type { Clock } from '../clock';
import { Writes } from '../db/writes';
import type { Events } from '../events';

/** What every service works with. */
export interface Household {
  readonly source: DataSource;
  readonly writes: Writes;
  readonly clock: Clock;
  readonly events: Events;
}

export function household(source: DataSource, clock: Clock, events: Events): Household {
  return { source, writes: new Writes(source), clock, events };
}
