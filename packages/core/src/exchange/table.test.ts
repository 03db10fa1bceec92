import fc from 'fast-check';
import Papa from 'papaparse';
import { expect, it } from 'vitest';
import { readTable, writeTable } from './table';

const COLUMNS = ['name', 'said', 'grams'] as const;
const LIMITS = { characters: 4_000_000, rows: 500 };
const read = (text: string) =>
  readTable(text, COLUMNS, (cell) => [cell.text('name'), cell.text('said'), cell.number('grams', {})], LIMITS);

it('takes any words out and in again, and hands no table program a formula in any column', () => {
  // CWE-1236, as OWASP describes it: cells that begin with = + - @, a tab or a line's end.
  const words = fc.oneof(fc.string(), fc.constantFrom('=1+1', '@SUM(A1)', "'", "'=x", '+49', '-', 'a,"b"\n;c', '’'));
  fc.assert(
    fc.property(
      fc.array(fc.tuple(words, words, fc.double({ noNaN: true, noDefaultInfinity: true })), { minLength: 1 }),
      (rows) => {
        const text = writeTable(COLUMNS, rows);
        expect(read(text)).toEqual({
          rows: rows.map(([name, what, grams]) => [name.trim(), what.trim(), grams === 0 ? 0 : grams]),
          faults: [],
        });
        // As any table program takes it in, by a reader of its own.
        const { data } = Papa.parse<string[]>(text);
        for (const [name, what] of data.slice(1))
          expect(`${name?.[0] ?? ''}${what?.[0] ?? ''}`).not.toMatch(/[=+\-@\t\r]/);
      },
    ),
  );
});

it('keeps the number of a line where others are empty', () => {
  const { faults } = read('name,said,grams\n\n,,\nhoney,,many\n\n\n');
  expect(faults.map(({ line, column }) => [line, column])).toEqual([[4, 'grams']]);
});

it.each([
  ['three million empty lines', '\n'.repeat(3_000_000), 0],
  ['lines of nothing but commas', ',,\n'.repeat(1_000_000), 0],
  ['as many lines with something', 'a,b,1\n'.repeat(600_000), 1],
  ['one line of four million letters', 'x'.repeat(3_900_000), 2],
  ['quotes without an end', '"a'.repeat(1_900_000), 2],
  ['a quote on each line', '"\n'.repeat(1_900_000), 1],
])(
  // One that goes back over what it has read would take minutes.
  'answers to %s',
  (_, rest, line) => {
    const { rows, faults } = read(`name,said,grams\n${rest}`);
    expect(rows).toEqual([]);
    expect(faults[0]?.line ?? 0).toBe(line);
  },
  30_000,
);

it('says that a heading is no heading, however long it is', () => {
  expect(read('a,'.repeat(1_900_000)).faults[0]).toMatchObject({ line: 1, what: { id: 'file.long-line' } });
});
