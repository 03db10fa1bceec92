/** So many wrong ones are forgiven: fingers slip. */
const FORGIVEN = 3;
/** From so many on nobody is let in for a while. */
const MOST = 10;
const LOCKED = 60 * 60_000;
const LONGEST_WAIT = 60_000;

/**
 * Tries at the door, slowed and then locked. They are counted for all devices together: whoever is in the net has as many addresses
 * as they like. One is counted as wrong before it is looked at, so that a hundred at once are not a hundred tries.
 */
export class Tries {
  private wrongOnes = 0;
  private nextAt = 0;

  /** @param now the world's present, milliseconds */
  constructor(private readonly now: () => number) {}

  get wrong(): number {
    return this.wrongOnes;
  }
  get isLocked(): boolean {
    return this.wrongOnes >= MOST && this.waitMilliseconds > 0;
  }
  /** How long nobody may try, milliseconds; 0 where anybody may. */
  get waitMilliseconds(): number {
    return Math.max(0, this.nextAt - this.now());
  }

  /**
   * Counts a try.
   * @returns whether it may be looked at; the caller says {@link forget} where it was right
   */
  begin(): boolean {
    if (this.waitMilliseconds > 0) return false;
    // After a lock, as many are forgiven as before.
    if (this.wrongOnes >= MOST) this.wrongOnes = 0;
    this.wrongOnes++;
    const wait =
      this.wrongOnes >= MOST
        ? LOCKED
        : this.wrongOnes <= FORGIVEN
          ? 0
          : Math.min(LONGEST_WAIT, 1000 * 2 ** (this.wrongOnes - FORGIVEN));
    this.nextAt = this.now() + wait;
    return true;
  }

  /** It was right, or somebody of the household has looked: everybody may try again. */
  forget(): void {
    this.wrongOnes = 0;
    this.nextAt = 0;
  }
}
