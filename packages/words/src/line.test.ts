import type { SizedLine } from '@amber-ladle/core/batch';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { MILLILITRES_PER, SPOON_SETS } from '@amber-ladle/core/measure';
import { expect, it } from 'vitest';
import { writeLine } from '.';

const base: SizedLine = {
  ingredientId: 'avocado',
  measuredBy: 'piece',
  grams: 170,
  millilitres: 175,
  bowlMillilitres: 165,
  pieces: 1.25,
  pieceGrams: 136,
  leftOfPiece: 0.75,
  wholeGrams: 230,
  share: 0.5,
  formulaShare: 0.5,
  drift: 0,
  tolerance: 0.15,
  isLocked: false,
};
const write = (change: Partial<SizedLine>) => writeLine({ ...base, ...change }, CATALOGUE, SPOON_SETS.us);

it.each([
  [{}, '1¼ avocados', '', '¾ avocado stays'],
  [{ pieces: 0.5, leftOfPiece: 0.5 }, '½ avocado', '', '½ avocado stays'],
  [{ ingredientId: 'aloe-gel', pieces: 1, leftOfPiece: 0 }, '1 leaf', 'Aloe gel', ''],
  [{ ingredientId: 'honey', measuredBy: 'spoon', millilitres: 29.6 }, '2 tbsp', 'Honey', ''],
  [
    { ingredientId: 'black-pepper', measuredBy: 'pinch', millilitres: 2 * MILLILITRES_PER.pinch },
    '2 pinches',
    'Ground black pepper',
    '',
  ],
  [{ ingredientId: 'rosemary-oil', measuredBy: 'drop', millilitres: 0.05 }, '1 drop', 'Rosemary essential oil', ''],
  [
    { ingredientId: 'rosemary-oil', measuredBy: 'drop', grams: 0, millilitres: 0 },
    'none',
    'Rosemary essential oil',
    '',
  ],
  [{ ingredientId: 'pumpkin', measuredBy: 'weight', grams: 183.4 }, '183 g', 'Pumpkin', ''],
] as const)('writes a line as a cook would %#', (change, amount, name, left) => {
  expect(write(change)).toMatchObject({ amount, name, left });
});

it('stands grams and millilitres beside', () => {
  expect(write({}).beside).toBe('170 g · 175 mL');
});

it.each([
  [{}, '170 g', 'Avocado', '1¼ avocados · 175 mL', '¾ avocado stays'],
  [{ ingredientId: 'honey', measuredBy: 'spoon', grams: 42, millilitres: 29.6 }, '42 g', 'Honey', '2 tbsp · 30 mL', ''],
  [{ ingredientId: 'pumpkin', measuredBy: 'weight', grams: 183.4 }, '183 g', 'Pumpkin', '175 mL', ''],
  [
    { ingredientId: 'rosemary-oil', measuredBy: 'drop', grams: 0.045, millilitres: 0.05 },
    '1 drop',
    'Rosemary essential oil',
    '0 g · 0.1 mL',
    '',
  ],
] as const)('writes it by weight for those who weigh %#', (change, amount, name, beside, left) => {
  expect(writeLine({ ...base, ...change }, CATALOGUE, SPOON_SETS.us, true)).toEqual({ amount, name, beside, left });
});
