import { matchNames } from '../words';
import { expanded } from './expand';
import { measuresIn } from './proseMeasures';
import type { Reader } from './reader';
import { readLine, type DraftLine } from './readLine';
import type { Prose } from './sortOut';
import { reach, type Span } from './span';

/** A line with the place in the text that it was read from. */
export interface PastedLine extends DraftLine {
  readonly from: number;
  readonly to: number;
  /** Only how much of it goes to how much of the next one was written: "2 parts to 3". */
  readonly isOfRatio?: boolean;
}

/** A ratio by volume that the text holds. */
export interface WrittenRatio {
  readonly ingredientId: string;
  readonly toIngredientId: string;
  /** Volume of the first over volume of the second. */
  readonly ratio: number;
}

/** The lines of a stretch that measures, one or several alike. */
export function linesOf(span: Span, { system, ...lexicon }: Reader): PastedLine[] {
  const { texts, isRatio } = expanded(span.text);
  return texts.map((text) => ({
    ...readLine(text, lexicon.catalogue, system, lexicon),
    ...reach(span),
    ...(isRatio ? { isOfRatio: true } : {}),
  }));
}

const KITCHEN_UNITS: ReadonlySet<string> = new Set(['volume', 'mass']);

/** What sentences measure, where no line of its own does. In a sentence only what is clear, or has a spoon or a scale, is a measure. */
export function toldLines(prose: readonly Prose[], listed: readonly PastedLine[], reader: Reader): PastedLine[] {
  const known = new Set(listed.flatMap(({ candidates }) => candidates));
  const told: PastedLine[] = [];
  let last: string | undefined;
  for (const { sentences } of prose)
    for (const sentence of sentences) {
      for (const measure of measuresIn(sentence)) {
        const them = /^(.*?)\s+of (?:them|these|those)$/i.exec(measure.text);
        const text = them && last !== undefined ? `${them[1]} ${last}` : measure.text;
        for (const line of linesOf({ text, from: measure.from }, reader)) {
          const isSpooned = KITCHEN_UNITS.has(line.amount?.unit.kind ?? '');
          const isSpelled = !line.assumed.some(({ id }) => id === 'read.spelling');
          const isClear = line.unknownWords.length === 0 && line.candidates.length === 1 && isSpelled;
          if (line.amount === undefined || !(isClear || isSpooned)) continue;
          if (line.candidates.some((id) => known.has(id))) continue;
          line.candidates.forEach((id) => known.add(id));
          told.push({ ...line, to: measure.from + measure.text.length });
        }
      }
      const named = matchNames(sentence.text, reader.names).found.at(-1);
      const row = named && reader.catalogue.get(named.ingredientId);
      if (row) last = (row.pieces?.noun ?? row.name).toLowerCase();
    }
  return told;
}

/** Ratios between the lines that were written in parts, each to the first of them. */
export function ratiosIn(lines: readonly PastedLine[]): readonly WrittenRatio[] {
  return lines.flatMap((line, i) => {
    const first = lines.findIndex(({ isOfRatio, from }) => isOfRatio === true && from === line.from);
    const to = lines[first];
    if (line.isOfRatio !== true || !to || first === i) return [];
    const [a, b] = [to.amount?.quantity ?? 0, line.amount?.quantity ?? 0];
    return to.ingredientId && line.ingredientId && a > 0 && b > 0
      ? [{ ingredientId: to.ingredientId, toIngredientId: line.ingredientId, ratio: a / b }]
      : [];
  });
}
