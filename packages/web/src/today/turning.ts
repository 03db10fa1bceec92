import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { aboutWords, amountWords, leftWords, lotName, type Where } from '@amber-ladle/words';
import type { ShelvedLot } from '../data/shelf';

/** What turns within so long is shown as turning today, ms: until tomorrow evening. */
const TURNING_WITHIN = 1.25 * TWENTY_FOUR_HOURS;
/** What turns within so long is said with some weight, ms. */
const URGENT_WITHIN = TWENTY_FOUR_HOURS / 2;
/** What is ready within so long is ready soon, ms. */
const SOON_WITHIN = 4 * TWENTY_FOUR_HOURS;

/** A lot as a line of Today: what it is, where it stands, and until when. */
export function lineOf({ lot, window, place }: ShelvedLot, catalogue: Catalogue, now: number, where: Where) {
  const row = ingredientById(catalogue, lot.ingredientId);
  return {
    id: lot.id,
    ingredientId: lot.ingredientId,
    family: row.family,
    look: window.ripeness?.stage ?? ('ready' as const),
    isOpen: lot.state === 'cut',
    name: lotName(lot, row),
    amount: amountWords(lot, row),
    place: place?.name ?? '',
    until: aboutWords(window.endsAt, now, where),
    left: leftWords(window.endsAt - now),
    isUrgent: window.endsAt - now < URGENT_WITHIN,
  };
}

/** What can still be used and has to be, the first to turn first. */
export const turningOf = (shelved: readonly ShelvedLot[], catalogue: Catalogue, now: number, where: Where) =>
  shelved
    .filter(({ window }) => !window.isPast && window.endsAt - now < TURNING_WITHIN)
    .sort((a, b) => a.window.endsAt - b.window.endsAt)
    .map((one) => lineOf(one, catalogue, now, where));

/** What is hard and will be ready soon, in words. */
export const soonOf = (
  shelved: readonly ShelvedLot[],
  catalogue: Catalogue,
  now: number,
  where: Where,
): readonly string[] =>
  shelved.flatMap(({ lot, window }) => {
    const readyAt = window.ripeness?.ready?.at;
    return readyAt === undefined || readyAt - now >= SOON_WITHIN
      ? []
      : [`${amountWords(lot, ingredientById(catalogue, lot.ingredientId))}: ${aboutWords(readyAt, now, where)}`];
  });
