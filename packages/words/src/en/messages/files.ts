/** What is wrong with a line of a file. */
export const FILES = {
  'file.too-large': 'That file is larger than it can be.',
  'file.long-line': 'This line is longer than any of a table; is it one, saved as CSV?',
  'file.missing-columns': 'Missing columns: {columns}.',
  'file.too-many-lines': 'At most {most} lines at once.',
  'file.empty-cell': 'This may not be empty.',
  'file.not-a-number': '“{found}” is not a number.',
  'file.more-than': 'More than {least}.',
  'file.least': '{least} or more.',
  'file.not-a-moment': '“{found}” is no moment such as 2026-03-14T09:30:00Z.',
  'file.none-of': '“{found}” is none of {known}.',
  'file.not-what-at': '“{entry}” is not what@moment.',
  'file.where-it-stands': 'Say where it stands, as place@moment.',
  'file.level': 'It is 1, 2 or 3: poor, middling or good.',
  'file.ran-out-or-left': 'It ran out, or something was left: not both.',
} as const;
