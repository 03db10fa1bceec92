/** Amounts in parts. */
export const PARTS =
  /^equal (?:parts|amounts)\b|\bin equal (?:parts|amounts)\b|\b(?:\d+|one|two|three|four|a) parts? |\s\d+\s*:\s*\d+$/i;

/** A part, where a text counts in parts: two tablespoons. Only the shares of it matter. */
const PART_SPOONS = 2;
const PART_WORDS: Readonly<Record<string, number>> = { a: 1, one: 1, two: 2, three: 3, four: 4 };
const partsOf = (words: string): number => PART_WORDS[words.toLowerCase()] ?? Number(words);
const spoons = (parts: number, name: string): string => `${PART_SPOONS * parts} tbsp ${name}`;

const listOf = (words: string): string[] => words.split(/\s*(?:,|\band\b|&|\+)\s*/).filter((word) => word !== '');

/** One measure as several, and whether only the ratio of them was told. */
export interface Expanded {
  readonly texts: readonly string[];
  readonly isRatio: boolean;
}

/**
 * One measure as several where it measures several alike: "a spoon each of two oils", "equal parts", "2 parts to 3", "oil and honey
 * 2:1", "half a cup of rice in two of water".
 * @example expanded('1 tbsp each of honey and olive oil').texts // ['1 tbsp honey', '1 tbsp olive oil']
 */
export function expanded(row: string): Expanded {
  const alike = (texts: readonly string[]): Expanded => ({ texts, isRatio: false });
  const ratio = (texts: readonly string[]): Expanded => ({ texts, isRatio: true });
  const bare = row.replace(/[.!]$/, '');
  const behind = /^([a-z][^\d]*?)\s*[,:]?\s*((?:\d|[½¼¾]|an?\s|one\s|two\s|half\s)[^,]*?)\s+(?:of )?each$/i.exec(bare);
  if (behind && listOf(behind[1] ?? '').length > 1)
    return alike(listOf(behind[1] ?? '').map((word) => `${behind[2]} ${word}`));
  const each = /^(?:(?:plus|and|also)\s+)?(.+?)\s+each(?:\s+of)?:?\s+(.+)$/i.exec(bare);
  if (each) return alike(listOf(each[2] ?? '').map((word) => `${each[1]} ${word}`));
  const equal =
    /^equal (?:parts|amounts)(?:\s+of)?:?\s+(.+)$/i.exec(bare) ??
    /^(.+?)\s*,?\s+in equal (?:parts|amounts)$/i.exec(bare);
  if (equal) return ratio(listOf(equal[1] ?? '').map((word) => spoons(1, word)));
  const colon = /^(.+?)\s+(\d+)\s*:\s*(\d+)$/.exec(bare);
  const pair = colon ? listOf(colon[1] ?? '') : [];
  if (colon && pair.length === 2) return ratio(pair.map((word, i) => spoons(Number(colon[i === 0 ? 2 : 3]), word)));
  const inParts = bare.split(/\s*(?:,|\bto\b|\band\b|\+)\s*(?=(?:\d+|one|two|three|four|a) parts?\b)/i);
  const part = /^(\d+|one|two|three|four|a) parts?(?: of)?\s+(.+)$/i;
  const each1 = inParts.map((words) => part.exec(words));
  if (each1.every((found) => found !== null))
    return ratio(each1.map((found) => spoons(partsOf(found[1] ?? ''), found[2] ?? '')));
  // "2 parts juice to 3 of oil"
  const short = /^(\d+) parts? (?:of )?(.+?) to (\d+) (?:parts? )?of (.+)$/i.exec(bare);
  if (short) return ratio([spoons(Number(short[1]), short[2] ?? ''), spoons(Number(short[3]), short[4] ?? '')]);
  const pot =
    /^(.*\b(?:rice|oats?|barley|flax\w*|linseed)\b.*?)\s+(?:(?:cooked|boiled|simmered|soaked)\s+)?(?:in|to|with)\s+((?:\d|[½¼¾]|an?\b|one\b|two\b|three\b|half\b).*)$/i.exec(
      bare,
    );
  if (!pot) return alike([row]);
  const grains = (pot[1] ?? '').split(/\s+and\s+(?=\d|[½¼¾]|an?\b|one\b|two\b|half\b)/i);
  return alike([...grains, pot[2] ?? '']);
}
