import type { Choice } from './plan';
import { countedShare, LEAST_CHANCE, type PlanProblem } from './problem';

/** Rounding of a solver, grams and minutes. */
const CRUMB = 0.05;

/**
 * Every rule of a plan, looked up in what the plan says and nothing else: it knows no programme. A pin is the household's own
 * word and may break minutes and distances, never what there is.
 * @returns the broken rules with what they are about, for whoever mends the program; none where it is sound
 */
export function brokenRules(problem: PlanProblem, choice: Choice): readonly string[] {
  const { days, heads, options, supplies, goods, pins, budget } = problem;
  const broken: string[] = [];
  const need = (holds: boolean, rule: string, ...about: readonly (string | number | undefined)[]): void => {
    if (!holds) broken.push([rule, ...about].join(' '));
  };
  const optionOf = (id: string) => options.find((one) => one.id === id);
  const isPin = (bowl: { optionId: string; on: number }): boolean =>
    pins.some((pin) => pin.optionId === bowl.optionId && pin.on === bowl.on);

  for (const pin of pins)
    need(
      choice.bowls.some((bowl) => bowl.optionId === pin.optionId && bowl.on === pin.on),
      'pin-gone',
      pin.optionId,
      pin.on,
    );
  for (const bowl of choice.bowls) {
    const option = optionOf(bowl.optionId);
    if (!option) {
      need(false, 'unknown', bowl.optionId);
      continue;
    }
    if (isPin(bowl)) continue;
    need(option.canOn[bowl.on] === true, 'forbidden', option.id, bowl.on);
    for (const id of option.headIds)
      need(heads.find((head) => head.id === id)?.canOn[bowl.on] === true, 'cannot', id, bowl.on);
  }
  for (const head of heads) {
    const own = choice.bowls.filter(({ headIds }) => headIds.includes(head.id));
    own.forEach((bowl, i) => {
      for (const other of own.slice(i + 1)) {
        if (isPin(bowl) && isPin(other)) continue;
        const apart = Math.abs(other.on - bowl.on);
        need(apart >= head.leastDays, 'too-near', head.id, bowl.on, other.on);
        const [a, b] = [optionOf(bowl.optionId), optionOf(other.optionId)];
        for (const rhythm of a?.rhythms ?? [])
          if (b?.rhythms.includes(rhythm))
            need(apart >= (head.strictDays[rhythm] ?? 0), 'too-soon', head.id, rhythm, bowl.on, other.on);
        if (a?.maskId === b?.maskId) need(apart >= (a?.repeatDays ?? 0), 'again-too-soon', head.id, a?.maskId);
      }
    });
  }
  days.forEach(({ minutes }, on) => {
    const today = choice.bowls.filter((bowl) => bowl.on === on);
    if (today.length === 0 || today.some(isPin)) return;
    const all = today.map(({ optionId }) => optionOf(optionId));
    const hands = all.reduce((sum, one) => sum + (one?.handsOnMinutes ?? 0), 0);
    const wears = Math.max(...all.map((one) => one?.wearMinutes ?? 0));
    need(hands + wears <= minutes + CRUMB, 'minutes', on, hands + wears, minutes);
  });

  // What there is, and when it may be used.
  const isGood = new Set(goods.map(({ ingredientId }) => ingredientId));
  for (const bowl of choice.bowls)
    for (const { ingredientId, grams } of optionOf(bowl.optionId)?.lines ?? []) {
      if (isGood.has(ingredientId)) continue;
      const drawn = bowl.draws
        .filter((draw) => draw.ingredientId === ingredientId)
        .reduce((sum, one) => sum + one.grams, 0);
      const missing = bowl.missing
        .filter((one) => one.ingredientId === ingredientId)
        .reduce((sum, one) => sum + one.grams, 0);
      need(drawn <= grams + CRUMB, 'more-than-wanted', bowl.optionId, ingredientId);
      need(missing === 0 || isPin(bowl), 'lacks', bowl.optionId, ingredientId);
      // Several bowls of a day spare together.
      const today = choice.bowls.filter(({ on }) => on === bowl.on);
      const wantedToday = today.reduce(
        (sum, one) =>
          sum +
          (optionOf(one.optionId)?.lines ?? []).reduce(
            (all, line) => all + (line.ingredientId === ingredientId ? line.grams : 0),
            0,
          ),
        0,
      );
      const givenToday = today.reduce(
        (sum, one) =>
          sum +
          [...one.draws, ...one.missing].reduce(
            (all, line) => all + (line.ingredientId === ingredientId ? line.grams : 0),
            0,
          ),
        0,
      );
      need(givenToday >= (1 - problem.sparedShare) * wantedToday - CRUMB, 'too-little', ingredientId, bowl.on);
    }
  for (const supply of supplies) {
    const draws = choice.bowls.flatMap(({ on, draws: all }) =>
      all.filter(({ supplyId }) => supplyId === supply.id).map(({ grams, isFrozen }) => ({ on, grams, isFrozen })),
    );
    const gramsOf = (some: typeof draws): number => some.reduce((sum, { grams }) => sum + grams, 0);
    const drawn = gramsOf(draws.filter(({ isFrozen }) => !isFrozen));
    const thawed = draws.filter(({ isFrozen }) => isFrozen);
    const frozen = choice.freezes.find(({ supplyId }) => supplyId === supply.id)?.grams ?? 0;
    const units =
      supply.boughtOn === undefined
        ? supply.units
        : (choice.purchases.find((one) => one.ingredientId === supply.ingredientId && one.on === supply.boughtOn)
            ?.units ?? 0);
    need(drawn + frozen <= units * supply.unitGrams + CRUMB, 'more-than-there', supply.id);
    need(frozen === 0 || supply.canFreeze, 'freezes-not', supply.id);
    need(gramsOf(thawed) <= frozen + CRUMB, 'not-frozen', supply.id);
    // What is frozen was fit on a day before.
    for (const { on } of thawed)
      need(
        supply.chance.some((chance, day) => chance >= LEAST_CHANCE && day < on),
        'frozen-late',
        supply.id,
        on,
      );
    for (const { on } of draws.filter(({ isFrozen }) => !isFrozen)) {
      const opens = Array.from({ length: (supply.openDays ?? 0) + 1 }, (_, back) => on - back);
      need(
        opens.some((day) => (supply.chance[day] ?? 0) >= LEAST_CHANCE),
        'not-fit',
        supply.id,
        on,
      );
    }
    // What is neither drawn nor frozen is told of as lost, by the chance that it is.
    const told = choice.lost.find(({ supplyId }) => supplyId === supply.id)?.grams ?? 0;
    const rest = units * supply.unitGrams - drawn - frozen;
    need(told >= Math.min(1, supply.lostShare) * countedShare(supply) * rest * 0.5 - 1, 'lost-untold', supply.id, rest);
  }
  for (const { ingredientId, grams, packGrams } of goods)
    days.forEach((_, on) => {
      const wanted = choice.bowls
        .filter((bowl) => bowl.on <= on)
        .reduce(
          (sum, bowl) =>
            sum +
            (optionOf(bowl.optionId)?.lines ?? []).reduce(
              (all, line) => all + (line.ingredientId === ingredientId ? line.grams : 0),
              0,
            ) -
            bowl.missing.reduce((all, line) => all + (line.ingredientId === ingredientId ? line.grams : 0), 0),
          0,
        );
      const bought = choice.purchases
        .filter((one) => one.ingredientId === ingredientId && one.on <= on)
        .reduce((sum, { units }) => sum + units * packGrams, 0);
      // What a pin lacks is told of the bowl that comes first.
      const lacks = choice.bowls.some((bowl) => bowl.missing.some((one) => one.ingredientId === ingredientId));
      need(lacks || wanted <= grams + bought + CRUMB, 'not-enough', ingredientId, on);
    });
  for (const { on } of choice.purchases) need(days[on]?.isShopDay === true, 'no-shop', on);
  if (budget !== undefined)
    need(choice.purchases.reduce((sum, { money = 0 }) => sum + money, 0) <= budget + CRUMB, 'over-budget');
  return broken;
}
