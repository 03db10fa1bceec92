import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, keepingOf, INGREDIENTS } from '../ingredient';
import { opening, stockDraftOf, planDraw, usualKind, usualPlace, windowOf, lotPast } from '.';
import { aLot, DAY, iso, KITCHEN, STILL, T0 } from './testing';

const row = (id: string) => ingredientById(CATALOGUE, id);

describe('where a thing is put when nobody says', () => {
  // USDA FoodKeeper, from memory: these are listed by their days in a fridge; what ripens stays out until it is ready.
  it.each(['strawberry', 'grape', 'blueberry', 'cucumber', 'spinach', 'carrot', 'beetroot', 'egg-whole', 'yogurt'])(
    'is the fridge for %s',
    (id) => {
      expect(usualPlace(row(id), 'whole', KITCHEN)).toBe('fridge');
    },
  );
  // Common practice, no published source: hard fruit ripens on the counter; onions, potatoes and closed tins need no cold.
  it.each(['avocado', 'banana', 'papaya', 'mango', 'potato', 'onion-juice', 'honey', 'coconut-milk', 'pumpkin'])(
    'is the counter for %s',
    (id) => {
      expect(usualPlace(row(id), 'whole', KITCHEN)).toBe('counter');
    },
  );
  it('is the fridge for what is perishable once it is cut, opened or cooked, and for okra before', () => {
    expect(usualKind(row('avocado'), 'cut')).toBe('fridge');
    expect(usualKind(row('coconut-milk'), 'opened')).toBe('fridge');
    expect(usualKind(row('rice-cream'), 'made')).toBe('fridge');
    expect(usualKind(row('okra-gel'), 'raw')).toBe('fridge');
    expect(usualKind(row('rice-cream'), 'raw')).toBe('counter');
    expect(usualKind(row('honey'), 'opened')).toBe('counter');
  });
  it('is never where it lasts less than three days, unless it lasts no longer in the cold or has to ripen', () => {
    for (const one of INGREDIENTS) {
      const { roomHours, coldHours } = keepingOf(one, 'whole');
      // What is cooked is no whole thing; it is bought as what it is cooked from.
      if (one.ripening || one.recipe?.raw || one.id === 'coffee') continue;
      if (roomHours < 72 && coldHours > roomHours)
        expect([one.id, usualKind(one, 'whole')]).toEqual([one.id, 'fridge']);
    }
  });
  it('is the first place there is where there is none of its kind, and none where there is none', () => {
    const galley = [{ id: 'galley', name: 'Galley', kind: 'counter', celsius: 20 }] as const;
    expect(usualPlace(row('carrot'), 'whole', galley)).toBe('galley');
    expect(usualPlace(row('carrot'), 'whole', [])).toBe('');
  });
});

describe('a pack that is opened', () => {
  const onCounter = { stays: [{ placeId: 'counter', from: iso(T0) }], grams: 400 };

  it('goes to the cold where it has to, and keeps there for days and not for two hours', () => {
    const tin = aLot('tin', 'coconut-milk', onCounter);
    expect(opening(tin, row('coconut-milk'), KITCHEN)).toEqual({
      lotId: 'tin',
      kind: 'open',
      grams: 0,
      state: 'opened',
      placeId: 'fridge',
    });
    const lines = planDraw([{ ingredientId: 'coconut-milk', grams: 150 }], [tin], CATALOGUE, STILL, T0);
    const { movements } = stockDraftOf(lines, [tin], CATALOGUE, iso(T0), () => 'new', KITCHEN);
    expect(movements.map(({ kind, placeId }) => [kind, placeId])).toEqual([
      ['draw', undefined],
      ['open', 'fridge'],
    ]);
    const open = { ...tin, state: 'opened' as const, stays: [{ placeId: 'fridge', from: iso(T0) }] };
    expect(windowOf(row('coconut-milk'), lotPast(open), STILL, T0).endsAt).toBe(T0 + 3 * DAY);
  });
  it.each([
    ['honey keeps anywhere', 'honey', 'counter'],
    ['yogurt is in the cold already', 'yogurt', 'fridge'],
    ['and what is frozen stays so', 'coconut-milk', 'freezer'],
  ])('stays where it stands: %s', (_, id, placeId) => {
    const lot = aLot('one', id, { ...onCounter, stays: [{ placeId, from: iso(T0) }] });
    expect(opening(lot, row(id), KITCHEN)).not.toHaveProperty('placeId');
  });
  it('stays where it stands in a household without a fridge', () => {
    const places = KITCHEN.filter(({ kind }) => kind !== 'fridge');
    expect(opening(aLot('tin', 'coconut-milk', onCounter), row('coconut-milk'), places)).not.toHaveProperty('placeId');
  });
});
