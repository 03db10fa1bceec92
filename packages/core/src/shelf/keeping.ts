import type { Family } from '../ingredient';
import type { SourceId } from '../source';

/** What has been done to it: nothing, opened, cut, made (cooked, steeped), or still the dry thing it is made from. */
export const LOT_STATES = ['whole', 'opened', 'cut', 'made', 'raw'] as const;
export type LotState = (typeof LOT_STATES)[number];

/** How long it keeps, in hours, in a room and in a fridge; in a freezer where it freezes. */
export interface Keeping {
  readonly roomHours: number;
  readonly coldHours: number;
  /** Absent where freezing spoils it. */
  readonly frozenHours?: number;
  readonly source: SourceId;
}

type Row = Partial<Record<LotState, Keeping>>;

const DAY = 24;
const MONTH = 30 * DAY;
/** USDA FSIS two-hour rule, from memory. */
const TWO_HOURS = 2;
const keeps = (roomHours: number, coldHours: number, source: SourceId, frozenHours?: number): Keeping => ({
  roomHours,
  coldHours,
  source,
  ...(frozenHours ? { frozenHours } : {}),
});
/** Perishable once it is cut, opened or cooked: two hours in a room, so many days cold. */
const cold = (days: number, source: SourceId = 'foodkeeper', frozenHours?: number): Keeping =>
  keeps(TWO_HOURS, days * DAY, source, frozenHours);
const dry = (months: number): Keeping => keeps(months * MONTH, months * MONTH, 'foodkeeper', months * MONTH);

/** What holds for a family where nothing nearer is said. All days are the strict end of the published span. */
const BY_FAMILY: Readonly<Record<Family, Row>> = {
  fruit: { whole: keeps(3 * DAY, 5 * DAY, 'foodkeeper'), cut: cold(1, 'foodkeeper', 3 * MONTH), made: cold(1) },
  vegetable: { whole: keeps(2 * DAY, 5 * DAY, 'foodkeeper'), cut: cold(2), made: cold(1) },
  root: { whole: keeps(4 * DAY, 14 * DAY, 'foodkeeper'), cut: cold(3), made: cold(3, 'foodkeeper', 3 * MONTH) },
  // Unwashed eggs stand in a room for a week in many countries; washed ones only in the cold.
  egg: { whole: keeps(7 * DAY, 21 * DAY, 'usda-fsis'), cut: cold(2, 'usda-fsis', 6 * MONTH) },
  aloe: {
    whole: keeps(7 * DAY, 14 * DAY, 'common-practice', 6 * MONTH),
    cut: keeps(TWO_HOURS, 2 * DAY, 'common-practice', 6 * MONTH),
    made: keeps(TWO_HOURS, DAY, 'common-practice', 6 * MONTH),
  },
  grain: { raw: dry(12), made: cold(1, 'uk-fsa', MONTH) },
  'seed-gel': { raw: dry(6), made: cold(2, 'own', 3 * MONTH) },
  starch: { raw: dry(24), made: cold(1, 'own') },
  dairy: { whole: keeps(TWO_HOURS, 14 * DAY, 'foodkeeper'), opened: cold(5) },
  'plant-milk': { whole: dry(6), opened: cold(3) },
  honey: { whole: dry(24), opened: dry(12) },
  oil: { whole: dry(12), opened: dry(6), made: dry(6) },
  butter: { whole: dry(12), opened: dry(6) },
  powder: { whole: dry(24), opened: dry(12) },
  pepper: { whole: dry(24), opened: dry(24) },
  clay: { whole: dry(36), opened: dry(24) },
  soda: { whole: dry(24), opened: dry(12) },
  acid: { whole: dry(24), opened: dry(12) },
  humectant: { whole: dry(24), opened: dry(12) },
  scent: { whole: dry(24), opened: dry(12) },
  base: { whole: dry(12), opened: keeps(30 * DAY, 60 * DAY, 'foodkeeper') },
  water: { whole: dry(12), opened: cold(1, 'own') },
};

/** Where an ingredient differs from its family. */
const BY_ID: Readonly<Record<string, Row>> = {
  banana: { cut: keeps(TWO_HOURS, DAY / 2, 'foodkeeper', 3 * MONTH) },
  papaya: { cut: cold(2, 'foodkeeper', 3 * MONTH) },
  mango: { cut: cold(2, 'foodkeeper', 3 * MONTH) },
  pear: { cut: cold(2, 'foodkeeper', 3 * MONTH) },
  strawberry: { whole: keeps(DAY, 2 * DAY, 'foodkeeper', 6 * MONTH), cut: cold(1, 'foodkeeper', 6 * MONTH) },
  cucumber: { whole: keeps(2 * DAY, 4 * DAY, 'foodkeeper'), cut: cold(2) },
  'okra-gel': { raw: keeps(DAY, 2 * DAY, 'foodkeeper') },
  carrot: { whole: keeps(4 * DAY, 14 * DAY, 'foodkeeper') },
  'sweet-potato': { whole: keeps(14 * DAY, 14 * DAY, 'foodkeeper'), made: cold(3, 'foodkeeper', 3 * MONTH) },
  'onion-juice': { whole: keeps(30 * DAY, 30 * DAY, 'foodkeeper'), cut: cold(7), made: cold(2) },
  'lemon-juice': {
    whole: keeps(7 * DAY, 14 * DAY, 'foodkeeper'),
    cut: cold(2),
    made: cold(2, 'foodkeeper', 3 * MONTH),
  },
  // Cool within the hour, then a day (UK FSA; the USDA allows longer, the stricter holds).
  'rice-cream': { made: keeps(1, DAY, 'uk-fsa', MONTH) },
  mayonnaise: { opened: keeps(TWO_HOURS, 60 * DAY, 'foodkeeper') },
  conditioner: { whole: dry(24), opened: dry(12) },
  'egg-white': { cut: cold(2, 'usda-fsis', 6 * MONTH) },
};

/**
 * How long an ingredient keeps in a state. Where a state is unknown for it the strictest that is known holds.
 */
export function keepingOf({ id, family }: { readonly id: string; readonly family: Family }, state: LotState): Keeping {
  const row = { ...BY_FAMILY[family], ...BY_ID[id] };
  const known = row[state];
  if (known) return known;
  const all = Object.values(row);
  return all.reduce(
    (strictest, one) => (one.coldHours < strictest.coldHours ? one : strictest),
    all[0] ?? cold(1, 'own'),
  );
}

/** True for what spoils within hours in a room. */
export const isPerishable = ({ roomHours }: Keeping): boolean => roomHours <= 4;
