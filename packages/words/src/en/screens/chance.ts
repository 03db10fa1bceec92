/**
 * How often a bowl is enough, as people say it: "6 times in 7", "half the time", "nearly always".
 * @param chanceShort 0 to 1
 * @example enoughWords(0.15) // '6 times in 7'
 */
export function enoughWords(chanceShort: number): string {
  if (chanceShort < 0.02) return 'nearly always';
  if (chanceShort > 0.98) return 'hardly ever';
  if (chanceShort > 0.55) return `once in ${Math.round(1 / (1 - chanceShort))} times`;
  if (chanceShort > 0.45) return 'half the time';
  if (chanceShort > 0.28) return '2 times in 3';
  const of = Math.round(1 / chanceShort);
  return `${of - 1} times in ${of}`;
}
