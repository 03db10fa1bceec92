import { pinned, type Pin, type WeekBowl, type WeekWishes } from '@amber-ladle/core/plan';
import { addDays, type Day } from '@amber-ladle/core/time';
import { useHousehold } from '../data/household';
import { useWeeks } from '../data/useWeeks';
import { weeksText, dayWord } from '@amber-ladle/words';

/** A no to a mask holds for a week. */
const NO_DAYS = 6;

/** Everything that can be wished of the weeks by a touch. */
export function useWishes() {
  const weeks = useWeeks();
  const household = useHousehold();
  const named = ({ maskId }: Pick<WeekBowl, 'maskId'>): string => household.maskById(maskId)?.name ?? weeksText.it;
  const pinOf = ({ day, maskId, headIds }: Pick<WeekBowl, 'day' | 'maskId' | 'headIds'>): Pin => ({
    day,
    maskId,
    headIds: [...headIds],
  });
  const isSame = (one: Pin, { day, maskId, headIds }: Pin): boolean =>
    one.day === day && one.maskId === maskId && one.headIds.join() === headIds.join();
  const change = (part: Partial<WeekWishes>): void => {
    weeks.wish({ ...weeks.wishes, ...part });
  };
  const unpinned = (bowl: WeekBowl): readonly Pin[] => weeks.wishes.pins.filter((pin) => !isSame(pin, pinOf(bowl)));
  return {
    change,
    /** True for a pin of the household's, and not a bowl that is kept for its day. */
    isMine: (bowl: WeekBowl): boolean => weeks.wishes.pins.some((pin) => isSame(pin, pinOf(bowl))),
    pin: (bowl: WeekBowl): void => {
      weeks.wish(pinned(weeks.wishes, pinOf(bowl)), weeksText.staysOnItsDay(named(bowl)));
    },
    unpin: (bowl: WeekBowl): void => {
      change({ pins: unpinned(bowl) });
    },
    /** Another day for it, for good. */
    move: (bowl: WeekBowl, on: number): void => {
      const day = weeks.weeks?.days[on]?.day;
      if (!day) return;
      const to = dayWord(day, weeks.today, household.where);
      weeks.wish(pinned(weeks.wishes, pinOf({ ...bowl, day }), pinOf(bowl)), weeksText.isMovedTo(named(bowl), to));
    },
    /** Another mask in its place, for good. */
    replace: (bowl: WeekBowl, maskId: string): void => {
      const next = pinned({ ...weeks.wishes, pins: unpinned(bowl) }, pinOf({ ...bowl, maskId }));
      weeks.wish(next, weeksText.insteadOf(named({ ...bowl, maskId }), named(bowl)));
    },
    /** Not this mask for these heads, for a week from today. */
    notThis: (bowl: WeekBowl): void => {
      const from = weeks.today;
      const noes = bowl.headIds.map((headId) => ({ from, to: addDays(from, NO_DAYS), maskId: bowl.maskId, headId }));
      weeks.wish(
        { ...weeks.wishes, pins: unpinned(bowl), noes: [...weeks.wishes.noes, ...noes] },
        weeksText.noMaskForAWeek(named(bowl)),
      );
    },
    /** Minutes of a single day; nothing for those of its weekday. */
    minutes: (day: Day, minutes: number | undefined): void => {
      const { [day]: _before, ...rest } = weeks.wishes.dayMinutes;
      change({ dayMinutes: minutes === undefined ? rest : { ...rest, [day]: minutes } });
    },
  };
}
