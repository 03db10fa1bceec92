import { api } from '@amber-ladle/contract';
import { NOTHING_WEIGHED, putOn, weighingAfter, type ScaleReading } from '@amber-ladle/core/shelf';
import { computed, onScopeDispose, shallowRef } from 'vue';
import { call, linkTo } from '../data/client';
import { useHousehold } from '../data/household';

/** What the scale said last, while it is connected; shared, so that a weight can be taken wherever one is asked for. */
const reading = shallowRef<ScaleReading>();
/** What was put on since the last zero, told from a display that creeps. */
const weighing = shallowRef(NOTHING_WEIGHED);
let stream: EventSource | undefined;

function disconnect(): void {
  stream?.close();
  stream = undefined;
  reading.value = undefined;
  weighing.value = NOTHING_WEIGHED;
}

/** What the kitchen scale says where that counts; a scale to practise with gives no weights. */
export function useScaleReading() {
  const household = useHousehold();
  return computed(() => (household.deviceMode === 'demo' ? reading.value : undefined));
}

/** The kitchen scale itself: connected on demand, since a browser allows a server only a few streams at once. */
export function useScale() {
  const household = useHousehold();
  const isThere = computed(() => household.deviceMode !== 'off');
  const counts = computed(() => household.deviceMode === 'demo');
  function connect(): void {
    if (stream || !isThere.value) return;
    stream = new EventSource(linkTo(api.devices.scaleStream));
    stream.addEventListener('reading', (event) => {
      const next = JSON.parse((event as MessageEvent<string>).data) as ScaleReading;
      reading.value = next;
      weighing.value = weighingAfter(weighing.value, Date.now(), next.grams);
    });
  }
  onScopeDispose(disconnect);
  /** Grams that a hand put on since the last zero; 0 for what only crept. */
  const onScale = computed(() => putOn(weighing.value, reading.value?.grams ?? 0));
  async function hands(body: { put?: number; tare?: boolean; clear?: boolean }): Promise<ScaleReading> {
    const next = await call(api.devices.handScale, { body });
    if (body.tare || body.clear) weighing.value = NOTHING_WEIGHED;
    return next;
  }
  return { reading, onScale, isThere, counts, hands, connect, disconnect };
}
