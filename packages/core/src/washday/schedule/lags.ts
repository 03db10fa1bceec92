/** No relation between two moments. Far below any sum of minutes, far above the underflow of 32 bits. */
export const NO_LAG = -1_000_000;

/**
 * The least time from every moment to every other, as far as it is settled: `at(a, b)` minutes must pass from `a` to `b`.
 * A negative lag is a limit the other way round: `at(b, a) = −20` says that `b` comes at most 20 minutes after `a`.
 *
 * All longest paths are kept closed while lags are added, so that what one lag implies for the others is known at once
 * (Bartusch, Möhring & Radermacher 1988, "Scheduling project networks with resource constraints and time windows",
 * from memory).
 */
export class Lags {
  private constructor(
    readonly size: number,
    private readonly cells: Int32Array,
  ) {}

  static none(size: number): Lags {
    const cells = new Int32Array(size * size).fill(NO_LAG);
    for (let i = 0; i < size; i++) cells[i * size + i] = 0;
    return new Lags(size, cells);
  }

  copy(): Lags {
    return new Lags(this.size, this.cells.slice());
  }

  at(from: number, to: number): number {
    return this.cells[from * this.size + to] as number;
  }

  /** True when a lag can be added without a contradiction. */
  allows(from: number, to: number, minutes: number): boolean {
    return minutes + this.at(to, from) <= 0;
  }

  /**
   * Adds a lag and everything that follows from it.
   * @returns false, with nothing changed, where it contradicts what is settled
   */
  add(from: number, to: number, minutes: number): boolean {
    if (minutes <= this.at(from, to)) return true;
    if (!this.allows(from, to, minutes)) return false;
    const { size, cells } = this;
    for (let a = 0; a < size; a++) {
      const upTo = cells[a * size + from] as number;
      if (upTo <= NO_LAG / 2) continue;
      const through = upTo + minutes;
      for (let b = 0; b < size; b++) {
        const onward = cells[to * size + b] as number;
        if (onward <= NO_LAG / 2) continue;
        if (through + onward > (cells[a * size + b] as number)) cells[a * size + b] = through + onward;
      }
    }
    return true;
  }
}
