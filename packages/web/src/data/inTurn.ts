import { isFromBefore } from './client';

/** Reads, and may be told that what is under way is out of date. */
export interface InTurn {
  (): Promise<void>;
  /** Something newer is known than whatever was asked until now: its answers are dropped. */
  outdate(): void;
}

/**
 * A reading that may be under way several times at once, since every change asks for it anew. Answers can overtake each
 * other; one that was asked before an answer that is already taken is dropped, else the screen would go back to how things were. So is what was kept from before, where something
 * is known: a press that was answered since is not in it.
 * @param ask what is asked each time; where it fails, whoever read is told
 * @param take what becomes of the answer
 */
export function inTurn<T>(ask: () => Promise<T>, take: (answer: T) => void): InTurn {
  let asked = 0;
  let oldest = 0;
  const read = async (): Promise<void> => {
    const turn = ++asked;
    const answer = await ask();
    if (turn < oldest || (oldest > 0 && isFromBefore(answer))) return;
    oldest = turn;
    take(answer);
  };
  return Object.assign(read, { outdate: () => void (oldest = asked + 1) });
}
