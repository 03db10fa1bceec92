import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';

/** A backup as far as keeping it is concerned. */
export interface Dated {
  readonly name: string;
  /** ISO 8601. */
  readonly at: string;
}

/** Everything of the last day; then one a day for a week, one a week for two months, one a month for a year. Ours. */
const SPANS = [
  { from: TWENTY_FOUR_HOURS, days: 1, most: 7 },
  { from: 8 * TWENTY_FOUR_HOURS, days: 7, most: 8 },
  { from: 64 * TWENTY_FOUR_HOURS, days: 30, most: 12 },
] as const;

/**
 * Which backups stay: all of the last day, then the newest of each day, week and month, thinning out with age. The newest
 * always stays, however old; what is dated later than now (a clock was wrong) is left alone.
 * @param now ISO 8601
 * @returns their names
 */
export function backupsToKeep(backups: readonly Dated[], now: string): readonly string[] {
  const present = Date.parse(now);
  const sorted = [...backups].sort((a, b) => (a.at < b.at ? 1 : -1));
  const kept = new Set(sorted.slice(0, 1).map(({ name }) => name));
  const taken = new Set<string>();
  for (const { name, at } of sorted) {
    const age = present - Date.parse(at);
    const span = SPANS.findLast(({ from }) => age >= from);
    if (!span) {
      kept.add(name);
      continue;
    }
    // Counted from a fixed day, so that what stays today stays tomorrow.
    const slot = Math.floor(Date.parse(at) / (span.days * TWENTY_FOUR_HOURS));
    const key = `${span.days} ${slot}`;
    if (taken.has(key) || age > span.from + span.most * span.days * TWENTY_FOUR_HOURS) continue;
    taken.add(key);
    kept.add(name);
  }
  return [...kept];
}
