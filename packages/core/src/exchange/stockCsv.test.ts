import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LOT_STATES } from '../ingredient';
import { MOVEMENT_KINDS, STAGES, type Lot } from '../shelf';
import { lotsFromCsv, lotsToCsv, movementsFromCsv, movementsToCsv, MOST_CSV, type FiledMovement } from '.';

const moment = fc.integer({ min: 1_700_000_000_000, max: 1_900_000_000_000 }).map((at) => new Date(at).toISOString());
const word = fc.stringMatching(/^[a-z][a-z0-9-]{0,12}$/);
const grams = fc.double({ min: 0.1, max: 5000, noNaN: true });
// Labels may hold anything a hand types, commas, quotes and formulas among them.
const label = fc.oneof(
  fc.string({ maxLength: 20 }).map((text) => text.trim()),
  fc.constantFrom('=1+1', "'quoted", '-x', 'a,"b"', ';', 'soft, ripe;', 'ripe,'),
);
const lot: fc.Arbitrary<Lot> = fc.record({
  id: fc.uuid(),
  ingredientId: word,
  state: fc.constantFrom(...LOT_STATES),
  since: moment,
  grams,
  pieceGrams: fc.option(grams, { nil: undefined }),
  pricePerGram: fc.option(fc.double({ min: 0, max: 5, noNaN: true }), { nil: undefined }),
  label,
  stays: fc.array(fc.record({ placeId: word, from: moment }), { minLength: 1, maxLength: 3 }),
  touches: fc.array(fc.record({ stage: fc.constantFrom(...STAGES), at: moment }), { maxLength: 3 }),
});
const movement: fc.Arbitrary<FiledMovement> = fc.record({
  lotId: fc.uuid(),
  kind: fc.constantFrom(...MOVEMENT_KINDS),
  grams: fc.double({ min: -500, max: 500, noNaN: true }).map((value) => value || 0),
  at: moment,
  placeId: fc.option(word, { nil: undefined }),
  stage: fc.option(fc.constantFrom(...STAGES), { nil: undefined }),
  state: fc.option(fc.constantFrom(...LOT_STATES), { nil: undefined }),
  reason: fc.option(
    label.filter((text) => text !== ''),
    { nil: undefined },
  ),
});
/** Without fields that are said to be unknown. */
const bare = <T extends object>(rows: readonly T[]) => JSON.parse(JSON.stringify(rows)) as T[];

describe('stock as tables', () => {
  it('comes back equal, whatever is in it', () => {
    fc.assert(
      fc.property(fc.array(lot, { maxLength: 8 }), (lots) => {
        const { rows, faults } = lotsFromCsv(lotsToCsv(lots));
        expect(faults).toEqual([]);
        expect(bare(rows)).toEqual(bare(lots));
      }),
    );
    fc.assert(
      fc.property(fc.array(movement, { maxLength: 8 }), (movements) => {
        const { rows, faults } = movementsFromCsv(movementsToCsv(movements));
        expect(faults).toEqual([]);
        expect(bare(rows)).toEqual(bare(movements));
      }),
    );
  });

  it.each([';', 'went soft;', ',', 'x ; ,'])('keeps the last cell of the last line as it is: %s', (reason) => {
    const [first] = fc.sample(movement, 1);
    const told = { ...first!, reason };
    for (const rest of ['', '\r\n', '\r\n;;;\r\n , ,\r\n'])
      expect(bare(movementsFromCsv(movementsToCsv([told]) + rest).rows)).toEqual(bare([told]));
  });

  it('never writes a cell that a table program would take for a formula', () => {
    const [first] = fc.sample(lot, 1);
    const text = lotsToCsv([{ ...first!, label: '=HYPERLINK("x")' }]);
    expect(text).not.toMatch(/(^|,)"?=/m);
  });

  const header = 'id,ingredient_id,state,since,grams,piece_grams,price_per_gram,label,stood,felt';
  it.each([
    ['x,honey,whole,2026-03-01T00:00:00Z,many,,,,counter@2026-03-01T00:00:00Z,', 'grams', 'file.not-a-number'],
    ['x,honey,whole,2026-03-01T00:00:00Z,-5,,,,counter@2026-03-01T00:00:00Z,', 'grams', 'file.more-than'],
    ['x,honey,melted,2026-03-01T00:00:00Z,5,,,,counter@2026-03-01T00:00:00Z,', 'state', 'file.none-of'],
    ['x,honey,whole,yesterday,5,,,,counter@2026-03-01T00:00:00Z,', 'since', 'file.not-a-moment'],
    ['x,honey,whole,2026-03-01T00:00:00Z,5,,,,,', 'stood', 'file.where-it-stands'],
    ['x,honey,whole,2026-03-01T00:00:00Z,5,,,,counter,', 'stood', 'file.not-what-at'],
    [
      'x,honey,whole,2026-03-01T00:00:00Z,5,,,,counter@2026-03-01T00:00:00Z,mushy@2026-03-01T00:00:00Z',
      'felt',
      'file.none-of',
    ],
    [',honey,whole,2026-03-01T00:00:00Z,5,,,,counter@2026-03-01T00:00:00Z,', 'id', 'file.empty-cell'],
  ])('says what is wrong with %s', (row, column, id) => {
    const good = 'y,honey,whole,2026-03-01T00:00:00Z,5,,,,counter@2026-03-01T00:00:00Z,';
    const { rows, faults } = lotsFromCsv([header, good, row].join('\n'));
    expect(rows).toEqual([]);
    expect(faults).toEqual([{ line: 3, column, what: expect.objectContaining({ id }) as unknown }]);
  });

  it('names missing columns, and refuses a book', () => {
    expect(lotsFromCsv('id,grams\n1,2').faults[0]!.what).toMatchObject({ id: 'file.missing-columns' });
    expect(lotsFromCsv('x'.repeat(MOST_CSV.characters + 1)).faults).toHaveLength(1);
    expect(lotsFromCsv(`${header}\n`.repeat(MOST_CSV.rows + 2)).faults).toHaveLength(1);
  });
});
