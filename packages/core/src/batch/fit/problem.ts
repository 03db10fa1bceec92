/** An amount that can be measured, and what it costs in trouble: a piece left cut open, one more spoon. */
export interface FitChoice {
  readonly grams: number;
  /** Added to the objective when this amount is taken, 0 or more. */
  readonly charge: number;
}

export interface FitPart {
  /** Share of the formula by mass, above 0. */
  readonly share: number;
  /** Relative drift that is still all right, above 0. */
  readonly tolerance: number;
  /** Millilitres in the bowl from a gram of it, 0 or more. */
  readonly millilitresPerGram: number;
  /** At least one; a single one is a lock. */
  readonly choices: readonly FitChoice[];
}

/** A limit that couples amounts: Σ coefficientᵢ · gramsᵢ ≤ bound. */
export interface FitCap {
  readonly coefficients: readonly number[];
  readonly bound: number;
  /** What an excess is measured against, above 0. */
  readonly norm: number;
}

export interface FitProblem {
  readonly parts: readonly FitPart[];
  /** What the bowl must hold at least, mL, above 0. */
  readonly needMillilitres: number;
  /** What it should not exceed, mL, at least the need. */
  readonly limitMillilitres: number;
  readonly caps: readonly FitCap[];
}
