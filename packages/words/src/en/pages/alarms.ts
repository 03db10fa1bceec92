import type { Said } from '../../said';

/** What stands on the pages of alarms. */
export const alarmsText = {
  iHaveHeardIt: 'I have heard it',
  itRingsUntilYou: 'It rings until you answer.',
  itRingsOnce: 'It rings once this page has been tapped.',
  tryTheSound: 'Try the sound',
  aLockedScreen: 'A locked screen is not told: this browser’s settings do not allow it.',
  tellMe: 'Tell me on a locked screen, too',
  aLockedScreenIs: 'A locked screen is told, too.',
  itsTimeIsUp: (name: Said): string => `${name}: its time is up`,
  lookAtItNow: 'Look at it now.',
  theMaskHasHad: (name: Said): string => `${name}: the mask has had its time`,
  rinseWhenYouLike: (time: Said): string => `Rinse when you like, by ${time} at the latest.`,
  rinseNow: (name: Said): string => `${name}: rinse now`,
  theMask: 'The mask is at its limit.',
  theBowlIsPast: (name: Said): string => `${name}: the bowl is past its time`,
  putNoMore: 'Put no more of it on. What is on a head may be rinsed out as planned.',
};
