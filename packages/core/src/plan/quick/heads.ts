import {
  mayOn,
  PLAN_POINTS as POINTS,
  tooNear,
  tooSoon,
  type Chosen,
  type Option,
  type PlanHead,
  type PlanProblem,
} from '../problem';

/** The rules of heads and days, and what it costs that heads wait. */
export class QuickHeads {
  readonly options: ReadonlyMap<string, Option>;
  private readonly pins: ReadonlySet<string>;
  /** What a head could meet at all: where nothing can be done, nobody is late and nothing is missed. */
  private readonly within: ReadonlyMap<string, { readonly lateOn: readonly number[]; readonly due: PlanHead['due'] }>;

  constructor(private readonly problem: PlanProblem) {
    const { options, heads, pins } = problem;
    this.options = new Map(options.map((option) => [option.id, option]));
    this.pins = new Set(pins.map(({ optionId, on }) => `${optionId} ${on}`));
    this.within = new Map(heads.map((head) => [head.id, this.reachable(head)]));
  }

  isPinned = ({ optionId, on }: Chosen): boolean => this.pins.has(`${optionId} ${on}`);

  private reachable(head: PlanHead) {
    const { options, heads, days } = this.problem;
    const places = options
      .filter(({ headIds }) => headIds.includes(head.id))
      .flatMap((option) =>
        days.flatMap((_, on) =>
          this.isPinned({ optionId: option.id, on }) || mayOn(option, heads, days, on) ? [{ option, on }] : [],
        ),
      );
    return {
      lateOn: days.flatMap((_, day) => (places.some(({ on }) => on <= day && on > day - head.everyDays) ? [day] : [])),
      due: head.due.filter(({ rhythm, from }) =>
        places.some(({ option, on }) => on >= from && option.rhythms.includes(rhythm)),
      ),
    };
  }

  /** True where bowls keep the rules of heads and days. */
  keepsRules(chosen: readonly Chosen[]): boolean {
    const { heads, days } = this.problem;
    for (const one of chosen) {
      const option = this.options.get(one.optionId);
      if (!option || (!this.isPinned(one) && !mayOn(option, heads, days, one.on))) return false;
    }
    return heads.every((head) => this.keepsApart(head, chosen)) && days.every((_, on) => this.fitsMinutes(on, chosen));
  }

  private keepsApart(head: PlanHead, chosen: readonly Chosen[]): boolean {
    const own = chosen.filter(({ optionId }) => this.options.get(optionId)?.headIds.includes(head.id));
    return own.every((one, i) =>
      own.slice(i + 1).every((other) => {
        if (this.isPinned(one) && this.isPinned(other)) return true;
        const [a, b] = [this.options.get(one.optionId), this.options.get(other.optionId)];
        if (!a || !b) return false;
        const pair = [[a, one.on] as const, [b, other.on] as const] as const;
        return !tooNear([head], ...pair) && !tooSoon([head], ...pair);
      }),
    );
  }

  private fitsMinutes(on: number, chosen: readonly Chosen[]): boolean {
    const today = chosen.filter((one) => one.on === on);
    if (today.length < 2) return true;
    const all = today.flatMap(({ optionId }) => this.options.get(optionId) ?? []);
    const hands = all.reduce((sum, { handsOnMinutes }) => sum + handsOnMinutes, 0);
    const wears = Math.max(...all.map(({ wearMinutes }) => wearMinutes));
    return today.some(this.isPinned) || hands + wears <= (this.problem.days[on]?.minutes ?? 0);
  }

  /** What it costs that heads wait, miss something or have the same once more, points. */
  points(bowls: readonly Chosen[]): number {
    let sum = 0;
    for (const head of this.problem.heads) sum += this.pointsOfHead(head, bowls);
    return sum;
  }

  private pointsOfHead(head: PlanHead, bowls: readonly Chosen[]): number {
    const own = bowls.flatMap(({ optionId, on }) => {
      const option = this.options.get(optionId);
      return option?.headIds.includes(head.id) ? [{ option, on }] : [];
    });
    const all = head.lastOn === undefined ? own.map(({ on }) => on) : [head.lastOn, ...own.map(({ on }) => on)];
    const { lateOn, due } = this.within.get(head.id) ?? { lateOn: [], due: [] };
    const late = lateOn.filter((day) => !all.some((on) => on <= day && on > day - head.everyDays)).length;
    const masks = own.map(({ option }) => option.maskId);
    const missed = due.filter(
      ({ rhythm, from }) => !own.some(({ option, on }) => on >= from && option.rhythms.includes(rhythm)),
    ).length;
    return POINTS.late * late + POINTS.again * (masks.length - new Set(masks).size) + POINTS.due * missed;
  }
}
