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

/**
 * Asks the server.
 * @throws ApiError with a problem that can be shown
 */
export async function ask<T>(
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body?: unknown,
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'Content-Type': 'application/json' } }),
    });
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
