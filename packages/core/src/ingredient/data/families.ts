import type { FamilyRow } from '../family';
import { coldDays, dryMonths, keepsDays } from '../keeping';

/** Days are the strict end of the published span; sources stand on each line and are from memory. */
export const FAMILY_ROWS: readonly FamilyRow[] = [
  {
    id: 'fruit',
    name: 'Fruit',
    tint: '#9DB26A',
    traits: { roles: ['body', 'active'], prepared: 'cut', blending: 'warms' },
    keeping: { whole: keepsDays(3, 5, 'foodkeeper'), cut: coldDays(1, 'foodkeeper', 3), made: coldDays(1) },
  },
  {
    id: 'vegetable',
    name: 'Vegetables',
    tint: '#A9C79A',
    traits: { roles: ['body', 'active'], prepared: 'cut', blending: 'warms' },
    keeping: { whole: keepsDays(2, 5, 'foodkeeper'), cut: coldDays(2), made: coldDays(1) },
  },
  {
    id: 'juice',
    name: 'Pressed juices',
    tint: '#E0C27A',
    traits: { roles: ['active', 'thinner', 'body'], prepared: 'press', inBowl: 'made' },
    keeping: { whole: keepsDays(7, 14, 'foodkeeper'), cut: coldDays(2), made: coldDays(2) },
  },
  {
    id: 'root',
    name: 'Roots',
    tint: '#D9874A',
    traits: { roles: ['body'], prepared: 'cut', inBowl: 'made', hazards: ['hot-work'] },
    keeping: { whole: keepsDays(4, 14, 'foodkeeper'), cut: coldDays(3), made: coldDays(3, 'foodkeeper', 3) },
  },
  {
    id: 'egg',
    name: 'Egg',
    tint: '#E9BC4E',
    traits: {
      roles: ['active', 'body'],
      stands: 'fridge',
      prepared: 'crack',
      blending: 'fork-only',
      goesInCool: true,
      cooksInWarmth: true,
      // Raw egg stays in an hour at the very most (common practice, no published source).
      mostWearMinutes: 60,
      countsAs: ['protein'],
      smells: ['egg'],
      hazards: ['raw-egg'],
    },
    // Unwashed eggs stand in a room for a week in many countries; washed ones only in the cold.
    keeping: { whole: keepsDays(7, 21, 'usda-fsis'), cut: coldDays(2, 'usda-fsis', 6) },
  },
  {
    id: 'aloe',
    name: 'Aloe',
    tint: '#B9D3B0',
    traits: {
      roles: ['active', 'humectant', 'thinner', 'body'],
      prepared: 'fillet',
      inBowl: 'made',
      blending: 'pulses',
      goesInCool: true,
      hazards: ['yellow-sap', 'slippery'],
    },
    keeping: {
      whole: keepsDays(7, 14, 'common-practice', 6),
      cut: coldDays(2, 'common-practice', 6),
      made: coldDays(1, 'common-practice', 6),
    },
  },
  {
    id: 'grain',
    name: 'Grains',
    tint: '#E8D9B8',
    traits: {
      roles: ['body', 'active'],
      inBowl: 'made',
      hazards: ['hot-work', 'cooked-starch'],
      thickens: 'cooked-starch',
    },
    keeping: { raw: dryMonths(12), made: { ...coldDays(1, 'uk-fsa', 1), standsHours: 1 } },
  },
  {
    id: 'seed-gel',
    name: 'Seed and pod gels',
    tint: '#CBBFA0',
    traits: { roles: ['body', 'active'], inBowl: 'made', hazards: ['hot-work'] },
    keeping: { raw: dryMonths(6), made: coldDays(2, 'own', 3) },
  },
  {
    id: 'starch',
    name: 'Starch',
    tint: '#EDE6D4',
    traits: { roles: ['body'], inBowl: 'made', hazards: ['hot-work', 'cooked-starch'], thickens: 'cooked-starch' },
    keeping: { raw: dryMonths(24), made: { ...coldDays(1, 'own'), standsHours: 1 } },
  },
  {
    id: 'dairy',
    name: 'Dairy',
    tint: '#F3EAD7',
    traits: { roles: ['body', 'active'], inBowl: 'opened', isPacked: true, stands: 'fridge', goesInCool: true },
    keeping: { whole: { roomHours: 2, warmHours: 1, coldHours: 14 * 24, source: 'foodkeeper' }, opened: coldDays(5) },
  },
  {
    id: 'plant-milk',
    name: 'Plant milks',
    tint: '#EFE7DC',
    traits: { roles: ['thinner', 'body'], inBowl: 'opened', isPacked: true, isThinner: false },
    keeping: { whole: dryMonths(6), opened: coldDays(3) },
  },
  {
    id: 'honey',
    name: 'Honey and syrups',
    tint: '#D98E2B',
    traits: { roles: ['humectant', 'body'], inBowl: 'opened', isPacked: true, thickens: 'syrup', skin: ['lightens'] },
    keeping: { whole: dryMonths(24), opened: dryMonths(12) },
  },
  {
    id: 'oil',
    name: 'Oils',
    tint: '#C9A545',
    traits: { roles: ['oil'], matter: 'fat', inBowl: 'opened', isPacked: true, countsAs: ['oil'] },
    keeping: { whole: dryMonths(12), opened: dryMonths(6), made: dryMonths(6) },
  },
  {
    id: 'butter',
    name: 'Butters',
    tint: '#E5D08D',
    traits: { roles: ['oil'], matter: 'fat', inBowl: 'opened', isPacked: true, countsAs: ['oil'] },
    keeping: { whole: dryMonths(12), opened: dryMonths(6) },
  },
  {
    id: 'powder',
    name: 'Leaf and flower powders',
    tint: '#9B5A5F',
    traits: {
      roles: ['active'],
      matter: 'dry',
      inBowl: 'opened',
      prepared: 'last',
      keepsItsShare: true,
      skin: ['lively'],
      hazards: ['dust'],
      // About a teaspoon of leaf powder (2.9 g) to a bowl of 200 mL (common practice, no published source).
      limits: [{ kind: 'per-bowl', gramsPerMillilitre: 2.9 / 200, source: 'common-practice' }],
    },
    keeping: { whole: dryMonths(24), opened: dryMonths(12) },
  },
  {
    id: 'pepper',
    name: 'Pepper',
    tint: '#5F554C',
    traits: {
      roles: ['active'],
      matter: 'dry',
      inBowl: 'opened',
      isFromTap: true,
      prepared: 'last',
      keepsItsShare: true,
      skin: ['stings', 'lively', 'not-on-face', 'not-small-children'],
      limits: [{ kind: 'pinches', usual: 2, sensitive: 1, source: 'common-practice' }],
    },
    keeping: { whole: dryMonths(24), opened: dryMonths(24) },
  },
  {
    id: 'clay',
    name: 'Clays',
    tint: '#D4CBBE',
    traits: {
      roles: ['active', 'body'],
      matter: 'dry',
      inBowl: 'opened',
      prepared: 'last',
      keepsItsShare: true,
      countsAs: ['clarifying'],
      skin: ['lively', 'not-on-face'],
      hazards: ['dust'],
    },
    keeping: { whole: dryMonths(36), opened: dryMonths(24) },
  },
  {
    id: 'soda',
    name: 'Soda',
    tint: '#E3E3DF',
    traits: {
      roles: ['active'],
      matter: 'dry',
      inBowl: 'opened',
      prepared: 'last',
      keepsItsShare: true,
      countsAs: ['clarifying'],
      skin: ['stings', 'lively', 'alkaline', 'fades', 'not-on-face'],
    },
    keeping: { whole: dryMonths(24), opened: dryMonths(12) },
  },
  {
    id: 'acid',
    name: 'Acids',
    tint: '#D6CE62',
    traits: {
      roles: ['acid'],
      inBowl: 'opened',
      isPacked: true,
      keepsItsShare: true,
      partsFromOil: true,
      countsAs: ['acid'],
      skin: ['stings', 'lively', 'fades', 'not-on-face'],
    },
    keeping: { whole: dryMonths(24), opened: dryMonths(12) },
  },
  {
    id: 'humectant',
    name: 'Humectants',
    tint: '#BFD0D6',
    traits: { roles: ['humectant'], inBowl: 'opened', isPacked: true },
    keeping: { whole: dryMonths(24), opened: dryMonths(12) },
  },
  {
    id: 'scent',
    name: 'Scents',
    tint: '#A58DB0',
    traits: {
      roles: ['scent'],
      matter: 'drops',
      inBowl: 'opened',
      isPacked: true,
      prepared: 'last',
      goesInCool: true,
      keepsItsShare: true,
      skin: ['stings', 'lively', 'not-on-face'],
    },
    keeping: { whole: dryMonths(24), opened: dryMonths(12) },
  },
  {
    id: 'base',
    name: 'Bought bases',
    tint: '#E7DAD0',
    traits: { roles: ['body', 'active'], inBowl: 'opened', isPacked: true },
    keeping: { whole: dryMonths(24), opened: dryMonths(12) },
  },
  {
    id: 'brew',
    name: 'Teas and brews',
    tint: '#B98A5E',
    traits: { roles: ['thinner', 'active', 'body'], inBowl: 'made' },
    keeping: { raw: dryMonths(24), made: coldDays(2, 'own') },
  },
  {
    id: 'protein',
    name: 'Protein powders',
    tint: '#EAD9C2',
    traits: { roles: ['active', 'body'], inBowl: 'made', countsAs: ['protein'], hazards: ['hot-work'] },
    keeping: { raw: dryMonths(24), made: coldDays(1, 'own') },
  },
  {
    id: 'water',
    name: 'Water',
    tint: '#C3DAE0',
    traits: { roles: ['thinner'], inBowl: 'opened', isFromTap: true, isThinner: true },
    // Boiled and cooled: a day on the counter, three in the cold (own).
    keeping: { whole: dryMonths(12), opened: keepsDays(1, 3, 'own') },
  },
];

export const FAMILY_BY_ID: ReadonlyMap<string, FamilyRow> = new Map(FAMILY_ROWS.map((row) => [row.id, row]));

/** What a household's own row may be called. */
export const FAMILIES: readonly string[] = FAMILY_ROWS.map(({ id }) => id);

/** A family's row; one that is not in the table stands under "Other things". */
export const familyOf = (id: string): Pick<FamilyRow, 'id' | 'name' | 'tint'> =>
  FAMILY_BY_ID.get(id) ?? { id, name: 'Other things', tint: '#D8CFC2' };
