import loadHighs from 'highs';
import { beforeAll, expect, it } from 'vitest';
import { dayByDay, highsSolver, planModel, type Highs, type Programme, type Solver } from '.';
import { ProgrammeDraft } from './programme';
import { reduced } from './reduce';
import { aMadeUpHousehold } from './testing';

let solver: Solver;
beforeAll(async () => {
  solver = highsSolver((await loadHighs()) as unknown as Highs);
});
const EXACT = { seconds: 20, gap: 1e-9 };

/** The plain way: the same programme, with both bounds of what is held at its value. */
const held = (programme: Programme, fixed: ReadonlyMap<number, number>): Programme => ({
  ...programme,
  lower: programme.lower.map((bound, i) => fixed.get(i) ?? bound),
  upper: programme.upper.map((bound, i) => fixed.get(i) ?? bound),
});

function aProgramme(
  columns: readonly { cost: number; upper: number; isWhole?: boolean }[],
  rows: readonly (readonly [lower: number, upper: number, values: readonly number[]])[],
): Programme {
  const draft = new ProgrammeDraft();
  for (const { cost, upper, isWhole } of columns) draft.column(cost, upper, isWhole);
  for (const [lower, upper, values] of rows)
    draft.row(
      lower,
      upper,
      values.map((value, column) => [column, value] as const),
    );
  return draft.done();
}

it('costs what the whole programme costs, and its values keep every row of it, whichever bowls stand', () => {
  let bowlsSeen = 0;
  for (let seed = 1; seed <= 50; seed++) {
    const problem = aMadeUpHousehold(seed, { heads: 2, days: 7, masks: 5, lots: 5, isShared: seed % 2 === 0 });
    const { programme, bowls } = planModel(problem);
    // Going by the day, and the same without its first bowl.
    const stands = dayByDay(problem).slice(seed % 3 === 0 ? 1 : 0);
    bowlsSeen += stands.length;
    const fixed = new Map(
      bowls.map(({ column, option, on }) => [
        column,
        Number(stands.some((one) => one.optionId === option.id && one.on === on)),
      ]),
    );
    const plain = solver(held(programme, fixed), EXACT);
    const small = reduced(programme, fixed);
    if (plain.status === 'impossible') {
      const answer = small && solver(small.programme, EXACT).status;
      expect(answer ?? 'impossible', `seed ${seed}`).toBe('impossible');
      continue;
    }
    expect(small, `seed ${seed}`).toBeDefined();
    if (!small) continue;
    const found = solver(small.programme, EXACT);
    expect(Math.abs(found.cost + small.cost - plain.cost), `seed ${seed}`).toBeLessThan(1e-4);
    const values = small.whole(found.values);
    expect(values.reduce((sum, value, i) => sum + value * (programme.cost[i] ?? 0), 0)).toBeCloseTo(plain.cost, 3);
    for (const { lower, upper, columns, values: by } of programme.rows) {
      const sum = columns.reduce((all, column, i) => all + (by[i] ?? 0) * (values[column] ?? 0), 0);
      expect(sum).toBeGreaterThan(lower - 1e-4);
      expect(sum).toBeLessThan(upper + 1e-4);
    }
    for (const [column, value] of fixed) expect(values[column]).toBe(value);
    expect(small.programme.cost.length).toBeLessThan(programme.cost.length / 2);
  }
  expect(bowlsSeen).toBeGreaterThan(60);
});

it('holds what a row forces, up as well as down, and what is asked for by nothing', () => {
  // x + y + z = 1 with x held at 1: y and z stay at nothing.
  const one = aProgramme(
    [1, 2, 3].map((cost) => ({ cost, upper: 1 })),
    [[1, 1, [1, 1, 1]]],
  );
  expect(reduced(one, new Map([[0, 1]]))?.whole([])).toEqual([1, 0, 0]);
  // x − y ≤ −1 with x held at 0: y has to be 1, and costs 2.
  const up = reduced(
    aProgramme(
      [0, 2].map((cost) => ({ cost, upper: 1 })),
      [[-Infinity, -1, [1, -1]]],
    ),
    new Map([[0, 0]]),
  );
  expect([up?.whole([]), up?.cost]).toEqual([[0, 1], 2]);
  // Nobody asks for x, which costs; y gains something and is left to whoever solves it.
  const asked = reduced(
    aProgramme(
      [
        { cost: 1, upper: 5 },
        { cost: -1, upper: 5 },
      ],
      [[-Infinity, 4, [1, 1]]],
    ),
    new Map(),
  );
  expect(asked?.columns).toEqual([1]);
});

it('leaves what costs and is asked for, by either side of a row', () => {
  const asked = (lower: number, upper: number, value: number): number | undefined =>
    reduced(
      aProgramme(
        [
          { cost: 1, upper: 5 },
          { cost: 0, upper: 9 },
        ],
        [[lower, upper, [value, 1]]],
      ),
      new Map([[1, 2]]),
    )?.columns.length;
  expect(asked(4, Infinity, 1)).toBe(1);
  expect(asked(-Infinity, 1, -1)).toBe(1);
  expect(asked(-Infinity, 4, 1)).toBe(0);
});

it('says that nothing keeps the rows', () => {
  const programme = aProgramme(
    [
      { cost: 1, upper: 1 },
      { cost: 1, upper: 1 },
    ],
    [[2, 2, [1, 1]]],
  );
  expect(reduced(programme, new Map([[0, 0]]))).toBeUndefined();
  expect(reduced(programme, new Map([[0, 1]]))?.whole([])).toEqual([1, 1]);
});

it('is not led astray by a column that a row names with nothing', () => {
  // 0·x ≤ 0 says nothing of x, which is worth having.
  const small = reduced(aProgramme([{ cost: -1, upper: 1 }], [[-Infinity, 0, [0]]]), new Map());
  expect(small?.columns).toEqual([0]);
  const dear = reduced(aProgramme([{ cost: 1, upper: 1 }], [[-Infinity, 0, [-0]]]), new Map());
  expect(dear?.whole([])).toEqual([0]);
});
