/** What a list of kept bowls says. */
export const bowlsText = {
  noneYetSizeOne: 'None yet. Size one on the',
  bowl: 'Bowl',
  benchAndKeepIt: 'bench and keep it.',
} as const;
