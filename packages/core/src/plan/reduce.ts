import { ProgrammeDraft, type Programme } from './programme';

/** A programme in which some columns stand, without them and without what they decide. */
export interface Reduced {
  readonly programme: Programme;
  /** The values of all columns, from those of the smaller programme. */
  readonly whole: (values: readonly number[]) => readonly number[];
  /** The columns of the whole programme that are left. */
  readonly columns: readonly number[];
  /** What the columns that stand cost, points. */
  readonly cost: number;
}

/** What a row may be off by before it counts as broken, and what two bounds may lie apart to be one. */
const TOLERANCE = 1e-7;

/**
 * The same programme with columns held at values, made smaller: what stands leaves it, and so does what a row forces to one of its
 * bounds (nothing is drawn on a day without bowls), and what costs and is asked for by nothing. The rules are those of Brearley, Mitra and
 * Williams (1975, "Analysis of mathematical programming problems prior to applying the simplex algorithm"; from memory): fixed
 * columns, forcing rows, dominated columns.
 * @returns nothing where a row cannot be kept
 * @example
 * // x + y + z = 1 with x held at 1: nothing is left of it.
 * const draft = new ProgrammeDraft();
 * const columns = [1, 2, 3].map((cost) => draft.column(cost, 1));
 * draft.row(1, 1, columns.map((column) => [column, 1]));
 * reduced(draft.done(), new Map([[0, 1]]))?.whole([]) // [1, 0, 0]
 */
export function reduced(programme: Programme, fixed: ReadonlyMap<number, number>): Reduced | undefined {
  const lower = programme.lower.map((bound, i) => fixed.get(i) ?? bound);
  const upper = programme.upper.map((bound, i) => fixed.get(i) ?? bound);
  const stands = (column: number): boolean => (upper[column] ?? 0) - (lower[column] ?? 0) < TOLERANCE;
  const isKept = new Uint8Array(programme.rows.length).fill(1);

  /** Takes out rows that hold whatever happens, and those that hold in one way only, with what they decide. */
  function forced(): 'changed' | 'same' | 'broken' {
    let changes = 0;
    for (const [r, row] of programme.rows.entries()) {
      if (!isKept[r]) continue;
      // The least and the most that the row can come to.
      let [least, most] = [0, 0];
      row.columns.forEach((column, i) => {
        const value = row.values[i] ?? 0;
        const [low, high] = [value * (lower[column] ?? 0), value * (upper[column] ?? 0)];
        least += Math.min(low, high);
        most += Math.max(low, high);
      });
      if (least > row.upper + TOLERANCE || most < row.lower - TOLERANCE) return 'broken';
      const side = least > row.upper - TOLERANCE ? 1 : most < row.lower + TOLERANCE ? -1 : 0;
      if (side !== 0)
        row.columns.forEach((column, i) => {
          const value = (row.values[i] ?? 0) * side;
          if (value === 0 || stands(column)) return;
          if (value > 0) upper[column] = lower[column] ?? 0;
          else lower[column] = upper[column] ?? 0;
          changes += 1;
        });
      if (side !== 0 || (least >= row.lower - TOLERANCE && most <= row.upper + TOLERANCE)) isKept[r] = 0;
    }
    return changes > 0 ? 'changed' : 'same';
  }

  /** What costs something and is asked for by no row stays at its least. */
  function dominated(): boolean {
    const isAsked = new Uint8Array(programme.cost.length);
    for (const [r, row] of programme.rows.entries())
      if (isKept[r])
        row.columns.forEach((column, i) => {
          const value = row.values[i] ?? 0;
          if (value > 0 ? row.lower > -Infinity : row.upper < Infinity) isAsked[column] = 1;
        });
    let isChanged = false;
    for (const [column, cost] of programme.cost.entries())
      if (cost >= 0 && !isAsked[column] && !stands(column)) {
        upper[column] = lower[column] ?? 0;
        isChanged = true;
      }
    return isChanged;
  }

  let what: ReturnType<typeof forced>;
  do what = forced();
  while (what === 'changed' || (what === 'same' && dominated()));
  if (what === 'broken') return undefined;

  const draft = new ProgrammeDraft();
  const columns = programme.cost.flatMap((_, column) => (stands(column) ? [] : [column]));
  const places = new Map(
    columns.map((column) => [
      column,
      draft.column(
        programme.cost[column] ?? 0,
        upper[column] ?? 0,
        programme.isWhole[column] ?? false,
        lower[column] ?? 0,
      ),
    ]),
  );
  programme.rows.forEach((row, r) => {
    if (!isKept[r]) return;
    let standing = 0;
    const entries = row.columns.flatMap((column, i) => {
      const value = row.values[i] ?? 0;
      const place = places.get(column);
      if (place === undefined) standing += value * (lower[column] ?? 0);
      return place === undefined ? [] : [[place, value] as const];
    });
    draft.row(row.lower - standing, row.upper - standing, entries);
  });
  return {
    programme: draft.done(),
    columns,
    cost: programme.cost.reduce(
      (sum, cost, column) => (places.has(column) ? sum : sum + cost * (lower[column] ?? 0)),
      0,
    ),
    whole: (values) => lower.map((bound, column) => values[places.get(column) ?? -1] ?? bound),
  };
}
