import type { ScaleHands } from '@amber-ladle/contract';
import {
  EMPTY_SCALE,
  loaded,
  scaleAfter,
  scaleReading,
  tared,
  type ScaleReading,
  type ScaleState,
} from '@amber-ladle/core/shelf';
import { Listeners } from '../kernel/listeners';

const TICK_MILLISECONDS = 200;

/** Stands in for a kitchen scale until a real one is connected; streams what its display says. */
export class SimulatedScale {
  private state: ScaleState = EMPTY_SCALE;
  private at = Date.now();
  readonly listeners = new Listeners<ScaleReading>();
  private timer: NodeJS.Timeout | undefined;
  private said = '';

  read(): ScaleReading {
    return scaleReading(this.now());
  }

  handle({ put, tare, clear }: ScaleHands): ScaleReading {
    if (clear) this.state = { ...EMPTY_SCALE, shownGrams: this.now().shownGrams };
    if (put !== undefined) this.state = loaded(this.now(), put);
    if (tare) this.state = tared(this.now());
    this.tell();
    return this.read();
  }

  /** Follows its display from now on, and tells what it says at once. */
  follow(): void {
    this.timer ??= setInterval(() => {
      this.tell();
    }, TICK_MILLISECONDS).unref();
    this.listeners.tell(this.read());
  }
  /** Stops following where nobody listens any more. */
  rest(): void {
    if (this.listeners.size > 0) return;
    clearInterval(this.timer);
    this.timer = undefined;
  }

  close(): void {
    clearInterval(this.timer);
    this.listeners.close();
  }

  private tell(): void {
    const reading = this.read();
    const said = JSON.stringify(reading);
    if (said === this.said) return;
    this.said = said;
    this.listeners.tell(reading);
  }

  private now(): ScaleState {
    const now = Date.now();
    this.state = scaleAfter(this.state, (now - this.at) / 1000);
    this.at = now;
    return this.state;
  }
}
