import type { Mask } from '../types';
import { EGG_MASKS } from './egg';
import { FRUIT_MASKS } from './fruit';
import { GRAIN_AND_GEL_MASKS } from './grainAndGel';
import { ROOT_AND_OTHER_MASKS } from './rootAndOther';

/** The masks that ship with the app. All are our own composing. */
export const BUILT_IN_MASKS: readonly Mask[] = [
  ...FRUIT_MASKS,
  ...EGG_MASKS,
  ...GRAIN_AND_GEL_MASKS,
  ...ROOT_AND_OTHER_MASKS,
];
