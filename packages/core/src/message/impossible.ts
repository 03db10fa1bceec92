import { message, type IdsOf, type Message, type ParamsOf } from './message';

type Given<Id extends IdsOf<'cannot'>> =
  object extends ParamsOf<`cannot.${Id}`> ? [params?: ParamsOf<`cannot.${Id}`>] : [params: ParamsOf<`cannot.${Id}`>];

/** What cannot be done with what somebody gave: an error for whoever uses the app, where a RangeError is for whoever writes it. */
export class Impossible extends RangeError {
  constructor(readonly what: Message) {
    // Between threads an error keeps its text and nothing else.
    super(JSON.stringify(what));
  }
}

/** @example cannot('no-ring').what // { id: 'cannot.no-ring', params: {} } */
export const cannot = <Id extends IdsOf<'cannot'>>(id: Id, ...params: Given<Id>): Impossible =>
  new Impossible(message(`cannot.${id}`, ...params));

/**
 * What somebody may read of an error, from whichever thread it comes; nothing where it says nothing to them.
 * @example saidBy(cannot('nothing-to-use-up')) // { id: 'cannot.nothing-to-use-up', params: {} }
 */
export function saidBy(error: unknown): Message | undefined {
  if (error instanceof Impossible) return error.what;
  const text = error instanceof Error ? error.message : '';
  return text.startsWith('{"id":"cannot.') ? (JSON.parse(text) as Message) : undefined;
}
