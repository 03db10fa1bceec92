import { fieldMessages, PROBLEM_TYPES, type Problem } from '@amber-ladle/contract';
import type { ErrorRequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { ValidationError } from 'yup';
import { troubleOf, type StorageTrouble } from '../kernel/storageFault';
import { HttpProblem, invalid } from './errors';

export function sendProblem(response: Response, problem: Problem): void {
  response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
}

/** Turns whatever was thrown into a problem; never shows a stack, and logs what is our own fault. */
export function onError(logger: Logger): ErrorRequestHandler {
  return (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const problem = problemOf(error);
    if (problem.status >= 500) logger.error(error);
    sendProblem(response, problem);
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
  if (error instanceof HttpProblem) return error.problem;
  if (error instanceof ValidationError) return invalid(fieldMessages(error)).problem;
  const { type, status } = (error ?? {}) as { type?: string; status?: number };
  if (type === 'entity.too.large')
    return { type: PROBLEM_TYPES['too-large'], status: 413, title: 'That is more than this page takes.' };
  if (type === 'entity.parse.failed')
    return { type: PROBLEM_TYPES.malformed, status: 400, title: 'That is not readable JSON.' };
  if (status && status >= 400 && status < 500)
    return { type: PROBLEM_TYPES.malformed, status, title: 'That request cannot be read.' };
  const trouble = troubleOf(error);
  if (trouble) return { type: PROBLEM_TYPES.storage, status: 507, ...TROUBLE[trouble] };
  return {
    type: PROBLEM_TYPES.internal,
    status: 500,
    title: 'Something went wrong here.',
    detail: 'Nothing was changed. Trying once more is safe.',
  };
}
