/** Somebody who is told of something until they go. */
export interface Listener<T> {
  tell(what: T): void;
  /** Nothing more will be told. */
  end(): void;
}

/** Everybody who listens to one thing. */
export class Listeners<T> {
  private readonly all = new Set<Listener<T>>();

  /** @returns the way to stop listening */
  add(listener: Listener<T>): () => void {
    this.all.add(listener);
    return () => void this.all.delete(listener);
  }

  get size(): number {
    return this.all.size;
  }

  tell(what: T): void {
    for (const listener of this.all) listener.tell(what);
  }

  /** Ends all of them, so that the server can stop. */
  close(): void {
    for (const listener of this.all) listener.end();
    this.all.clear();
  }
}
