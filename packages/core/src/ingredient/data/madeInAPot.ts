import { coldDays, dryMonths, keepsDays } from '../keeping';
import type { Recipe } from '../recipe';
import type { Ingredient } from '../types';
import { gramsEach, ingredient, per100 } from './build';

const CUP = 236.5882365;
const TABLESPOON = 14.78676478125;

/** A cream: overcooked, blended or mashed, pressed through hot. Shares of water are by mass. */
function cream(
  raw: Recipe['raw'],
  [rawWaterShare, cookedLiquidShare, madeLiquidShare]: readonly [raw: number, cooked: number, made: number],
  clothShare: number,
  minutes: number,
): Recipe {
  return {
    method: 'boil-and-blend',
    ...(raw ? { raw } : {}),
    pot: { liquidId: 'water', minutes, lid: 'ajar' },
    yield: { kind: 'solids', rawWaterShare, cookedLiquidShare, madeLiquidShare, clothShare },
    standMinutes: 0,
    how: '',
    source: 'usda-sr',
  };
}

/** Starch stirred into a thin liquid cold, then warmed until the spoon leaves a line. */
function slurry(raw: Recipe['raw'], liquidId: string, liquidShare: number, rawWaterShare: number): Recipe {
  return {
    method: 'stir-over-heat',
    ...(raw ? { raw } : {}),
    pot: { liquidId, minutes: 4, lid: 'open' },
    yield: {
      kind: 'solids',
      rawWaterShare,
      cookedLiquidShare: liquidShare,
      madeLiquidShare: liquidShare,
      clothShare: 0,
    },
    standMinutes: 0,
    how: '',
    source: 'usda-sr',
  };
}

/** Boiled and strained at once: what gives to the water and is left in the cloth. */
function extract(raw: Recipe['raw'], madePerRaw: number, keptPerRaw: number, minutes: number): Recipe {
  return {
    method: 'boil-and-strain',
    ...(raw ? { raw } : {}),
    pot: { liquidId: 'water', minutes, lid: 'open' },
    yield: { kind: 'extract', madePerRaw, keptPerRaw },
    standMinutes: 0,
    how: '',
    source: 'own',
  };
}

/** Steeped off the ring: minutes of standing, strained. */
function steeped(
  raw: Recipe['raw'],
  liquidId: string,
  madePerRaw: number,
  keptPerRaw: number,
  standMinutes: number,
): Recipe {
  return {
    method: 'steep',
    ...(raw ? { raw } : {}),
    pot: { liquidId, minutes: 0, lid: 'open' },
    yield: { kind: 'extract', madePerRaw, keptPerRaw },
    standMinutes,
    how: '',
    source: 'own',
  };
}

/** @param cooked a US cup of it cooked for the table, grams, and the water in that (USDA SR Legacy, from memory) */
const raw = (
  name: string,
  gramsPerMillilitre: number,
  alsoCalled: readonly string[],
  cooked?: readonly [cupGrams: number, waterShare: number],
): NonNullable<Recipe['raw']> => ({
  ...(cooked ? { cooked: { gramsPerMillilitre: cooked[0] / CUP, waterShare: cooked[1] } } : {}),
  name,
  gramsPerMillilitre,
  alsoCalled,
});

const MAIZE_STARCH = raw('maize starch', 128 / CUP, [
  'cornstarch',
  'corn starch',
  'cornflour',
  'corn flour',
  'maizena',
]);

/** Creams of grain. */
export const GRAINS: readonly Ingredient[] = [
  ingredient({
    id: 'rice-cream',
    name: 'Rice cream',
    family: 'grain',
    state: 'overcooked, blended, strained hot; 12 % solids',
    composition: per100([88.0, 0.95, 0.1, 10.7, 0.15, 0.1], 'own'),
    density: gramsEach(1.04, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 4.4,
    alsoCalled: ['cooked rice cream', 'cream of rice'],
    recipe: cream(
      raw(
        'white rice, dry',
        185 / CUP,
        ['rice', 'white rice', 'raw rice', 'uncooked rice', 'dry rice', 'long grain rice', 'basmati rice'],
        [158, 0.684],
      ),
      [0.116, 0.85, 0.88],
      0.08,
      25,
    ),
    traits: { swaps: [{ ingredientId: 'oat-cream', ratio: 1, changes: ['thinner'] }] },
    advice: 'Thickens as it cools: strain it hot, judge it cool.',
  }),
  ingredient({
    id: 'oat-cream',
    name: 'Oat cream',
    family: 'grain',
    state: 'boiled soft, blended, strained; 8 % solids',
    composition: per100([92.0, 1.1, 0.5, 5.1, 1.1, 0.2], 'own'),
    density: gramsEach(1.02, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3.6,
    allergens: ['oats'],
    alsoCalled: ['cooked oats', 'oatmeal cream', 'porridge'],
    recipe: cream(
      raw('rolled oats', 81 / CUP, ['oats', 'rolled oats', 'oat', 'oatmeal', 'porridge oats'], [234, 0.836]),
      [0.108, 0.87, 0.92],
      0.15,
      12,
    ),
    traits: { swaps: [{ ingredientId: 'rice-cream', ratio: 1, changes: ['thicker'] }] },
    advice: 'Cooks faster than rice in the same pot.',
  }),
  ingredient({
    id: 'barley-cream',
    name: 'Barley cream',
    family: 'grain',
    state: 'boiled soft, blended, strained; 10 % solids',
    composition: per100([90, 1.1, 0.2, 7.2, 1.3, 0.2], 'own'),
    density: gramsEach(1.03, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 4.0,
    allergens: ['wheat'],
    recipe: cream(
      raw('pearl barley, dry', 200 / CUP, ['barley', 'pearl barley'], [157, 0.688]),
      [0.1, 0.85, 0.9],
      0.2,
      40,
    ),
    traits: { swaps: [{ ingredientId: 'oat-cream', ratio: 1, changes: ['thinner'] }] },
    advice: 'Gluten in it: ask whom wheat troubles.',
  }),
];

/** Cooked starches: maize, rice or potato, in water or in a milk. */
export const STARCHES: readonly Ingredient[] = [
  ingredient({
    id: 'starch-slurry',
    name: 'Cooked starch',
    family: 'starch',
    state: 'maize starch in water, heated until a spoon leaves a line; 4 % solids',
    composition: per100([96, 0.02, 0, 3.9, 0.05, 0.03], 'own'),
    density: gramsEach(1.02, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 2.5,
    alsoCalled: ['starch cream', 'starch paste'],
    recipe: slurry(MAIZE_STARCH, 'water', 0.96, 0.083),
    traits: {
      swaps: [
        { ingredientId: 'rice-starch', ratio: 1, changes: [] },
        { ingredientId: 'flax-gel', ratio: 1, changes: ['thicker'] },
      ],
    },
    advice: 'Cool five minutes before anything fresh goes in.',
  }),
  ingredient({
    id: 'milk-starch',
    name: 'Starch cooked in milk',
    family: 'starch',
    state: 'maize starch in whole milk, heated until a spoon leaves a line',
    composition: per100([84.7, 3.1, 3.2, 8.2, 0.05, 0.7], 'own'),
    density: gramsEach(1.04, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 2.9,
    allergens: ['milk'],
    recipe: slurry(MAIZE_STARCH, 'milk', 0.96, 0.083),
    traits: { swaps: [{ ingredientId: 'starch-slurry', ratio: 1, changes: ['less-fat'] }] },
    advice: 'Stir without stopping: milk catches.',
  }),
  ingredient({
    id: 'coconut-starch',
    name: 'Starch cooked in coconut milk',
    family: 'starch',
    state: 'maize starch in thinned coconut milk, heated until a spoon leaves a line',
    composition: per100([71, 1.9, 20.5, 5.6, 0, 1], 'own'),
    density: gramsEach(0.99, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3.1,
    allergens: ['coconut'],
    recipe: slurry(MAIZE_STARCH, 'coconut-milk', 0.96, 0.083),
    traits: { swaps: [{ ingredientId: 'starch-slurry', ratio: 1, changes: ['less-fat'] }] },
    advice: 'Half of it fat: a shampoo after.',
  }),
  ingredient({
    id: 'rice-starch',
    name: 'Cooked rice flour',
    family: 'starch',
    state: 'rice flour in water, heated until a spoon leaves a line; 6 % solids',
    composition: per100([94, 0.4, 0.1, 5.3, 0.15, 0.05], 'own'),
    density: gramsEach(1.02, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3.1,
    recipe: slurry(raw('rice flour', 158 / CUP, ['rice flour', 'ground rice']), 'water', 0.94, 0.119),
    traits: { swaps: [{ ingredientId: 'starch-slurry', ratio: 1, changes: ['thinner'] }] },
    advice: 'Whisk it cold first, or it clots.',
  }),
];

/** Gels of seeds, pods and roots. */
export const GELS: readonly Ingredient[] = [
  ingredient({
    id: 'flax-gel',
    name: 'Flaxseed gel',
    family: 'seed-gel',
    state: 'boiled about 7 minutes, strained at once',
    composition: per100([97.2, 0.4, 0.1, 0.6, 1.4, 0.3], 'own'),
    density: gramsEach(1.0, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3.0,
    alsoCalled: ['flax gel', 'linseed gel'],
    recipe: extract(
      raw('whole flaxseed', 10.3 / TABLESPOON, ['flaxseed', 'flax seed', 'linseed', 'flax', 'whole flaxseed']),
      7,
      1.5,
      7,
    ),
    traits: {
      swaps: [
        { ingredientId: 'okra-gel', ratio: 1, changes: [] },
        { ingredientId: 'chia-gel', ratio: 1, changes: [] },
        { ingredientId: 'aloe-gel', ratio: 1, changes: ['thinner'] },
      ],
    },
    advice: 'Strain at once: it sets, and then nothing passes.',
  }),
  ingredient({
    id: 'okra-gel',
    name: 'Okra gel',
    family: 'seed-gel',
    state: 'boiled and strained at once',
    composition: per100([97.0, 0.4, 0.05, 2.0, 0.3, 0.25], 'own'),
    density: gramsEach(1.0, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3.0,
    alsoCalled: ['okra slime'],
    // 8 pods weigh 95 g (USDA, from memory): a pod about 12 g.
    recipe: extract(raw('okra pods, sliced', 0.5, ['okra', 'okra pod', 'lady finger', 'pod of okra']), 2.5, 0.4, 7),
    keeping: { raw: keepsDays(1, 2, 'foodkeeper') },
    traits: { stands: 'fridge', swaps: [{ ingredientId: 'flax-gel', ratio: 1, changes: [] }] },
    advice: 'A pod is about 12 g. Strain while hot: cold, it will not pass.',
  }),
  ingredient({
    id: 'chia-gel',
    name: 'Chia gel',
    family: 'seed-gel',
    state: 'steeped hot, pressed through a cloth',
    composition: per100([97.5, 0.3, 0.1, 0.5, 1.4, 0.2], 'own'),
    density: gramsEach(1.0, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3.0,
    recipe: extract(raw('chia seed', 0.68, ['chia', 'chia seed']), 8, 2, 5),
    traits: { swaps: [{ ingredientId: 'flax-gel', ratio: 1, changes: [] }] },
    advice: 'Seeds cling: a fine cloth, and press.',
  }),
  ingredient({
    id: 'fenugreek-gel',
    name: 'Fenugreek gel',
    family: 'seed-gel',
    state: 'whole seeds boiled, strained',
    composition: per100([97, 0.8, 0.1, 0.7, 1.2, 0.2], 'own'),
    density: gramsEach(1.0, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 2.8,
    recipe: extract(raw('whole fenugreek seed', 0.75, ['fenugreek seed', 'whole fenugreek', 'methi seed']), 6, 2.5, 10),
    traits: { smells: ['curry'], swaps: [{ ingredientId: 'flax-gel', ratio: 1, changes: ['other-smell'] }] },
    advice: 'Soaked overnight it gives twice as much. Smells of curry for a day.',
  }),
  ingredient({
    id: 'marshmallow-gel',
    name: 'Marshmallow root gel',
    family: 'seed-gel',
    state: 'dried root simmered, strained',
    composition: per100([97.8, 0.2, 0, 0.8, 1, 0.2], 'own'),
    density: gramsEach(1.0, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 2.4,
    recipe: extract(raw('dried marshmallow root', 0.3, ['marshmallow root']), 9, 4, 10),
    traits: { swaps: [{ ingredientId: 'flax-gel', ratio: 1, changes: ['thicker'] }] },
    advice: 'Slippery for tangles; the root, never the sweet.',
  }),
  ingredient({
    id: 'psyllium-gel',
    name: 'Psyllium gel',
    family: 'seed-gel',
    state: 'husk stirred into water, left to swell',
    composition: per100([97.5, 0.1, 0, 0.3, 2, 0.1], 'own'),
    density: gramsEach(1.0, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3.6,
    recipe: steeped(raw('psyllium husk', 0.3, ['psyllium', 'psyllium husk']), 'water', 40, 0, 15),
    traits: { hazards: [], swaps: [{ ingredientId: 'flax-gel', ratio: 1, changes: ['thinner'] }] },
    advice: 'Bits stay: strain it, or rinse long.',
  }),
];

/** Teas and brews, cooled. */
export const BREWS: readonly Ingredient[] = [
  tea('green-tea', 'Green tea', 'dried green tea', ['green tea leaf'], 8, false),
  tea('black-tea', 'Black tea', 'dried black tea', ['black tea leaf'], 8, true),
  tea('hibiscus-tea', 'Hibiscus tea', 'dried hibiscus flowers', ['hibiscus flower', 'dried hibiscus'], 15, true),
  tea(
    'chamomile-tea',
    'Chamomile tea',
    'dried chamomile flowers',
    ['chamomile', 'chamomile flower', 'camomile'],
    15,
    false,
  ),
  tea('nettle-tea', 'Nettle tea', 'dried nettle leaf', ['nettle leaf', 'dried nettle'], 15, true),
  tea('rosemary-tea', 'Rosemary tea', 'dried rosemary', ['rosemary', 'rosemary leaf', 'sprig of rosemary'], 15, false),
  ingredient({
    id: 'coffee',
    name: 'Coffee',
    family: 'brew',
    state: 'brewed, cooled',
    composition: per100([99.4, 0.1, 0, 0.2, 0, 0.3]),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.1,
    stains: true,
    alsoCalled: ['brewed coffee', 'black coffee'],
    advice: 'Darkens pale hair and towels. Cold before it meets egg.',
  }),
  ingredient({
    id: 'flat-beer',
    name: 'Flat beer',
    family: 'brew',
    state: 'left open until it no longer fizzes',
    composition: per100([92.8, 0.5, 0, 6.5, 0, 0.2], 'own'),
    density: gramsEach(1.0, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.2,
    allergens: ['wheat'],
    alsoCalled: ['beer'],
    keeping: { whole: dryMonths(6), opened: coldDays(2, 'own'), made: coldDays(2, 'own') },
    traits: { inBowl: 'opened', isPacked: true },
    advice: 'Flat, or it foams out of the blender. Barley in it.',
  }),
];

function tea(
  id: string,
  name: string,
  rawName: string,
  alsoCalled: readonly string[],
  standMinutes: number,
  stains: boolean,
): Ingredient {
  return ingredient({
    id,
    name,
    family: 'brew',
    state: 'steeped, strained, cooled',
    composition: per100([99.6, 0, 0, 0.3, 0, 0.1], 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0,
    stains,
    recipe: steeped(raw(rawName, 0.2, alsoCalled), 'water', 40, 4, standMinutes),
    traits: { swaps: [{ ingredientId: 'water', ratio: 1, changes: [] }] },
    advice: 'Cold before it goes in.',
  });
}

/** Protein that is dissolved first. */
export const PROTEINS: readonly Ingredient[] = [
  ingredient({
    id: 'gelatine',
    name: 'Dissolved gelatine',
    family: 'protein',
    state: 'powder swollen cold, warmed until clear, hand-warm; 7 % solids',
    composition: per100([93, 6.8, 0, 0, 0, 0.2], 'own'),
    density: gramsEach(1.01, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 1.2,
    alsoCalled: ['gelatin'],
    recipe: {
      method: 'stir-over-heat',
      raw: raw('gelatine powder', 0.62, [
        'gelatine powder',
        'gelatin powder',
        'powdered gelatine',
        'unflavoured gelatine',
      ]),
      pot: { liquidId: 'water', minutes: 3, lid: 'open' },
      yield: { kind: 'solids', rawWaterShare: 0.13, cookedLiquidShare: 0.93, madeLiquidShare: 0.93, clothShare: 0 },
      standMinutes: 5,
      how: '',
      source: 'own',
    },
    advice: 'Never boiled. Sets in a cool bowl: mix and apply at once.',
  }),
];
