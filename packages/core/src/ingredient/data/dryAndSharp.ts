import { dryMonths } from '../keeping';
import type { Limit } from '../traits';
import type { Ingredient } from '../types';
import { gramsEach, ingredient, per100, perCup, type Row } from './build';

const TEASPOON = 4.92892159375;
/** The flow of a dry powder is an effective one: it makes the mixing rule come out right at a few per cent. */
const POWDER_FLOW = 10;

function powder(
  id: string,
  name: string,
  gramsPerTeaspoon: number,
  advice: string,
  rest: Partial<Row> = {},
): Ingredient {
  return ingredient({
    id,
    name,
    family: 'powder',
    state: 'dry, sifted',
    density: gramsEach(gramsPerTeaspoon / TEASPOON),
    measuredBy: ['spoon', 'weight'],
    flowLog10: POWDER_FLOW,
    advice,
    ...rest,
  });
}

const perBowl = (gramsTo200: number): Limit => ({
  kind: 'per-bowl',
  gramsPerMillilitre: gramsTo200 / 200,
  source: 'common-practice',
});

/** Leaf, flower and root powders. About 2.3 g to the teaspoon (common practice). */
export const POWDERS: readonly Ingredient[] = [
  powder('hibiscus-powder', 'Hibiscus powder', 2.3, 'Stains cloth and light hair; more than a teaspoon a bowl dries.', {
    stains: true,
    alsoCalled: ['hibiscus', 'hibiscus flower powder'],
  }),
  powder('nettle-powder', 'Nettle leaf powder', 2.3, 'More than a teaspoon a bowl dries.', {
    stains: true,
    alsoCalled: ['nettle', 'nettle powder'],
  }),
  powder('moringa-powder', 'Moringa powder', 2.3, 'Green on pale towels; more than a teaspoon a bowl dries.', {
    stains: true,
    alsoCalled: ['moringa', 'moringa leaf powder'],
  }),
  powder('rose-powder', 'Rose petal powder', 2.0, 'More than a teaspoon a bowl dries.', {
    alsoCalled: ['rose petal powder', 'ground rose petal'],
  }),
  powder('amla-powder', 'Amla powder', 2.5, 'Sour: it can sting, and darkens pale hair a little.', {
    stains: true,
    alsoCalled: ['amla', 'gooseberry powder'],
    traits: { skin: ['lively', 'stings', 'fades'] },
  }),
  powder('brahmi-powder', 'Brahmi powder', 2.3, 'More than a teaspoon a bowl dries.', {
    stains: true,
    alsoCalled: ['brahmi', 'bacopa'],
  }),
  powder('neem-powder', 'Neem leaf powder', 2.3, 'Bitter; keep it off the face.', {
    stains: true,
    alsoCalled: ['neem', 'neem leaf'],
    traits: { skin: ['lively', 'not-on-face', 'not-small-children'] },
  }),
  powder('shikakai-powder', 'Shikakai powder', 2.4, 'Cleans: burns in the eyes like soap.', {
    alsoCalled: ['shikakai'],
    traits: { countsAs: ['clarifying'], skin: ['lively', 'not-on-face'] },
  }),
  powder(
    'fenugreek-powder',
    'Fenugreek powder',
    3.7,
    'Swells: let the bowl stand ten minutes. Smells of curry for a day.',
    {
      alsoCalled: ['fenugreek', 'methi powder', 'methi', 'ground fenugreek'],
      // Two teaspoons to a bowl of 200 mL: more sets like paste (common practice, no published source).
      traits: { smells: ['curry'], limits: [perBowl(7.5)] },
    },
  ),
  powder('cinnamon-powder', 'Ground cinnamon', 2.6, 'Warms and can burn: a pinch or two, never on a child.', {
    stains: true,
    alsoCalled: ['cinnamon'],
    traits: {
      skin: ['stings', 'lively', 'lightens', 'not-on-face', 'not-small-children'],
      limits: [
        { kind: 'pinches', usual: 2, sensitive: 1, source: 'own' },
        { kind: 'from-age', years: 12, source: 'own' },
      ],
    },
    measuredBy: ['pinch'],
  }),
  powder('turmeric-powder', 'Ground turmeric', 3.0, 'Stains skin, cloth and pale hair yellow for days.', {
    stains: true,
    alsoCalled: ['turmeric'],
  }),
  powder('cocoa-powder', 'Cocoa powder', 1.8, 'Unsweetened; darkens towels.', {
    stains: true,
    alsoCalled: ['cocoa', 'cacao powder'],
  }),
  ingredient({
    id: 'black-pepper',
    name: 'Ground black pepper',
    family: 'pepper',
    state: 'finely ground',
    density: gramsEach(2.3 / TEASPOON, 'usda-sr'),
    measuredBy: ['pinch'],
    flowLog10: 6,
    alsoCalled: ['pepper', 'ground pepper', 'black pepper'],
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
    alsoCalled: ['clay', 'kaolin', 'kaolin clay'],
    advice: 'Never let it dry on the hair.',
  }),
  ingredient({
    id: 'green-clay',
    name: 'Green clay',
    family: 'clay',
    state: 'illite, sifted',
    density: gramsEach(0.65, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 12.5,
    alsoCalled: ['french clay'],
    advice: 'Draws more than white clay: short, and never dry on the hair.',
  }),
  ingredient({
    id: 'bentonite',
    name: 'Bentonite',
    family: 'clay',
    state: 'sifted',
    density: gramsEach(0.8, 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 14,
    alsoCalled: ['bentonite clay', 'rhassoul', 'ghassoul'],
    advice: 'Swells in water: wood or plastic spoon, and let it stand.',
  }),
  ingredient({
    id: 'baking-soda',
    name: 'Baking soda',
    family: 'soda',
    state: 'dry',
    density: gramsEach(4.6 / TEASPOON, 'usda-sr'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3,
    alsoCalled: ['bicarbonate of soda', 'bicarb', 'sodium bicarbonate', 'soda'],
    // A teaspoon to a bowl of 200 mL: it roughens (common practice, no published source).
    traits: { limits: [perBowl(5)] },
    advice: 'Alkaline: roughens hair. Seldom, little, and rinsed well.',
  }),
  vinegar('cider-vinegar', 'Cider vinegar', ['vinegar', 'apple cider vinegar', 'acv', 'apple vinegar']),
  vinegar('white-vinegar', 'White vinegar', ['distilled vinegar', 'spirit vinegar']),
  vinegar('rice-vinegar', 'Rice vinegar', []),
  ingredient({
    id: 'glycerine',
    name: 'Glycerine',
    family: 'humectant',
    state: 'vegetable',
    density: gramsEach(1.261),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 3.0,
    alsoCalled: ['glycerin', 'glycerol', 'vegetable glycerine', 'vegetable glycerin'],
    advice: 'Sticky beyond a spoon to the bowl.',
  }),
];

function vinegar(id: string, name: string, alsoCalled: readonly string[]): Ingredient {
  return ingredient({
    id,
    name,
    family: 'acid',
    state: '5 % acidity',
    composition: per100([93.8, 0, 0, 5.9, 0, 0.3], 'own'),
    density: perCup(239),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.1,
    alsoCalled,
    keeping: { whole: dryMonths(24), opened: dryMonths(12) },
    traits: { smells: ['vinegar'] },
    advice: 'Diluted always; off a sore scalp.',
  });
}
