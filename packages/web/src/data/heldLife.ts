import type { BowlLife, Worn } from '@amber-ladle/contract';
import type { WearHeld } from './held';

/** A bowl's life as it will be once presses that are on their way are told. */
export const withHeld = (life: BowlLife, held: readonly WearHeld[]): BowlLife =>
  held.reduce((so, { body, pressedAt }): BowlLife => {
    const worn = wornAfter(so.wearing[body.headId], body, new Date(pressedAt).toISOString());
    const length = body.wearAimMinutes ?? so.wearAimMinutes;
    // A length of wear is the bowl's; it says nothing of a head.
    if (Object.keys(body).every((key) => key === 'headId' || key === 'wearAimMinutes'))
      return { ...so, wearAimMinutes: length };
    return { ...so, wearAimMinutes: length, wearing: { ...so.wearing, [body.headId]: worn } };
  }, life);

function wornAfter(before: Worn | undefined, body: WearHeld['body'], at: string): Worn {
  const { section, felt, leftShare, isCapOn, isRinsed, rinsedWhy } = body;
  // What was kept is worn anew.
  const isAnew = before?.rinsedAt !== undefined && isRinsed === undefined && (section ?? isCapOn) !== undefined;
  const worn: Worn = before && !isAnew ? before : { sectionsDone: [] };
  const others = worn.sectionsDone.filter((id) => id !== section?.id);
  const isOn = isRinsed === true || (isCapOn ?? worn.wornFrom !== undefined);
  const isOut = isRinsed ?? worn.rinsedAt !== undefined;
  const why = rinsedWhy ?? worn.rinsedWhy;
  const still = (worn.coatedStill ?? []).filter((id) => id !== felt?.id);
  const coatedStill = felt?.isCoated ? [...still, felt.id] : still;
  // What was seen half-way holds until the next section.
  const left = leftShare ?? (section === undefined ? worn.leftShare : undefined);
  return {
    sectionsDone: section === undefined ? worn.sectionsDone : section.isDone ? [...others, section.id] : others,
    ...(left === undefined ? {} : { leftShare: left }),
    ...(coatedStill.length > 0 ? { coatedStill } : {}),
    ...(isOn ? { wornFrom: worn.wornFrom ?? at } : {}),
    ...(isOut ? { rinsedAt: worn.rinsedAt ?? at, ...(why ? { rinsedWhy: why } : {}) } : {}),
  };
}
