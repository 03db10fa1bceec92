import type { Topic } from '@amber-ladle/contract';
import type { Request, Response } from 'express';

/** Tells every open page of a change, by server-sent events. */
export class Events {
  private readonly listeners = new Set<Response>();
  private readonly counts = new Map<Topic, number>();

  listen(request: Request, response: Response): void {
    response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', Connection: 'keep-alive' });
    response.flushHeaders();
    response.write('retry: 2000\n\n');
    this.listeners.add(response);
    request.on('close', () => this.listeners.delete(response));
  }

  /** How often any of these changed: what was worked out before the count went on is out of date. */
  revision(...changes: readonly Topic[]): number {
    return changes.reduce((sum, change) => sum + (this.counts.get(change) ?? 0), 0);
  }

  tell(change: Topic): void {
    this.counts.set(change, this.revision(change) + 1);
    for (const listener of this.listeners) listener.write(`event: change\ndata: ${change}\n\n`);
  }

  /** Ends all streams, so that the server can stop. */
  close(): void {
    for (const listener of this.listeners) listener.end();
    this.listeners.clear();
  }
}
