import type { Household } from '../kernel/household';
import type { CopyWorks } from './works';

type Given<K extends keyof CopyWorks> = Parameters<CopyWorks[K]>[0];
type Done<K extends keyof CopyWorks> = Awaited<ReturnType<CopyWorks[K]>>;

/**
 * Has one of the works of copying done on a thread of its own.
 * @param bytes in what is given that are given away instead of copied, where they are nobody else's
 * @throws what the work throws, with SQLite's `code` where it has one
 */
export const beside = <K extends keyof CopyWorks>(
  { side }: Pick<Household, 'side'>,
  work: K,
  given: Given<K>,
  bytes: readonly ArrayBuffer[] = [],
): Promise<Done<K>> => side.ask<Done<K>>(work, given, bytes);
