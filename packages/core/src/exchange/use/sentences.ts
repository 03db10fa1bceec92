/** A stretch of a text that says one thing. */
export interface Clause {
  readonly words: string;
  /** Where it stands in the text, in characters. */
  readonly from: number;
  readonly to: number;
}

/** Ends of clauses: full stops that do not stand in a number or behind "min", line breaks, and what begins something new. */
const BREAKS =
  /(?:(?<!\d)[.!?;](?=\s|$)|(?<=\d)[.!?;](?=\s+[A-Z]|$)|\n+|,?\s+(?:and\s+)?then\s+(?!cool\b|cold\b)|,\s+(?=and\s+(?:leave|rinse|wash|wear|shampoo)))/g;

/** A text in its clauses, none of them blank. @example clausesOf('Mash it. Leave it on an hour, then rinse.').length // 3 */
export function clausesOf(text: string): readonly Clause[] {
  const clauses: Clause[] = [];
  let from = 0;
  const add = (to: number): void => {
    const words = text.slice(from, to);
    const lead = words.length - words.trimStart().length;
    if (words.trim() !== '')
      clauses.push({ words: words.trim(), from: from + lead, to: from + words.trimEnd().length });
  };
  for (const found of text.matchAll(BREAKS)) {
    add(found.index);
    from = found.index + found[0].length;
  }
  add(text.length);
  return clauses;
}

const NUMBERS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fortyfive: 45,
  sixty: 60,
};
const FRACTIONS: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75, '⅓': 1 / 3, '⅔': 2 / 3 };
const word = Object.keys(NUMBERS).join('|');
const number = `(?:\\d+(?:[.,]\\d+)?(?:\\s*[½¼¾])?|[½¼¾]|half an?|${word}|forty[- ]five)(?:\\s+and\\s+a\\s+half)?`;
const UNIT = '(?:minutes?|mins?\\b\\.?|hours?|hrs?\\b\\.?|h\\b)';
const SPAN = new RegExp(
  `(?<![\\w.,])(${number})(?:\\s*(?:-|–|to|or|till|and)\\s*(${number}))?[\\s-]*(?:full |good |whole |short )?(${UNIT})`,
  'gi',
);

/** "20 mins to 1 hr": a range with a unit at each end, told in minutes. */
const TWO_UNITS = new RegExp(
  `(?<![\\w.,])(${number})[\\s-]*(${UNIT})\\s*(?:-|–|to|till)\\s*(${number})[\\s-]*(${UNIT})`,
  'gi',
);
/** "20 minutes, never more than 30": a bare limit is told in minutes. */
const BARE_LIMIT = new RegExp(`(\\b(?:longer|more) than |\\bnever past )(${number})(?=\\s*(?:[.,;!)]|$))`, 'gi');
const QUARTERS = /\b(?:(three) quarters|a quarter) of an hour\b/gi;

const MORE_IF = new RegExp(
  `(${number}[\\s-]*)(${UNIT})(,?\\s+(?:or )?)(${number})(?=\\s+(?:if|is better|is best))`,
  'gi',
);

const minutesEach = (unit: string): number => (/^h/i.test(unit) ? 60 : 1);

function numberOf(written: string): number {
  const text = written.toLowerCase().trim();
  const half = /and\s+a\s+half$/.test(text) ? 0.5 : 0;
  const bare = text.replace(/\s+and\s+a\s+half$/, '').replace(/forty[- ]five/, 'fortyfive');
  if (/^half an?$/.test(bare)) return 0.5;
  const fraction = FRACTIONS[bare.at(-1) ?? ''] ?? 0;
  const whole = bare.replace(/[½¼¾]/g, '').trim();
  return (whole === '' ? 0 : (NUMBERS[whole] ?? Number(whole.replace(',', '.')))) + fraction + half;
}

/** A time that is written: one figure or a range, minutes. */
export interface WrittenMinutes {
  readonly from: number;
  readonly upTo: number;
  /** In the text that was given. */
  readonly at: number;
}

/**
 * The times that are written in a text, minutes, in the order they stand.
 * @example minutesIn('half an hour, an hour if you can') // [{ from: 30, upTo: 30 }, { from: 60, upTo: 60 }]
 */
export function minutesIn(text: string): readonly WrittenMinutes[] {
  // "an hour, two if you can": the second is told in the unit of the first.
  const told = text
    .replace(QUARTERS, (whole, three?: string) => (three ? '45 minutes' : '15 minutes').padEnd(whole.length))
    .replace(TWO_UNITS, (whole, first: string, unit: string, second: string, other: string) =>
      `${numberOf(first) * minutesEach(unit)}-${numberOf(second) * minutesEach(other)} min`.padEnd(whole.length),
    )
    .replace(BARE_LIMIT, '$1$2 min');
  const spelled = told.replace(
    MORE_IF,
    (_, first: string, unit: string, between: string, more: string) => `${first}${unit}${between}${more} ${unit}`,
  );
  return [...spelled.matchAll(SPAN)].map((found) => {
    const [, first = '', second, unit = ''] = found;
    const each = minutesEach(unit);
    const [from, upTo] = [numberOf(first) * each, numberOf(second ?? first) * each];
    return { from: Math.min(from, upTo), upTo: Math.max(from, upTo), at: found.index };
  });
}
