import { dataText } from '@amber-ladle/words';
import { addressOf, kindOfProblem, type AnswerOf, type Endpoint, type Problem, type Wish } from '@amber-ladle/contract';
import { forgetAnswers, keepAnswer, lastAnswer } from './answers';
import { answered, isAway, isThere, unanswered } from './reach';

/** A request that the server refused, or that never reached it. */
export class ApiError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail ?? problem.title);
  }
}

const UNREACHABLE: Problem = {
  type: 'urn:amber-ladle:unreachable',
  status: 0,
  title: dataText.amberLadlesOwnServer,
  detail: dataText.whatYouEntered,
};

/** As long as a page waits for an answer, milliseconds; what goes through a whole household takes its time. */
const PATIENCE = { usual: 20_000, long: 600_000 } as const;
/** So long it is waited for news where something is known from before: of a machine that sleeps nothing is ever heard. */
const NEWS_PATIENCE = { usual: 5000, away: 1000 } as const;

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
  const { taken, method, isLong, gives } = endpoint;
  const address = addressOf(endpoint, params, query);
  const asked = fetch(address, {
    method,
    signal: AbortSignal.timeout(isLong ? PATIENCE.long : PATIENCE.usual),
    ...sent(taken?.as, body),
  });
  const isReading = method === 'GET' && gives === 'json';
  const came = await (isReading ? newsOrKept(address, asked) : news(asked));
  if (came === undefined) throw new ApiError(UNREACHABLE);
  if ('kept' in came) {
    if (typeof came.kept === 'object' && came.kept !== null) fromBefore.add(came.kept);
    return came.kept as AnswerOf<A>;
  }
  const { response } = came;
  if (response.status === 204) return undefined as AnswerOf<A>;
  const answer: unknown = await response.json().catch(() => undefined);
  if (!response.ok) {
    const said = answer as Problem | undefined;
    if (said && kindOfProblem(said) === 'no-key') await toTheDoor();
    throw new ApiError(said ?? { ...UNREACHABLE, status: response.status, title: dataText.wentWrong });
  }
  if (isReading) keepAnswer(address, answer);
  return answer as AnswerOf<A>;
}

const fromBefore = new WeakSet();
/** Whether an answer is what was said last, given because nobody answers now: no news to whoever knows something already. */
export const isFromBefore = (answer: unknown): boolean =>
  typeof answer === 'object' && answer !== null && fromBefore.has(answer);

/** Its answer, once somebody gives one. */
async function news(asked: Promise<Response>): Promise<{ response: Response } | undefined> {
  try {
    const response = await asked;
    answered();
    return { response };
  } catch {
    unanswered();
    return undefined;
  }
}

/** The same, or what was answered last where nobody answers soon. */
async function newsOrKept(
  address: string,
  asked: Promise<Response>,
): Promise<{ response: Response } | { kept: unknown } | undefined> {
  const coming = news(asked);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<'late'>((resolve) => {
    timer = setTimeout(
      () => {
        resolve('late');
      },
      isAway.value ? NEWS_PATIENCE.away : NEWS_PATIENCE.usual,
    );
  });
  const first = await Promise.race([coming, late]);
  clearTimeout(timer);
  if (first !== 'late' && first !== undefined) return first;
  const kept = await lastAnswer(address);
  // It may be only this that takes long.
  if (kept === undefined || (first === 'late' && (await isThere()))) return coming;
  unanswered(kept.at);
  return { kept: kept.answer };
}

/** Whoever was put out keeps nothing of the household, and stands at the door again. */
async function toTheDoor(): Promise<void> {
  await forgetAnswers();
  location.assign('/join');
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
