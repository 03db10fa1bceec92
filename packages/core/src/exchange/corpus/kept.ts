import type { CorpusText } from './types';

/** Texts that were written down with their readings before the reader had seen them. */
export const KEPT_APART: readonly CorpusText[] = [
  {
    hand: 'terse',
    text: '1 papaya\n4 tbsp strained yogurt\n1 tbsp honey\n45 minutes',
    measures: { papaya: 320, 'strained-yogurt': 62, honey: 21 },
    use: { wear: [null, 45, null] },
  },
  {
    hand: 'chatty',
    text: 'So this is what I do on wash day. I blend half an avocado with 2 tbsp coconut milk and 1 tsp castor oil until there are no lumps. Then I put it on sectioned hair, pop a cap on and leave it for 40 to 60 minutes. Rinse, shampoo once.',
    measures: { avocado: 68, 'coconut-milk': 27, 'castor-oil': 4.7 },
    use: { wear: [40, null, 60], heat: 'cap', mixing: 'blender', rinse: { shampoos: 1 } },
  },
  {
    hand: 'British',
    text: 'Yolk and honey pack\n3 egg yolks\n1 level tablespoon runny honey\n2 tablespoons almond oil\nBeat together with a fork. Leave on for half an hour, no longer than an hour. Rinse with cold water or you get scrambled egg.',
    system: 'uk',
    name: 'Yolk and honey pack',
    measures: { 'egg-yolk': 51, honey: 21, 'almond-oil': 27 },
    use: { wear: [null, 30, 60], mixing: 'fork', rinse: { temperature: 'cool-to-lukewarm' } },
  },
  {
    hand: 'metric',
    text: '200 g Banane\n50 ml Milch\n10 g Honig',
    system: 'metric',
    measures: { banana: 'asked', milk: 'asked', honey: 'asked' },
  },
  {
    hand: 'flax',
    text: '1/4 cup flaxseed\n2 cups water\n1 tbsp aloe vera gel\n5 drops lavender oil\nBoil the seeds in the water about 7 minutes, strain right away. Use as a leave-in on damp hair once a week.',
    measures: { 'flax-gel': 'asked', water: 'pot', 'aloe-gel': 15, 'lavender-oil': 0.22 },
    use: { strained: true, repeatDays: 7, hairState: 'spritzed' },
  },
  {
    hand: 'remarks',
    text: '1 egg (2 for long hair)\n2 tbsp mayonnaise, add more if it is too thin\n1 tbsp olive oil',
    measures: { 'egg-whole': 50, mayonnaise: 27.6, 'olive-oil': 13.5 },
    remarks: ['2 for long hair', 'add more if it is too thin'],
  },
  {
    hand: 'table with dashes',
    text: 'Yogurt – 4 tbsp\nStrawberries – 6\nLemon juice – 1 tsp',
    measures: { yogurt: 61, strawberry: 72, 'lemon-juice': 5 },
  },
  {
    hand: 'overnight',
    text: 'Night oil\n2 tbsp jojoba oil\n1 tbsp castor oil\n4 drops rosemary oil\nWork it into the scalp only, cover with a cap and sleep in it. Wash out in the morning with shampoo, twice.',
    name: 'Night oil',
    measures: { 'jojoba-oil': 25.7, 'castor-oil': 14.2, 'rosemary-oil': 0.18 },
    use: { coverage: 'scalp', heat: 'cap', wear: [null, 480, null], rinse: { shampoos: 2 } },
  },
  {
    hand: 'as conditioner',
    text: '1 ripe banana, 2 tbsp olive oil, 1 tbsp honey\nUse it on freshly washed hair instead of conditioner, 15-20 mins, rinse well with warm water.',
    measures: { banana: 118, 'olive-oil': 27, honey: 21 },
    use: { slot: 'after-shampoo', wear: [15, null, 20], rinse: { temperature: 'warm', conditioner: false } },
  },
  {
    hand: 'ounces',
    text: '2 oz honey\n4 fl oz coconut milk\n1 avocado (about 200 g)',
    measures: { honey: 56.7, 'coconut-milk': 113, avocado: 136 },
  },
  {
    hand: 'steps with numbers',
    text: '1. Boil 1 large carrot until soft.\n2. Blend it with 3 tbsp coconut milk and 1 tbsp olive oil.\n3. Strain twice.\n4. Apply to dry hair, 1 hour.\n5. Shampoo twice.',
    measures: { carrot: 72, 'coconut-milk': 41, 'olive-oil': 13.5 },
    use: { strained: true, mixing: 'blender', hairState: 'dry', wear: [null, 60, null], rinse: { shampoos: 2 } },
  },
  {
    hand: 'soda',
    text: 'Reset\n3 tbsp conditioner\n1 tbsp baking soda\n2 tbsp water\nMassage into the scalp for 3 minutes, only once a month! Follow with a vinegar rinse.',
    name: 'Reset',
    measures: { conditioner: 43.5, 'baking-soda': 14, water: 30 },
    use: { coverage: 'scalp', repeatDays: 28, rinse: { acidRinse: true } },
  },
  {
    hand: 'praise and warning',
    text: 'The best mask ever, my hair loved it!\n2 avocados\n3 tbsp yogurt\nDo not use it on a sore scalp.\nMakes hair so shiny.',
    measures: { avocado: 272, yogurt: 46 },
    use: { needs: ['dull'] },
  },
  {
    hand: 'two heads',
    text: 'For two\n4 eggs\n1 cup mayonnaise\n2 tbsp castor oil\nHalve it for one.',
    measures: { 'egg-whole': 200, mayonnaise: 220, 'castor-oil': 28.4 },
  },
  {
    hand: 'cooked oats',
    text: '1 cup cooked oatmeal\n1 tbsp almond oil\nBlend and strain. 20-30 minutes under a plastic cap.',
    measures: { 'oat-cream': 'asked', 'almond-oil': 13.5 },
    use: { wear: [20, null, 30], heat: 'cap', strained: true, mixing: 'blender' },
  },
  {
    hand: 'vanilla',
    text: '1/2 cup vanilla yoghurt\n1 banana',
    measures: { yogurt: 'asked', banana: 118 },
  },
  {
    hand: 'every ten days',
    text: '2 tbsp shea butter, melted\n1 tbsp argan oil\nevery 10 days, on towel-dried hair, brush it on, sit under a hooded dryer for 20 minutes',
    measures: { 'shea-butter': 27, 'argan-oil': 13.5 },
    use: {
      repeatDays: 10,
      hairState: 'towel-dried',
      applicator: 'brush',
      heat: 'dryer-may-help',
      wear: [null, 20, null],
    },
  },
  {
    hand: 'onion',
    text: 'Juice of 2 medium onions\n1 tbsp honey\nOnly on the scalp. 30 minutes, then shampoo twice because of the smell.',
    measures: { 'onion-juice': 124, honey: 21 },
    use: { coverage: 'scalp', wear: [null, 30, null], rinse: { shampoos: 2 } },
  },
  {
    hand: 'starch',
    text: '2 tsp cornstarch\n200 ml coconut milk\nStir over low heat until it thickens.\n1 tbsp honey when cool.',
    measures: { 'coconut-starch': 'asked', 'coconut-milk': 'pot', honey: 21 },
    use: { mixing: 'pot' },
  },
  {
    hand: 'twists',
    text: 'aloe vera gel 1 cup\nglycerine 1 tbsp\nPut it on in twists, pre-poo, overnight is too long: two hours at most.',
    measures: { 'aloe-gel': 240, glycerine: 18.6 },
    use: { slot: 'before-shampoo', wear: [null, null, 120] },
  },
];
