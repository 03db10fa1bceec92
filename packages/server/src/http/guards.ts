import type { Request, RequestHandler } from 'express';
import { malformed, wrongOrigin, wrongType } from '../kernel/refusal';

/** What a machine calls itself. */
const LOCAL_NAMES = ['localhost', '127.0.0.1', '[::1]'];

/**
 * What a request may call this server by, where nobody but this machine is listened to.
 * @param ownHost the address listened on
 */
export const localNames = (ownHost: string): ReadonlySet<string> =>
  new Set([...LOCAL_NAMES, ownHost.includes(':') ? `[${ownHost}]` : ownHost.toLowerCase()]);

/** The name part of a Host header, without the port. */
const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Lets a request through only when it names this server, and a write only when it comes from a page of this server.
 * Keeps a foreign page, or a name that was rebound to this machine, from reading or changing a household.
 * @param namesOf what it may be called by, where the request came in
 */
export function ownPagesOnly(namesOf: (request: Request) => ReadonlySet<string>): RequestHandler {
  return (request, _response, next) => {
    const host = request.headers.host ?? '';
    if (!namesOf(request).has(nameOf(host))) throw wrongOrigin();
    const isWrite = !['GET', 'HEAD', 'OPTIONS'].includes(request.method);
    const { origin } = request.headers;
    if (isWrite && origin !== undefined && origin !== `${request.protocol}://${host}`) throw wrongOrigin();
    if (isWrite && request.headers['sec-fetch-site'] === 'cross-site') throw wrongOrigin();
    next();
  };
}

/** A write with a body must say that it is JSON: a plain form of another page cannot. */
export const jsonOnly: RequestHandler = (request, _response, next) => {
  const hasBody =
    Number(request.headers['content-length'] ?? 0) > 0 || request.headers['transfer-encoding'] !== undefined;
  if (hasBody && !request.is('application/json')) throw wrongType('json');
  next();
};

/** Deeper than anything that a page sends; what reads a body walks it, and must not fall over. */
const MOST_DEEP = 40;
/** Names that every object answers to by itself: no field of ours, and a trap for whoever writes a value out. */
const OF_OBJECTS: ReadonlySet<string> = new Set(Object.getOwnPropertyNames(Object.prototype));

/** Refuses bodies that are nested beyond reason, or that pass themselves off as something else, as unreadable. */
export const plainOnly: RequestHandler = (request, _response, next) => {
  let level: readonly unknown[] = [request.body];
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > MOST_DEEP) throw malformed();
    level = level.flatMap((one): unknown[] => {
      if (typeof one !== 'object' || one === null || ArrayBuffer.isView(one)) return [];
      if (Object.keys(one).some((key) => OF_OBJECTS.has(key))) throw malformed();
      // No list of ours has gaps.
      if (Array.isArray(one) && one.includes(null)) throw malformed();
      return Object.values(one);
    });
  }
  next();
};
