/**
 * The number that somebody wrote, with a point or a comma before its decimals; NaN for anything else. "1,250" may be
 * a thousand or a little over one, so it is none.
 * @example readNumber('12,5') // 12.5
 */
export function readNumber(written: string): number {
  const text = written.trim();
  if (!/^[-−]?\d*[.,]?\d+$|^[-−]?\d+[.,]$/.test(text) || /^[-−]?[1-9]\d{0,2},\d{3}$/.test(text)) return NaN;
  return Number(text.replace('−', '-').replace(',', '.'));
}
