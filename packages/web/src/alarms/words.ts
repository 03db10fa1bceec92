import type { Alarm } from './dueAlarms';

/** What an alarm says, and what to do. @param time how a moment is written */
export function alarmWords(
  { kind, name, limitAt }: Alarm,
  time: (at: number) => string,
): { readonly what: string; readonly todo: string } {
  switch (kind) {
    case 'pot':
      return { what: `${name}: its time is up`, todo: 'Look at it now.' };
    case 'wear-aim':
      return {
        what: `${name}: the mask has had its time`,
        todo: `Rinse when you like, by ${time(limitAt ?? 0)} at the latest.`,
      };
    case 'wear-limit':
      return { what: `${name}: rinse now`, todo: 'The mask is at its limit.' };
    case 'bowl-end':
      return {
        what: `${name}: the bowl is past its time`,
        todo: 'Put no more of it on. What is on a head may be rinsed out as planned.',
      };
  }
}
