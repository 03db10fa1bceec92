import { letGo } from './letGo';
import { Turns } from './turns';
import type { Sqlite } from './sqlite';
import type { DataSource, EntityManager } from 'typeorm';
import type { Topic } from '@amber-ladle/contract';
import type { Events } from './events';

/**
 * Everything that is written: one piece of work after the other, each in a transaction of its own, told of after its commit.
 *
 * SQLite has one writer and TypeORM one connection to it: two transactions at once would nest into each other, and a rollback of the
 * outer would take the inner's acknowledged write along. So BEGIN, COMMIT and ROLLBACK are done here, on the connection
 * itself, and nothing is answered while that connection is inside a transaction: one whose commit failed (a full disk) would else take every later
 * write into itself and lose them all.
 */
export class UnitOfWork {
  private readonly turns = new Turns();

  constructor(
    private readonly source: DataSource,
    private readonly events: Events,
  ) {}

  /**
   * Runs work in a transaction and tells what changed once it is committed.
   * @param topics what the work changes, or what it turned out to have changed
   * @throws what the work throws, after a rollback; what the disk says where the commit fails: then nothing of it is kept
   */
  run<T>(
    topics: readonly Topic[] | ((done: T) => readonly Topic[]),
    work: (manager: EntityManager) => Promise<T>,
  ): Promise<T> {
    return this.turns.next(async () => {
      const done = await this.inTransaction(work);
      for (const topic of typeof topics === 'function' ? topics(done) : topics) this.events.tell(topic);
      return done;
    });
  }

  /** Runs something between two transactions, for what no transaction may hold, and tells of it. */
  alone<T>(topics: readonly Topic[], work: (source: DataSource) => Promise<T>): Promise<T> {
    return this.turns.next(async () => {
      const done = await work(this.source);
      for (const topic of topics) this.events.tell(topic);
      return done;
    });
  }

  /** The connection itself, for what is done in one go without waiting; writes only within {@link alone}. */
  raw(): Sqlite {
    return (this.source.driver as unknown as { databaseConnection: Sqlite }).databaseConnection;
  }

  private async inTransaction<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    if (this.raw().inTransaction) await this.reopened();
    const runner = this.source.createQueryRunner();
    this.raw().exec('BEGIN IMMEDIATE');
    // What a library would begin inside belongs to this one.
    Object.assign(runner, { isTransactionActive: true });
    try {
      const done = await work(runner.manager);
      this.raw().exec('COMMIT');
      return done;
    } catch (error) {
      await this.rolledBack();
      throw error;
    } finally {
      Object.assign(runner, { isTransactionActive: false });
    }
  }

  /** Out of the transaction again, whatever it takes. */
  private async rolledBack(): Promise<void> {
    try {
      // SQLite rolls back by itself where it must.
      if (this.raw().inTransaction) this.raw().exec('ROLLBACK');
    } catch {
      await this.reopened();
      return;
    }
    if (this.raw().inTransaction) await this.reopened();
  }

  /** A connection that cannot leave its transaction is given up; what it had not committed is gone, as it was never answered. */
  private async reopened(): Promise<void> {
    await this.source.destroy();
    await letGo();
    await this.source.initialize();
  }
}
