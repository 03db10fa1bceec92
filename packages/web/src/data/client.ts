import { addressOf, type AnswerOf, type Endpoint, type Problem, type Wish } from '@amber-ladle/contract';

/** A request that the server refused, or that never reached it. */
export class ApiError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail ?? problem.title);
  }
}

const UNREACHABLE: Problem = {
  type: 'urn:amber-ladle:unreachable',
  status: 0,
  title: 'Amber Ladle’s own server does not answer.',
  detail: 'What you entered is still here. Start it again, then try once more.',
};

/** As long as a page waits for an answer, milliseconds; what goes through a whole household takes its time. */
const PATIENCE = { usual: 20_000, long: 600_000 } as const;

/** Files and pictures leave the page as they were chosen. */
type Sendable<W> = W extends { body: Uint8Array } ? Omit<W, 'body'> & { readonly body: Blob } : W;
type Asked<P, Q, B> = Sendable<Wish<P, Q, B>>;

/**
 * Asks the server.
 * @param wish named steps of the address, query and body, as the endpoint takes them
 * @throws ApiError with a problem that can be shown; one with status 0 where nobody answered
 * @example await call(api.heads.one, { params: { id } })
 */
export async function call<P, Q, B, A>(
  endpoint: Endpoint<P, Q, B, A>,
  ...[wish]: object extends Asked<P, Q, B> ? [wish?: Asked<P, Q, B>] : [wish: Asked<P, Q, B>]
): Promise<AnswerOf<A>> {
  const { params, query, body } = (wish ?? {}) as {
    params?: Record<string, string>;
    query?: Record<string, unknown>;
    body?: unknown;
  };
  const { taken, method, isLong } = endpoint;
  let response: Response;
  try {
    response = await fetch(addressOf(endpoint, params, query), {
      method,
      signal: AbortSignal.timeout(isLong ? PATIENCE.long : PATIENCE.usual),
      ...sent(taken?.as, body),
    });
  } catch {
    throw new ApiError(UNREACHABLE);
  }
  if (response.status === 204) return undefined as AnswerOf<A>;
  const answer: unknown = await response.json().catch(() => undefined);
  if (!response.ok)
    throw new ApiError(
      (answer as Problem | undefined) ?? { ...UNREACHABLE, status: response.status, title: 'That went wrong.' },
    );
  return answer as AnswerOf<A>;
}

/** Where something is that the browser fetches by itself: a picture, a file to keep, a stream. */
export const linkTo = addressOf;

function sent(as: 'json' | 'file' | 'picture' | undefined, body: unknown): RequestInit {
  if (as === undefined || body === undefined) return {};
  const type = body instanceof Blob ? body.type || 'application/octet-stream' : 'application/json';
  return {
    body: as === 'json' ? JSON.stringify(body) : (body as Blob),
    headers: { 'Content-Type': type },
  };
}
