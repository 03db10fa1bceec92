import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { Router, type RequestHandler } from 'express';
import packed from 'express-static-gzip';
import helmet from 'helmet';

const NONCE_MARK = '__CSP_NONCE__';

/** Headers of data: it is never a page, never framed, never kept. Set at once, since every read pays for them. */
export const dataHeaders: RequestHandler = (_request, response, next) => {
  response.set({
    'Content-Security-Policy': "default-src 'none'; frame-ancestors 'none'",
    'X-Content-Type-Options': 'nosniff',
    'Referrer-Policy': 'no-referrer',
    'Cross-Origin-Resource-Policy': 'same-origin',
    'Cache-Control': 'no-store',
  });
  next();
};

/** Headers of pages. Styles and scripts come from here or carry this response's nonce; nothing else loads. */
export const pageHeaders: RequestHandler[] = [
  (_request, response, next) => {
    response.locals['nonce'] = randomBytes(16).toString('base64');
    next();
  },
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
        styleSrc: ["'self'", (_request, response) => `'nonce-${(response as express.Response).locals['nonce']}'`],
        imgSrc: ["'self'", 'data:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'"],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: false,
    referrerPolicy: { policy: 'no-referrer' },
  }),
];

/** Where a page begins; its name changes with whatever it is built from. */
const BEGINNING = /<script[^>]* src="([^"]+)"/;

/** Where the app unfolds; a first card stands before it. */
const UNFOLDS = '<div id="app">';

/**
 * The built pages: hashed files for long, the page itself afresh with its nonce.
 * @param cardFor the first card of the bench that an address asks for, as a piece of the page; empty for none
 */
export function web(
  folder: string,
  cardFor: (query: Readonly<Record<string, unknown>>) => Promise<string>,
): { readonly router: Router; readonly beginning: string | undefined } {
  const page = readFileSync(join(folder, 'index.html'), 'utf8');
  const beginning = BEGINNING.exec(page)?.[1];
  const router = Router();
  router.use(
    '/assets',
    packed(join(folder, 'assets'), {
      enableBrotli: true,
      orderPreference: ['br'],
      index: false,
      serveStatic: { immutable: true, maxAge: '1y', index: false },
    }),
  );
  router.use('/assets', (_request, response) => void response.status(404).end());
  const send = (response: express.Response, card = ''): void => {
    response
      .set('Cache-Control', 'no-store')
      .type('html')
      .send(page.replaceAll(NONCE_MARK, String(response.locals['nonce'])).replace(UNFOLDS, () => `${card}${UNFOLDS}`));
  };
  const sendPage: RequestHandler = (_request, response) => {
    send(response);
  };
  // The page as it is built lacks its nonce, and is never sent.
  router.get('/index.html', sendPage);
  router.use(express.static(folder, { index: false, maxAge: 0 }));
  router.get('/bowl', async (request, response) => {
    send(response, await cardFor(request.query));
  });
  router.get('/{*path}', sendPage);
  return { router, beginning };
}
