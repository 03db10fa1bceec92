import type { Recipe } from '../recipe';
import type { Ingredient } from '../types';
import { gramsEach, ingredient, perCup, PURE_FAT, type Row } from './build';

type OilRow = readonly [id: string, name: string, flowLog10: number, density: Ingredient['density'], advice: string];

function oil([id, name, flowLog10, density, advice]: OilRow, rest: Partial<Row> = {}): Ingredient {
  return ingredient({
    id,
    name,
    family: 'oil',
    state: 'liquid',
    composition: PURE_FAT,
    ...(density ? { density } : {}),
    measuredBy: ['spoon', 'weight'],
    flowLog10,
    advice,
    ...rest,
  });
}

/** Dried flowers or root steeped in an oil for two weeks; what is strained out keeps twice its weight of oil. */
function infused(
  id: string,
  name: string,
  rawName: string,
  also: readonly string[],
  oilId: string,
  rest: Partial<Row> = {},
): Ingredient {
  const recipe: Recipe = {
    method: 'steep',
    raw: { name: rawName, gramsPerMillilitre: 0.08, alsoCalled: also },
    pot: { liquidId: oilId, minutes: 0, lid: 'open' },
    yield: { kind: 'extract', madePerRaw: 16, keptPerRaw: 2 },
    standMinutes: 14 * 24 * 60,
    how: '',
    source: 'own',
  };
  return oil([id, name, 1.9, gramsEach(0.915), 'What is steeped must be bone dry, or the oil spoils.'], {
    state: `${rawName} steeped in oil, strained`,
    recipe,
    ...rest,
    traits: { inBowl: 'made', isPacked: false, ...rest.traits },
  });
}

const NUT = { allergens: ['nuts'] } as const;
const LIGHT = [
  { ingredientId: 'jojoba-oil', ratio: 1, changes: ['lighter'] },
  { ingredientId: 'grapeseed-oil', ratio: 1, changes: ['lighter'] },
] as const;

/** Oils: pressed, then infused. Densities are common practice; flows numbers of this project around published ones, from memory. */
export const OILS: readonly Ingredient[] = [
  oil(['olive-oil', 'Olive oil', 1.9, perCup(216), 'Heavy on fine hair: jojoba is lighter.'], {
    alsoCalled: ['extra virgin olive oil', 'evoo'],
    traits: {
      swaps: [
        ...LIGHT,
        { ingredientId: 'almond-oil', ratio: 1, changes: [] },
        { ingredientId: 'sunflower-oil', ratio: 1, changes: [] },
      ],
    },
  }),
  oil(['almond-oil', 'Almond oil', 1.9, gramsEach(0.915), 'A nut oil: ask first.'], {
    ...NUT,
    alsoCalled: ['sweet almond oil'],
  }),
  oil(['castor-oil', 'Castor oil', 2.85, gramsEach(0.961), 'Thick and slow to rinse; a little does.'], {
    alsoCalled: ['cold pressed castor oil'],
    traits: {
      swaps: [
        { ingredientId: 'black-castor-oil', ratio: 1, changes: ['other-smell'] },
        { ingredientId: 'olive-oil', ratio: 1, changes: ['lighter', 'thinner'] },
      ],
    },
  }),
  oil(
    [
      'black-castor-oil',
      'Dark castor oil',
      2.9,
      gramsEach(0.961),
      'Roasted: smells of it, and darkens pale hair a little.',
    ],
    {
      alsoCalled: ['black castor oil', 'roasted castor oil'],
      traits: { swaps: [{ ingredientId: 'castor-oil', ratio: 1, changes: [] }] },
    },
  ),
  oil(['jojoba-oil', 'Jojoba', 1.6, gramsEach(0.866), 'The light choice for oily roots.'], {
    alsoCalled: ['jojoba', 'jojoba oil'],
  }),
  oil(['argan-oil', 'Argan oil', 1.9, gramsEach(0.91), 'A nut oil: ask first.'], NUT),
  oil(['grapeseed-oil', 'Grapeseed oil', 1.8, gramsEach(0.92), 'Light, and turns rancid sooner than most.'], {
    alsoCalled: ['grape seed oil'],
  }),
  oil(['sesame-oil', 'Sesame oil', 1.9, gramsEach(0.92), 'Cold-pressed, not toasted.'], {
    allergens: ['sesame'],
    alsoCalled: ['gingelly oil'],
  }),
  oil(
    ['coconut-oil', 'Coconut oil', 1.8, perCup(218), 'Melt it; sets in a cool bowl. More than a trace weighs down.'],
    {
      allergens: ['coconut'],
      traits: {
        // ¼ tsp to 100 mL of a light starch mask, with the slack of a spoon's rim (common practice, no published source).
        limits: [{ kind: 'per-bowl', gramsPerMillilitre: 0.0135, beside: 'light-starch', source: 'common-practice' }],
      },
    },
  ),
  oil(['avocado-oil', 'Avocado oil', 1.95, gramsEach(0.915), 'Rich; a spoon does where olive takes two.'], {
    allergens: ['avocado'],
    crossesWithLatex: true,
  }),
  oil(['sunflower-oil', 'Sunflower oil', 1.8, gramsEach(0.919), 'Cold-pressed; turns rancid within months.']),
  oil(['rapeseed-oil', 'Rapeseed oil', 1.85, gramsEach(0.915), 'Smells of cabbage when it is old.'], {
    alsoCalled: ['canola oil', 'canola'],
  }),
  oil(['black-seed-oil', 'Black seed oil', 1.9, gramsEach(0.92), 'Strong: a teaspoon in other oil, and patch test.'], {
    alsoCalled: ['nigella oil', 'black cumin oil'],
    traits: { skin: ['lively'] },
  }),
  oil(['palm-oil', 'Red palm oil', 2.0, gramsEach(0.91), 'Orange: it stains towels.'], {
    stains: true,
    alsoCalled: ['palm oil'],
  }),
  oil(
    [
      'neem-oil',
      'Neem oil',
      2.1,
      gramsEach(0.915),
      'Bitter and strong: a twentieth of the bowl at the most, not for small children.',
    ],
    {
      traits: {
        skin: ['lively', 'not-on-face', 'not-small-children'],
        limits: [
          { kind: 'share', mostShare: 0.05, source: 'own' },
          { kind: 'from-age', years: 6, source: 'own' },
        ],
      },
    },
  ),
  oil(['macadamia-oil', 'Macadamia oil', 1.9, gramsEach(0.911), 'A nut oil: ask first.'], NUT),
  oil(['hemp-oil', 'Hemp seed oil', 1.75, gramsEach(0.925), 'In the cold once it is open.']),
  oil(['rice-bran-oil', 'Rice bran oil', 1.9, gramsEach(0.918), 'Light and slow to turn.']),
  oil(['wheat-germ-oil', 'Wheat germ oil', 2.0, gramsEach(0.926), 'Thick; a spoon in other oil.'], {
    allergens: ['wheat'],
  }),
  oil(['mustard-oil', 'Mustard oil', 1.95, gramsEach(0.91), 'Bites the skin: patch test, and never on a child.'], {
    allergens: ['mustard'],
    traits: { skin: ['stings', 'lively', 'not-on-face', 'not-small-children'] },
  }),
  infused(
    'rose-infused-oil',
    'Rose-infused oil',
    'dried rose petals',
    ['rose petal', 'dried rose petal'],
    'almond-oil',
    {
      ...NUT,
      alsoCalled: ['rose oil infusion', 'rose infused oil'],
    },
  ),
  infused('amla-infused-oil', 'Amla-infused oil', 'dried amla', ['dried amla', 'dried gooseberry'], 'sesame-oil', {
    allergens: ['sesame'],
    alsoCalled: ['amla oil'],
    traits: { skin: ['lively'] },
  }),
  infused('hibiscus-infused-oil', 'Hibiscus-infused oil', 'dried hibiscus petals', ['hibiscus petal'], 'coconut-oil', {
    allergens: ['coconut'],
    stains: true,
    alsoCalled: ['hibiscus oil'],
  }),
  infused(
    'calendula-infused-oil',
    'Calendula-infused oil',
    'dried calendula',
    ['calendula', 'dried calendula', 'marigold petal'],
    'sunflower-oil',
    {
      alsoCalled: ['calendula oil', 'marigold oil'],
      traits: { skin: ['lively'] },
    },
  ),
  infused(
    'rosemary-infused-oil',
    'Rosemary-infused oil',
    'dried rosemary sprigs',
    ['dried rosemary sprig'],
    'olive-oil',
    {
      alsoCalled: ['rosemary infused oil'],
      traits: { skin: ['lively'] },
    },
  ),
];

function butter(id: string, name: string, flowLog10: number, advice: string, rest: Partial<Row> = {}): Ingredient {
  return ingredient({
    id,
    name,
    family: 'butter',
    state: 'softened',
    composition: PURE_FAT,
    density: gramsEach(0.91),
    measuredBy: ['spoon', 'weight'],
    flowLog10,
    advice,
    ...rest,
  });
}

/** Fats that are firm in a cool room. */
export const BUTTERS: readonly Ingredient[] = [
  butter('shea-butter', 'Shea butter', 4.8, 'Work it soft between the hands first.', {
    ...NUT,
    alsoCalled: ['shea', 'karite', 'karite butter'],
    traits: { swaps: [{ ingredientId: 'mango-butter', ratio: 1, changes: [] }, ...LIGHT] },
  }),
  butter('mango-butter', 'Mango butter', 4.7, 'Pressed from the stone; drier than shea.', {
    allergens: ['mango'],
    traits: { swaps: [{ ingredientId: 'shea-butter', ratio: 1, changes: [] }, ...LIGHT] },
  }),
  butter('cocoa-butter', 'Cocoa butter', 5.2, 'Hard: melt it in other oil, and let it cool.', {
    traits: { swaps: [{ ingredientId: 'shea-butter', ratio: 1, changes: ['lighter'] }, ...LIGHT] },
  }),
  butter('ghee', 'Ghee', 3.2, 'Milk fat: not for a milk allergy. Wants two shampoos.', {
    allergens: ['milk'],
    alsoCalled: ['clarified butter'],
    traits: { swaps: [{ ingredientId: 'shea-butter', ratio: 1, changes: ['thicker'] }, ...LIGHT] },
  }),
];
