import type { ScaleReading } from '@amber-ladle/core/shelf';
import { onScopeDispose, shallowRef } from 'vue';
import { ask } from '../api/client';

/** What the scale said last, while it is connected; shared, so that a weight can be taken wherever one is asked for. */
const reading = shallowRef<ScaleReading>();
let stream: EventSource | undefined;

function disconnect(): void {
  stream?.close();
  stream = undefined;
  reading.value = undefined;
}

/** What the kitchen scale says. */
export const useScaleReading = () => reading;

/** The kitchen scale itself: connected on demand, since a browser allows a server only a few streams at once. */
export function useScale() {
  function connect(): void {
    if (stream) return;
    stream = new EventSource('/api/devices/scale/stream');
    stream.addEventListener('reading', (event) => {
      reading.value = JSON.parse((event as MessageEvent<string>).data) as ScaleReading;
    });
  }
  onScopeDispose(disconnect);
  const hands = (body: { put?: number; tare?: boolean; clear?: boolean }) =>
    ask<ScaleReading>('POST', '/devices/scale', body);
  return { reading, hands, connect, disconnect };
}
