import {
  checked,
  checkedQuery,
  type AnyEndpoint,
  type Check,
  type Endpoint,
  type Made,
  type Sent,
  type Taken,
} from '@amber-ladle/contract';
import express, { type Request, type RequestHandler, type Response, type Router } from 'express';
import { malformed, wrongType } from '../kernel/refusal';
import { jsonOnly, plainOnly } from './guards';

/** What was asked: named steps of the address, query and body, each checked by what its endpoint says. */
export interface Call<Params, Query, Body> {
  readonly params: Params;
  readonly query: Sent<Query>;
  readonly body: Sent<Body>;
  /** For files and streams only, which write their answer themselves. */
  readonly request: Request;
  readonly response: Response;
}

/** An endpoint with what answers it. */
export interface Served {
  readonly endpoint: AnyEndpoint;
  readonly handle: (call: Call<never, never, never>) => unknown;
}

type Answered<Answer> = [Answer] extends [undefined] ? void : Answer;

/** Answers an endpoint. What is answered is what the endpoint says it gives. */
export const on = <Params, Query, Body, Answer>(
  endpoint: Endpoint<Params, Query, Body, Answer>,
  handle: (call: Call<Params, Query, Body>) => Promise<Answered<Answer>> | Answered<Answer>,
): Served => ({ endpoint, handle });

/** A named step longer than any id of ours. */
const MOST_STEP = 200;

/** Registers endpoints, in their order. */
export function serve(router: Router, all: readonly Served[]): void {
  for (const { endpoint, handle } of all) {
    const { method, path, taken, asked } = endpoint;
    const way = method.toLowerCase() as 'get' | 'post' | 'put' | 'patch' | 'delete';
    router[way](path, ...readersOf(taken), async (request, response) => {
      for (const step of Object.values(request.params)) if (step.length > MOST_STEP) throw malformed();
      const body = await bodyOf(request, taken);
      const query = asked ? checkedQuery(await asked(), request.query) : undefined;
      const call = { params: request.params, query, body, request, response };
      send(endpoint, response, await handle(call as never));
    });
  }
}

const readersOf = (taken: Taken<unknown> | undefined): RequestHandler[] => {
  const limit = taken?.mostBytes;
  switch (taken?.as) {
    case undefined:
      return [jsonOnly];
    case 'json':
      return [jsonOnly, express.json({ limit, strict: true }), plainOnly];
    case 'file':
      return [jsonOnly, express.raw({ type: 'application/json', limit })];
    case 'picture':
      return [express.raw({ type: ['image/*', 'application/octet-stream'], limit })];
  }
};

async function bodyOf({ body }: Request, taken: Taken<unknown> | undefined): Promise<unknown> {
  if (taken?.as === 'picture' && !Buffer.isBuffer(body)) throw wrongType('picture');
  if (taken?.as === 'file' && !Buffer.isBuffer(body)) throw wrongType('file');
  const check: Check<unknown> | undefined = taken?.check;
  return check ? checked(await check(), body) : body;
}

function send({ gives, path }: AnyEndpoint, response: Response, answer: unknown): void {
  switch (gives) {
    case 'json':
      response.json(answer);
      return;
    case 'created':
      sendNew(path, response, answer, true);
      return;
    case 'made': {
      const made = answer as Made<unknown>;
      sendNew(path, response, made.answer, made.isNew);
      return;
    }
    case 'nothing':
      response.status(204).end();
      return;
    // These write their answer themselves.
    case 'file':
    case 'stream':
  }
}

function sendNew(path: string, response: Response, answer: unknown, isNew: boolean): void {
  const { id } = answer as { id?: string };
  if (id !== undefined) response.location(`/api${path}/${id}`);
  response.status(isNew ? 201 : 200).json(answer);
}
