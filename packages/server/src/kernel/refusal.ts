import { message, type IdsOf, type Message } from '@amber-ladle/core/message';
import { named, type ProblemKind } from '@amber-ladle/contract';

/** What a refusal says beside its title. */
export interface RefusalRest {
  readonly detail?: Message;
  /** Field path → what to do about it. */
  readonly fields?: Readonly<Record<string, Message>>;
  /** The row as it is now, when a write was stale. */
  readonly current?: unknown;
}

/** Something that a service refuses on purpose. It knows what for, and nothing of how that is told to whom. */
export class Refusal extends Error {
  constructor(
    readonly kind: ProblemKind,
    readonly title: Message,
    readonly rest: RefusalRest = {},
  ) {
    super(title.id);
  }

  /** The one thing that says most of it. */
  get what(): Message {
    return this.rest.detail ?? this.title;
  }
}

export const notFound = (what: IdsOf<'no-such'>) => new Refusal('not-found', message(`no-such.${what}`));

export const stale = (current: unknown) =>
  new Refusal('stale', message('refusal.stale'), { detail: message('refusal.nothing-overwritten'), current });

export const notEnough = (current: unknown) =>
  new Refusal('not-enough', message('refusal.less-than-that'), { detail: message('refusal.nothing-taken'), current });

export const inUse = (title: Message, detail: Message) => new Refusal('in-use', title, { detail });

export const tooLarge = (title: Message, detail: Message) => new Refusal('too-large', title, { detail });

export const tooMany = () => new Refusal('too-many', message('refusal.too-many-requests'));

export const invalid = (fields: Readonly<Record<string, Message>>) =>
  new Refusal('invalid', message('refusal.another-look'), {
    detail: message('refusal.all', { all: Object.entries(fields).map(([path, what]) => named(path, what)) }),
    fields,
  });

export const malformed = () => new Refusal('malformed', message('refusal.unreadable'));

export const wrongOrigin = () => new Refusal('wrong-origin', message('refusal.wrong-origin'));

export const noKey = () => new Refusal('no-key', message('refusal.no-key'), { detail: message('refusal.join-first') });

export const onlyHere = () =>
  new Refusal('only-here', message('refusal.only-there'), { detail: message('refusal.settings-there') });

export const wrongType = (wanted: IdsOf<'send'>) => new Refusal('wrong-type', message(`send.${wanted}`));
