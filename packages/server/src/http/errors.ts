import { PROBLEM_TYPES, type Problem } from '@amber-ladle/contract';

/** An error that a route or service raises on purpose, ready to be told to the caller. */
export class HttpProblem extends Error {
  constructor(readonly problem: Problem) {
    super(problem.title);
  }
}

const problem = (kind: keyof typeof PROBLEM_TYPES, status: number, title: string, rest: Partial<Problem> = {}) =>
  new HttpProblem({ type: PROBLEM_TYPES[kind], status, title, ...rest });

export const notFound = (what: string) => problem('not-found', 404, `There is no such ${what}.`);

export const stale = (current: unknown) =>
  problem('stale', 409, 'Someone changed this meanwhile.', {
    detail: 'Nothing was overwritten. Look at the current values and change again.',
    current,
  });

export const notEnough = (current: unknown) =>
  problem('not-enough', 409, 'There is less of it than that.', {
    detail: 'Somebody may have taken it meanwhile. Nothing was taken; look at the shelf again.',
    current,
  });

export const inUse = (title: string, detail: string) => problem('in-use', 409, title, { detail });

export const invalid = (fields: Record<string, string>) =>
  problem('invalid', 422, 'Something needs another look.', { detail: Object.values(fields).join(' '), fields });

export const malformed = () => problem('malformed', 400, 'That request cannot be read.');

export const wrongOrigin = () => problem('wrong-origin', 403, 'This request did not come from Amber Ladle itself.');

export const wrongType = () => problem('wrong-type', 415, 'Send JSON, with content type application/json.');
