import { shelfText } from '@amber-ladle/words';
import type { Place } from '@amber-ladle/core/shelf';
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import type { ShelvedLot } from '../data/shelf';

/** What lasts longer than so many days is not a matter of days. */
const LONG_DAYS = 30;

/** Lots that stand together on the screen of the shelf. */
export interface LotGroup {
  readonly id: string;
  readonly title: string;
  readonly place?: Place;
  readonly lots: readonly ShelvedLot[];
}

const isRemnant = ({ lot }: ShelvedLot): boolean =>
  lot.state === 'cut' || lot.state === 'opened' || lot.state === 'made';

/**
 * The shelf as it is shown: what is cut, opened or made first, then place by place, what keeps for months at the end; in each
 * what ends first. A place is shown when it is empty, too: something can be dropped there.
 */
export function groupsOf(shelved: readonly ShelvedLot[], places: readonly Place[], now: number): readonly LotGroup[] {
  const all = [...shelved].sort((a, b) => a.window.endsAt - b.window.endsAt);
  const isLong = ({ window }: ShelvedLot): boolean => window.endsAt - now > LONG_DAYS * TWENTY_FOUR_HOURS;
  const soon = all.filter((one) => !isLong(one));
  const fresh = soon.filter((one) => !isRemnant(one));
  return [
    { id: 'cut', title: shelfText.cutOpenedMade, lots: soon.filter(isRemnant) },
    ...places.map((place) => ({
      id: place.id,
      title: place.name,
      place,
      lots: fresh.filter((one) => one.place?.id === place.id),
    })),
    { id: 'long', title: shelfText.keepsForMonths, lots: all.filter(isLong) },
  ].filter((group: LotGroup) => group.lots.length > 0 || group.place !== undefined);
}

/** What can be used today and turns within a day: by name, each once, what ends first before the rest. What is hard turns on no day. */
export const turningNames = (shelved: readonly ShelvedLot[], now: number): readonly string[] => [
  ...new Set(
    shelved
      .filter(
        ({ window }) =>
          !window.isPast && window.endsAt - now < TWENTY_FOUR_HOURS && window.ripeness?.stage !== 'unripe',
      )
      .sort((a, b) => a.window.endsAt - b.window.endsAt)
      .map(({ name }) => name.toLowerCase()),
  ),
];
