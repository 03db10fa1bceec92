import { parse, serialize } from 'cookie';
import type { Request, Response } from 'express';

/** `__Host-`: taken by TLS only, for this one name, whatever else is served beside it. Source: RFC 6265bis, 4.1.3.2. */
const COOKIE = '__Host-amber-ladle-key';
/** Browsers keep none for longer. Source: RFC 6265bis, 5.5. */
const SECONDS = 400 * 24 * 3600;

/** The key that a device shows. */
export const keyIn = ({ headers }: Request): string | undefined => parse(headers.cookie ?? '')[COOKIE];

/** Hands a key over, or hands it over again so that it lasts: no script reads it, and no other page makes use of it. */
export function handOver(response: Response, key: string): void {
  const kept = { path: '/', secure: true, httpOnly: true, sameSite: 'strict', maxAge: SECONDS } as const;
  response.append('Set-Cookie', serialize(COOKIE, key, kept));
}
