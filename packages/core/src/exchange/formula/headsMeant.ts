const NUMBERS: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4, both: 2, five: 5 };
const many = '(\\d|one|two|three|four|five)';

const numberOf = (said = ''): number => NUMBERS[said.toLowerCase()] ?? Number(said);

/** How a text says for how many heads its amounts are. */
const SAID: readonly { readonly pattern: RegExp; readonly count: (said?: string) => number }[] = [
  {
    pattern:
      /\benough for me and my (?:(two|three) )?(?:girl|boy|kid|child|daughter|son|sister|mum|mother|husband)\w*/i,
    count: (said = 'one') => 1 + numberOf(said),
  },
  {
    pattern: new RegExp(
      `\\b(?:for|serves|does|makes enough for|enough for|feeds)\\s*:?\\s+${many}\\s+(?:heads?|people|persons|of us)\\b`,
      'i',
    ),
    count: numberOf,
  },
  { pattern: new RegExp(`\\bserves\\s*:?\\s*${many}\\b`, 'i'), count: numberOf },
  { pattern: /\b(?:does|for|enough for) (both) of us\b/i, count: numberOf },
  { pattern: new RegExp(`^(?:for|makes enough for|enough for) ${many}\\s*:?$`, 'im'), count: numberOf },
  {
    pattern:
      /\bhal(?:ve|f) (?:it|this|everything|that|the amounts?) (?:for|if)\b[^.]*\b(?:one|alone|yourself|single)\b/i,
    count: () => 2,
  },
  { pattern: /\bdouble (?:it|this|everything|the amounts?) for two\b/i, count: () => 1 },
];

/** Heads that a text says its amounts are for, and where. */
export interface HeadsMeant {
  readonly heads: number;
  readonly from: number;
  readonly to: number;
}

/**
 * For how many heads the amounts of a text are, where it says so.
 * @returns a whole number from 1 with the stretch that says it, or undefined where the text is silent
 * @example headsMeant('That does both of us, halve it for one.')?.heads // 2
 */
export function headsMeant(text: string): HeadsMeant | undefined {
  for (const { pattern, count } of SAID) {
    const found = pattern.exec(text);
    if (found) return { heads: count(found[1]), from: found.index, to: found.index + found[0].length };
  }
  return undefined;
}
