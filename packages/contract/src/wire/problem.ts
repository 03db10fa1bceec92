/** An error on the wire: RFC 9457, with messages by field that a person can act on. */
export interface Problem {
  /** Stable name of the kind of error. */
  type: string;
  title: string;
  status: number;
  detail?: string;
  /** Field path → what to do about it. */
  fields?: Record<string, string>;
  /** The row as it is now, when a write was stale. */
  current?: unknown;
}

/** Every kind of error there is, with its status. */
export const PROBLEMS = {
  malformed: 400,
  'no-key': 401,
  'wrong-origin': 403,
  'only-here': 403,
  'not-found': 404,
  stale: 409,
  'in-use': 409,
  'not-enough': 409,
  'too-large': 413,
  'wrong-type': 415,
  invalid: 422,
  'too-many': 429,
  internal: 500,
  storage: 507,
} as const;
export type ProblemKind = keyof typeof PROBLEMS;

/** The name of a kind of error on the wire. */
export const problemType = (kind: ProblemKind): string => `urn:amber-ladle:${kind}`;

/** The kind of a problem that came over the wire; nothing for one that is none of ours. */
export const kindOfProblem = ({ type }: Pick<Problem, 'type'>): ProblemKind | undefined =>
  (Object.keys(PROBLEMS) as ProblemKind[]).find((kind) => problemType(kind) === type);
