import { drawsFrom } from '../statistic';
import { mayOn, tooNear, type Chosen } from './problem';
import type { QuickLook } from './quick';

/** Looks at so many neighbours: about a quarter of a second. Several such searches find more than one as long as all of them. */
export const LOOKS = 4_000;
/** How much worse, in points, a step may be at the beginning and at the end; tried out on made-up households. */
const [HOT, COLD] = [3, 0.05];
/** Looks without anything better after which it goes on from the best once more. */
const PATIENCE = 2_500;
/** How often a place is taken that has not everything by itself, and how often another is picked instead. */
const UNLIKELY = 0.2;
const MOST_TRIES = 5;

/** A search step by step: out from the best of some sets of bowls, so many looks, in ways of its own for each seed. */
export type StepByStep = (
  from: readonly (readonly Chosen[])[],
  options?: { readonly looks?: number; readonly seed?: number },
) => readonly Chosen[];

/**
 * Bowls made better step by step by simulated annealing (Kirkpatrick, Gelatt and Vecchi 1983, from memory): another mask,
 * another day, one more, one less. Worse steps are taken too, ever more seldom, so that it does not stay in the first hollow.
 * The same for the same problem and seed; nothing is proven.
 * @param quick the problem, ready to be asked
 */
export function stepByStep(quick: QuickLook): StepByStep {
  const { problem } = quick;
  const places: readonly Chosen[] = problem.options.flatMap((option) =>
    problem.days.flatMap((_, on) =>
      mayOn(option, problem.heads, problem.days, on) ? [{ optionId: option.id, on }] : [],
    ),
  );
  const key = ({ optionId, on }: Chosen): string => `${optionId} ${on}`;
  const known = new Map(places.map((place) => [key(place), place]));
  const byDay = new Map<number, Chosen[]>();
  for (const place of places) byDay.set(place.on, [...(byDay.get(place.on) ?? []), place]);
  /** Whether there is everything for a bowl by itself; looked up once. */
  const possible = new Map<Chosen, boolean>();
  const isPossible = (place: Chosen): boolean => {
    const is = possible.get(place) ?? Number.isFinite(quick.cost([place]));
    possible.set(place, is);
    return is;
  };
  const headsOf = (one: Chosen): readonly string[] => quick.options.get(one.optionId)?.headIds ?? [];
  const byMask = new Map(
    problem.options.map((option) => [`${option.maskId} ${[...option.headIds].sort().join()}`, option]),
  );
  /** The same bowl for the others alone; nothing where there are none, or no such bowl. */
  const withoutHeads = ({ optionId, on }: Chosen, heads: readonly string[]): Chosen | undefined => {
    const shared = quick.options.get(optionId);
    const rest = shared?.headIds.filter((id) => !heads.includes(id)) ?? [];
    const option = rest.length === 0 ? undefined : byMask.get(`${shared?.maskId ?? ''} ${[...rest].sort().join()}`);
    return option && known.has(key({ optionId: option.id, on })) ? { optionId: option.id, on } : undefined;
  };
  const inTheWay = (one: Chosen, place: Chosen): boolean => {
    const [its, to] = [quick.options.get(one.optionId), quick.options.get(place.optionId)];
    return its !== undefined && to !== undefined && tooNear(problem.heads, [its, one.on], [to, place.on]);
  };

  return (from, { looks = LOOKS, seed = 0 } = {}) => {
    const draws = drawsFrom(7 + seed);
    const uniform = (): number => draws.uniform();
    const pick = <T>(all: readonly T[]): T | undefined => all[Math.floor(uniform() * all.length)];
    /** One of some places; seldom one that is possible only by what other bowls leave. */
    const pickPlace = (all: readonly Chosen[]): Chosen | undefined => {
      for (let tries = 0; tries < MOST_TRIES; tries++) {
        const place = pick(all);
        if (!place || isPossible(place) || uniform() < UNLIKELY) return place;
      }
      return undefined;
    };
    let best = from[0] ?? [];
    let bestCost = Infinity;
    for (const one of from) {
      const its = quick.keepsRules(one) ? quick.cost(one) : Infinity;
      if (its < bestCost) [best, bestCost] = [one, its];
    }
    if (places.length === 0) return best;
    let [now, cost] = [best, bestCost];
    /** A neighbour: with a new bowl instead of those in its way, without one, or with one on another day or of another mask. */
    const neighbour = (): readonly Chosen[] => {
      const kind = uniform();
      const one = pick(now.filter((bowl) => !quick.isPinned(bowl)));
      if (one && kind < 0.1) return now.filter((bowl) => bowl !== one);
      let to: Chosen | undefined;
      if (one && kind < 0.35) {
        const on = one.on + (uniform() < 0.5 ? -1 : 1) * (1 + Math.floor(uniform() * 3));
        to = known.get(key({ optionId: one.optionId, on }));
      } else if (one && kind < 0.7)
        to = pickPlace(
          (byDay.get(one.on) ?? []).filter((other) => headsOf(other).some((id) => headsOf(one).includes(id))),
        );
      else to = pickPlace(places);
      if (!to) return now;
      const place = to;
      const moved = one && kind < 0.7 ? now.filter((bowl) => bowl !== one) : now;
      const gone = [
        ...(moved === now || !one ? [] : [one]),
        ...moved.filter((bowl) => !quick.isPinned(bowl) && inTheWay(bowl, place)),
      ];
      // Who shared a bowl that goes, keeps it without those who have another now.
      const kept = gone.flatMap((bowl) => withoutHeads(bowl, headsOf(place)) ?? []);
      return [...moved.filter((bowl) => !gone.includes(bowl)), ...kept, place];
    };
    let since = 0;
    for (let look = 0; look < looks; look++) {
      const next = neighbour();
      since += 1;
      if (next !== now && quick.keepsRules(next)) {
        const its = quick.cost(next);
        const heat = HOT * (COLD / HOT) ** (look / looks);
        if (its <= cost || uniform() < Math.exp((cost - its) / heat)) [now, cost] = [next, its];
        if (its < bestCost - 1e-6) {
          [best, bestCost] = [next, its];
          since = 0;
        }
      }
      if (since > PATIENCE) {
        [now, cost] = [best, bestCost];
        since = 0;
      }
    }
    return best;
  };
}
