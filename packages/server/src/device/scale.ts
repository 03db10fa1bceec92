import {
  EMPTY_SCALE,
  loaded,
  scaleAfter,
  scaleReading,
  tared,
  type ScaleReading,
  type ScaleState,
} from '@amber-ladle/core/shelf';
import type { Request, Response } from 'express';

const TICK_MILLISECONDS = 200;

/** What hands do at a scale. */
export interface ScaleHands {
  /** Puts on, or takes off, so many grams. */
  readonly put?: number | undefined;
  readonly tare?: boolean | undefined;
  readonly clear?: boolean | undefined;
}

/** Stands in for a kitchen scale until a real one is connected; streams what its display says. */
export class SimulatedScale {
  private state: ScaleState = EMPTY_SCALE;
  private at = Date.now();
  private readonly listeners = new Set<Response>();
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

  /** Streams readings by server-sent events: at once, and whenever the display changes. */
  listen(request: Request, response: Response): void {
    response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', Connection: 'keep-alive' });
    response.flushHeaders();
    response.write(`event: reading\ndata: ${JSON.stringify(this.read())}\n\n`);
    this.listeners.add(response);
    this.timer ??= setInterval(() => {
      this.tell();
    }, TICK_MILLISECONDS).unref();
    request.on('close', () => {
      this.listeners.delete(response);
      if (this.listeners.size > 0) return;
      clearInterval(this.timer);
      this.timer = undefined;
    });
  }

  close(): void {
    clearInterval(this.timer);
    for (const listener of this.listeners) listener.end();
    this.listeners.clear();
  }

  private tell(): void {
    const reading = JSON.stringify(this.read());
    if (reading === this.said) return;
    this.said = reading;
    for (const listener of this.listeners) listener.write(`event: reading\ndata: ${reading}\n\n`);
  }

  private now(): ScaleState {
    const now = Date.now();
    this.state = scaleAfter(this.state, (now - this.at) / 1000);
    this.at = now;
    return this.state;
  }
}
