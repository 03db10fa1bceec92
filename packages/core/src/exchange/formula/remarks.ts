/** A written measure without what is remarked on it. */
export interface Remarked {
  readonly text: string;
  /** As they were written: "4-5 if your hair is longer". */
  readonly remarks: readonly string[];
}

/** A weight in brackets belongs to the measure. */
const WEIGHED = /^\s*(?:about|approx\.?|ca\.?|~)?\s*\d+(?:[.,]\d+)?\s*(?:g|grams?|kg|ml|oz)\b/i;

/** What follows a measure and is none: a choice, a condition, how far to go. */
const BEHIND = [
  /\s*[,;–—-]\s+(?=(?:use|take|add|skip|leave|less|more|or|plus|\d+|an?|one|two)\b[^,;]*\b(?:if|when|for|until|till|as)\b).*$/i,
  /[,;]?\s+or (?:one|two|three|half|an?|\d+)\b.*$/i,
  /,?\s+or [a-z ]+ if\b.*$/i,
  /,?\s+(?:\(?optional\)?)$/i,
  /[,;]?\s+(?:(?:plus|and|or) (?:one|two|an?|\d+)(?: (?:or|to) (?:one|two|three|\d+))? more|if|until|till|for (?:longer|thicker|more|extra|very)|more (?:if|for|as|when)|less (?:if|for)|depending|to taste|by eye|as (?:needed|you need|you like)|enough to|just enough|add more|whatever)\b.*$/i,
];

/**
 * Takes the remarks off a measure; they are kept and shown, never dropped. A remark only stands behind something that is already a
 * measure: "2 or 3 eggs" is one measure, "2 small avocados or one big" is a measure and a choice.
 * @param isMeasure says whether what would be left still names something
 * @example withoutRemarks('3 tbsp yogurt (4-5 if longer)', () => true).remarks // ['4-5 if longer']
 */
export function withoutRemarks(line: string, isMeasure: (text: string) => boolean): Remarked {
  const remarks: string[] = [];
  let text = line.replace(/\(([^)]*)\)/g, (whole, inside: string) => {
    if (WEIGHED.test(inside)) return whole;
    if (inside.trim() !== '') remarks.push(inside.trim());
    return ' ';
  });
  for (const pattern of BEHIND) {
    const found = pattern.exec(text);
    if (!found || !isMeasure(text.slice(0, found.index))) continue;
    remarks.push(found[0].replace(/^[\s,;–—-]+/, '').trim());
    text = text.slice(0, found.index);
  }
  text = text.replace(/\bor (?:so|more)\b/gi, (words) => {
    remarks.push(words);
    return ' ';
  });
  return { text: text.replace(/\s+/g, ' ').trim(), remarks };
}
