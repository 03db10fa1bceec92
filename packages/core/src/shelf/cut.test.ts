import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById } from '../ingredient';
import { cutDraft } from '.';
import { opening, remnantPlace } from './cut';
import { aLot, iso, KITCHEN, T0 } from './testing';

const row = (id: string) => ingredientById(CATALOGUE, id);
const avocado = row('avocado');
const onTheCounter = { stays: [{ placeId: 'counter', from: iso(T0) }] };
const two = aLot('pair', 'avocado', { grams: 300, pieceGrams: 150, pricePerGram: 0.01, ...onTheCounter });

describe('a whole one that is cut on the shelf', () => {
  it('leaves its lot, and lies in the cold from that moment, at the same price', () => {
    expect(cutDraft(two, avocado, KITCHEN, iso(T0), () => 'half')).toEqual({
      lots: [{ id: 'half', ingredientId: 'avocado', state: 'cut', since: iso(T0), pricePerGram: 0.01, label: '' }],
      movements: [
        { lotId: 'pair', kind: 'cut-off', grams: -150 },
        { lotId: 'half', kind: 'cut-in', grams: 150, placeId: 'fridge' },
      ],
    });
  });
  it('is all there is of what has no pieces, and the rest of what is smaller than one', () => {
    const cutOff = (change: Partial<typeof two>): number =>
      cutDraft({ ...two, ...change }, avocado, KITCHEN, iso(T0), () => 'x').movements[0]!.grams;
    expect(cutOff({ pieceGrams: undefined })).toBe(-300);
    expect(cutOff({ grams: 90 })).toBe(-90);
  });
  it('is refused of what is cut already, and of a crumb', () => {
    const cut = (change: Partial<typeof two>) => () =>
      cutDraft({ ...two, ...change }, avocado, KITCHEN, iso(T0), () => 'x');
    expect(cut({ state: 'cut' })).toThrow(RangeError);
    expect(cut({ grams: 0 })).toThrow(RangeError);
    expect(cut({ state: 'opened', grams: 0 })).toThrow(RangeError);
  });
});

it('lays a remnant where its whole one stood if that is cold, and in the fridge otherwise', () => {
  const at = (placeId: string) => aLot('one', 'avocado', { stays: [{ placeId, from: iso(T0) }] });
  expect(remnantPlace(avocado, 'cut', at('counter'), KITCHEN)).toBe('fridge');
  expect(remnantPlace(avocado, 'cut', at('fridge'), KITCHEN)).toBe('fridge');
  expect(remnantPlace(avocado, 'cut', at('freezer'), KITCHEN)).toBe('freezer');
});

it('puts an opened tin into the fridge, and leaves one there that is cold already', () => {
  const tin = aLot('tin', 'coconut-milk', onTheCounter);
  expect(opening(tin, row('coconut-milk'), KITCHEN)).toEqual(expect.objectContaining({ placeId: 'fridge' }));
  expect(opening(aLot('cold', 'coconut-milk'), row('coconut-milk'), KITCHEN)).not.toHaveProperty('placeId');
});
