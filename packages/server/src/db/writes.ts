import type Database from 'better-sqlite3';
import type { DataSource, EntityManager } from 'typeorm';

/**
 * Runs writes one after the other, each in a transaction.
 *
 * SQLite has one writer and TypeORM one connection to it: two transactions at once would nest into each other,
 * and a rollback of the outer would take the inner's acknowledged write along.
 */
export class Writes {
  private last: Promise<unknown> = Promise.resolve();

  constructor(private readonly source: DataSource) {}

  run<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    const next = this.last.then(() => this.source.transaction(work));
    this.last = next.catch(() => undefined);
    return next;
  }

  /** Runs something between two transactions, for what no transaction may hold: a copy of everything. */
  alone<T>(work: (source: DataSource) => Promise<T>): Promise<T> {
    const next = this.last.then(() => work(this.source));
    this.last = next.catch(() => undefined);
    return next;
  }

  /** The connection itself, for what is done in one go without waiting; writes only within {@link alone}. */
  raw(): Database.Database {
    return (this.source.driver as unknown as { databaseConnection: Database.Database }).databaseConnection;
  }
}
