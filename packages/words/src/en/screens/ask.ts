import type { LoggedBowl } from '@amber-ladle/contract';
import type { Moment } from '@amber-ladle/core/learn';

/** What a bowl on a head is asked about, each moment at its time. */
export function askWords(
  wants: Moment,
  { headName, maskName }: Pick<LoggedBowl['facts'], 'headName' | 'maskName'>,
): string {
  switch (wants) {
    case 'going-on':
      return `${headName} has ${maskName} on: how did it go on?`;
    case 'rinsing':
      return `How did ${maskName} rinse out of ${headName}’s hair?`;
    case 'next-day':
      return `How is ${headName}’s hair, dry, after ${maskName}?`;
  }
}
