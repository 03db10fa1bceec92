import type { MeasureSystem } from '../../measure';
import { readAmount } from '../readAmount';
import { matchNames } from '../words';
import { PARTS } from './expand';
import type { Lexicon } from './readLine';
import { isProse } from './rows';
import { splitAt, type Span } from './span';
import { corrected } from './spelling';

const starts = String.raw`(?=(?:\d|[¼½¾⅓⅔]|an?\s|half\s|one\s|two\s|three\s|four\s|the juice\s|juice\s|some\s))`;
const BETWEEN = new RegExp(
  String.raw`\s*;\s*|,\s+(?:and\s+|plus\s+|with\s+)?|(?<!\bbetween\s+\S{1,6})\s+(?:[+&]|and|plus)\s+${starts}|:\s+(?=\d+\s*(?:-\s*\d+\s*)?(?:min|h))`,
  'i',
);

/** A row in its measures and what stands beside them. */
export interface Pieces {
  readonly measures: readonly Span[];
  /** What counts time or tells of use: "30 min, cap". */
  readonly prose: readonly Span[];
}

/**
 * A row that holds several measures, in pieces: "2 yolks, 3 tbsp oil, half a papaya". What names nothing belongs to the measure before
 * it: "1 egg, beaten".
 * @returns undefined where it holds fewer than two
 */
export function piecesOf(row: Span, system: MeasureSystem, { names, vocabulary }: Lexicon): Pieces | undefined {
  if (PARTS.test(row.text)) return undefined;
  // Misspelt words are looked up only where nothing is clear without.
  const holdsName = (text: string): boolean => matchNames(text, names).found.length > 0;
  const isNamed = (text: string): boolean => holdsName(text) || holdsName(corrected(text, vocabulary).text);
  const isMeasure = ({ text }: Span): boolean =>
    !isProse(text, system, names) &&
    readAmount(corrected(text, vocabulary).text, system) !== undefined &&
    isNamed(text);
  const pieces = splitAt(row, BETWEEN);
  if (pieces.filter(isMeasure).length < 2) return undefined;
  const measures: Span[] = [];
  const prose: Span[] = [];
  for (const piece of pieces) {
    const before = measures.at(-1);
    if (isMeasure(piece)) measures.push(piece);
    else if (isProse(piece.text, system, names)) prose.push(piece);
    else if (before && !isNamed(piece.text) && prose.length === 0)
      measures[measures.length - 1] = {
        from: before.from,
        text: row.text.slice(before.from - row.from, piece.from - row.from + piece.text.length),
      };
    else (isNamed(piece.text) ? measures : prose).push(piece);
  }
  return { measures, prose };
}
