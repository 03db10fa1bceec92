import type { SourceId } from '../source';

/** What has been done to it: nothing, opened, cut, made (cooked, pressed, steeped), or still the raw thing it is made from. */
export const LOT_STATES = ['whole', 'opened', 'cut', 'made', 'raw'] as const;
export type LotState = (typeof LOT_STATES)[number];

/** How long it keeps, in hours: in a room, in the heat, in a fridge; in a freezer where it freezes. */
export interface Keeping {
  readonly roomHours: number;
  /** Warm and by itself, before it is mixed into a bowl or in the cold: cooked starch (UK FSA: cool within the hour, from memory). */
  readonly standsHours?: number;
  /** Above 32 °C. */
  readonly warmHours: number;
  readonly coldHours: number;
  /** Absent where freezing spoils it. */
  readonly frozenHours?: number;
  readonly source: SourceId;
}

/** How it keeps in each state that it comes in. */
export type Keepings = Readonly<Partial<Record<LotState, Keeping>>>;

const DAY = 24;
const MONTH = 30 * DAY;

/** USDA FSIS two-hour rule, one hour above 32 °C (90 °F); from memory. */
export const TWO_HOUR_RULE = { roomHours: 2, warmHours: 1 } as const;

/**
 * A keeping in days: room, cold and, where it freezes, months in the freezer. In the heat it keeps half as long
 * (USDA FSIS halves the two hours; for what keeps for days an assumption of this project).
 */
export function keepsDays(roomDays: number, coldDays: number, source: SourceId, frozenMonths?: number): Keeping {
  const roomHours = roomDays * DAY;
  return withFrost({ roomHours, warmHours: roomHours / 2, coldHours: coldDays * DAY, source }, frozenMonths);
}

/** Perishable once it is cut, opened or cooked: two hours in a room, one in the heat, so many days cold. */
export function coldDays(days: number, source: SourceId = 'foodkeeper', frozenMonths?: number): Keeping {
  return withFrost({ ...TWO_HOUR_RULE, coldHours: days * DAY, source }, frozenMonths);
}

/** Dry or pure enough to keep for months wherever it stands. */
export function dryMonths(months: number, source: SourceId = 'foodkeeper'): Keeping {
  const hours = months * MONTH;
  return { roomHours: hours, warmHours: hours / 2, coldHours: hours, frozenHours: hours, source };
}

const withFrost = (keeping: Keeping, frozenMonths?: number): Keeping =>
  frozenMonths === undefined ? keeping : { ...keeping, frozenHours: frozenMonths * MONTH };

/** The same for what stands by itself on the shelf: cooked starch has its hour there. */
export const standingAlone = (keeping: Keeping): Keeping =>
  keeping.standsHours === undefined
    ? keeping
    : {
        ...keeping,
        roomHours: Math.min(keeping.roomHours, keeping.standsHours),
        warmHours: Math.min(keeping.warmHours, keeping.standsHours),
      };

/** What holds where nothing is known: a day in the cold. Assumption of this project. */
const UNKNOWN: Keeping = coldDays(1, 'own');

/**
 * How long an ingredient keeps in a state. A state that its row does not know keeps as the strictest it knows.
 * @example keepingOf(ingredientById(CATALOGUE, 'yogurt'), 'opened').coldHours // 120
 */
export function keepingOf({ keeping }: { readonly keeping: Keepings }, state: LotState): Keeping {
  const known = keeping[state];
  if (known) return known;
  const all = Object.values(keeping);
  return all.length === 0 ? UNKNOWN : all.reduce((strict, one) => (one.coldHours < strict.coldHours ? one : strict));
}

/**
 * How long something keeps in a freezer as it is, hours; nothing where freezing spoils it. Fruit that freezes cut freezes whole: it is cut
 * when it comes out. An egg in its shell does not (USDA FSIS, from memory: never in the shell).
 * @example frozenHoursOf(ingredientById(CATALOGUE, 'mango'), 'whole') // 2160
 */
export function frozenHoursOf(
  row: { readonly keeping: Keepings; readonly ripening?: unknown },
  state: LotState,
): number | undefined {
  const own = keepingOf(row, state).frozenHours;
  return own ?? (state === 'whole' && row.ripening !== undefined ? row.keeping.cut?.frozenHours : undefined);
}

/** Spoils within this many hours in a room: what the two-hour rule is about. */
const PERISHABLE_HOURS = 4;

/** True for what spoils within hours in a room. */
export const isPerishable = ({ roomHours }: Keeping): boolean => roomHours <= PERISHABLE_HOURS;

/** How it keeps once it is in a bowl: mashed, opened, pressed or cooked. */
export const keepingInBowl = (row: {
  readonly keeping: Keepings;
  readonly traits: { readonly inBowl: LotState };
}): Keeping => keepingOf(row, row.traits.inBowl);

/** True for what sets the clock of a bowl and may not stay on a head overnight. */
export const spoilsInBowl = (row: Parameters<typeof keepingInBowl>[0]): boolean => isPerishable(keepingInBowl(row));
