import { overlaid, type SaidIngredient } from '@amber-ladle/core/ingredient';
import {
  highsSolver,
  ifMoved,
  insteadOf,
  otherwise,
  planWeeks,
  sizeIn,
  toldWeeks,
  withoutBowl,
  type Alternative,
  type Chosen,
  type Difference,
  type Highs,
  type HouseholdOfWeeks,
  type Otherwise,
  type PlannedWeeks,
  type SizeFor,
  type Solver,
  type Weeks,
} from '@amber-ladle/core/plan';
import { expose } from 'comlink';
import loadHighs from 'highs';
import wasmUrl from 'highs/runtime?url';

/** A household as it can be sent: its own rows instead of the whole catalogue. */
export type SentHousehold = Omit<HouseholdOfWeeks, 'house'> & {
  readonly house: Omit<HouseholdOfWeeks['house'], 'catalogue'> & { readonly own: readonly SaidIngredient[] };
};

let solver: Promise<Solver> | undefined;
const loaded = (): Promise<Solver> =>
  (solver ??= loadHighs({ locateFile: () => wasmUrl }).then((highs) => highsSolver(highs as unknown as Highs)));

/** Bowls that were sized before, for the same house, heads and mask. */
const sizes = new Map<string, ReturnType<SizeFor>>();
const MOST_SIZES = 4000;
/** A first answer waits so long for bowls to be sized; it is made of those that are. */
const FIRST_SIZES_MILLISECONDS = 400;
/** @param until nothing new is sized from then on, milliseconds as `performance.now` */
function remembering(house: string, size: SizeFor, until = Infinity): SizeFor {
  return (heads, mask) => {
    const key = `${house} ${JSON.stringify(heads)} ${mask.id} ${mask.version}`;
    const known = sizes.get(key);
    if (known) return known;
    if (performance.now() > until) return undefined;
    const found = size(heads, mask);
    if (sizes.size >= MOST_SIZES) sizes.clear();
    sizes.set(key, found);
    return found;
  };
}

/** What was planned last, for what is asked of it. */
let held: PlannedWeeks | undefined;
const chosen = (bowl: {
  readonly maskId: string;
  readonly headIds: readonly string[];
  readonly on: number;
}): Chosen => ({
  optionId: `${bowl.maskId} ${bowl.headIds.join('+')}`,
  on: bowl.on,
});
/** A bowl of the plan, or a place where one could stand. */
export interface Place {
  readonly maskId: string;
  readonly headIds: readonly string[];
  readonly on: number;
}

const weeksJobs = {
  /** Plans the weeks: tells the first answer at once and each better one, and answers with the best that was found in time. */
  plan: async (
    { house: { own, ...house }, ...household }: SentHousehold,
    seconds: number,
    onBetter: (better: PlannedWeeks) => void,
  ): Promise<PlannedWeeks> => {
    const solve = await loaded();
    const whole = { ...house, catalogue: overlaid(own) };
    // What a bowl is sized by: everything of the house but where things stand.
    const { climate: _climate, ...sizedBy } = house;
    const key = JSON.stringify([sizedBy, own]);
    const size = remembering(key, sizeIn(whole));
    const soon = remembering(key, sizeIn(whole), performance.now() + FIRST_SIZES_MILLISECONDS);
    return planWeeks({ ...household, house: whole }, solve, { seconds, onBetter }, size, soon);
  },
  /** The plan that questions are about from here on, as it is shown. */
  hold: (weeks: PlannedWeeks): Weeks => {
    held = weeks;
    return toldWeeks(weeks);
  },
  /** What it would come to if a bowl stood elsewhere; nothing where that is forbidden. */
  ifMoved: async (from: Place | undefined, to: Place): Promise<ReturnType<typeof ifMoved>> => {
    const solve = await loaded();
    return held && ifMoved(held.posed.problem, held.planned, from && chosen(from), chosen(to), solve);
  },
  /** Other masks in a bowl's place. */
  insteadOf: async (bowl: Place): Promise<readonly Alternative[]> => {
    const solve = await loaded();
    return held ? insteadOf(held.posed.problem, held.planned, chosen(bowl), solve) : [];
  },
  /** What would be lost, and who would wait, without a bowl. */
  without: async (bowl: Place): Promise<Difference | undefined> => {
    const solve = await loaded();
    return held && withoutBowl(held.posed.problem, held.planned, chosen(bowl), solve);
  },
  /** What is done where fruit is late. */
  otherwise: (): readonly Otherwise[] => (held ? otherwise(held.posed.problem, held.planned) : []),
};

export type WeeksJobs = typeof weeksJobs;

expose(weeksJobs);
