import type { RequestHandler } from 'express';
import { wrongOrigin, wrongType } from './errors';

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
  const open = ownHost === '0.0.0.0' || ownHost === '::';
  return (request, _response, next) => {
    const host = request.headers.host ?? '';
    const known = open ? host !== '' : LOCAL_NAMES.has(nameOf(host)) || nameOf(host) === own;
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
  if (hasBody && !request.is('application/json')) throw wrongType();
  next();
};
