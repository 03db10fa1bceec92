import { message, type IdsOf, type Message, type MessageId, type ParamsOf } from '@amber-ladle/core/message';
import type { ValidationError } from 'yup';

type FaultId = IdsOf<'fault'>;
type Given<Id extends FaultId> =
  object extends ParamsOf<`fault.${Id}`> ? [params?: ParamsOf<`fault.${Id}`>] : [params: ParamsOf<`fault.${Id}`>];

/**
 * What a schema says of a value that it does not take: a message, which becomes a sentence where somebody reads it.
 * @example string().required(fault('head-name'))
 */
export const fault = <Id extends FaultId>(id: Id, ...params: Given<Id>) => ({
  ...message(`fault.${id}`, ...params),
});

/** What a field is called within what is said of it. */
export const field = (id: IdsOf<'field'>): Message => message(`field.${id}`);

/** What a failed check says of each field; the first of a field wins. */
export function faultsOf(error: ValidationError): Record<string, Message> {
  const all = error.inner.length > 0 ? error.inner : [error];
  const fields: Record<string, Message> = {};
  for (const one of all) fields[one.path ?? ''] ??= faultOf(one);
  return fields;
}

/**
 * What one failed check says: what its schema says of it, or what is usually said of a check of that kind.
 * @example faultOf(error) // of number().max(6) that was given 7: { id: 'fault.at-most', params: { most: 6 } }
 */
export function faultOf({ message: said, type, params = {}, value }: ValidationError): Message {
  const own: unknown = said;
  if (typeof own === 'object' && own !== null) return own as Message;
  const figure = (name: string): number => Number(params[name]);
  const isText = typeof value === 'string';
  switch (type) {
    case 'required':
    case 'optionality':
    case 'nullable':
      return fault('missing');
    case 'typeError':
      return fault(params['type'] === 'number' ? 'number' : 'wrong');
    case 'integer':
      return fault('whole');
    case 'uuid':
      return fault('uuid');
    case 'oneOf':
      return fault('one-of', { known: String(params['values']) });
    case 'noUnknown':
      return fault('more-than-asked');
    case 'min':
      if ('more' in params) return fault('more-than', { least: figure('more') });
      if (Array.isArray(value)) return fault('few', { least: figure('min') });
      if (isText) return fault('letters-least', { least: figure('min') });
      return figure('min') === 0 ? fault('nothing-or-more') : fault('at-least', { least: figure('min') });
    case 'max':
      if ('less' in params) return fault('less-than', { most: figure('less') });
      if (Array.isArray(value)) return fault('too-many', { most: figure('max') });
      return fault(isText ? 'letters-most' : 'at-most', { most: figure('max') });
    default:
      return fault('wrong');
  }
}

/** What is said of a kind of check, of whichever field: beside others it needs the field's name. */
const USUAL: ReadonlySet<MessageId> = new Set([
  'fault.missing',
  'fault.number',
  'fault.wrong',
  'fault.whole',
  'fault.uuid',
  'fault.one-of',
  'fault.more-than-asked',
  'fault.more-than',
  'fault.few',
  'fault.letters-least',
  'fault.nothing-or-more',
  'fault.at-least',
  'fault.less-than',
  'fault.too-many',
  'fault.letters-most',
  'fault.at-most',
]);

/**
 * The same where the field is not seen beside it: with the field's name, unless it says by itself what it is about.
 * @example named('note', fault('missing')) // "note: This is missing."
 * @example named('name', fault('head-name')) // "Give the head a name."
 */
export const named = (path: string, what: Message): Message =>
  path !== '' && USUAL.has(what.id) ? fault('within', { path, what }) : what;
