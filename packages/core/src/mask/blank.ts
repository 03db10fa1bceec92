import type { Mask } from './types';

/** A mask before anything is said of it: what most are like (common practice, no published source). */
export const BLANK_MASK: Omit<Mask, 'id' | 'version' | 'parts'> = {
  name: '',
  summary: '',
  needs: [],
  slot: 'before-shampoo',
  coverage: 'roots-to-tips',
  texture: 'creamy',
  endsExtraShare: 0.1,
  heldRatios: [],
  mixing: 'blender',
  strained: false,
  applicator: 'brush',
  heat: 'cap',
  wear: { minimumMinutes: 20, aimMinutes: 40, limitMinutes: 60 },
  rinse: { temperature: 'lukewarm-then-cool', shampoos: 1, conditioner: true, acidRinse: false },
  keeping: 'same-day',
  handsOnMinutes: 15,
  steps: [],
};
