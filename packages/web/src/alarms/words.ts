import { alarmsText } from '@amber-ladle/words';
import type { Alarm } from './dueAlarms';

/** What an alarm says, and what to do. @param time how a moment is written */
export function alarmWords(
  { kind, name, limitAt }: Alarm,
  time: (at: number) => string,
): { readonly what: string; readonly todo: string } {
  switch (kind) {
    case 'pot':
      return { what: alarmsText.itsTimeIsUp(name), todo: alarmsText.lookAtItNow };
    case 'wear-aim':
      return {
        what: alarmsText.theMaskHasHad(name),
        todo: alarmsText.rinseWhenYouLike(time(limitAt ?? 0)),
      };
    case 'wear-limit':
      return { what: alarmsText.rinseNow(name), todo: alarmsText.theMask };
    case 'bowl-end':
      return {
        what: alarmsText.theBowlIsPast(name),
        todo: alarmsText.putNoMore,
      };
  }
}
