import type { BowlLife, Worn } from '@amber-ladle/contract';
import type { WearHeld } from '../stores/held';

/** A bowl's life as it will be once presses that are on their way are told. */
export const withHeld = (life: BowlLife, held: readonly WearHeld[]): BowlLife =>
  held.reduce((so, { body, pressedAt }): BowlLife => {
    const worn = wornAfter(so.wearing[body.headId], body, new Date(pressedAt).toISOString());
    return { ...so, wearing: { ...so.wearing, [body.headId]: worn } };
  }, life);

function wornAfter(before: Worn | undefined, body: WearHeld['body'], at: string): Worn {
  const { section, isCapOn, isRinsed, rinsedWhy } = body;
  // What was kept is worn anew.
  const isAnew = before?.rinsedAt !== undefined && isRinsed === undefined;
  const worn: Worn = before && !isAnew ? before : { sectionsDone: [] };
  const others = worn.sectionsDone.filter((id) => id !== section?.id);
  const isOn = isRinsed === true || (isCapOn ?? worn.wornFrom !== undefined);
  const isOut = isRinsed ?? worn.rinsedAt !== undefined;
  const why = rinsedWhy ?? worn.rinsedWhy;
  return {
    sectionsDone: section === undefined ? worn.sectionsDone : section.isDone ? [...others, section.id] : others,
    ...(isOn ? { wornFrom: worn.wornFrom ?? at } : {}),
    ...(isOut ? { rinsedAt: worn.rinsedAt ?? at, ...(why ? { rinsedWhy: why } : {}) } : {}),
  };
}
