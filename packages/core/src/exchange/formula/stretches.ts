import type { UseReading } from '../use/readUse';

/** What a stretch of the text was taken for. */
export type StretchKind =
  'name' | 'heading' | 'measure' | 'remark' | 'step' | 'tool' | 'warning' | 'praise' | 'use' | 'not-understood';

/** A stretch of the text with what it was taken for. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly kind: StretchKind;
  /** The line of the draft that was read from it. */
  readonly line?: number;
  /** What of its use was read from it. */
  readonly uses?: readonly UseReading['what'][];
}

/** What only joins two stretches. */
const JOINS = /^[\s,;:.]*(?:and|with|plus|in|of|or|then|,)?[\s,;:.]*(?:and|with|then)?[\s,;:.]*$/i;

const OVER: readonly StretchKind[] = [
  ...(['not-understood', 'praise', 'tool', 'step', 'heading', 'warning'] as const),
  ...(['use', 'name', 'measure', 'remark'] as const),
];

/**
 * Lays stretches over one another until no two share a character: a measure goes before a step, a remark before its measure. What is
 * left of a stretch that is covered in part stays.
 * @param text the whole text, of which the stretches are
 * @returns in the order they stand; what is in none of them is blank or punctuation
 */
export function laidOut(text: string, stretches: readonly Stretch[]): readonly Stretch[] {
  const top: (Stretch | undefined)[] = Array.from({ length: text.length });
  for (const kind of OVER)
    for (const stretch of stretches)
      if (stretch.kind === kind) top.fill(stretch, Math.max(0, stretch.from), Math.min(text.length, stretch.to));
  const laid: Stretch[] = [];
  const bounds = top.flatMap((stretch, at) => (at === 0 || stretch !== top[at - 1] ? [at] : []));
  for (const [i, from] of bounds.entries()) {
    const to = bounds[i + 1] ?? text.length;
    const stretch = top[from];
    const words = text.slice(from, to);
    const first = words.search(/[\p{L}\p{N}½¼¾⅓⅔]/u);
    if (!stretch || first < 0 || JOINS.test(words)) continue;
    const behind = /[^\p{L}\p{N})½¼¾⅓⅔]*$/u.exec(words)?.[0].length ?? 0;
    laid.push({ ...stretch, from: from + first, to: to - behind });
  }
  return laid;
}
