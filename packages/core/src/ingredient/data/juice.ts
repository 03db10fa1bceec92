import { coldDays, keepsDays } from '../keeping';
import type { Traits } from '../traits';
import type { Ingredient } from '../types';
import { ingredient, per100, perCup, pieces, type Row } from './build';

const grated = (baseMinutes: number, eachMinutes: number): NonNullable<Traits['pressing']> => ({
  baseMinutes,
  eachMinutes,
  tool: 'grater',
});
const squeezed = (baseMinutes: number, eachMinutes: number): NonNullable<Traits['pressing']> => ({
  baseMinutes,
  eachMinutes,
  tool: 'press',
});
const CITRUS = ['stings', 'lively', 'citrus-sun', 'fades', 'lightens', 'not-on-face'] as const;

/** Juice pressed from a sour fruit: keeps and presses like its sisters, and is hard on skin in the sun. */
const citrus = ({
  fruit,
  juiceGrams,
  refuseShare,
  swaps,
  ...row
}: Pick<Row, 'id' | 'name' | 'composition' | 'density' | 'advice'> & {
  readonly fruit: readonly [one: string, several: string];
  /** Of a medium one. */
  readonly juiceGrams: number;
  readonly refuseShare: number;
  readonly swaps: Traits['swaps'];
}) =>
  ingredient({
    ...row,
    family: 'acid',
    state: 'pressed',
    pieces: pieces(fruit, [['medium', juiceGrams]], 'medium', {
      cutInto: 2,
      refuseShare,
      refuseSource: 'own',
      weightSpread: 0.2,
    }),
    measuredBy: ['spoon', 'piece', 'weight'],
    flowLog10: 0.2,
    alsoCalled: [fruit[0], `juice of ${fruit[0]}`],
    keeping: {
      whole: keepsDays(7, 14, 'foodkeeper'),
      opened: coldDays(2),
      cut: coldDays(2),
      made: coldDays(2, 'foodkeeper', 3),
    },
    traits: {
      prepared: 'press',
      pressing: squeezed(1, 0.5),
      inBowl: 'made',
      isPacked: false,
      skin: CITRUS,
      swaps,
    },
  });

/** Pressed from a piece and counted as juice. */
export const JUICES: readonly Ingredient[] = [
  ingredient({
    id: 'onion-juice',
    name: 'Onion juice',
    family: 'juice',
    state: 'grated and pressed',
    composition: per100([90.5, 0.9, 0.1, 7.9, 0.2, 0.4], 'own'),
    pieces: pieces(
      ['onion', 'onions'],
      [
        ['small', 40, 'own'],
        ['medium', 62, 'own'],
        ['large', 85, 'own'],
      ],
      'medium',
      { cutInto: 2, refuseShare: 0.43, refuseSource: 'own', weightSpread: 0.18 },
    ),
    measuredBy: ['piece', 'spoon', 'weight'],
    flowLog10: 0.3,
    alsoCalled: ['onion', 'juice of onion'],
    keeping: { whole: keepsDays(30, 30, 'foodkeeper'), cut: coldDays(7) },
    traits: {
      pressing: grated(2, 3),
      smells: ['onion'],
      skin: ['stings', 'lively', 'not-on-face'],
      hazards: ['grater'],
      swaps: [{ ingredientId: 'ginger-juice', ratio: 0.5, changes: ['other-smell'] }],
    },
    advice: 'Counted as juice pressed from a piece. The smell stays a day; a weak acid rinse helps.',
  }),
  ingredient({
    id: 'garlic-juice',
    name: 'Garlic juice',
    family: 'juice',
    state: 'grated and pressed',
    composition: per100([68, 4, 0.3, 26, 0.7, 1.2], 'own'),
    pieces: pieces(['clove', 'cloves'], [['medium', 1.8, 'own']], 'medium', {
      cutInto: 1,
      refuseShare: 0.45,
      refuseSource: 'own',
      weightSpread: 0.3,
      nounIsName: false,
    }),
    measuredBy: ['piece', 'spoon', 'weight'],
    flowLog10: 0.6,
    alsoCalled: ['garlic', 'clove of garlic', 'garlic clove'],
    keeping: { whole: keepsDays(60, 60, 'foodkeeper'), cut: coldDays(3), made: coldDays(1) },
    traits: {
      pressing: grated(1, 0.5),
      smells: ['garlic'],
      skin: ['stings', 'lively', 'not-on-face', 'not-small-children'],
      hazards: ['grater'],
      // Undiluted it burns the skin: a twentieth of the bowl at the most (own).
      limits: [{ kind: 'share', mostShare: 0.05, source: 'own' }],
    },
    advice: 'Burns undiluted: little of it in much oil, short, never on a child.',
  }),
  ingredient({
    id: 'ginger-juice',
    name: 'Ginger juice',
    family: 'juice',
    state: 'grated and pressed',
    composition: per100([93, 0.8, 0.3, 5, 0.3, 0.6], 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.4,
    alsoCalled: ['ginger', 'fresh ginger', 'ginger root'],
    keeping: { whole: keepsDays(7, 21, 'foodkeeper'), cut: coldDays(7), made: coldDays(2) },
    traits: {
      pressing: grated(1, 1.5),
      skin: ['stings', 'lively', 'not-on-face'],
      hazards: ['grater'],
      limits: [{ kind: 'share', mostShare: 0.15, source: 'own' }],
    },
    advice: 'Warms the scalp; a spoon to the bowl, less on sensitive skin.',
  }),
  ingredient({
    id: 'potato-juice',
    name: 'Potato juice',
    family: 'juice',
    state: 'grated and pressed, raw',
    composition: per100([93.5, 1.5, 0.1, 4, 0.1, 0.8], 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.3,
    alsoCalled: ['juice of potato', 'raw potato juice'],
    keeping: { whole: keepsDays(21, 30, 'foodkeeper'), cut: coldDays(1), made: coldDays(1) },
    traits: { pressing: grated(2, 2), hazards: ['grater'] },
    advice: 'Browns within minutes: press it last.',
  }),
  ingredient({
    id: 'carrot-juice',
    name: 'Carrot juice',
    family: 'juice',
    state: 'pressed',
    composition: per100([88.9, 0.95, 0.15, 8.5, 0.8, 0.7]),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.5,
    stains: true,
    keeping: { whole: keepsDays(4, 14, 'foodkeeper') },
    traits: { stands: 'fridge', pressing: grated(2, 2), hazards: ['grater'] },
    advice: 'Colours towels and pale hair: before shampoo only.',
  }),
  ingredient({
    id: 'beetroot-juice',
    name: 'Beetroot juice',
    family: 'juice',
    state: 'pressed',
    composition: per100([88.5, 1.1, 0.1, 9, 0.3, 1], 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.5,
    stains: true,
    keeping: { whole: keepsDays(7, 14, 'foodkeeper') },
    traits: { stands: 'fridge', pressing: grated(2, 2), hazards: ['grater'] },
    advice: 'Stains everything red, pale hair for days.',
  }),
  ingredient({
    id: 'cucumber-juice',
    name: 'Cucumber juice',
    family: 'juice',
    state: 'grated and pressed',
    composition: per100([96.5, 0.5, 0.1, 2.4, 0.1, 0.4], 'own'),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.2,
    keeping: { whole: keepsDays(2, 4, 'foodkeeper'), made: coldDays(1) },
    traits: { stands: 'fridge', pressing: grated(1, 1), hazards: ['grater'], isThinner: false },
    advice: 'Fresh only; it turns flat by the evening.',
  }),
  ingredient({
    id: 'coconut-water',
    name: 'Coconut water',
    family: 'juice',
    state: 'plain, from the nut or the carton',
    composition: per100([95, 0.7, 0.2, 2.6, 1.1, 0.4]),
    density: perCup(240),
    measuredBy: ['spoon', 'weight'],
    flowLog10: 0.1,
    allergens: ['coconut'],
    keeping: { whole: keepsDays(180, 180, 'foodkeeper'), opened: coldDays(2), made: coldDays(2) },
    traits: { prepared: 'measure', inBowl: 'opened', isPacked: true, roles: ['thinner'] },
    advice: 'Unsweetened.',
  }),
  citrus({
    id: 'lemon-juice',
    name: 'Lemon juice',
    composition: per100([92.3, 0.35, 0.24, 6.6, 0.3, 0.24]),
    density: perCup(244),
    fruit: ['lemon', 'lemons'],
    juiceGrams: 48,
    refuseShare: 0.55,
    swaps: [
      { ingredientId: 'lime-juice', ratio: 1, changes: [] },
      { ingredientId: 'cider-vinegar', ratio: 1, changes: ['other-smell'] },
    ],
    advice: 'Stings on a sore scalp, fades colour and can lighten in the sun.',
  }),
  citrus({
    id: 'lime-juice',
    name: 'Lime juice',
    composition: per100([90.8, 0.4, 0.1, 8, 0.4, 0.3]),
    density: perCup(246),
    fruit: ['lime', 'limes'],
    juiceGrams: 44,
    refuseShare: 0.34,
    swaps: [{ ingredientId: 'lemon-juice', ratio: 1, changes: [] }],
    advice: 'Fiercer with sun than lemon: wash it out before going outside.',
  }),
];
