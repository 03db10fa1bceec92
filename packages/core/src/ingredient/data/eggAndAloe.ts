import type { Ingredient } from '../types';
import { gramsEach, ingredient, per100, perCup, pieces } from './build';

const EGG_ADVICE = 'Cool to lukewarm water only and no heat: warm egg cooks in the hair.';
/** USDA: a large yolk 17 g, white 33 g, from memory. */
const [YOLK, WHITE] = [17 / 50, 33 / 50] as const;

/** Eggs in their three forms, and aloe by the leaf. */
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
    alsoCalled: ['egg', 'free range egg'],
    traits: {
      // Whole egg whisks to two or three times its volume (from memory of kitchen science texts).
      foams: 2.5,
      eggPart: 'whole',
      swaps: [
        { ingredientId: 'egg-yolk', ratio: 0.8, changes: ['heavier'] },
        { ingredientId: 'egg-white', ratio: 1, changes: ['lighter', 'less-fat'] },
        { ingredientId: 'strained-yogurt', ratio: 1, changes: ['thicker', 'less-protein'] },
        { ingredientId: 'gelatine', ratio: 1, changes: ['less-fat'] },
      ],
    },
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
    alsoCalled: ['yolk of egg'],
    traits: {
      prepared: 'separate',
      eggPart: 'yolk',
      thickens: 'emulsion',
      partOf: { wholeId: 'egg-whole', share: YOLK, leavesId: 'egg-white' },
      swaps: [
        { ingredientId: 'egg-whole', ratio: 1.2, changes: ['lighter', 'thinner'] },
        { ingredientId: 'mayonnaise', ratio: 1, changes: ['thicker', 'less-protein'] },
        { ingredientId: 'strained-yogurt', ratio: 1, changes: ['less-fat', 'less-protein'] },
      ],
    },
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
    alsoCalled: ['white of egg'],
    traits: {
      prepared: 'separate',
      eggPart: 'white',
      // White whisks to many times its volume (from memory of kitchen science texts).
      foams: 6,
      partOf: { wholeId: 'egg-whole', share: WHITE, leavesId: 'egg-yolk' },
      swaps: [
        { ingredientId: 'egg-whole', ratio: 1, changes: ['heavier'] },
        { ingredientId: 'aloe-gel', ratio: 1, changes: ['less-protein', 'thicker'] },
      ],
    },
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
      {
        cutInto: 8,
        refuseShare: 0.45,
        refuseSource: 'common-practice',
        weightSpread: 0.2,
        // A mature middle section gives 90 to 150 g of leaf to 10 cm (own), of which the gel is a good half.
        gramsPerCentimetre: 6.5,
        nounIsName: false,
      },
    ),
    measuredBy: ['piece', 'spoon', 'weight'],
    flowLog10: 2.3,
    strainedOutShare: 0.05,
    alsoCalled: [
      'aloe',
      'aloe vera',
      'aloe vera gel',
      'aloe leaf',
      'aloe vera leaf',
      'leaf of aloe',
      'leaf of aloe vera',
    ],
    traits: {
      isThinner: true,
      swaps: [
        { ingredientId: 'aloe-gel-watery', ratio: 1, changes: ['thinner'] },
        { ingredientId: 'flax-gel', ratio: 1, changes: ['thicker'] },
        { ingredientId: 'okra-gel', ratio: 1, changes: ['thicker'] },
        { ingredientId: 'cucumber', ratio: 1, changes: ['thinner'] },
      ],
    },
    advice: 'Stand the cut leaf in a cup until the yellow sap has drained, then rinse. A few pulses only.',
  }),
  ingredient({
    id: 'aloe-gel-watery',
    name: 'Watery aloe gel',
    family: 'aloe',
    state: 'from a thin, watery leaf, pulsed',
    composition: per100([99, 0.1, 0, 0.4, 0.2, 0.3], 'own'),
    density: gramsEach(1.0, 'own'),
    pieces: pieces(
      ['thin leaf', 'thin leaves'],
      [
        ['small', 90, 'own'],
        ['medium', 140, 'own'],
      ],
      'medium',
      {
        cutInto: 4,
        refuseShare: 0.55,
        refuseSource: 'own',
        weightSpread: 0.25,
        gramsPerCentimetre: 3.8,
        nounIsName: false,
      },
    ),
    measuredBy: ['piece', 'spoon', 'weight'],
    flowLog10: 1.4,
    strainedOutShare: 0.03,
    traits: { swaps: [{ ingredientId: 'aloe-gel', ratio: 1, changes: ['thicker'] }] },
    advice: 'Runs: hold back every other liquid.',
  }),
  ingredient({
    id: 'aloe-juice',
    name: 'Aloe juice',
    family: 'aloe',
    state: 'blended long and strained, or bought plain',
    composition: per100([99.2, 0.1, 0, 0.4, 0.1, 0.2], 'own'),
    density: gramsEach(1.0, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.8,
    alsoCalled: ['aloe vera juice', 'pressed aloe'],
    traits: { prepared: 'measure', roles: ['thinner', 'active', 'humectant'], blending: 'any', hazards: [] },
    advice: 'Plain, for skin or drinking; some bottles are sweetened.',
  }),
];
