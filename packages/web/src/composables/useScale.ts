import type { ScaleReading } from '@amber-ladle/core/shelf';
import { onScopeDispose, shallowRef } from 'vue';
import { ask } from '../api/client';

const reading = shallowRef<ScaleReading>();
let users = 0;
let stream: EventSource | undefined;

/** What the kitchen scale says, streamed while some screen looks at it. */
export function useScale() {
  if (users++ === 0) {
    stream = new EventSource('/api/devices/scale/stream');
    stream.addEventListener('reading', (event) => {
      reading.value = JSON.parse((event as MessageEvent<string>).data) as ScaleReading;
    });
  }
  onScopeDispose(() => {
    if (--users > 0) return;
    stream?.close();
    stream = undefined;
  });
  const hands = (body: { put?: number; tare?: boolean; clear?: boolean }) =>
    ask<ScaleReading>('POST', '/devices/scale', body);
  return { reading, hands };
}
