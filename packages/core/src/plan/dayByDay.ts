import { QuickLook } from './quick';
import {
  LEAST_CHANCE,
  PLAN_POINTS as POINTS,
  type Chosen,
  type Option,
  type PlanHead,
  type PlanProblem,
} from './problem';

/** As the ranking weighs it: for saving more than any bowl holds, half of it for about 100 g. */
const SAVES_POINTS = 4;
const SAVES_SCALE_GRAMS = 150;
const HUNDRED = 100;

/**
 * What somebody does who goes by the day: each day the best mask for whoever is due, or for whoever is free when something
 * turns by tomorrow, with what is in the house or in the shop that day. Nobody looks ahead, or freezes anything in time. Pins stand. It keeps every rule
 * that a plan keeps, so it is both where a plan begins and what it is held against.
 */
export function dayByDay(problem: PlanProblem): readonly Chosen[] {
  const { days, heads, options, pins } = problem;
  const quick = new QuickLook({
    ...problem,
    supplies: problem.supplies.map((supply) => ({ ...supply, canFreeze: false })),
  });
  const chosen: Chosen[] = [...pins];
  /** Grams left of each supply; of goods by ingredient. */
  const left = new Map(
    problem.supplies.map(({ id, units, unitGrams, boughtOn }) => [id, boughtOn === undefined ? units * unitGrams : 0]),
  );
  const goods = new Map(problem.goods.map(({ ingredientId, grams }) => [ingredientId, grams]));
  const byId = new Map(options.map((option) => [option.id, option]));
  const bowlsOf = (head: PlanHead): readonly { option: Option; on: number }[] =>
    chosen.flatMap(({ optionId, on }) => {
      const option = byId.get(optionId);
      return option?.headIds.includes(head.id) ? [{ option, on }] : [];
    });

  days.forEach((_day, on) => {
    const turnsBy = (id: string): boolean => {
      const supply = problem.supplies.find((one) => one.id === id);
      return (
        (supply?.chance[on] ?? 0) >= LEAST_CHANCE &&
        !((supply?.chance[on + 1] ?? 0) >= LEAST_CHANCE) &&
        (supply?.lostShare ?? 0) > 0.5
      );
    };
    const offers = (ingredientId: string) =>
      problem.supplies.filter(
        (supply) =>
          supply.ingredientId === ingredientId &&
          supply.boughtOn === undefined &&
          (supply.chance[on] ?? 0) >= LEAST_CHANCE,
      );
    const canBuy = (ingredientId: string): boolean =>
      days[on]?.isShopDay === true &&
      (problem.goods.some((good) => good.ingredientId === ingredientId) ||
        problem.supplies.some((supply) => supply.ingredientId === ingredientId && supply.boughtOn === on));
    /** What an option would take today: what it saves, and what it lacks. */
    const look = ({ lines }: Option) => {
      let saves = 0;
      let short = 0;
      let isPossible = true;
      for (const { ingredientId, grams } of lines) {
        const there =
          goods.get(ingredientId) ?? offers(ingredientId).reduce((sum, { id }) => sum + (left.get(id) ?? 0), 0);
        const lacks = Math.max(0, grams * (1 - problem.sparedShare) - there);
        if (lacks > 0) {
          short += lacks;
          if (!canBuy(ingredientId)) isPossible = false;
        }
        let wanted = grams;
        for (const { id } of offers(ingredientId).filter((one) => turnsBy(one.id))) {
          const taken = Math.min(wanted, left.get(id) ?? 0);
          wanted -= taken;
          saves += taken;
        }
      }
      return { saves, short, isPossible };
    };
    const take = ({ lines }: Option): void => {
      for (const { ingredientId, grams } of lines) {
        if (goods.has(ingredientId)) {
          goods.set(ingredientId, Math.max(0, (goods.get(ingredientId) ?? 0) - grams));
          continue;
        }
        let wanted = grams;
        // What turns first goes first.
        const soonest = [...offers(ingredientId)].sort((a, b) => lastDay(a.chance) - lastDay(b.chance));
        for (const { id } of soonest) {
          const taken = Math.min(wanted, left.get(id) ?? 0);
          left.set(id, (left.get(id) ?? 0) - taken);
          wanted -= taken;
        }
      }
    };
    for (const pin of pins) if (pin.on === on) take(byId.get(pin.optionId) as Option);

    for (const head of heads) {
      const own = bowlsOf(head);
      if (own.some((bowl) => Math.abs(bowl.on - on) < head.leastDays)) continue;
      const last = Math.max(head.lastOn ?? -Infinity, ...own.filter((bowl) => bowl.on < on).map((bowl) => bowl.on));
      const isDue = on - last >= head.everyDays;
      const fits = options
        .filter((option) => option.headIds.length === 1 && option.headIds[0] === head.id)
        .filter(({ id }) => quick.keepsRules([...chosen, { optionId: id, on }]))
        .map((option) => ({ option, ...look(option) }))
        .filter(({ isPossible, saves }) => isPossible && (isDue || saves > 0))
        .map((one) => ({
          ...one,
          score:
            SAVES_POINTS * (1 - Math.exp(-one.saves / SAVES_SCALE_GRAMS)) -
            one.option.points -
            (one.short > 0 ? POINTS.trip + POINTS.item : 0) -
            (POINTS.lost * one.short) / HUNDRED -
            (own.some(({ option }) => option.maskId === one.option.maskId) ? POINTS.again : 0),
        }))
        .sort((a, b) => b.score - a.score || (a.option.id < b.option.id ? -1 : 1));
      // What looks possible and is not, because a cut piece would have to last too long, gives way to the next.
      const best = fits.find(({ option }) => Number.isFinite(quick.cost([...chosen, { optionId: option.id, on }])));
      if (!best || (!isDue && best.score < 0)) continue;
      chosen.push({ optionId: best.option.id, on });
      take(best.option);
    }
  });
  return chosen;
}

const lastDay = (chance: readonly number[]): number =>
  chance.reduce((last, one, on) => (one >= LEAST_CHANCE ? on : last), -1);
