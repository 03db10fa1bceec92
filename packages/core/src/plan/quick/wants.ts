import { LEAST_CHANCE, type PlanProblem, type Supply } from '../problem';

/** What an option takes of one thing: of a good, or of supplies, by their places. */
export interface Want {
  /** Which thing it is, counted from 0. */
  readonly thing: number;
  readonly good: number | undefined;
  /** In the order in which they are drawn. */
  readonly supplies: readonly number[];
  readonly grams: number;
}

const lastFit = ({ chance }: Supply): number => chance.reduce((last, one, on) => (one >= LEAST_CHANCE ? on : last), -1);

/** What each option wants, by its id, and how many things there are. What turns first is drawn first, and what is in the house before what is bought. */
export function wantsOf({ options, supplies, goods }: Pick<PlanProblem, 'options' | 'supplies' | 'goods'>): {
  readonly byOption: ReadonlyMap<string, readonly Want[]>;
  readonly things: number;
} {
  const inOrder = supplies
    .map((supply, place) => ({
      supply,
      place,
      isBought: Number(supply.boughtOn !== undefined),
      last: lastFit(supply),
    }))
    .sort((a, b) => a.isBought - b.isBought || a.last - b.last);
  const things = new Map<string, number>();
  const thingOf = (id: string): number => {
    const known = things.get(id) ?? things.size;
    things.set(id, known);
    return known;
  };
  const byOption = new Map(
    options.map(({ id, lines }) => [
      id,
      lines.map(({ ingredientId, grams }): Want => {
        const good = goods.findIndex((one) => one.ingredientId === ingredientId);
        return {
          thing: thingOf(ingredientId),
          good: good < 0 ? undefined : good,
          supplies: inOrder.flatMap(({ supply, place }) => (supply.ingredientId === ingredientId ? [place] : [])),
          grams,
        };
      }),
    ]),
  );
  return { byOption, things: things.size };
}
