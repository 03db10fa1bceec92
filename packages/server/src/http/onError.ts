import { fieldMessages, PROBLEMS, problemType, type Problem, type ProblemKind } from '@amber-ladle/contract';
import type { ErrorRequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { ValidationError } from 'yup';
import { invalid, Refusal, type RefusalRest } from '../kernel/refusal';
import { troubleOf, type StorageTrouble } from '../kernel/storageFault';

/** A refusal as it goes over the wire. */
export const problem = (kind: ProblemKind, title: string, rest: RefusalRest = {}): Problem => ({
  type: problemType(kind),
  status: PROBLEMS[kind],
  title,
  ...rest,
});

export function sendProblem(response: Response, said: Problem): void {
  response.status(said.status).type('application/problem+json').send(JSON.stringify(said));
}

/** Turns whatever was thrown into a problem; never shows a stack, and logs what is our own fault. */
export function onError(logger: Logger): ErrorRequestHandler {
  return (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const said = problemOf(error);
    if (said.status >= 500) logger.error(error);
    sendProblem(response, said);
  };
}

/** What the disk did, and what there is to do. */
const TROUBLE: Readonly<Record<StorageTrouble, { readonly title: string; readonly detail: string }>> = {
  full: {
    title: 'The disk is full.',
    detail: 'Nothing was changed, and everything kept so far is safe. Make room, then try once more.',
  },
  'read-only': {
    title: 'The household’s folder cannot be written to.',
    detail: 'Nothing was changed. Allow writing to it, then try once more.',
  },
  failing: {
    title: 'The disk did not take that.',
    detail:
      'Nothing was changed. Try once more; if it happens again, look after the disk and take a copy of the household.',
  },
  broken: {
    title: 'The household’s file is damaged.',
    detail: 'Nothing was changed. Bring a backup back in Settings.',
  },
};

function problemOf(error: unknown): Problem {
  if (error instanceof Refusal) return problem(error.kind, error.message, error.rest);
  if (error instanceof ValidationError) return problemOf(invalid(fieldMessages(error)));
  const { type, status } = (error ?? {}) as { type?: string; status?: number };
  if (type === 'entity.too.large') return problem('too-large', 'That is more than this page takes.');
  if (type === 'entity.parse.failed') return problem('malformed', 'That is not readable JSON.');
  if (status && status >= 400 && status < 500) return problem('malformed', 'That request cannot be read.');
  const trouble = troubleOf(error);
  if (trouble) return problem('storage', TROUBLE[trouble].title, { detail: TROUBLE[trouble].detail });
  return problem('internal', 'Something went wrong here.', {
    detail: 'Nothing was changed. Trying once more is safe.',
  });
}
