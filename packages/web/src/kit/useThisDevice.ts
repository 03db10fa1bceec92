import { createSharedComposable, useLocalStorage } from '@vueuse/core';

/** What is wanted of this device alone: a phone in the kitchen may speak, the laptop beside it stays quiet. */
export interface DeviceWishes {
  /** Single keys walk the path and go on a step. */
  readonly hasKeys: boolean;
  /** Steps are read aloud as they come. */
  readonly speaks: boolean;
  /** On Make, a tap anywhere on the step goes on. */
  readonly goesOnByTap: boolean;
  /** A tap when something is done, a pour when a bowl is kept. Alarms sound whatever this says. */
  readonly hasSounds: boolean;
  /** Pages and what they showed last stay here, to be seen while the server is away. */
  readonly worksAway: boolean;
}
const WISHES: DeviceWishes = { hasKeys: true, speaks: false, goesOnByTap: false, hasSounds: true, worksAway: true };

/** Kept in this browser; what an older version did not know stands as it does for a new one. */
export const useThisDevice = createSharedComposable(() =>
  useLocalStorage<DeviceWishes>('amber-ladle-device', WISHES, { mergeDefaults: true }),
);
