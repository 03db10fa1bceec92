import type { Catalogue } from '../../ingredient';
import type { MeasureSystem } from '../../measure';
import { readUse, type UseRead } from '../use/readUse';
import { matchNames } from '../words';
import { tableRows } from './cells';
import { expanded } from './expand';
import { headsMeant } from './headsMeant';
import { piecesOf } from './pieces';
import { withPots } from './pots';
import { measuresIn } from './proseMeasures';
import { lexiconOf, readLine, type DraftLine, type Lexicon } from './readLine';
import { isHeader, isLabel, isProse, isStepHeader, isTool, looksLikeName } from './rows';
import { says } from './says';
import { rowsIn, sentencesIn, within, type Span } from './span';
import { laidOut, type Stretch } from './stretches';

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

/** A pasted mask as it was understood. */
export interface FormulaDraft {
  readonly name: string;
  readonly lines: readonly PastedLine[];
  readonly steps: readonly string[];
  /** Its maker's own words of caution. */
  readonly cautions: readonly string[];
  readonly ratios: readonly WrittenRatio[];
  /** For how many heads its amounts are, where it says so. */
  readonly heads?: number;
  /** How it is worn, rinsed, repeated, as far as the text says. */
  readonly use: UseRead;
  /** All of the text with what it was taken for, in the order it stands. */
  readonly stretches: readonly Stretch[];
}

/** A pasted text is one mask, not a book; a file may be a page around it, bytes. */
export const MOST_PASTED = { characters: 20_000, lines: 200, file: 3_000_000 } as const;

interface Reader extends Lexicon {
  readonly system: MeasureSystem;
}

/**
 * Reads a pasted mask: its name, its measures with what is remarked on them, its steps, and how it is used. What is not understood is
 * asked about or shown, never guessed; a sentence stays a sentence, and the measures in it are found.
 *
 * @param system whose cups and spoons are meant
 * @throws RangeError for a text longer than one mask can be
 * @example readFormula('Mash 2 bananas with 1 tbsp honey. Leave it on 30 min.', CATALOGUE, 'us').lines.length // 2
 */
export function readFormula(text: string, catalogue: Catalogue, system: MeasureSystem): FormulaDraft {
  if (text.length > MOST_PASTED.characters)
    throw new RangeError(`That is ${Math.round(text.length / 1000)},000 characters. Paste one mask at a time.`);
  if (text.split(/\r?\n|\u2028/).length > MOST_PASTED.lines)
    throw new RangeError('That is more lines than a mask has. Paste one mask at a time.');
  const reader: Reader = { ...lexiconOf(catalogue), system };
  const use = readUse(text);
  const sorted = sortOut(text, reader);
  const listed = sorted.measures.flatMap((span) => linesOf(span, reader));
  const inProse = toldLines(sorted.prose, listed, reader);
  const inOrder = [...listed, ...inProse].sort((a, b) => a.from - b.from);
  const lines = withPots(inOrder, text, catalogue);
  const measured = new Set(inProse.map(({ from }) => from));

  const stretches: Stretch[] = [...sorted.stretches];
  const steps: string[] = [];
  const cautions: string[] = [];
  for (const { row, sentences, isStep } of sorted.prose) {
    const kinds = sentences.map((sentence) => {
      const isMeasured = [...measured].some((at) => at >= sentence.from && at < endOf(sentence));
      return isTool(sentence.text) ? 'tool' : says(sentence.text, isStep || isMeasured);
    });
    for (const [i, sentence] of sentences.entries()) {
      const kind = kinds[i] ?? 'nothing-known';
      stretches.push({ ...reach(sentence), kind: kind === 'nothing-known' ? 'not-understood' : kind });
      if (kind === 'warning') cautions.push(sentence.text);
    }
    // A step is what stands together in one line.
    let run: Span[] = [];
    for (const [i, sentence] of [...sentences, undefined].entries()) {
      if (sentence && kinds[i] === 'step') run.push(sentence);
      else {
        const [first, last] = [run[0], run.at(-1)];
        if (first && last) steps.push(row.text.slice(first.from - row.from, endOf(last) - row.from));
        run = [];
      }
    }
  }
  for (const [line, { from, to, remarks }] of lines.entries()) {
    stretches.push({ from, to, kind: 'measure', line });
    for (const remark of remarks) {
      const at = text.indexOf(remark, from);
      if (at >= 0 && at < to) stretches.push({ from: at, to: at + remark.length, kind: 'remark', line });
    }
  }
  // How it is mixed and strained is a step; how it is used is marked.
  for (const { from, to, what: first } of use.readings) {
    if (first === 'mixing' || first === 'strained') continue;
    const uses = [...new Set(use.readings.filter((one) => one.from === from).map(({ what }) => what))];
    stretches.push({ from, to, kind: 'use', uses });
  }
  const meant = headsMeant(text);
  if (meant) stretches.push({ from: meant.from, to: meant.to, kind: 'use' });
  return {
    name: sorted.name,
    lines,
    steps,
    cautions,
    ratios: ratiosIn(lines),
    ...(meant ? { heads: meant.heads } : {}),
    use,
    stretches: laidOut(text, stretches),
  };
}

const endOf = ({ text, from, to }: Span): number => to ?? from + text.length;
const reach = (span: Span): { from: number; to: number } => ({ from: span.from, to: endOf(span) });

/** A line of the text that says something, in its sentences. */
interface Prose {
  readonly row: Span;
  readonly sentences: readonly Span[];
  readonly isStep: boolean;
}

interface Sorted {
  readonly name: string;
  readonly measures: readonly Span[];
  readonly prose: readonly Prose[];
  readonly stretches: readonly Stretch[];
}

/** Sorts a text into its name, what is measured and what is said. */
function sortOut(text: string, reader: Reader): Sorted {
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

/** The lines of a stretch that measures, one or several alike. */
function linesOf(span: Span, { system, ...lexicon }: Reader): PastedLine[] {
  const { texts, isRatio } = expanded(span.text);
  return texts.map((text) => ({
    ...readLine(text, lexicon.catalogue, system, lexicon),
    ...reach(span),
    ...(isRatio ? { isOfRatio: true } : {}),
  }));
}

const KITCHEN_UNITS: ReadonlySet<string> = new Set(['volume', 'mass']);

/** What sentences measure, where no line of its own does. In a sentence only what is clear, or has a spoon or a scale, is a measure. */
function toldLines(prose: readonly Prose[], listed: readonly PastedLine[], reader: Reader): PastedLine[] {
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
function ratiosIn(lines: readonly PastedLine[]): readonly WrittenRatio[] {
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
