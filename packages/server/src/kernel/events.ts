import type { Topic } from '@amber-ladle/contract';
import { Listeners } from './listeners';

/** What changed, told to whoever listens, and counted. */
export class Events {
  readonly listeners = new Listeners<Topic>();
  private readonly counts = new Map<Topic, number>();

  /** How often any of these changed: what was worked out before the count went on is out of date. */
  revision(...topics: readonly Topic[]): number {
    return topics.reduce((sum, topic) => sum + (this.counts.get(topic) ?? 0), 0);
  }

  tell(topic: Topic): void {
    this.counts.set(topic, this.revision(topic) + 1);
    this.listeners.tell(topic);
  }

  /** Ends all listening, so that the server can stop. */
  close(): void {
    this.listeners.close();
  }
}
