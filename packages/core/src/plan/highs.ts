import type { Solver } from './programme';

/** As much of the HiGHS package as is used, so that the core knows its shape and not the package. */
interface HighsModel {
  readonly options: { set(options: Record<string, unknown>): unknown };
  readonly info: { get(name: string): number | bigint };
  setSolution(solution: { colValue: ArrayLike<number> }): unknown;
  run(): unknown;
  getModelStatus(): number;
  getRunTime(): number;
  getObjectiveValue(): number;
  getSolution(): { colValue: ArrayLike<number>; colDual: ArrayLike<number> };
  dispose(): void;
}
export interface Highs {
  readonly infinity: number;
  readonly constants: {
    readonly modelStatus: Readonly<Record<'optimal' | 'infeasible' | 'unboundedOrInfeasible', number>>;
    readonly variableType: { readonly continuous: number; readonly integer: number };
  };
  createModel(data: never): HighsModel;
}

/**
 * HiGHS (Huangfu and Hall 2018, "Parallelizing the dual revised simplex method") as a solver of programmes.
 * @param highs the loaded package
 */
export const highsSolver =
  (highs: Highs): Solver =>
  (programme, { seconds, gap, start }) => {
    const { constants, infinity } = highs;
    const bounded = (values: readonly number[]) =>
      values.map((value) => (value === Infinity ? infinity : value === -Infinity ? -infinity : value));
    const starts = [0];
    for (const { columns } of programme.rows) starts.push((starts.at(-1) ?? 0) + columns.length);
    const [numCols, numRows] = [programme.cost.length, programme.rows.length];
    // It takes a programme without columns for one that was not solved.
    if (numCols === 0) return { status: 'best', cost: 0, bound: 0, values: [], seconds: 0 };
    const model = highs.createModel({
      numCols,
      numRows,
      colCost: programme.cost,
      colLower: bounded(programme.lower),
      colUpper: bounded(programme.upper),
      rowLower: bounded(programme.rows.map(({ lower }) => lower)),
      rowUpper: bounded(programme.rows.map(({ upper }) => upper)),
      matrix: {
        format: 'csr',
        numRows,
        numCols,
        starts,
        indices: programme.rows.flatMap(({ columns }) => columns),
        values: programme.rows.flatMap(({ values }) => values),
      },
      integrality: programme.isWhole.map((is) =>
        is ? constants.variableType.integer : constants.variableType.continuous,
      ),
    } as never);
    try {
      model.options.set({ output_flag: false, time_limit: seconds, mip_rel_gap: gap, random_seed: 1 });
      if (start) model.setSolution({ colValue: start });
      model.run();
      const status = model.getModelStatus();
      const took = model.getRunTime();
      const { infeasible, unboundedOrInfeasible, optimal } = constants.modelStatus;
      const solution = model.getSolution();
      const values = Array.from(solution.colValue);
      if (status === infeasible || status === unboundedOrInfeasible || values.length !== programme.cost.length)
        return { status: 'impossible', cost: Infinity, bound: Infinity, values: [], seconds: took };
      const cost = model.getObjectiveValue();
      const isMixed = programme.isWhole.some(Boolean);
      // A relaxed programme that was broken off bounds nothing.
      const bound = isMixed ? Number(model.info.get('mip_dual_bound')) : status === optimal ? cost : -Infinity;
      if (!Number.isFinite(cost)) return { status: 'impossible', cost: Infinity, bound, values: [], seconds: took };
      return {
        status: status === optimal ? 'best' : 'some',
        cost,
        bound,
        values,
        seconds: took,
        ...(isMixed || status !== optimal ? {} : { reducedCosts: Array.from(solution.colDual) }),
      };
    } finally {
      model.dispose();
    }
  };
