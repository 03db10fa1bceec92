import { bareHouse } from '../house';
import { CATALOGUE, ingredientById, pieceSize, rawRecipeOf } from '../ingredient';
import { NO_STORY } from '../judge';
import { BUILT_IN_MASKS, NEEDS } from '../mask';
import { SPOON_SETS } from '../measure';
import { habitsFrom, usualKind, type Lot, type Stage } from '../shelf';
import { STILL } from '../shelf/testing';
import { drawsFrom } from '../statistic';
import { aProfile } from '../testing';
import { addDays } from '../time';
import type { HouseholdOfWeeks } from './problemOf';
import { SPARED_SHARE, type Good, type Option, type PlanHead, type PlanProblem, type Supply } from './problem';

/** How large a made-up household is. */
export interface MadeUpSize {
  readonly heads: number;
  readonly days: number;
  readonly masks: number;
  readonly lots: number;
  readonly isShared?: boolean;
}

const KINDS = ['deep', 'protein', 'acid', 'oil'] as const;

/** For tests: a household of invented heads, masks and lots, the same for the same seed. */
export function aMadeUpHousehold(seed: number, size: MadeUpSize): PlanProblem {
  const draws = drawsFrom(seed);
  const random = (): number => draws.uniform();
  const within = (low: number, high: number): number => low + (high - low) * random();
  const whole = (low: number, high: number): number => Math.floor(within(low, high + 1));
  const days = Array.from({ length: size.days }, (_, on) => ({
    day: addDays('2026-03-02', on),
    at: Date.parse('2026-03-02T17:00:00Z') + on * 86_400_000,
    minutes: random() < 0.2 ? 0 : whole(90, 260),
    isShopDay: on % 7 === 2 || on % 7 === 5,
  }));
  const turning = Array.from({ length: Math.max(2, Math.ceil(size.lots / 2.5)) }, (_, i) => `fruit-${i}`);
  const keeping = Array.from({ length: Math.max(2, Math.ceil(size.masks / 6)) }, (_, i) => `good-${i}`);
  const heads = Array.from({ length: size.heads }, (_, i): PlanHead => {
    const everyDays = whole(4, 9);
    const lastOn = -whole(0, 8);
    const leastDays = Math.ceil(everyDays * 0.7);
    return {
      id: `head-${i}`,
      everyDays,
      leastDays,
      canOn: days.map((_, on) => on >= lastOn + leastDays && random() < 0.9),
      lastOn,
      due: random() < 0.4 ? [{ rhythm: 'protein', from: whole(0, size.days - 1) }] : [],
      strictDays: { protein: 10, acid: 14 },
    };
  });
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;
  const masks = Array.from({ length: size.masks }, (_, i) => ({
    maskId: `mask-${i}`,
    handsOnMinutes: whole(5, 30),
    wearMinutes: whole(10, 90),
    rhythms: [pick(KINDS)],
    repeatDays: random() < 0.2 ? whole(3, 12) : undefined,
    of: [
      pick(turning),
      ...(random() < 0.6 ? [pick(turning)] : []),
      pick(keeping),
      ...(random() < 0.5 ? [pick(keeping)] : []),
    ],
    grams: within(20, 140),
  }));
  const groups = [
    ...heads.map(({ id }) => [id]),
    ...(size.isShared && heads.length > 1 ? [heads.slice(0, 2).map(({ id }) => id)] : []),
  ];
  const options = groups.flatMap((headIds) =>
    masks.map(({ of, grams, ...mask }): Option => {
      const size1 = headIds.reduce((sum) => sum + within(0.6, 1.5), 0);
      const lines = [...new Set(of)].map((ingredientId) => ({ ingredientId, grams: Math.round(grams * size1) }));
      return {
        ...mask,
        id: `${mask.maskId} ${headIds.join('+')}`,
        headIds,
        madeMillilitres: lines.reduce((sum, line) => sum + line.grams, 0),
        lines,
        points: Math.round(within(0, 6) * 100) / 100,
        terms: {},
        canOn: days.map(() => random() < 0.95),
      };
    }),
  );
  const lots = Array.from({ length: size.lots }, (_, i): Supply =>
    aSupply(random, `lot-${i}`, pick(turning), size.days),
  );
  const shop = days.flatMap(({ isShopDay }, on) =>
    isShopDay
      ? turning.map((ingredientId): Supply => ({
          ...aSupply(random, `shop-${ingredientId}-${on}`, ingredientId, size.days),
          lotId: undefined,
          boughtOn: on,
          units: 4,
          ...priced(Math.round(within(0.3, 2) * 100) / 100),
          chance: days.map((_, day) => (day >= on && day <= on + 4 ? 1 : 0)),
          needsCold: days.map(() => false),
          lostShare: on + 4 < size.days ? 1 : 0.3,
          leftShare: on + 4 < size.days ? 1 : 0.3,
        }))
      : [],
  );
  const goods = keeping.map((ingredientId): Good => ({
    ingredientId,
    grams: whole(0, 600),
    ...perGram(within(0.002, 0.02)),
    packGrams: pick([100, 250, 500]),
  }));
  return {
    days,
    heads,
    options,
    supplies: [...lots, ...shop],
    goods,
    pins: [],
    budget: undefined,
    sparedShare: SPARED_SHARE,
    former: [],
  };
}

function aSupply(random: () => number, id: string, ingredientId: string, days: number): Supply {
  const whole = (low: number, high: number): number => low + Math.floor((high - low + 1) * random());
  const from = whole(0, Math.max(1, Math.floor(days / 2)));
  const to = from + whole(1, 6);
  const isLoose = random() < 0.3;
  return {
    id,
    ingredientId,
    lotId: id,
    boughtOn: undefined,
    units: isLoose ? 1 : whole(1, 3),
    unitGrams: isLoose ? whole(40, 300) : whole(50, 180),
    openDays: isLoose ? undefined : whole(0, 3),
    chance: Array.from({ length: days }, (_, on) =>
      on >= from && on <= to ? 1 : on === from - 1 || on === to + 1 ? 0.6 : 0,
    ),
    needsCold: Array.from({ length: days }, () => false),
    lostShare: to < days ? 1 : 0.2,
    leftShare: to < days ? 1 : 0.2,
    weight: 1,
    canFreeze: random() < 0.25,
    unitPrice: undefined,
    unitWorth: 0,
  };
}

const priced = (price: number) => ({ unitPrice: price, unitWorth: price });
const perGram = (price: number) => ({ pricePerGram: price, worthPerGram: price });

const SHOPPED = [
  'avocado',
  'banana',
  'papaya',
  'mango',
  'pear',
  'strawberry',
  'egg-whole',
  'yogurt',
  'cucumber',
  'carrot',
  'aloe-gel',
];
const CUPBOARD = [
  'honey',
  'olive-oil',
  'coconut-oil',
  'jojoba-oil',
  'rice-cream',
  'oat-cream',
  'flax-gel',
  'coconut-milk',
];
const DAY = 86_400_000;

/** For tests: a household with real masks, real produce and heads of its own, the same for the same seed. */
export function aKitchen(
  seed: number,
  size: { readonly heads?: number; readonly lots?: number; readonly days?: number; readonly copies?: number } = {},
): HouseholdOfWeeks {
  const { heads = 3, lots = 10, days = 14, copies = 1 } = size;
  const draws = drawsFrom(seed);
  const random = (): number => draws.uniform();
  const whole = (low: number, high: number): number => low + Math.floor((high - low + 1) * random());
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)] as T;
  const now = Date.parse('2026-03-02T09:00:00Z');
  const iso = (daysAgo: number): string => new Date(now - daysAgo * DAY).toISOString();
  const lot = (ingredientId: string, i: number): Lot => {
    const row = ingredientById(CATALOGUE, ingredientId);
    const daysAgo = random() * 2;
    const since = iso(daysAgo);
    const isPiece = row.pieces !== undefined && row.measuredBy[0] === 'piece';
    const count = whole(1, 3);
    const each = isPiece ? Math.round(pieceSize(row).usableGrams * (0.8 + 0.4 * random())) : 0;
    const stage: Stage = pick(['unripe', 'unripe', 'nearly', 'ready']);
    return {
      id: `${ingredientId}-${i}`,
      ingredientId,
      state: rawRecipeOf(row) ? 'raw' : 'whole',
      since,
      grams: isPiece ? count * each : whole(150, 500),
      ...(isPiece ? { pieceGrams: each } : {}),
      pricePerGram: 0.004 + 0.01 * random(),
      label: '',
      stays: [{ placeId: usualKind(row, rawRecipeOf(row) ? 'raw' : 'whole'), from: since }],
      touches: row.ripening ? [{ at: since, stage }] : [],
    };
  };
  const masks = Array.from({ length: copies }, (_, copy) =>
    BUILT_IN_MASKS.map((mask) =>
      copy === 0 ? mask : { ...mask, id: `${mask.id}-${copy}`, name: `${mask.name} ${copy}` },
    ),
  ).flat();
  const people = Array.from({ length: heads }, (_, i) => ({
    id: `head-${i}`,
    name: `Head ${i}`,
    ageYears: whole(8, 60),
    sensitiveSkin: random() < 0.2,
    profile: aProfile({
      stretchedLengthCentimetres: whole(15, 80),
      style: pick(['loose', 'loose', 'twists'] as const),
    }),
    story: { ...NO_STORY, needs: [pick(NEEDS), pick(NEEDS)] },
    wore: [
      {
        at: iso(whole(1, 9)),
        maskId: 'oat-ease',
        rhythms: ['deep' as const],
        ingredientIds: [...SHOPPED, ...CUPBOARD],
      },
    ],
  }));
  const there = [
    ...Array.from({ length: lots }, (_, i) => lot(pick(SHOPPED), i)),
    ...CUPBOARD.filter(() => random() < 0.8).map(lot),
  ];
  return {
    house: {
      ...bareHouse(SPOON_SETS.us, now),
      climate: STILL,
    },
    heads: people,
    masks,
    lots: there,
    habits: habitsFrom(
      there.map((one) => ({ ...one, at: one.since })),
      CATALOGUE,
    ),
    kept: [],
    wishes: {
      horizonDays: days,
      rhythms: Object.fromEntries(
        Array.from({ length: heads }, (_, i) => [`head-${i}`, { everyDays: whole(4, 9), weekdays: [] }]),
      ),
      weekdayMinutes: [240, 120, 120, 0, 120, 120, 240],
      dayMinutes: {},
      shopWeekdays: [3, 6],
      pins: [],
      noes: [],
      useUpIds: [],
    },
    former: [],
    now,
  };
}

/** For tests: a mango that lies whole and turns. */
export const A_MANGO: PlanProblem['supplies'][number] = {
  id: 'mango',
  ingredientId: 'mango',
  lotId: 'mango',
  boughtOn: undefined,
  units: 1,
  unitGrams: 200,
  openDays: undefined,
  chance: [1],
  needsCold: [false],
  lostShare: 1,
  leftShare: 1,
  weight: 1,
  canFreeze: false,
  unitPrice: undefined,
  unitWorth: 0,
};

/** For tests: an evening of three heads: oats for all of them, or for two, and a mango that would do for one of them. */
export function anEvening(change: Partial<PlanProblem> = {}): PlanProblem {
  const option = (maskId: string, headIds: readonly string[], points: number, grams = 0) => ({
    id: `${maskId} ${headIds.join('+')}`,
    maskId,
    headIds,
    handsOnMinutes: 10,
    wearMinutes: 20,
    madeMillilitres: 200,
    lines: grams > 0 ? [{ ingredientId: 'mango', grams }] : [],
    rhythms: [],
    repeatDays: undefined,
    points,
    terms: {},
    canOn: [true],
  });
  return {
    days: [{ day: '2026-03-02', at: Date.parse('2026-03-02T17:00:00Z'), minutes: 120, isShopDay: true }],
    heads: ['ada', 'bo', 'cy'].map((id) => ({
      id,
      everyDays: 5,
      leastDays: 4,
      canOn: [true],
      lastOn: -9,
      due: [],
      strictDays: {},
    })),
    options: [
      option('oats', ['ada', 'bo', 'cy'], 0.1),
      option('oats', ['bo', 'cy'], 0.1),
      option('mango', ['ada'], 1, 200),
    ],
    supplies: [A_MANGO],
    goods: [],
    pins: [],
    budget: undefined,
    sparedShare: 0,
    former: [],
    ...change,
  };
}
