import { describe, expect, it } from 'vitest';
import { lengthAloud, stepLength, writeLength, writeMoney, writeOven, writeSmallLength, writeWarmth } from './units';

const GB = { locale: 'en-GB', lengthIn: 'cm', warmthIn: '°C', currency: 'GBP' } as const;
const US = { locale: 'en-US', lengthIn: 'in', warmthIn: '°F', currency: 'USD' } as const;

describe('in the household’s own units', () => {
  it.each([
    [33, '33 cm', '13 in'],
    [45.72, '45.7 cm', '18 in'],
    [31.75, '31.8 cm', '12.5 in'],
  ])('a length of %s cm', (centimetres, metric, customary) => {
    expect([writeLength(centimetres, GB), writeLength(centimetres, US)]).toEqual([metric, customary]);
  });

  it('is pulled and stepped as near as hair is measured', () => {
    expect([stepLength(32.6, 'cm'), stepLength(33, 'cm', 1), stepLength(33, 'cm', -10)]).toEqual([33, 34, 23]);
    expect([stepLength(33, 'in'), stepLength(33.02, 'in', 1)]).toEqual([33.02, 34.29]);
    expect([lengthAloud(1, GB), lengthAloud(33, GB), lengthAloud(33, US)]).toEqual([
      '1 centimetre',
      '33 centimetres',
      '13 inches',
    ]);
  });

  it('a small length keeps its hundredths', () => {
    // 1.25 cm a month, the usual growth, is about half an inch: common practice, no published source.
    expect([writeSmallLength(1.25, GB), writeSmallLength(1.25, US)]).toEqual(['1.25 cm', '0.49 in']);
    // A trim of half a centimetre is a trim.
    expect([writeSmallLength(0.5, GB), writeSmallLength(0.5, US)]).toEqual(['0.5 cm', '0.2 in']);
  });

  // The cold chain's own pairs: 40 °F and 0 °F for 4.4 °C and −18 °C (USDA FSIS, Refrigeration and Food Safety).
  it.each([
    [-18, '−18 °C', '0 °F'],
    [4.4, '4.4 °C', '40 °F'],
    [100, '100 °C', '212 °F'],
  ])('%s °C', (celsius, metric, customary) => {
    expect([writeWarmth(celsius, GB), writeWarmth(celsius, US)]).toEqual([metric, customary]);
  });

  it('money as its currency is written there, without decimals where it has none', () => {
    expect(writeMoney(3.5, GB)).toBe('£3.50');
    expect(writeMoney(1234.5, US)).toBe('$1,234.50');
    expect(writeMoney(350, { locale: 'en-GB', currency: 'JPY' })).toBe('¥350');
    expect(writeMoney(3.5, { locale: 'en-GB', currency: '' })).toBe('3.50');
  });

  it('an oven is set to a mark of its own dial', () => {
    // 350, 375, 400 and 425 °F stand in cookery books for 180, 190, 200 and 220 °C: common practice, no published source.
    const dial = [180, 190, 200, 220].map((celsius) => [writeOven(celsius, GB), writeOven(celsius, US)]);
    expect(dial).toEqual([
      ['180 °C', '350 °F'],
      ['190 °C', '375 °F'],
      ['200 °C', '400 °F'],
      ['220 °C', '425 °F'],
    ]);
  });
});
