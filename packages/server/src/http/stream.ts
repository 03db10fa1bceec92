import type { Request, Response } from 'express';
import type { Listeners } from '../kernel/listeners';

/** How long a browser waits before it asks again, milliseconds. */
const RETRY_MILLISECONDS = 2000;

/**
 * Tells a page of whatever its listeners are told, by server-sent events, until it goes.
 * @param event what each is called
 * @param write what is said of one
 * @param onGone once the page is gone
 */
export function stream<T>(
  { request, response }: { readonly request: Request; readonly response: Response },
  listeners: Listeners<T>,
  event: string,
  write: (what: T) => string,
  onGone: () => void = () => undefined,
): void {
  response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', Connection: 'keep-alive' });
  response.flushHeaders();
  response.write(`retry: ${RETRY_MILLISECONDS}\n\n`);
  const leave = listeners.add({
    tell: (what) => void response.write(`event: ${event}\ndata: ${write(what)}\n\n`),
    end: () => void response.end(),
  });
  request.on('close', () => {
    leave();
    onGone();
  });
}
