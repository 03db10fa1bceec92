import { cannot } from '../../message';
import type { Catalogue } from '../../ingredient';
import type { MeasureSystem } from '../../measure';
import { readUse, type UseRead } from '../use/readUse';
import { headsMeant } from './headsMeant';
import { linesOf, ratiosIn, toldLines, type PastedLine, type WrittenRatio } from './lines';
import { withPots } from './pots';
import type { Reader } from './reader';
import { lexiconOf } from './readLine';
import { isTool } from './rows';
import { says } from './says';
import { sortOut, type Prose } from './sortOut';
import { endOf, reach, type Span } from './span';
import { laidOut, type Stretch } from './stretches';

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
    throw cannot('too-long-a-text', { thousands: Math.round(text.length / 1000) });
  if (text.split(/\r?\n|\u2028/).length > MOST_PASTED.lines) throw cannot('too-many-lines');
  const reader: Reader = { ...lexiconOf(catalogue), system };
  const use = readUse(text);
  const sorted = sortOut(text, reader);
  const listed = sorted.measures.flatMap((span) => linesOf(span, reader));
  const inProse = toldLines(sorted.prose, listed, reader);
  const inOrder = [...listed, ...inProse].sort((a, b) => a.from - b.from);
  const lines = withPots(inOrder, text, catalogue);
  const said = saidIn(sorted.prose, inProse);
  const meant = headsMeant(text);
  return {
    name: sorted.name,
    lines,
    steps: said.steps,
    cautions: said.cautions,
    ratios: ratiosIn(lines),
    ...(meant ? { heads: meant.heads } : {}),
    use,
    stretches: laidOut(text, [
      ...sorted.stretches,
      ...said.stretches,
      ...measureMarks(text, lines),
      ...useMarks(use.readings),
      ...(meant ? [{ from: meant.from, to: meant.to, kind: 'use' } as const] : []),
    ]),
  };
}

/** What the prose of a text says: its steps, its maker's cautions, and what every sentence of it was taken for. */
function saidIn(
  prose: readonly Prose[],
  inProse: readonly PastedLine[],
): { steps: readonly string[]; cautions: readonly string[]; stretches: readonly Stretch[] } {
  const measured = new Set(inProse.map(({ from }) => from));
  const stretches: Stretch[] = [];
  const steps: string[] = [];
  const cautions: string[] = [];
  for (const { row, sentences, isStep } of prose) {
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
  return { steps, cautions, stretches };
}

/** Where the measures stand, and what is remarked on them. */
const measureMarks = (text: string, lines: readonly PastedLine[]): Stretch[] =>
  lines.flatMap(({ from, to, remarks }, line): Stretch[] => [
    { from, to, kind: 'measure', line },
    ...remarks.flatMap((remark): Stretch[] => {
      const at = text.indexOf(remark, from);
      return at >= 0 && at < to ? [{ from: at, to: at + remark.length, kind: 'remark', line }] : [];
    }),
  ]);

/** Where its use stands. How it is mixed and strained is a step; how it is used is marked. */
const useMarks = (readings: UseRead['readings']): Stretch[] =>
  readings
    .filter(({ what }) => what !== 'mixing' && what !== 'strained')
    .map(({ from, to }) => ({
      from,
      to,
      kind: 'use',
      uses: [...new Set(readings.filter((one) => one.from === from).map(({ what }) => what))],
    }));
