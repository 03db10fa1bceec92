import type { RequestHandler } from 'express';
import { malformed, wrongOrigin, wrongType } from '../kernel/refusal';

const LOCAL_NAMES = new Set(['localhost', '127.0.0.1', '[::1]']);

/** The name part of a Host header, without the port. */
function nameOf(host: string): string {
  return host.replace(/:\d+$/, '').toLowerCase();
}

/**
 * Lets a request through only when it names this server, and a write only when it comes from a page of this server.
 * Keeps a foreign page, or a name that was rebound to this machine, from reading or changing a household.
 * @param ownHost the address listened on; beside it only names of this machine count
 */
export function ownPagesOnly(ownHost: string): RequestHandler {
  const own = ownHost.includes(':') ? `[${ownHost}]` : ownHost.toLowerCase();
  return (request, _response, next) => {
    const host = request.headers.host ?? '';
    const known = LOCAL_NAMES.has(nameOf(host)) || nameOf(host) === own;
    if (!known) throw wrongOrigin();
    const isWrite = !['GET', 'HEAD', 'OPTIONS'].includes(request.method);
    const { origin } = request.headers;
    if (isWrite && origin !== undefined && origin !== `http://${host}` && origin !== `https://${host}`)
      throw wrongOrigin();
    if (isWrite && request.headers['sec-fetch-site'] === 'cross-site') throw wrongOrigin();
    next();
  };
}

/** A write with a body must say that it is JSON: a plain form of another page cannot. */
export const jsonOnly: RequestHandler = (request, _response, next) => {
  const hasBody =
    Number(request.headers['content-length'] ?? 0) > 0 || request.headers['transfer-encoding'] !== undefined;
  if (hasBody && !request.is('application/json')) throw wrongType('JSON, with content type application/json');
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
