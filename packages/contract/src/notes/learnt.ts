import type { Learning } from './log';

export const NOTHING_LEARNT: Learning = { heads: {}, textures: {} };
