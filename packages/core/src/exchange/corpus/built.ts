import type { CorpusText } from './types';

/** Texts that the reader was built on. A US tablespoon of honey is 21 g, of olive oil 13.5, of yogurt 15.3; a large egg 50, its yolk 17. */
export const BUILT_ON: readonly CorpusText[] = [
  {
    hand: 'terse',
    text: '2 yolks\n3 tbsp olive oil\n1 tbsp honey',
    measures: { 'egg-yolk': 34, 'olive-oil': 40.5, honey: 21 },
  },
  {
    hand: 'terse with a title',
    text: 'Banana, honey and yogurt\n1 ripe banana\n2 tbsp plain yogurt\n1 tsp honey\n30 min, cap',
    name: 'Banana, honey and yogurt',
    measures: { banana: 118, yogurt: 30.6, honey: 7 },
    use: { wear: [null, 30, null], heat: 'cap' },
  },
  {
    hand: 'chatty',
    text: 'Mash two ripe bananas with 3 tbsp yogurt and 1 tbsp of honey. Smooth it on damp hair, root to tip. Leave it on an hour, two if you can, then wash it out with shampoo.',
    measures: { banana: 236, yogurt: 46, honey: 21 },
    use: {
      wear: [60, 120, null],
      hairState: 'spritzed',
      coverage: 'roots-to-tips',
      rinse: { shampoos: 1 },
      mixing: 'fork',
    },
  },
  {
    hand: 'chatty',
    text: 'My Sunday rice\nHalf a cup of rice in two cups of water, boiled soft.\n2 tbsp coconut milk\n1 tbsp argan oil\nStrain it. On dry hair under a shower cap, 30 to 45 minutes. Rinse with lukewarm water, no shampoo.',
    name: 'My Sunday rice',
    measures: { 'rice-cream': 'asked', water: 'pot', 'coconut-milk': 27, 'argan-oil': 13.5 },
    use: {
      wear: [30, null, 45],
      heat: 'cap',
      hairState: 'dry',
      strained: true,
      rinse: { shampoos: 0, temperature: 'lukewarm' },
    },
  },
  {
    hand: 'remarks',
    text: '3 tbsp yogurt (4-5 if your hair is longer)\n2 small avocados or one big\n1 tbsp olive oil until it looks right',
    measures: { yogurt: 46, avocado: 200, 'olive-oil': 13.5 },
    remarks: ['4-5 if your hair is longer', 'or one big', 'until it looks right'],
  },
  {
    hand: 'cooked',
    text: '3 tbsp cooked rice\n2 tbsp milk\nBlend smooth.',
    measures: { 'rice-cream': 'asked', milk: 30.5 },
    use: { mixing: 'blender' },
  },
  {
    hand: 'warned about',
    text: '4 tbsp fruit yogurt\n1 tbsp honey',
    measures: { yogurt: 'asked', honey: 21 },
  },
  {
    hand: 'prose habits',
    text: '1 avocado\n1 tbsp olive oil\nDab it on.\nSit under a hood for 15 minutes.\nTwice a week.\nAir dry.',
    measures: { avocado: 136, 'olive-oil': 13.5 },
    use: { heat: 'dryer-may-help', repeatDays: 3, wear: [null, 15, null] },
  },
  {
    hand: 'metric',
    text: '0,125 l milk\n1,5 bananas\n20 g honey\nApply before shampooing and leave 20 minutes.',
    system: 'metric',
    measures: { milk: 129, banana: 177, honey: 20 },
    use: { slot: 'before-shampoo', wear: [null, 20, null] },
  },
  {
    hand: 'each of',
    text: '1 tbsp each of olive oil, castor oil and jojoba oil\nMassage into the scalp. Leave on overnight. Shampoo twice in the morning.',
    measures: { 'olive-oil': 13.5, 'castor-oil': 14.2, 'jojoba-oil': 12.8 },
    use: { coverage: 'scalp', rinse: { shampoos: 2 }, wear: [60, 480, 540] },
  },
  {
    hand: 'parts',
    text: 'Equal parts aloe gel and yogurt\nEvery two weeks, 40 minutes on damp hair.',
    measures: { 'aloe-gel': 30, yogurt: 30.6 },
    use: { repeatDays: 14, hairState: 'spritzed' },
  },
  {
    hand: 'parts',
    text: '2 parts onion juice to 3 parts olive oil\nOnly on the scalp, for 30 minutes at most.',
    measures: { 'onion-juice': 60, 'olive-oil': 81 },
    use: { coverage: 'scalp' },
  },
  {
    hand: 'British',
    text: 'Egg and mayo treatment\n2 eggs\n3 heaped tablespoons of mayonnaise\n1 dessertspoon castor oil\nWhisk with a fork, no heat! On for 20 mins, rinse with cool water, then shampoo and condition the lengths.',
    system: 'uk',
    name: 'Egg and mayo treatment',
    measures: { 'egg-whole': 100, mayonnaise: 62, 'castor-oil': 9.6 },
    use: { heat: 'never', mixing: 'fork', rinse: { temperature: 'cool-to-lukewarm', shampoos: 1, conditioner: true } },
  },
  {
    hand: 'method headed',
    text: '# Oat comfort\nIngredients:\n- 1/2 cup oats\n- 2 cups water\n- 1 tbsp honey\nMethod:\n1. Simmer the oats in the water until soft.\n2. Blend and strain through a stocking.\n3. Stir in the honey.\n4. Leave in for at least 30 minutes.',
    name: 'Oat comfort',
    measures: { 'oat-cream': 'asked', water: 'pot', honey: 21 },
    use: { strained: true, mixing: 'blender', wear: [30, null, null] },
  },
  {
    hand: 'one long sentence',
    text: 'I beat 2 eggs with 2 tbsp olive oil and the juice of half a lemon and put it on dry hair for 20 minutes with a plastic bag on top and wash it out with cold water',
    measures: { 'egg-whole': 100, 'olive-oil': 27, 'lemon-juice': 24 },
    use: { hairState: 'dry', heat: 'cap' },
  },
  {
    hand: 'misspelt',
    text: '2 tbsp oliv oil\n1 tbsp hunny\n1 egg',
    measures: { 'olive-oil': 'asked', honey: 'asked', 'egg-whole': 50 },
  },
  {
    hand: 'vague',
    text: 'a handful of strawberries\na glug of almond oil\n2 tbsp yogurt\na few drops of lavender oil',
    measures: { strawberry: 'asked', 'almond-oil': 'asked', yogurt: 30.6, 'lavender-oil': 'asked' },
  },
  {
    hand: 'table',
    text: 'Honey: 2 tbsp\nOlive oil: 30 ml\nBanana: 1',
    measures: { honey: 42, 'olive-oil': 27, banana: 118 },
  },
  {
    hand: 'choice',
    text: '2 tbsp olive or coconut oil\n4 tbsp milk, or water if your hair is oily\n1 banana',
    measures: { 'olive-oil': 'asked', milk: 61, banana: 118 },
    remarks: ['or water if your hair is oily'],
  },
  {
    hand: 'what for',
    text: 'For dry hair and split ends\n1 avocado\n2 tbsp olive oil\nOnce a month is plenty. Use a tint brush. Then rinse with a vinegar rinse.',
    measures: { avocado: 136, 'olive-oil': 27 },
    use: { needs: ['dry', 'breakage'], repeatDays: 28, applicator: 'brush', rinse: { acidRinse: true } },
  },
];
