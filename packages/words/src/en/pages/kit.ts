import type { Said } from '../../said';

/** What stands on the pages of kit. */
export const kitText = {
  amountOf: (name: Said): string => `Amount of ${name}`,
  less: (name: Said): string => `Less ${name}`,
  more: (name: Said): string => `More ${name}`,
  exactlyThisMuch: (name: Said): string => `Exactly this much ${name}`,
  fixedPressToLet: 'fixed; press to let it follow again',
  exactlyThisMuchTitle: 'exactly this much',
  codeFor: (text: Said): string => `Code for ${text}`,
  timeOfTheDemo: 'Time of the demo',
  demoTime: 'Demo time',
  areIn: (rows: Said, kind: Said): string => `${rows} ${kind} are in.`,
  nothingIs: 'Nothing is in that file.',
  allInOrder: (rows: Said, kind: Said): string => `${rows} ${kind}, all in order.`,
  nothingWasTaken: 'Nothing was taken in. Mend these first:',
  line: (line: Said): string => `line ${line}`,
  andMore: (count: Said): string => `and ${count} more`,
  takeThemIn: 'Take them in',
  cameIn: (rows: Said, kind: Said): string => `${rows} ${kind} came in.`,
  thatFileIsLarger: 'That file is larger than it can be.',
  closeThisHint: 'Close this hint for good',
  isNoNumber: (what: Said, MOST: Said): string => `“${what}” is no number of minutes: whole ones, 0 to ${MOST}.`,
  aNumber: (unit: Said, others: Said): string => `A number in ${unit}, or with ${others}.`,
  aNumberIn: (unit: Said): string => `A number, in ${unit}.`,
  atLeast: (shown: Said, what: Said): string => `At least ${shown} ${what}.`,
  atMostCheck: (shown: Said, what: Said): string => `At most ${shown} ${what}; check the unit.`,
};
