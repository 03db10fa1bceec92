/** What stands on the pages of caution. */
export const cautionText = {
  stop: 'Stop. ',
  toGoOnAll: 'To go on all the same, say why; the record keeps it',
  goodToKnow: 'Good to know',
  fromMemory: ', from memory',
};
