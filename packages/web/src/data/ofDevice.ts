import { LOCALES, type Settings } from '@amber-ladle/contract';
import { SPOON_SETS, type MeasureSystem } from '@amber-ladle/core/measure';

/** Whose cups are called a cup where; everywhere else they are metric. */
const SYSTEM_OF: Readonly<Record<string, MeasureSystem>> = { US: 'us', GB: 'uk', IE: 'uk' };

/**
 * Where a household is, as the first device that opens it is set: a better guess than none, shown and changed in Settings.
 * @param languages as the browser names them, the most wanted first
 * @param timeZone IANA name
 * @example ofDevice(['pt-PT', 'en-GB'], 'Europe/Lisbon') // { timeZone: 'Europe/Lisbon', locale: 'en-GB', measureSystem: 'uk', … }
 */
export function ofDevice(
  languages: readonly string[],
  timeZone: string,
): Pick<Settings, 'timeZone' | 'locale' | 'measureSystem' | 'spoonIds'> {
  const locale = LOCALES.find((one) => languages.includes(one)) ?? 'en-GB';
  // Cups are the country's, whatever the language: of one that is told but not written here, too.
  const region = languages.map((one) => new Intl.Locale(one).region).find((one) => one !== undefined);
  const isWritten = languages.some((one) => LOCALES.some((known) => known === one));
  const measureSystem = SYSTEM_OF[(isWritten ? locale.slice(3) : region) ?? ''] ?? 'metric';
  return { timeZone, locale, measureSystem, spoonIds: SPOON_SETS[measureSystem].map(({ id }) => id) };
}
