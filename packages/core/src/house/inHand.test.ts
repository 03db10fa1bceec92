import { describe, expect, it } from 'vitest';
import { scentLimit } from '../batch';
import { BUILT_IN_MASKS, type Mask } from '../mask';
import { SPOON_SETS } from '../measure';
import { aProfile } from '../testing';
import { bareHouse, enoughIn, inHandIn } from '.';

const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const house = bareHouse(SPOON_SETS.us, Date.parse('2026-03-14T10:00:00Z'));
const ada = { id: 'ada', ageYears: 30, sensitiveSkin: false, profile: aProfile() };
const ike = { ...ada, id: 'ike', ageYears: 4 };
const bea = { ...ada, id: 'bea', sensitiveSkin: true };

describe('what is in hand, in a house', () => {
  // Own limits, stricter than Tisserand and Young, Essential Oil Safety, 2nd ed. (from memory).
  it('keeps to the limits of the head it is for, and says whose it breaks', () => {
    const oil = maskCalled('night-watch-oil');
    const hand = { 'jojoba-oil': 60 };
    const shareOf = (bowl: ReturnType<typeof inHandIn>): number =>
      bowl.lines.find(({ ingredientId }) => ingredientId === 'rosemary-oil')!.bowlMillilitres / bowl.madeMillilitres;

    const grown = inHandIn(house, [ada, ike], oil, hand, ada);
    expect(shareOf(grown)).toBeGreaterThan(scentLimit(4));
    expect(grown.serves.map(({ id, over }) => [id, over.map(({ id: what }) => what)])).toEqual([
      ['ada', []],
      // Rosemary is for nobody under six, and no scent is so strong at four.
      ['ike', ['cap.scent', 'cap.from-age']],
    ]);

    const child = inHandIn(house, [ada, ike], oil, hand, ike);
    expect(shareOf(child)).toBe(0);
    expect(child.serves.every(({ over }) => over.length === 0)).toBe(true);
  });

  it('counts skin as well as years: pepper by two pinches is one too many where it is sensitive', () => {
    const yolk = maskCalled('peppered-yolk');
    const bowl = inHandIn(house, [ada, bea], yolk, { 'egg-yolk': 85 }, ada);
    const pepper = bowl.lines.find(({ ingredientId }) => ingredientId === 'black-pepper')!;
    const [forAda, forBea] = bowl.serves;
    expect(forAda?.over).toEqual([]);
    expect(forBea?.over.map(({ id }) => id)).toEqual(pepper.millilitres > 0.31 ? ['cap.pinches-sensitive'] : []);
    expect(pepper.millilitres).toBeGreaterThan(0.31);
  });

  it('comes out as thick as earlier bowls of it did', () => {
    const avocado = maskCalled('towpath-avocado');
    const flow = (offset?: number): number => {
      const textures = offset === undefined ? {} : { [avocado.id]: { offset, count: 3 } };
      const taught = { ...house, learning: { ...house.learning, textures } } as typeof house;
      return inHandIn(taught, [ada], avocado, { avocado: 204 }).texture.flowLog10;
    };
    expect(flow(0.3) - flow()).toBeCloseTo(0.3, 9);
  });

  it('is a grown woman’s where nobody is known, and each head has her own chance', () => {
    const avocado = maskCalled('towpath-avocado');
    expect(inHandIn(house, [], avocado, { avocado: 204 }).serves).toEqual([]);
    const long = { ...ada, id: 'long', profile: aProfile({ stretchedLengthCentimetres: 90 }) };
    const { serves, madeMillilitres } = inHandIn(house, [ada, long], avocado, { avocado: 136 });
    expect(serves[0]!.chance).toBe(enoughIn(house, ada, avocado, madeMillilitres));
    expect(serves[1]!.chance).toBeLessThan(serves[0]!.chance);
  });
});
