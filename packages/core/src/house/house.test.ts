import { describe, expect, it } from 'vitest';
import { sizeBowl } from '../batch';
import {
  completed,
  FAMILY_BY_ID,
  INGREDIENTS,
  ingredientById,
  type FamilyRow,
  type SaidIngredient,
} from '../ingredient';
import { lexiconOf, readLine, readLot } from '../exchange';
import { cautionsFor, judged, NO_STORY, wornBefore } from '../judge';
import { asItComesOut, BUILT_IN_MASKS, swapCandidates, tightened, type Mask } from '../mask';
import { SPOON_SETS } from '../measure';
import { bowlRuleOf, buyList, windowOf } from '../shelf';
import { aProfile, anAdult } from '../testing';
import { daySteps } from '../washday';
import {
  asWrittenOn,
  bareHouse,
  houseOfRecord,
  maskInHouse,
  needIn,
  refitted,
  sizing,
  taughtHead,
  writtenBowl,
  writtenMillilitres,
  type House,
} from '.';

const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const ada = { id: 'ada', ageYears: 30, sensitiveSkin: false, profile: aProfile() };
const choices = { enoughChance: 0.85, pieceSizes: {}, pieceGrams: {}, lockedGrams: {}, swaps: {}, makings: {} };
const wish = { heads: [ada] as const, mask: maskCalled('rice-silk'), choices };
const NOW = Date.parse('2026-03-14T10:00:00Z');
const house = bareHouse(SPOON_SETS.us, NOW);

describe('sizing in a house', () => {
  it('is the engine’s own where nothing is known of the house', () => {
    const { bowl } = sizing(house, wish);
    const engine = sizeBowl(
      { profile: ada.profile, wearer: anAdult },
      asItComesOut(wish.mask, house.catalogue),
      house.catalogue,
      {
        spoons: SPOON_SETS.us,
        enoughChance: 0.85,
      },
    );
    expect(bowl.lines).toEqual(engine.lines);
    expect(needIn(house, wish).millilitres).toBeCloseTo(bowl.needMillilitres, 9);
  });

  it('makes swaps, then schools, then counts what bowls taught of head and mask', () => {
    const evidence = [1, 2, 3].map((days) => ({
      kind: 'exact' as const,
      at: new Date(NOW - days * 86_400_000).toISOString(),
      texture: wish.mask.texture,
      logRatio: Math.log(0.6),
      noise: 0.15,
    }));
    const taught: House = {
      ...house,
      schools: { shampoo: 'twice' },
      learning: {
        heads: { ada: { evidence } },
        textures: { 'rice-silk': { offset: 0.02 } },
      },
    };
    const swapped = { ...wish, choices: { ...choices, swaps: { honey: 'agave-syrup' } } };
    const { mask, bowl } = sizing(taught, swapped);
    expect(mask.rinse.shampoos).toBe(2);
    expect(mask.parts.map(({ ingredientId }) => ingredientId)).toContain('agave-syrup');
    expect(maskInHouse(taught, wish.mask, { swaps: { honey: 'agave-syrup' } })).toEqual(mask);
    expect(bowl.needMillilitres).toBeLessThan(sizing(house, wish).bowl.needMillilitres);
    expect(taughtHead(taught, ada).personalFactor?.median).toBeLessThan(1);
    const flow = (offset: number) =>
      sizing({ ...taught, learning: { ...taught.learning, textures: { 'rice-silk': { offset } } } }, swapped).bowl
        .texture.flowLog10;
    expect(flow(0.02) - flow(0)).toBeCloseTo(0.02, 9);
  });

  it('sizes by the texture that it comes out with, whatever it is called: mostly oil lies as thin as oil', () => {
    const oil = maskCalled('night-watch-oil');
    const called = (texture: Mask['texture']) => sizing(house, { ...wish, mask: { ...oil, texture } });
    expect(called('stiff').bowl.lines).toEqual(called('oil').bowl.lines);
    expect(called('stiff').mask.texture).toBe('oil');
    const silk = (texture: Mask['texture']) => sizing(house, { ...wish, mask: { ...wish.mask, texture } });
    expect(silk('oil').bowl.lines).toEqual(silk('runny').bowl.lines);
    // Half of it oil is an oil treatment; a little less is not.
    const [part] = oil.parts;
    const of = (share: number): Mask => ({
      ...oil,
      parts: [
        { ...part!, ingredientId: 'olive-oil', share },
        { ...part!, ingredientId: 'yogurt', share: 1 - share },
      ],
    });
    expect([0.5, 0.48].map((share) => maskInHouse(house, of(share)).texture)).toEqual(['oil', 'pourable']);
    // A kitchen that makes it thicker sizes it as what it is there.
    const thicker = { ...house, learning: { heads: {}, textures: { 'rice-silk': { offset: 1.2 } } } };
    expect(maskInHouse(thicker, wish.mask).texture).not.toBe(maskInHouse(house, wish.mask).texture);
  });

  it('fits a record anew round what was poured, with the record’s own rows', () => {
    const { mask, bowl } = sizing(house, wish);
    const first = bowl.lines[0]!;
    const row = ingredientById(house.catalogue, first.ingredientId);
    const heavy = { ...row, density: { gramsPerMillilitre: 1.3, source: 'household' as const } };
    const record = { head: ada, others: [], mask, ingredients: [heavy], choices, spoons: SPOON_SETS.us, sized: bowl };
    expect(ingredientById(houseOfRecord(record).catalogue, row.id).density?.gramsPerMillilitre).toBe(1.3);
    const again = refitted({ ...record, ingredients: [] }, { [first.ingredientId]: first.grams * 1.2 });
    expect(again.lines[0]!.grams).toBeCloseTo(first.grams * 1.2, 9);
    expect(again.needMillilitres).toBe(bowl.needMillilitres);
    // A record of another day is asked for what it was asked for then.
    const larger = { ...record, ingredients: [], sized: { ...bowl, needMillilitres: 2 * bowl.needMillilitres } };
    expect(refitted(larger, {}).madeMillilitres).toBeGreaterThanOrEqual(2 * bowl.needMillilitres);
  });

  it('says what a written bowl is like, and which limits it breaks', () => {
    const { parts: _parts, ...like } = wish.mask;
    const amounts = [
      { ingredientId: 'yogurt', grams: 100 },
      { ingredientId: 'black-pepper', grams: 2 },
    ];
    const found = writtenBowl(house, amounts, like, anAdult);
    expect(found.over.map(({ what }) => what.id)).toEqual(['cap.pinches']);
    expect(found.millilitres).toBeGreaterThan(90);
    expect(found.millilitres).toBeLessThan(102);
  });
});

/** A family that nobody had thought of, with a pot of its own: all that is known of it stands in these two rows. */
const SEAWEED: FamilyRow = {
  id: 'seaweed-gel',
  name: 'Seaweed gels',
  tint: '#6A8A7A',
  aisle: 'dry',
  traits: {
    roles: ['body', 'active'],
    inBowl: 'made',
    hazards: ['hot-work', 'slippery'],
    smells: ['vinegar'],
    skin: ['lively'],
    swaps: [{ ingredientId: 'flax-gel', ratio: 1, changes: ['other-smell'] }],
  },
  keeping: {
    raw: { roomHours: 9000, warmHours: 4500, coldHours: 9000, source: 'own' },
    made: { roomHours: 2, warmHours: 1, coldHours: 30, source: 'own' },
  },
};
const carrageen: SaidIngredient = {
  id: 'carrageen-gel',
  name: 'Carrageen gel',
  family: SEAWEED.id,
  state: 'boiled and strained',
  density: { gramsPerMillilitre: 1, source: 'own' },
  measuredBy: ['spoon', 'weight'],
  flowLog10: 3.2,
  flowSource: 'own',
  strainedOutShare: 0,
  allergens: [],
  crossesWithLatex: false,
  stains: true,
  alsoCalled: ['sea moss gel'],
  recipe: {
    method: 'boil-and-strain',
    raw: { name: 'dried carrageen', gramsPerMillilitre: 0.1, alsoCalled: ['carrageen', 'irish moss'] },
    pot: { liquidId: 'water', minutes: 20, lid: 'ajar' },
    yield: { kind: 'extract', madePerRaw: 12, keptPerRaw: 3 },
    standMinutes: 0,
    how: '',
    source: 'own',
  },
  advice: 'Rinse the sand out first.',
};

describe('a new family is data in one place', () => {
  const row = completed(carrageen, new Map([...FAMILY_BY_ID, [SEAWEED.id, SEAWEED]]));
  const catalogue = new Map([...INGREDIENTS, row].map((one) => [one.id, one]));
  const inHouse: House = { ...house, catalogue };
  const base = maskCalled('flax-slip');
  const mask: Mask = {
    ...base,
    parts: base.parts.map((part) => (part.ingredientId === 'flax-gel' ? { ...part, ingredientId: row.id } : part)),
  };

  it('is sized and cooked in its own pot', () => {
    const { bowl } = sizing(inHouse, { ...wish, mask });
    expect(bowl.lines[0]).toMatchObject({ ingredientId: row.id });
    expect(bowl.fits).toBe(true);
    const head = { ...ada, name: 'Ada', millilitres: bowl.onHeadMillilitres };
    const steps = daySteps([
      { id: 'b', mask, lines: bowl.lines, madeMillilitres: bowl.madeMillilitres, catalogue, heads: [head] },
    ]);
    const ids = steps.map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining(['carrageen-gel.boil', 'carrageen-gel.strain', 'carrageen-gel.cool']));
  });

  it('has its time on the shelf and in a bowl, and its raw thing on the list', () => {
    expect(bowlRuleOf([row])?.keeping).toMatchObject({ roomHours: 2, coldHours: 24 });
    const past = { state: 'made' as const, since: new Date(NOW).toISOString(), touches: [], stays: [] };
    expect(windowOf(row, past, house.climate, NOW).keeping.coldHours).toBe(30);
    const lines = [{ ingredientId: row.id, grams: 100 }];
    const { climate } = house;
    const buying = { levels: [], lots: [], catalogue, climate, now: NOW, today: '2026-03-14', trips: [], habits: {} };
    const [line] = buyList([{ name: 'x', at: past.since, lines }], buying);
    expect(line).toMatchObject({ what: 'dried carrageen', isRaw: true });
  });

  it('is careful on a head, tightens a mask, and has what a cook would take instead', () => {
    const who = { wearer: anAdult, story: NO_STORY, ...wornBefore([]) };
    const found = cautionsFor(judged(mask, who, catalogue, {}, NOW)).map(({ id }) => id);
    expect(found).toEqual(expect.arrayContaining(['stains', 'patch-first', 'hot-work']));
    const overnight = { ...mask, wear: { minimumMinutes: 60, aimMinutes: 480, limitMinutes: 600 } };
    expect(cautionsFor(judged(overnight, who, catalogue, {}, NOW)).map(({ id }) => id)).toContain('overnight');
    expect(tightened(overnight, catalogue)).toMatchObject({ slot: 'before-shampoo', wear: { limitMinutes: 240 } });
    expect(swapCandidates(mask, row.id, catalogue)[0]?.id).toBe('flax-gel');
  });

  it('is read by its name and by what it is boiled from', () => {
    const names = lexiconOf(catalogue);
    expect(readLine('3 tbsp sea moss gel', catalogue, 'us', names)).toMatchObject({
      ingredientId: row.id,
      questions: [],
    });
    const places = [{ id: 'shelf', name: 'Shelf', kind: 'counter' as const, celsius: 20 }];
    const lot = readLot('50 g dried irish moss', catalogue, {
      system: 'us',
      places,
      timeZone: 'UTC',
      now: new Date(NOW).toISOString(),
    });
    expect(lot).toMatchObject({ ingredientId: row.id, state: 'raw', grams: 50, placeId: 'shelf' });
  });
});

describe('a mask as its maker writes it', () => {
  const mask = { ...maskCalled('rice-silk'), writtenGrams: 210 };

  it('makes what its amounts make, and says nothing where only shares are known', () => {
    const { millilitres } = writtenBowl(
      house,
      mask.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share * 210 })),
      mask,
      anAdult,
    );
    expect(writtenMillilitres(mask, house)).toBeCloseTo(millilitres, 6);
    expect(writtenMillilitres(maskCalled('rice-silk'), house)).toBeUndefined();
    expect(asWrittenOn(house, ada, maskCalled('rice-silk'))).toBeUndefined();
  });

  it('is held against what the model expects of the head, whatever her bowls taught', () => {
    const { bowl } = sizing(house, wish);
    const on = asWrittenOn(house, ada, mask)!;
    expect(on.modelMillilitres).toBeCloseTo(bowl.demand.total.median, 9);
    expect(on).toMatchObject({ texture: 'creamy', heads: 1 });
    const evidence = [{ kind: 'exact' as const, at: '2026-03-01', texture: on.texture, logRatio: -1, noise: 0.1 }];
    const taught = { ...house, learning: { heads: { ada: { evidence } }, textures: {} } };
    expect(asWrittenOn(taught, ada, mask)).toEqual(on);
  });
});
