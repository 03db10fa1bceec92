import { familyOf, type Ingredient } from '@amber-ladle/core/ingredient';
import { PIGMENTS, type Pigment } from './pigments';

/** How a thing looks once it is in the bowl. */
export type Surface = 'puree' | 'cream' | 'gel' | 'oil' | 'powder' | 'syrup' | 'liquid';

export const IN_BOWL: Readonly<Record<string, Pigment>> = {
  avocado: 'avocadoFlesh',
  banana: 'bananaFlesh',
  papaya: 'papayaFlesh',
  mango: 'mangoFlesh',
  pear: 'core',
  strawberry: 'strawberry',
  melon: 'melonFlesh',
  watermelon: 'watermelon',
  peach: 'peachFlesh',
  plum: 'plum',
  apricot: 'apricot',
  apple: 'core',
  kiwi: 'kiwiFlesh',
  grape: 'grape',
  orange: 'orangeFlesh',
  guava: 'guavaFlesh',
  pineapple: 'pineapple',
  blueberry: 'blueberry',
  cucumber: 'cucumberFlesh',
  'cucumber-juice': 'cucumberFlesh',
  tomato: 'tomatoFlesh',
  spinach: 'leaf',
  carrot: 'carrot',
  'carrot-juice': 'carrot',
  'sweet-potato': 'sweetPotatoFlesh',
  pumpkin: 'pumpkin',
  beetroot: 'beetroot',
  'beetroot-juice': 'beetroot',
  potato: 'flesh',
  'potato-juice': 'flesh',
  'egg-whole': 'butter',
  'egg-yolk': 'yolk',
  'egg-white': 'white',
  yogurt: 'white',
  'low-fat-yogurt': 'white',
  'strained-yogurt': 'white',
  quark: 'white',
  milk: 'white',
  'coconut-milk': 'white',
  'coconut-cream': 'white',
  'coconut-oil': 'cream',
  'rice-cream': 'rice',
  'oat-cream': 'oat',
  'barley-cream': 'barley',
  'flax-gel': 'oat',
  'chia-gel': 'clayGrey',
  'okra-gel': 'leafPale',
  honey: 'honey',
  'agave-syrup': 'honey',
  'maple-syrup': 'syrup',
  molasses: 'molasses',
  'castor-oil': 'oilPale',
  'almond-oil': 'oilPale',
  'grapeseed-oil': 'oilPale',
  'jojoba-oil': 'honey',
  'palm-oil': 'oilRed',
  'neem-oil': 'oilDeep',
  'hibiscus-powder': 'hibiscus',
  'nettle-powder': 'nettle',
  'rose-powder': 'rose',
  'turmeric-powder': 'turmeric',
  'cinnamon-powder': 'cinnamon',
  'cocoa-powder': 'cocoa',
  'green-clay': 'clayGreen',
  bentonite: 'clayGrey',
  'hibiscus-tea': 'hibiscus',
  'green-tea': 'teaGreen',
  coffee: 'coffee',
};

/** The paint of a thing in the bowl; its family's where none of its own is mixed. */
export const paintInBowl = ({ id, family }: Pick<Ingredient, 'id' | 'family'>): string => {
  const own = IN_BOWL[id];
  return own ? PIGMENTS[own] : familyOf(family).tint;
};

const BY_FAMILY: Readonly<Record<string, Surface>> = {
  fruit: 'puree',
  vegetable: 'puree',
  root: 'puree',
  grain: 'puree',
  aloe: 'gel',
  'seed-gel': 'gel',
  humectant: 'gel',
  oil: 'oil',
  scent: 'oil',
  honey: 'syrup',
  powder: 'powder',
  clay: 'powder',
  pepper: 'powder',
  soda: 'powder',
  protein: 'powder',
  juice: 'liquid',
  acid: 'liquid',
  brew: 'liquid',
  water: 'liquid',
};
/** How its surface looks: what flows like water is drawn as a liquid, whatever its family. */
export function surfaceOf({ family, flowLog10 }: Pick<Ingredient, 'family' | 'flowLog10'>): Surface {
  const byFamily = BY_FAMILY[family];
  if (byFamily) return byFamily;
  return flowLog10 < 1.2 ? 'liquid' : 'cream';
}
