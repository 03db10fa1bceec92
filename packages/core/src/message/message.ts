import type { AmountValue, TimedValue } from './value';
import { MESSAGES } from './table';

/** What the parameters of a message may be; lists are joined, numbers and amounts written by whoever makes the sentence. */
export interface ParamTypes {
  /** As it is: a head's name, a word of a file, a choice. */
  readonly text: string;
  readonly number: number;
  /** Grams or millilitres, rounded as a kitchen does. */
  readonly measure: number;
  /** Centimetres, written in what the reader measures in. */
  readonly length: number;
  /** Degrees Celsius that an oven is set to. */
  readonly oven: number;
  /** The name of a thing, in the middle of a sentence. */
  readonly name: string;
  readonly names: readonly string[];
  /** Names that somebody gave, each between the quotes of the language. */
  readonly titles: readonly string[];
  /** Words as they are, joined. */
  readonly list: readonly string[];
  readonly amounts: readonly AmountValue[];
  readonly timed: readonly TimedValue[];
  readonly message: Message;
  readonly messages: readonly Message[];
}
export type ParamKind = keyof ParamTypes;
export type ParamValue = ParamTypes[ParamKind];

export type MessageId = keyof typeof MESSAGES;
/** What follows the kind in the ids of a kind: `IdsOf<'file'>` is 'too-large', 'long-line' and so on. */
export type IdsOf<Kind extends string> = MessageId extends infer Id
  ? Id extends `${Kind}.${infer Rest}`
    ? Rest
    : never
  : never;

/** What the core has to say. A sentence is made of it above, in a language, with the reader's own spoons and dates. */
export interface Message {
  readonly id: MessageId;
  readonly params: Readonly<Record<string, ParamValue>>;
}

type Kinds<Id extends MessageId> = (typeof MESSAGES)[Id];
/** The parameters that a message takes, by name. */
export type ParamsOf<Id extends MessageId> = {
  readonly [Name in keyof Kinds<Id>]: Kinds<Id>[Name] extends keyof ParamTypes ? ParamTypes[Kinds<Id>[Name]] : never;
};

/**
 * A message with the parameters its id asks for.
 * @example message('handling.blend-limit', { minutes: 2 }) // { id: 'handling.blend-limit', params: { minutes: 2 } }
 */
export function message<Id extends MessageId>(
  id: Id,
  ...[params]: object extends ParamsOf<Id> ? [params?: ParamsOf<Id>] : [params: ParamsOf<Id>]
): Message {
  return { id, params: { ...params } };
}
