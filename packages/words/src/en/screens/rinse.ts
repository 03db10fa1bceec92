import type { RinseReason } from '@amber-ladle/contract';
import type { WearPhase } from '@amber-ladle/core/washday';

/** What is tapped to rinse at once. */
export const RINSE_WORDS: Readonly<Record<RinseReason, string>> = {
  burning: 'It burns or itches',
  'out-of-time': 'No time left',
  enough: 'Enough',
};

/** Why it was rinsed, after the moment of it. */
export const RINSED_WORDS: Readonly<Record<RinseReason, string>> = {
  burning: 'because it burned or itched',
  'out-of-time': 'for want of time',
  enough: 'because it was enough',
};

/** What to do next; nothing where there is nothing more to it. */
export const RINSE_NEXT: Readonly<Record<RinseReason, readonly string[]>> = {
  burning: [
    'Rinse on for ten minutes at least, with plenty of lukewarm water, until nothing of it is left.',
    'If it does not pass, or the skin swells or blisters: a doctor or pharmacist. Trouble breathing: call for help at once.',
    'Leave this mask, and ask before anything of it goes on that skin again.',
  ],
  'out-of-time': [],
  enough: [],
};

/** What a mask on a head is at. */
export const PHASE_WORDS: Readonly<Record<WearPhase, string>> = {
  early: 'Not yet: it has hardly begun.',
  fine: 'It works. A little longer is better.',
  aim: 'Right now. Rinse when you like.',
  late: 'Long enough. Rinse soon.',
  over: 'Past its limit: rinse now.',
};
