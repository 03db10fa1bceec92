import type { Problem } from '@amber-ladle/contract';

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

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/**
 * Asks the server.
 * @throws ApiError with a problem that can be shown
 */
export const ask = <T>(method: Method, path: string, body?: unknown): Promise<T> =>
  asked(path, {
    method,
    ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'Content-Type': 'application/json' } }),
  });

/**
 * Sends a file as it is.
 * @param type what it holds, such as image/jpeg
 * @throws ApiError as {@link ask}
 */
export const sendFile = <T>(path: string, type: string, body: Blob | string): Promise<T> =>
  asked(path, { method: 'POST', headers: { 'Content-Type': type }, body });

async function asked<T>(path: string, request: RequestInit): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, request);
  } catch {
    throw new ApiError(UNREACHABLE);
  }
  if (response.status === 204) return undefined as T;
  const answer: unknown = await response.json().catch(() => undefined);
  if (!response.ok)
    throw new ApiError(
      (answer as Problem | undefined) ?? { ...UNREACHABLE, status: response.status, title: 'That went wrong.' },
    );
  return answer as T;
}
