import { LOCALES, type Settings } from '@amber-ladle/contract';
import { SPOON_SETS, type MeasureSystem } from '@amber-ladle/core/measure';
import countryToCurrency from 'country-to-currency';

/** Whose cups are called a cup where; everywhere else they are metric. */
const SYSTEM_OF: Readonly<Record<string, MeasureSystem>> = { US: 'us', GB: 'uk', IE: 'uk' };

/** Where hair is in inches and a day in Fahrenheit: the United States, what is theirs, and a few islands (from memory). */
const CUSTOMARY = new Set(['US', 'PR', 'GU', 'VI', 'AS', 'MP', 'UM', 'BS', 'KY', 'PW', 'FM', 'MH', 'LR']);

/**
 * Where a household is, as the first device that opens it is set: a better guess than none, shown and changed in Settings.
 * @param languages as the browser names them, the most wanted first
 * @param timeZone IANA name
 * @example ofDevice(['pt-PT', 'en-GB'], 'Europe/Lisbon') // { timeZone: 'Europe/Lisbon', locale: 'en-GB', measureSystem: 'uk', currency: 'GBP', … }
 */
export function ofDevice(
  languages: readonly string[],
  timeZone: string,
): Omit<Settings, 'theme' | 'rings' | 'schools' | 'practiceDevices'> {
  const locale = LOCALES.find((one) => languages.includes(one)) ?? 'en-GB';
  // Cups are the country's, whatever the language: of one that is told but not written here, too.
  const region = languages.map((one) => new Intl.Locale(one).region).find((one) => one !== undefined);
  const isWritten = languages.some((one) => LOCALES.some((known) => known === one));
  const country = (isWritten ? locale.slice(3) : region) ?? '';
  const measureSystem = SYSTEM_OF[country] ?? 'metric';
  return {
    timeZone,
    locale,
    measureSystem,
    spoonIds: SPOON_SETS[measureSystem].map(({ id }) => id),
    lengthIn: CUSTOMARY.has(country) ? 'in' : 'cm',
    warmthIn: CUSTOMARY.has(country) ? '°F' : '°C',
    currency: (countryToCurrency as Partial<Record<string, string>>)[country] ?? '',
  };
}
