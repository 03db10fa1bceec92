/** A stretch of the text that was pasted. */
export interface Span {
  readonly text: string;
  /** Where it begins in the whole text, in characters. */
  readonly from: number;
  /** Where it ends, when what is read is not letter by letter what stands there. */
  readonly to?: number;
}

/** Where a stretch ends, in characters of the whole text. */
export const endOf = ({ text, from, to }: Span): number => to ?? from + text.length;
/** From where to where a stretch reaches. */
export const reach = (span: Span): { from: number; to: number } => ({ from: span.from, to: endOf(span) });

/** What is left of a stretch from one character to another, without the blanks around it. */
export function within({ text, from }: Span, start: number, end = text.length): Span {
  const cut = text.slice(start, end);
  return { text: cut.trim(), from: from + start + (cut.length - cut.trimStart().length) };
}

/** A stretch in pieces at every place where a separator stands; blank pieces are left out. */
export function splitAt(span: Span, separator: RegExp): readonly Span[] {
  const pieces: Span[] = [];
  let start = 0;
  for (const found of span.text.matchAll(new RegExp(separator.source, `${separator.flags.replace('g', '')}g`))) {
    pieces.push(within(span, start, found.index));
    start = found.index + found[0].length;
  }
  pieces.push(within(span, start));
  return pieces.filter(({ text }) => text !== '');
}

/** The lines of a text. */
export const rowsIn = (text: string): readonly Span[] => splitAt({ text, from: 0 }, /\r?\n|\u2028/);

/** Short forms that end in a full stop and no sentence. */
const SHORT = /\b(?:tbsp|tbs|tsp|oz|fl|approx|ca|no|c|min|mins|hrs?|w|lb)\.$/i;

/** The sentences of a line. */
export function sentencesIn(row: Span): readonly Span[] {
  const sentences: Span[] = [];
  let start = 0;
  for (const found of row.text.matchAll(/[.!?]+(?=\s+["'“(]?[A-Z\d½¼¾⅓⅔]|\s+[a-z]{4,})/g)) {
    const end = found.index + found[0].length;
    if (SHORT.test(row.text.slice(start, end))) continue;
    sentences.push(within(row, start, end));
    start = end;
  }
  sentences.push(within(row, start));
  return sentences.filter(({ text }) => text !== '');
}
