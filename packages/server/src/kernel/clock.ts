/** The one place where the present comes from. The demo and the tests can set it. */
export class Clock {
  private offsetMilliseconds = 0;

  /** The present moment, as ISO 8601 in UTC. */
  now(): string {
    return new Date(Date.now() + this.offsetMilliseconds).toISOString();
  }

  /**
   * Makes the present a given moment; it runs on from there.
   * @param instant ISO 8601
   * @throws RangeError for what is no instant
   */
  set(instant: string): void {
    const wanted = Date.parse(instant);
    if (Number.isNaN(wanted)) throw new RangeError('A moment is written as ISO 8601.');
    this.offsetMilliseconds = wanted - Date.now();
  }
}
