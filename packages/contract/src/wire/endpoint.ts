import type { InferType, Schema } from 'yup';
import type { Said } from './checked';
import type { ProblemKind } from './problem';
import type { Topic } from './topic';

export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/**
 * Fetches what checks a body or a query. A page that only asks never loads the checks: they are as large as a screen.
 */
export type Check<T> = () => Promise<Schema<T>>;

/** What travels as a body, and how much of it is taken. */
export interface Taken<Body> {
  readonly as: 'json' | 'file' | 'picture';
  readonly mostBytes: number;
  readonly check?: Check<Body>;
}

/** What comes back: JSON, JSON of something new, of something that is made once, a file, a stream of events, or nothing to read. */
export type Given = 'json' | 'created' | 'made' | 'file' | 'stream' | 'nothing';

type NamesIn<Path extends string> = Path extends `${infer Step}/${infer Rest}`
  ? NamesIn<Step> | NamesIn<Rest>
  : Path extends `:${infer Name}`
    ? Name
    : never;

/** The named steps of an address: `/heads/:id` has an id. */
export type ParamsOf<Path extends string> = Readonly<Record<NamesIn<Path>, string>>;

/** Something that is made once: asked for again with the same id, it is there already. */
export interface Made<T> {
  readonly answer: T;
  readonly isNew: boolean;
}

/** An endpoint of any kind, for whoever walks all of them. */
export interface AnyEndpoint {
  readonly method: Method;
  readonly path: string;
  readonly gives: Given;
  readonly refuses: readonly ProblemKind[];
  readonly taken: Taken<unknown> | undefined;
  readonly asked: Check<unknown> | undefined;
  readonly changesWith: readonly Topic[];
}

const MOST_JSON = 256 * 1024;

/** What an endpoint is made of; the rest is as it usually is. */
type Parts<Query, Body> = Pick<Endpoint<unknown, Query, Body, unknown>, 'method' | 'path' | 'taken' | 'asked'> &
  Partial<Pick<AnyEndpoint, 'gives' | 'refuses' | 'changesWith'>> & { readonly isLong?: boolean };

/**
 * What one address of the server takes and gives, as one value: the server registers it, the page calls it, tests walk
 * the list of all.
 * @example get('/heads/:id').giving<Head>().refusing('not-found')
 */
export class Endpoint<Params, Query, Body, Answer> {
  /** Never there: carries the types of what goes in and comes out. */
  declare readonly types: {
    readonly params: Params;
    readonly query: Query;
    readonly body: Body;
    readonly answer: Answer;
  };

  readonly method: Method;
  readonly path: string;
  readonly gives: Given;
  /** What it may refuse with, beside what any address may. */
  readonly refuses: readonly ProblemKind[];
  readonly taken: Taken<Body> | undefined;
  readonly asked: Check<Query> | undefined;
  /** It may take minutes: a whole household is gone through. */
  readonly isLong: boolean;
  /** What its answer rests on: told that one of these changed, whoever shows it asks anew. */
  readonly changesWith: readonly Topic[];

  private constructor(parts: Parts<Query, Body>) {
    this.method = parts.method;
    this.path = parts.path;
    this.gives = parts.gives ?? 'nothing';
    this.refuses = parts.refuses ?? [];
    this.taken = parts.taken;
    this.asked = parts.asked;
    this.isLong = parts.isLong ?? false;
    this.changesWith = parts.changesWith ?? [];
  }

  private get parts(): Parts<Query, Body> {
    return this;
  }

  static at<Path extends string>(
    method: Method,
    path: Path,
  ): Endpoint<ParamsOf<Path>, undefined, undefined, undefined> {
    return new Endpoint({ method, path, taken: undefined, asked: undefined });
  }

  /** With a query after the address. */
  asking<S extends Schema<unknown>>(asked: () => Promise<S>): Endpoint<Params, InferType<S>, Body, Answer> {
    return new Endpoint({ ...this.parts, asked: asked as Check<InferType<S>> });
  }

  /** With JSON as its body. @param mostBytes 256 kB where it is left out */
  taking<S extends Schema<unknown>>(
    check: () => Promise<S>,
    mostBytes = MOST_JSON,
  ): Endpoint<Params, Query, InferType<S>, Answer> {
    return new Endpoint({ ...this.parts, taken: { as: 'json', mostBytes, check: check as Check<InferType<S>> } });
  }

  /** With a file of JSON as its body, as it is. */
  takingFile(mostBytes: number): Endpoint<Params, Query, Uint8Array, Answer> {
    return new Endpoint({ ...this.parts, taken: { as: 'file', mostBytes } });
  }

  /** With a picture as its body, as it is. */
  takingPicture(mostBytes: number): Endpoint<Params, Query, Uint8Array, Answer> {
    return new Endpoint({ ...this.parts, taken: { as: 'picture', mostBytes } });
  }

  giving<T>(): Endpoint<Params, Query, Body, T> {
    return this.answering('json');
  }

  /** Giving what is new every time: 201. */
  creating<T>(): Endpoint<Params, Query, Body, T> {
    return this.answering('created');
  }

  /** Giving what is made once: 201 the first time, 200 and the same where it was there already. */
  making<T>(): Endpoint<Params, Query, Body, Made<T>> {
    return this.answering('made');
  }

  givingFile(): Endpoint<Params, Query, Body, undefined> {
    return this.answering('file');
  }

  streaming(): Endpoint<Params, Query, Body, undefined> {
    return this.answering('stream');
  }

  /** Whoever asks waits as long as it takes. */
  takingItsTime(): Endpoint<Params, Query, Body, Answer> {
    return new Endpoint({ ...this.parts, isLong: true });
  }

  refusing(...refuses: readonly ProblemKind[]): Endpoint<Params, Query, Body, Answer> {
    return new Endpoint({ ...this.parts, refuses });
  }

  /** Giving what rests on these. */
  changingWith(...changesWith: readonly Topic[]): Endpoint<Params, Query, Body, Answer> {
    return new Endpoint({ ...this.parts, changesWith });
  }

  private answering<T>(gives: Given): Endpoint<Params, Query, Body, T> {
    return new Endpoint({ ...this.parts, gives });
  }
}

export const get = <Path extends string>(path: Path) => Endpoint.at('GET', path);
export const post = <Path extends string>(path: Path) => Endpoint.at('POST', path);
export const put = <Path extends string>(path: Path) => Endpoint.at('PUT', path);
export const patch = <Path extends string>(path: Path) => Endpoint.at('PATCH', path);
export const remove = <Path extends string>(path: Path) => Endpoint.at('DELETE', path);

/** What a page gets back. */
export type AnswerOf<Answer> = Answer extends Made<infer T> ? T : Answer;

type Part<Name extends string, T> = [T] extends [undefined] ? object : Readonly<Record<Name, T>>;
type Params<T> = keyof T extends never ? object : { readonly params: T };
type Optional<T> = [T] extends [undefined] ? object : { readonly query?: Partial<T> };

/** What a page says when it asks. */
export type Wish<P, Q, B> = Params<P> & Optional<Q> & Part<'body', Said<B>>;

/** The address with its named steps and its query filled in, below the server's root. */
export function addressOf(
  { path }: Pick<AnyEndpoint, 'path'>,
  params: Readonly<Record<string, string>> = {},
  query: Readonly<Record<string, unknown>> = {},
): string {
  const steps = path.replace(/:([A-Za-z]+)/g, (_, name: string) => encodeURIComponent(params[name] ?? ''));
  const said = Object.entries(query).filter(([, value]) => value !== undefined);
  const search = said.map(([name, value]) => `${name}=${encodeURIComponent(String(value))}`).join('&');
  return `/api${steps}${search && `?${search}`}`;
}
