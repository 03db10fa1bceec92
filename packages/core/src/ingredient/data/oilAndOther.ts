import type { Allergen, Ingredient } from '../types';
import { gramsEach, ingredient, per100, perCup, perTablespoon } from './build';

const OIL = per100([0, 0, 100, 0, 0, 0]);

function oil(
  id: string,
  name: string,
  flowLog10: number,
  density: Ingredient['density'],
  advice: string,
  allergens: readonly Allergen[] = [],
): Ingredient {
  return ingredient({
    id,
    name,
    family: 'oil',
    state: 'liquid',
    composition: OIL,
    ...(density ? { density } : {}),
    measuredBy: ['spoon', 'weight'],
    flowLog10,
    allergens,
    advice,
  });
}

/** Essential oils: never undiluted, and held under a share of the bowl by age. */
function scent(id: string, name: string, density: number, advice: string): Ingredient {
  return ingredient({
    id,
    name,
    family: 'scent',
    state: 'essential oil',
    density: gramsEach(density),
    measuredBy: ['drop'],
    flowLog10: 0.5,
    advice,
  });
}

function powder(id: string, name: string, gramsPerTeaspoon: number, stains: boolean, advice: string): Ingredient {
  return ingredient({
    id,
    name,
    family: 'powder',
    state: 'dry, sifted',
    density: gramsEach(gramsPerTeaspoon / 4.92892159375),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 10,
    stains,
    advice,
  });
}

/** Oils, butters, humectants, powders, acids, scents, bought bases and water. */
export const OIL_AND_OTHER: readonly Ingredient[] = [
  oil('olive-oil', 'Olive oil', 1.9, perCup(216), 'Heavy on fine hair: jojoba is lighter.'),
  oil('almond-oil', 'Almond oil', 1.9, gramsEach(0.915), 'A nut oil: ask first.', ['nuts']),
  oil('castor-oil', 'Castor oil', 2.85, gramsEach(0.961), 'Thick and slow to rinse; a little does.'),
  oil('jojoba-oil', 'Jojoba', 1.6, gramsEach(0.866), 'The light choice for oily roots.'),
  oil('argan-oil', 'Argan oil', 1.9, gramsEach(0.91), 'A nut oil: ask first.', ['nuts']),
  oil('grapeseed-oil', 'Grapeseed oil', 1.8, gramsEach(0.92), 'Light, and turns rancid sooner than most.'),
  oil('sesame-oil', 'Sesame oil', 1.9, gramsEach(0.92), 'Cold-pressed, not toasted.', ['sesame']),
  oil('coconut-oil', 'Coconut oil', 1.8, perCup(218), 'Melt it; sets in a cool bowl. More than a trace weighs down.', [
    'coconut',
  ]),
  ingredient({
    id: 'shea-butter',
    name: 'Shea butter',
    family: 'butter',
    state: 'softened',
    composition: OIL,
    density: gramsEach(0.91),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 4.8,
    allergens: ['nuts'],
    advice: 'Work it soft between the hands first.',
  }),
  ingredient({
    id: 'glycerine',
    name: 'Glycerine',
    family: 'humectant',
    state: 'vegetable',
    density: gramsEach(1.261),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3.0,
    advice: 'Sticky beyond a spoon to the bowl.',
  }),
  powder(
    'hibiscus-powder',
    'Hibiscus powder',
    2.3,
    true,
    'Stains cloth and light hair; more than a teaspoon a bowl dries.',
  ),
  powder('nettle-powder', 'Nettle leaf powder', 2.3, true, 'More than a teaspoon a bowl dries.'),
  powder(
    'fenugreek-powder',
    'Fenugreek powder',
    3.7,
    false,
    'Swells: let the bowl stand ten minutes. Smells of curry for a day.',
  ),
  ingredient({
    id: 'black-pepper',
    name: 'Ground black pepper',
    family: 'pepper',
    state: 'finely ground',
    density: gramsEach(2.3 / 4.92892159375, 'usda-sr'),
    measuredBy: ['pinch'],
    flowLog10: 6,
    advice: 'A pinch or two; one for sensitive skin. Keep out of eyes.',
  }),
  ingredient({
    id: 'white-clay',
    name: 'White clay',
    family: 'clay',
    state: 'kaolin, sifted',
    density: gramsEach(0.6, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 12,
    advice: 'Never let it dry on the hair.',
  }),
  ingredient({
    id: 'baking-soda',
    name: 'Baking soda',
    family: 'soda',
    state: 'dry',
    density: gramsEach(4.6 / 4.92892159375, 'usda-sr'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3,
    advice: 'Alkaline: roughens hair. Seldom, little, and rinsed well.',
  }),
  ingredient({
    id: 'cider-vinegar',
    name: 'Cider vinegar',
    family: 'acid',
    state: '5 % acidity',
    density: perCup(239),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.1,
    advice: 'Diluted always; off a sore scalp.',
  }),
  ingredient({
    id: 'mayonnaise',
    name: 'Mayonnaise',
    family: 'base',
    state: 'real, not a dressing',
    composition: per100([21.7, 1.0, 74.9, 0.5, 0, 1.9]),
    density: perTablespoon(13.8),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 4.7,
    allergens: ['egg', 'mustard', 'soy'],
    advice: 'Fork only with egg: a blender makes it run.',
  }),
  ingredient({
    id: 'conditioner',
    name: 'Plain conditioner',
    family: 'base',
    state: 'bought, unscented',
    density: gramsEach(0.98, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 4.3,
    advice: 'One you already know suits the head.',
  }),
  ingredient({
    id: 'water',
    name: 'Water',
    family: 'water',
    state: 'boiled and cooled',
    composition: per100([100, 0, 0, 0, 0, 0]),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0,
    advice: '',
  }),
  scent('lavender-oil', 'Lavender essential oil', 0.885, 'Diluted only; none under three years.'),
  scent('rosemary-oil', 'Rosemary essential oil', 0.905, 'Diluted only; not for small children.'),
  scent(
    'peppermint-oil',
    'Peppermint essential oil',
    0.905,
    'Diluted only; cools and can sting. Not for small children.',
  ),
  ingredient({
    id: 'rose-infused-oil',
    name: 'Rose-infused oil',
    family: 'oil',
    state: 'dried petals steeped in almond oil, strained',
    composition: OIL,
    density: gramsEach(0.915),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 1.9,
    allergens: ['nuts'],
    advice: 'Petals bone dry, or the oil spoils.',
  }),
];
