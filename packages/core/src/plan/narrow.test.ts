import loadHighs from 'highs';
import { beforeAll, expect, it } from 'vitest';
import { highsSolver, planModel, type Highs, type Solver } from '.';
import { outsideKernel, settledBy } from './narrow';
import { relaxation } from './programme';
import { reduced } from './reduce';
import { aMadeUpHousehold } from './testing';

let solver: Solver;
beforeAll(async () => {
  solver = highsSolver((await loadHighs()) as unknown as Highs);
});
const EXACT = { seconds: 20, gap: 1e-9 };

it('settles nothing that the best plan has otherwise', () => {
  let settledCount = 0;
  for (let seed = 1; seed <= 20; seed++) {
    const problem = aMadeUpHousehold(seed, { heads: 2, days: 4, masks: 3, lots: 3, isShared: seed % 2 === 0 });
    const { programme } = planModel(problem);
    const best = solver(programme, EXACT).cost;
    // Somewhat more than the least is known, as after a search.
    const settled = settledBy(programme, solver(relaxation(programme), EXACT), best + 1);
    settledCount += settled.size;
    const small = reduced(programme, settled);
    const found = small && solver(small.programme, EXACT).cost + small.cost;
    expect(Math.abs((found ?? Infinity) - best), `seed ${seed}`).toBeLessThan(1e-3);
  }
  expect(settledCount).toBeGreaterThan(80);
});

it('settles a column at the bound where it stands, and only where a step costs more than there is room for', () => {
  const programme = {
    cost: [1, 1, 1, 1],
    lower: [0, 0, 0, 0],
    upper: [1, 1, 1, 1],
    isWhole: [true, true, true, false],
    rows: [],
  };
  const relaxed = (reducedCosts: readonly number[], values: readonly number[]) =>
    ({ status: 'best', cost: 10, bound: 10, seconds: 0, values, reducedCosts }) as const;
  expect([...settledBy(programme, relaxed([3, -3, 1.9, 3], [0, 1, 0, 0]), 12)]).toEqual([
    [0, 0],
    [1, 1],
  ]);
  // Between its bounds it costs nothing by itself, whatever is said of it.
  expect([...settledBy(programme, relaxed([3, -3, 3, 3], [0.5, 0.5, 0.5, 0]), 12)]).toEqual([]);
});

it('keeps what was found, what the parted plan takes, and what is pinned, and shuts everything else', () => {
  const problem = aMadeUpHousehold(4, { heads: 2, days: 5, masks: 4, lots: 4 });
  const [pin, found] = [
    { optionId: problem.options[0]?.id ?? '', on: 2 },
    { optionId: problem.options[5]?.id ?? '', on: 4 },
  ];
  const model = planModel({ ...problem, pins: [pin] });
  const taken = model.bowls.find(({ option, on }) => option.id === problem.options[3]?.id && on === 3);
  const values = model.programme.cost.map((_, column) => (column === taken?.column ? 0.2 : 0));
  const shut = outsideKernel(model, [[found]], { status: 'best', cost: 0, bound: 0, seconds: 0, values });
  const open = model.bowls.filter(({ column }) => !shut.has(column)).map(({ option, on }) => `${option.id} ${on}`);
  const wanted = [pin, found, ...(taken ? [{ optionId: taken.option.id, on: taken.on }] : [])];
  const known = model.bowls.map(({ option, on }) => `${option.id} ${on}`);
  expect(open.sort()).toEqual(
    wanted
      .map(({ optionId, on }) => `${optionId} ${on}`)
      .filter((one) => known.includes(one))
      .sort(),
  );
  expect(open).toContain(`${pin.optionId} 2`);
  expect(new Set(shut.values())).toEqual(new Set([0]));
});
