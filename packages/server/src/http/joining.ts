import express, { Router, type Request, type RequestHandler, type Response } from 'express';
import { JOIN_WORDS } from '@amber-ladle/words';
import { noKey } from '../kernel/refusal';
import type { Door, Joined } from '../door';
import { JOIN_SCRIPT, joinPage } from './joinPage';
import { handOver, keyIn } from './key';

const text = (value: unknown, most: number): string => (typeof value === 'string' ? value.slice(0, most) : '');

/** What a device is called until somebody says otherwise, by what it says of itself. */
export function usualName(agent: string): string {
  if (/iPad|Tablet/.test(agent) || (/Android/.test(agent) && !/Mobile/.test(agent))) return JOIN_WORDS.tablet;
  return /Mobile|iPhone/.test(agent) ? JOIN_WORDS.phone : JOIN_WORDS.computer;
}

/** A path of this house and nothing else. @example ownPath('//elsewhere.example') // '/' */
export const ownPath = (path: string): string =>
  /^\/(?![/\\])[^\s\\]*$/.test(path) && !/^\/join\b/.test(path) ? path : '/';

function sentenceOf(joined: Exclude<Joined, { is: 'in' }>): string {
  if (joined.is === 'wrong') return JOIN_WORDS.wrong;
  return joined.isLocked ? JOIN_WORDS.locked(Math.ceil(joined.seconds / 60)) : JOIN_WORDS.wait(joined.seconds);
}

function show(
  request: Request,
  response: Response,
  status: number,
  page: { code?: string; name?: string; to?: string; said?: string },
): void {
  const { code = '', name = usualName(request.headers['user-agent'] ?? ''), to = '/', said } = page;
  response
    .status(status)
    .set('Cache-Control', 'no-store')
    // Without it a form does not say where it comes from, and is refused.
    .set('Referrer-Policy', 'same-origin')
    .type('html')
    .send(
      joinPage({
        code,
        name,
        to: ownPath(to),
        nonce: String(response.locals['nonce']),
        ...(said === undefined ? {} : { said }),
      }),
    );
}

/** A page that is looked at without a key is the one to join by; everything else is refused. */
export const toJoinPage = (request: Request, response: Response): void => {
  const isPage =
    request.method === 'GET' && request.accepts(['json', 'html']) === 'html' && !request.path.startsWith('/api');
  if (!isPage) throw noKey();
  show(request, response, 401, { to: request.originalUrl });
};

/** The page to join by, and joining. */
export function joining(door: Door): Router {
  const router = Router();
  const toThoseOutside: RequestHandler = (request, response, next) => {
    // On the machine itself nobody joins, and who is in is in.
    if (!request.secure || door.devices.of(keyIn(request))) response.redirect(303, '/');
    else next();
  };
  router.get('/join.js', (_request, response) => void response.type('js').send(JOIN_SCRIPT));
  router.get('/join', toThoseOutside, (request, response) => {
    show(request, response, 200, { code: text(request.query['code'], 20) });
  });
  router.post(
    '/join',
    toThoseOutside,
    express.urlencoded({ extended: false, limit: '4kb' }),
    async (request, response) => {
      const body = (request.body ?? {}) as Record<string, unknown>;
      const [code, name, to] = [text(body['code'], 200), text(body['name'], 60), text(body['to'], 500)];
      const joined = await door.join(code, name);
      if (joined.is === 'in') {
        handOver(response, joined.key);
        response.redirect(303, ownPath(to));
        return;
      }
      if (joined.is === 'slowed') response.set('Retry-After', String(joined.seconds));
      show(request, response, joined.is === 'slowed' ? 429 : 401, { code, name, to, said: sentenceOf(joined) });
    },
  );
  return router;
}
