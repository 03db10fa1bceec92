/** What stands at the door, on the one page that a device without a key is shown. */
export const JOIN_WORDS = {
  comeIn: 'Come in',
  tabTitle: 'Come in · Amber Ladle',
  whatItIs:
    'This is a household’s Amber Ladle. Its own machine shows a code: in Settings, under “Use it from your phone”.',
  code: 'Code, or the household’s passphrase',
  whatToCallIt: 'What to call this device',
  phone: 'Phone',
  tablet: 'Tablet',
  computer: 'Computer',
  wrong: 'That is neither the code of this moment nor the passphrase. A code lasts ten minutes and lets one device in.',
  /** @param minutes that are left, from 1 */
  locked: (minutes: number): string =>
    `Too many wrong ones: the door stays locked for ${minutes === 1 ? 'a minute' : `${minutes} minutes`}, or until somebody unlocks it in Settings on the household’s own machine.`,
  wait: (seconds: number): string => `Wait ${seconds === 1 ? 'a second' : `${seconds} seconds`}, then try again.`,
};
