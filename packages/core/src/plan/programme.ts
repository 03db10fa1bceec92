/** A mixed-integer programme: minimise Σ cost·x, each row between its bounds, some of x whole. Sparse by rows. */
export interface Programme {
  readonly cost: readonly number[];
  readonly lower: readonly number[];
  readonly upper: readonly number[];
  readonly isWhole: readonly boolean[];
  readonly rows: readonly Row[];
}

export interface Row {
  readonly lower: number;
  readonly upper: number;
  readonly columns: readonly number[];
  readonly values: readonly number[];
}

/** What is asked of a solver. */
export interface SolveOptions {
  /** Most seconds it may take. */
  readonly seconds: number;
  /** Good enough: the share of the cost by which it may lie above what is proven to be least. */
  readonly gap: number;
  /** A solution to begin with, one value for each column. */
  readonly start?: readonly number[] | undefined;
}

export interface Solved {
  /** `best` is proven within the gap; `some` is the best that was found in time. */
  readonly status: 'best' | 'some' | 'impossible';
  readonly cost: number;
  /** No solution costs less. */
  readonly bound: number;
  readonly values: readonly number[];
  /** What it took. */
  readonly seconds: number;
  /** What one more of each column would cost at the least; only where nothing is whole and it was solved to its end. */
  readonly reducedCosts?: readonly number[];
}

/** Whoever can solve a programme. It is handed in, so that the model stands apart from it. */
export type Solver = (programme: Programme, options: SolveOptions) => Solved;

/** Collects columns and rows of a programme. */
export class ProgrammeDraft {
  private readonly cost: number[];
  private readonly lower: number[];
  private readonly upper: number[];
  private readonly isWhole: boolean[];
  private readonly rows: Row[];

  /** @param from what it begins with, which stays as it is */
  constructor(from: Programme = { cost: [], lower: [], upper: [], isWhole: [], rows: [] }) {
    this.cost = [...from.cost];
    this.lower = [...from.lower];
    this.upper = [...from.upper];
    this.isWhole = [...from.isWhole];
    this.rows = [...from.rows];
  }

  /** A column. @returns its index */
  column(cost: number, upper: number, isWhole = false, lower = 0): number {
    this.cost.push(cost);
    this.lower.push(lower);
    this.upper.push(upper);
    this.isWhole.push(isWhole);
    return this.cost.length - 1;
  }

  /** A row: `lower ≤ Σ value·column ≤ upper`. One without columns is left out. */
  row(lower: number, upper: number, entries: readonly (readonly [column: number, value: number])[]): void {
    if (entries.length === 0) return;
    this.rows.push({ lower, upper, columns: entries.map(([at]) => at), values: entries.map(([, value]) => value) });
  }

  done(): Programme {
    const { cost, lower, upper, isWhole, rows } = this;
    return { cost, lower, upper, isWhole, rows };
  }
}

/** The same programme without anything whole: what it costs at the least, no plan undercuts. */
export const relaxation = (programme: Programme): Programme => ({
  ...programme,
  isWhole: programme.isWhole.map(() => false),
});
