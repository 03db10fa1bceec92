/** What is wrong with a line of a file. */
export const FILE_MESSAGES = {
  'file.too-large': {},
  'file.long-line': {},
  'file.missing-columns': { columns: 'list' },
  'file.too-many-lines': { most: 'number' },
  'file.empty-cell': {},
  'file.not-a-number': { found: 'text' },
  'file.more-than': { least: 'number' },
  'file.least': { least: 'number' },
  'file.not-a-moment': { found: 'text' },
  'file.none-of': { found: 'text', known: 'list' },
  'file.not-what-at': { entry: 'text' },
  'file.where-it-stands': {},
  'file.level': {},
  'file.ran-out-or-left': {},
} as const;
