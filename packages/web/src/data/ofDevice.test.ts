import { describe, expect, it } from 'vitest';
import { ofDevice } from './ofDevice';

describe('where the first device is', () => {
  it.each([
    [['en-US', 'en'], 'en-US', 'us'],
    [['en-GB'], 'en-GB', 'uk'],
    [['en-AU', 'en'], 'en-AU', 'metric'],
    // A language that is not written here yet: numbers as in Britain, cups as at home.
    [['de-DE'], 'en-GB', 'metric'],
    [['es-US'], 'en-GB', 'us'],
    [['xx'], 'en-GB', 'metric'],
  ])('%s', (languages, locale, measureSystem) => {
    const guessed = ofDevice(languages, 'Europe/Lisbon');
    expect(guessed).toMatchObject({ locale, measureSystem, timeZone: 'Europe/Lisbon' });
    expect(guessed.spoonIds.length).toBeGreaterThan(3);
  });
});
