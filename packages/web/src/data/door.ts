import { api, type DoorState } from '@amber-ladle/contract';
import { useRead, type Answer } from './answer';

/** The door to the devices of the house, as it is now. */
export const useDoor = (options: { readonly isQuiet?: boolean } = {}): Answer<DoorState> =>
  useRead(api.door.state, () => ({}), options);

/** The likeliest address of the household for a device of its net; the page's own where its door is closed. */
export const addressFrom = (door: Pick<DoorState, 'addresses'> | undefined): string =>
  door?.addresses[0] ?? location.origin;
