import { splitAt, within, type Span } from './span';

const FIRST = /^(?:ingredients?|what|items?|name)$/i;
const SECOND = /^(?:amounts?|quantity|qty|how much|measures?)$/i;
const SEPARATORS = [/\s*\|\s*/, /\t+/, /\s*;\s*/, /\s*,\s*/] as const;

const bared = ({ text, from }: Span): Span => {
  const lead = /^[|\s]*/.exec(text)?.[0].length ?? 0;
  const tail = /[|\s]*$/.exec(text)?.[0].length ?? 0;
  return within({ text, from }, lead, Math.max(lead, text.length - tail));
};

/**
 * The lines of a table of measures, each as "name: amount"; its head tells which separator it has.
 * @param isSaid true for a row that is a sentence: what follows a table
 * @returns undefined where the text is no table
 */
export function tableRows(
  rows: readonly Span[],
  isSaid: (row: string) => boolean,
): ReadonlyMap<Span, string> | undefined {
  for (const [i, row] of rows.entries())
    for (const separator of SEPARATORS) {
      const head = splitAt(bared(row), separator);
      const [what, much] = [
        head.findIndex(({ text }) => FIRST.test(text)),
        head.findIndex(({ text }) => SECOND.test(text)),
      ];
      if (what < 0 || much < 0) continue;
      const cells = rows
        .slice(i + 1)
        .map((one) => ({ one, all: splitAt(bared(one), separator) }))
        .filter(({ one, all }) => all.length > Math.max(what, much) && !isSaid(one.text));
      if (cells.length > 0)
        return new Map([
          [row, ''],
          ...cells.map(({ one, all }): [Span, string] => [
            one,
            all.every(({ text }) => /^[-:\s]*$/.test(text)) ? '' : `${all[what]?.text}: ${all[much]?.text}`,
          ]),
        ]);
    }
  return undefined;
}
