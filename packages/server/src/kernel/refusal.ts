import type { Problem, ProblemKind } from '@amber-ladle/contract';

/** What a refusal says beside its title. */
export type RefusalRest = Pick<Problem, 'detail' | 'fields' | 'current'>;

/** Something that a service refuses on purpose. It knows what for, and nothing of how that is told to whom. */
export class Refusal extends Error {
  constructor(
    readonly kind: ProblemKind,
    title: string,
    readonly rest: RefusalRest = {},
  ) {
    super(title);
  }
}

export const notFound = (what: string) => new Refusal('not-found', `There is no such ${what}.`);

export const stale = (current: unknown) =>
  new Refusal('stale', 'Someone changed this meanwhile.', {
    detail: 'Nothing was overwritten. Look at the current values and change again.',
    current,
  });

export const notEnough = (current: unknown) =>
  new Refusal('not-enough', 'There is less of it than that.', {
    detail: 'Somebody may have taken it meanwhile. Nothing was taken; look at the shelf again.',
    current,
  });

export const inUse = (title: string, detail: string) => new Refusal('in-use', title, { detail });

export const tooLarge = (title: string, detail: string) => new Refusal('too-large', title, { detail });

export const invalid = (fields: Readonly<Record<string, string>>) =>
  new Refusal('invalid', 'Something needs another look.', {
    detail: Object.values(fields).join(' '),
    fields: { ...fields },
  });

export const malformed = () => new Refusal('malformed', 'That request cannot be read.');

export const wrongOrigin = () => new Refusal('wrong-origin', 'This request did not come from Amber Ladle itself.');

export const noKey = () =>
  new Refusal('no-key', 'This device has no key of the household.', {
    detail: 'Open the join page, and come in by the code that the household’s own machine shows in Settings.',
  });

export const onlyHere = () =>
  new Refusal('only-here', 'That is done on the household’s own machine only.', {
    detail: 'Open Settings there.',
  });

export const wrongType = (wanted: string) => new Refusal('wrong-type', `Send ${wanted}.`);
