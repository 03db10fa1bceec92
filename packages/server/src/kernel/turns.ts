/** One piece of work after the other. */
export class Turns {
  private last: Promise<unknown> = Promise.resolve();

  next<T>(work: () => Promise<T>): Promise<T> {
    const next = this.last.then(work);
    this.last = next.catch(() => undefined);
    return next;
  }
}
