import type { Ingredient } from '../types';
import { gramsEach, ingredient, per100, perCup, pieces } from './build';

const EGG_ADVICE = 'Cool to lukewarm water only and no heat: warm egg cooks in the hair.';

/** Eggs in their three forms, and aloe. */
export const EGG_AND_ALOE: readonly Ingredient[] = [
  ingredient({
    id: 'egg-whole',
    name: 'Whole egg',
    family: 'egg',
    state: 'raw, beaten',
    composition: per100([76.2, 12.6, 9.5, 0.7, 0, 1.1]),
    density: perCup(243),
    pieces: pieces(
      ['egg', 'eggs'],
      [
        ['small', 38],
        ['medium', 44],
        ['large', 50],
        ['extra large', 56],
        ['jumbo', 63],
      ],
      'large',
      { cutInto: 1, refuseShare: 0.12, weightSpread: 0.06 },
    ),
    measuredBy: ['piece', 'weight'],
    flowLog10: 1.6,
    allergens: ['egg'],
    advice: EGG_ADVICE,
  }),
  ingredient({
    id: 'egg-yolk',
    name: 'Egg yolk',
    family: 'egg',
    state: 'raw',
    composition: per100([52.3, 15.9, 26.5, 3.6, 0, 1.7]),
    pieces: pieces(
      ['yolk', 'yolks'],
      [
        ['small', 13, 'own'],
        ['medium', 15, 'own'],
        ['large', 17],
        ['extra large', 19, 'own'],
      ],
      'large',
      { cutInto: 1, refuseShare: 0.7, refuseSource: 'own', weightSpread: 0.08 },
    ),
    measuredBy: ['piece', 'weight'],
    flowLog10: 3.0,
    allergens: ['egg'],
    advice: EGG_ADVICE,
  }),
  ingredient({
    id: 'egg-white',
    name: 'Egg white',
    family: 'egg',
    state: 'raw, loosened',
    composition: per100([87.6, 10.9, 0.2, 0.7, 0, 0.6]),
    pieces: pieces(
      ['white', 'whites'],
      [
        ['small', 25, 'own'],
        ['medium', 29, 'own'],
        ['large', 33],
        ['extra large', 37, 'own'],
      ],
      'large',
      { cutInto: 1, refuseShare: 0.42, refuseSource: 'own', weightSpread: 0.07 },
    ),
    measuredBy: ['piece', 'weight'],
    flowLog10: 1.2,
    allergens: ['egg'],
    advice: EGG_ADVICE,
  }),
  ingredient({
    id: 'aloe-gel',
    name: 'Aloe gel',
    family: 'aloe',
    state: 'from a thick leaf, pulsed',
    composition: per100([98.5, 0.1, 0.1, 0.6, 0.4, 0.3], 'own'),
    density: gramsEach(1.0, 'own'),
    pieces: pieces(
      ['leaf', 'leaves'],
      [
        ['small', 165, 'common-practice'],
        ['medium', 230, 'common-practice'],
        ['large', 320, 'common-practice'],
      ],
      'medium',
      { cutInto: 8, refuseShare: 0.45, refuseSource: 'common-practice', weightSpread: 0.2 },
    ),
    measuredBy: ['piece', 'spoon', 'weight'],
    flowLog10: 2.3,
    strainedOutShare: 0.05,
    advice: 'Stand the cut leaf in a cup until the yellow sap has drained, then rinse. A few pulses only.',
  }),
];
