import { describe, expect, it } from 'vitest';
import { ofDevice } from './ofDevice';

describe('where the first device is', () => {
  it.each([
    [['en-US', 'en'], 'en-US', 'us', 'in', '°F', 'USD'],
    [['en-GB'], 'en-GB', 'uk', 'cm', '°C', 'GBP'],
    [['en-AU', 'en'], 'en-AU', 'metric', 'cm', '°C', 'AUD'],
    // A language that is not written here yet: numbers as in Britain, cups and money as at home.
    [['de-DE'], 'en-GB', 'metric', 'cm', '°C', 'EUR'],
    [['es-US'], 'en-GB', 'us', 'in', '°F', 'USD'],
    [['xx'], 'en-GB', 'metric', 'cm', '°C', ''],
  ])('%s', (languages, locale, measureSystem, lengthIn, warmthIn, currency) => {
    const guessed = ofDevice(languages, 'Europe/Lisbon');
    expect(guessed).toMatchObject({
      locale,
      measureSystem,
      lengthIn,
      warmthIn,
      currency,
      timeZone: 'Europe/Lisbon',
    });
    expect(guessed.spoonIds.length).toBeGreaterThan(3);
  });
});
