import { api, type DoorState } from '@amber-ladle/contract';
import { onMounted, shallowRef, type ShallowRef } from 'vue';
import { call } from './client';
import { inTurn } from './inTurn';
import { useChanges } from './useChanges';

/** The door to the devices of the house, as it is now. */
export function useDoor(onFault: (error: unknown) => void = () => undefined): {
  readonly door: Readonly<ShallowRef<DoorState | undefined>>;
  /** What an answer said of it. */
  readonly take: (state: DoorState) => void;
} {
  const door = shallowRef<DoorState>();
  const take = (state: DoorState): void => void (door.value = state);
  const read = inTurn(() => call(api.door.state), take);
  onMounted(() => read().catch(onFault));
  useChanges(['door'], () => void read().catch(() => undefined));
  return {
    door,
    take: (state) => {
      read.outdate();
      take(state);
    },
  };
}

/** The likeliest address of the household for a device of its net; the page's own where its door is closed. */
export const addressFrom = (door: Pick<DoorState, 'addresses'> | undefined): string =>
  door?.addresses[0] ?? location.origin;
