import { message, type Message } from '@amber-ladle/core/message';
import { faultsOf, PROBLEMS, problemType, type Problem } from '@amber-ladle/contract';
import { sentenceOf, USUAL_READER, type Reader } from '@amber-ladle/words';
import type { ErrorRequestHandler } from 'express';
import type { Logger } from 'pino';
import { ValidationError } from 'yup';
import { invalid, malformed, Refusal } from '../kernel/refusal';
import { troubleOf, type StorageTrouble } from '../kernel/storageFault';

/** A refusal as it goes over the wire, in the reader's words. */
function problem({ kind, title, rest: { detail, fields, ...rest } }: Refusal, reader: Reader): Problem {
  const said = (what: Message): string => sentenceOf(what, reader);
  return {
    type: problemType(kind),
    status: PROBLEMS[kind],
    title: said(title),
    ...(detail === undefined ? {} : { detail: said(detail) }),
    ...(fields === undefined
      ? {}
      : { fields: Object.fromEntries(Object.entries(fields).map(([path, what]) => [path, said(what)])) }),
    ...rest,
  };
}

/**
 * Turns whatever was thrown into a problem; never shows a stack, and logs what is our own fault.
 * @param reader how the household reads; where even that cannot be found out, it is told as usual
 */
export function onError(logger: Logger, reader: () => Promise<Reader>): ErrorRequestHandler {
  return async (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const said = problem(refusalOf(error), await reader().catch(() => USUAL_READER));
    if (said.status >= 500) logger.error(error);
    response.status(said.status).type('application/problem+json').send(JSON.stringify(said));
  };
}

/** What the disk did, and what there is to do. */
const TROUBLE: Readonly<Record<StorageTrouble, { readonly title: Message; readonly detail: Message }>> = {
  full: { title: message('refusal.disk-full'), detail: message('refusal.make-room') },
  'read-only': { title: message('refusal.read-only'), detail: message('refusal.allow-writing') },
  failing: { title: message('refusal.disk-failing'), detail: message('refusal.look-after-the-disk') },
  broken: { title: message('refusal.file-damaged'), detail: message('refusal.bring-a-backup') },
};

function refusalOf(error: unknown): Refusal {
  if (error instanceof Refusal) return error;
  if (error instanceof ValidationError) return invalid(faultsOf(error));
  const { type, status } = (error ?? {}) as { type?: string; status?: number };
  if (type === 'entity.too.large') return new Refusal('too-large', message('refusal.too-much'));
  if (type === 'entity.parse.failed') return new Refusal('malformed', message('refusal.no-json'));
  if (status && status >= 400 && status < 500) return malformed();
  const trouble = troubleOf(error);
  if (trouble) return new Refusal('storage', TROUBLE[trouble].title, { detail: TROUBLE[trouble].detail });
  return new Refusal('internal', message('refusal.went-wrong'), { detail: message('refusal.try-again') });
}
