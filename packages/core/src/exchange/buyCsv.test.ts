import Papa from 'papaparse';
import { expect, it } from 'vitest';
import { buyToCsv, type FiledBuyLine } from '.';

const aLine: FiledBuyLine = {
  ingredientId: 'avocado',
  day: '2026-03-14',
  what: 'Avocado',
  grams: 272,
  isRaw: false,
  pieces: 2,
  shopGrams: 367.6,
  money: 2.7,
  readyBy: '2026-03-16T17:00:00.000Z',
  buy: 'nearly',
  aims: ['Towpath, for two', 'Oat'],
  instead: ['Banana', 'Mango'],
};

it('is one thing a line, and a text with a comma stays one', () => {
  const { data } = Papa.parse<Record<string, string>>(buyToCsv([aLine]), { header: true });
  expect(data).toEqual([
    {
      day: '2026-03-14',
      what: 'Avocado',
      pieces: '2',
      packs: '',
      grams: '368',
      money: '2.70',
      ready_by: '2026-03-16T17:00:00.000Z',
      how_ripe: 'nearly',
      for: 'Towpath, for two; Oat',
      instead: 'Banana; Mango',
    },
  ]);
});

it('leaves empty what nobody knows', () => {
  const { pieces: _pieces, money: _money, readyBy: _readyBy, buy: _buy, ...rest } = aLine;
  const line = { ...rest, packs: { count: 2, grams: 184 }, instead: [] };
  const { data } = Papa.parse<Record<string, string>>(buyToCsv([line]), { header: true });
  expect(data[0]).toMatchObject({ pieces: '', packs: '2', money: '', ready_by: '', how_ripe: '', instead: '' });
});
