import type { BuyLine } from '../shelf';
import { writeTable } from './table';

const COLUMNS = ['day', 'what', 'pieces', 'packs', 'grams', 'money', 'ready_by', 'how_ripe', 'for', 'instead'] as const;

/** A thing to buy, with what it is for and what would do instead in the words of a language. */
export type FiledBuyLine = Omit<BuyLine, 'reasons'> & {
  readonly aims: readonly string[];
  readonly instead: readonly string[];
};

/**
 * A list to buy as a table, one thing a line, day by day; grams as they are weighed at the till, money with two decimals.
 * @example
 * const line = { day: '2026-03-14', what: 'Avocado', pieces: 2, shopGrams: 367.6, aims: ['Towpath'], instead: [] };
 * buyToCsv([line]).split('\r\n')[1] // '2026-03-14,Avocado,2,,368,,,,Towpath,'
 */
export const buyToCsv = (lines: readonly FiledBuyLine[]): string =>
  writeTable(
    COLUMNS,
    lines.map(({ day, what, pieces = '', packs, shopGrams, money, readyBy = '', buy = '', aims, instead }) => [
      day,
      what,
      pieces,
      packs?.count ?? '',
      Math.round(shopGrams),
      money?.toFixed(2) ?? '',
      readyBy,
      buy,
      aims.join('; '),
      instead.join('; '),
    ]),
  );
