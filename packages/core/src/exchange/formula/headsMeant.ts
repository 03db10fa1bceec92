const NUMBERS: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4, both: 2, five: 5 };
const many = '(\\d|one|two|three|four|five)';

/** How a text says for how many heads its amounts are. */
const SAID: readonly RegExp[] = [
  new RegExp(
    `\\b(?:for|serves|does|makes enough for|enough for|feeds)\\s*:?\\s+${many}\\s+(?:heads?|people|persons|of us)\\b`,
    'i',
  ),
  new RegExp(`\\bserves\\s*:?\\s*${many}\\b`, 'i'),
  /\b(?:does|for|enough for) (both) of us\b/i,
  new RegExp(`^(?:for|makes enough for|enough for) ${many}\\s*:?$`, 'im'),
];
const HALVED =
  /\bhal(?:ve|f) (?:it|this|everything|that|the amounts?) (?:for|if)\b[^.]*\b(?:one|alone|yourself|single)\b/i;
const DOUBLED = /\bdouble (?:it|this|everything|the amounts?) for two\b/i;
const ME_AND = /\benough for me and my (?:(two|three) )?(?:girl|boy|kid|child|daughter|son|sister|mum|mother|husband)/i;

/**
 * For how many heads the amounts of a text are, where it says so.
 * @returns a whole number from 1, or undefined where the text is silent
 * @example headsMeant('That does both of us, halve it for one.') // 2
 */
export function headsMeant(text: string): number | undefined {
  const meAnd = ME_AND.exec(text);
  if (meAnd) return 1 + (NUMBERS[(meAnd[1] ?? 'one').toLowerCase()] ?? 1);
  for (const pattern of SAID) {
    const [, said = ''] = pattern.exec(text) ?? [];
    if (said !== '') return NUMBERS[said.toLowerCase()] ?? Number(said);
  }
  if (HALVED.test(text)) return 2;
  return DOUBLED.test(text) ? 1 : undefined;
}
