import { matchNames } from '../words';
import { tableRows } from './cells';
import { piecesOf } from './pieces';
import type { Reader } from './reader';
import { isHeader, isLabel, isProse, isStepHeader, looksLikeName } from './rows';
import { reach, rowsIn, sentencesIn, within, type Span } from './span';
import type { Stretch } from './stretches';

/** A line of the text that says something, in its sentences. */
export interface Prose {
  readonly row: Span;
  readonly sentences: readonly Span[];
  readonly isStep: boolean;
}

/** A text, sorted. */
export interface Sorted {
  readonly name: string;
  readonly measures: readonly Span[];
  readonly prose: readonly Prose[];
  readonly stretches: readonly Stretch[];
}

/** Sorts a text into its name, what is measured and what is said. */
export function sortOut(text: string, reader: Reader): Sorted {
  const { names, system } = reader;
  const rows = rowsIn(text).filter((row) => !/^[-=_*]{3,}$/.test(row.text));
  const measures: Span[] = [];
  const prose: Prose[] = [];
  const stretches: Stretch[] = [];
  let name = '';
  let inSteps = false;
  const call = (span: Span): void => {
    name = span.text.replace(/^#+\s*|\s*:$/g, '');
    stretches.push({ ...reach(span), kind: 'name' });
  };
  const say = (row: Span, isStep = false): void =>
    void prose.push({ row, sentences: isStep ? [row] : sentencesIn(row), isStep });
  const isSaid = ({ text: words }: Span): boolean => isProse(words, system, names);
  const table = tableRows(rows, (words) => isProse(words, system, names));
  const take = (span: Span): void => {
    const pieces = piecesOf(span, system, reader);
    measures.push(...(pieces?.measures ?? [span]));
    for (const piece of pieces?.prose ?? []) say(piece);
  };
  for (const [i, row] of rows.entries()) {
    const bullet = /^\s*(?:\d+[.)]\s+|step \d+:?\s*|[-•*▢☐·–]\s*)/i.exec(row.text)?.[0].length ?? 0;
    const bare = within(row, bullet);
    const cells = table?.get(row);
    if (cells !== undefined) {
      if (cells === '') stretches.push({ ...reach(row), kind: 'heading' });
      else measures.push({ text: cells, ...reach(row) });
    } else if (isHeader(row.text) || isStepHeader(row.text)) {
      inSteps = isStepHeader(row.text);
      stretches.push({ ...reach(row), kind: 'heading' });
    } else if (i === 0 && rows.length > 1 && bullet === 0 && isTitle(row, rows.length)) call(row);
    else if (inSteps) say(bare, true);
    else if (bare.text !== '') {
      const titled = i === 0 && bullet === 0 ? /^([^:\d]{3,60}):\s+(?=\S)/.exec(bare.text) : null;
      const isCalled =
        titled !== null && !isLabel(titled[0]) && looksLikeName(titled[1] ?? '', system) && !isOneName(titled[1] ?? '');
      if (titled && isCalled) call(within(bare, 0, (titled[1] ?? '').length));
      const rest = titled && isCalled ? within(bare, titled[0].length) : bare;
      const sentences = sentencesIn(rest);
      if (sentences.every(isSaid)) say(rest);
      else for (const one of sentences) (isSaid(one) ? say : take)(one);
    }
  }
  return { name, measures, prose, stretches };

  function isTitle(row: Span, count: number): boolean {
    if (!looksLikeName(row.text, system)) return false;
    // A bare ingredient heads the mask only where it is measured further down; else it is one of its lines.
    const { found } = matchNames(row.text, names);
    return (
      !isOneName(row.text) ||
      (count > 1 &&
        rows.slice(1).some((one) => matchNames(one.text, names).found[0]?.ingredientId === found[0]?.ingredientId))
    );
  }
  function isOneName(words: string): boolean {
    const { found, unknown } = matchNames(words, names);
    return found.length === 1 && unknown.length === 0;
  }
}
