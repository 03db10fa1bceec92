import { addDays, localDay } from '@amber-ladle/core/time';
import { NO_LOG } from '@amber-ladle/contract';
import { between, evidenceWords, factorWords, lastedWords, QUALITY_WORDS, timeWords } from './notes';
import { buttonWords, clockWords, helpWords, recordWords } from './washday';
import { describe, expect, it } from 'vitest';
import { BUILT_IN_MASKS, swapConsequences, swapped, swapsFor, type TextureFix } from '@amber-ladle/core/mask';
import { sizeBowl } from '@amber-ladle/core/batch';
import { CATALOGUE, overlaid } from '@amber-ladle/core/ingredient';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import { makingWords } from './making';
import { aProfile } from '@amber-ladle/core/testing';
import { rinseWords, writeMinutes } from './mask';
import { remarkWords } from './draft';
import { consequenceWords, lighterWords, swapWords } from './swap';
import { fixWords, plateSays, pullWords } from './texture';
import { whySteps } from './why';
import { weekdayWord, writeDay, writeNumber, writeTime } from './when';

const HERE = { timeZone: 'UTC', locale: 'en-GB', lengthIn: 'cm' } as const;

describe('when', () => {
  const now = new Date('2026-03-14T09:30:00Z');
  it('is written the way of the place: British days before months, American hours to twelve', () => {
    const there = { ...HERE, locale: 'en-US' };
    expect([writeDay('2026-03-02T12:00:00Z', now, HERE), writeDay('2026-03-02T12:00:00Z', now, there)]).toEqual([
      '2 March',
      'March 2',
    ]);
    expect([writeTime('2026-03-02T15:05:00Z', HERE), writeTime('2026-03-02T15:05:00Z', there)]).toEqual([
      '15:05',
      expect.stringMatching(/^3:05\sPM$/),
    ]);
    expect([writeNumber(150000, HERE), writeNumber(150000, { locale: 'en-IN' })]).toEqual(['150,000', '1,50,000']);
  });

  it.each([
    ['2026-03-14T00:10:00Z', 'today'],
    ['2026-03-13T23:50:00Z', 'yesterday'],
    ['2026-03-10T12:00:00Z', 'Tuesday'],
    ['2026-03-02T12:00:00Z', '2 March'],
  ])('calls %s %s', (instant, words) => {
    expect(writeDay(instant, now, HERE)).toBe(words);
  });

  it('belongs to the household’s zone, not to the browser’s', () => {
    // 23:50 UTC is already the 14th in Auckland.
    expect(writeDay('2026-03-13T23:50:00Z', now, { ...HERE, timeZone: 'Pacific/Auckland' })).toBe('today');
    expect(writeTime('2026-03-14T09:30:00Z', { ...HERE, timeZone: 'Europe/Paris' })).toBe('10:30');
    // The night the clocks go forward in Paris, 29 March 2026: 00:30 UTC is 01:30, 01:30 UTC is 03:30.
    expect(writeTime('2026-03-29T00:30:00Z', { ...HERE, timeZone: 'Europe/Paris' })).toBe('01:30');
    expect(writeTime('2026-03-29T01:30:00Z', { ...HERE, timeZone: 'Europe/Paris' })).toBe('03:30');
  });

  it('names each coming day once on the long night the clocks go back', () => {
    const halfPastMidnight = Date.parse('2026-10-24T22:30:00Z');
    const first = localDay(halfPastMidnight, 'Europe/Paris');
    const names = [0, 1, 2, 3].map((i) => weekdayWord(addDays(first, i), 'short', HERE));
    expect(names).toEqual(['Sun', 'Mon', 'Tue', 'Wed']);
  });
});

it.each([
  [25, '25 min'],
  [60, '1 h'],
  [90, '1½ h'],
  [75, '1 h 15 min'],
  [480, '8 h'],
])('writes %d minutes as %s', (minutes, words) => {
  expect(writeMinutes(minutes)).toBe(words);
});

it('says how to rinse', () => {
  const egg = BUILT_IN_MASKS.find(({ id }) => id === 'galley-egg')!;
  expect(rinseWords(egg.rinse)).toBe(
    'Rinse with cool to lukewarm water only; then a mild shampoo once, then conditioner on the lengths, then a weak acid rinse for the smell.',
  );
});

it('explains a need by steps that end at it', () => {
  const profile = aProfile({ style: 'twists' });
  const wearer = { ageYears: 30, sensitiveSkin: false };
  const sized = sizeBowl({ profile, wearer }, BUILT_IN_MASKS[0]!, CATALOGUE, { spoons: SPOON_SETS.us });
  const steps = whySteps(sized, HERE);
  expect(steps.at(-1)).toMatchObject({ what: 'To make' });
  expect(steps[0]?.result).toBe('102,000');
  expect(steps[2]?.from).toContain('0.7 for the style');
});

const making = (ingredientId: string, grams: number, catalogue = CATALOGUE, makings = {}) =>
  makingWords([{ ingredientId, grams }], SPOON_SETS.us, catalogue, makings).get(ingredientId) ?? '';

it('tells a pot that two grains share once, as the steps of the day do', () => {
  const words = makingWords(
    [
      { ingredientId: 'oat-cream', grams: 150 },
      { ingredientId: 'rice-cream', grams: 200 },
    ],
    SPOON_SETS.us,
    CATALOGUE,
  );
  expect(words.get('rice-cream')).toMatch(/^From \d+ g white rice, dry \(.*\) and \d+ g .*oats.* mL water, 25 min/);
  expect(words.get('oat-cream')).toBe('In one pot with rice cream.');
});

it('says what goes in the pot, and nothing of what comes as it is', () => {
  const words = making('rice-cream', 400, CATALOGUE);
  expect(words).toMatch(
    /^From \d+ g white rice, dry \(.*cup.*\) and \d+ mL water, 25 min with the lid ajar; \d+ mL more at the blender\.$/,
  );
  expect(making('rose-infused-oil', 50, CATALOGUE)).toContain('almond oil');
  expect(making('milk', 50, CATALOGUE)).toBe('');
});

it('names what thickens and what thins a bowl most', () => {
  const mask = BUILT_IN_MASKS.find(({ id }) => id === 'galley-egg')!;
  const head = { profile: aProfile(), wearer: { ageYears: 30, sensitiveSkin: false } };
  const bowl = sizeBowl(head, mask, CATALOGUE, { spoons: SPOON_SETS.us });
  expect(pullWords(bowl, CATALOGUE)).toBe('mayonnaise thickens it most, whole egg thins it most');
});

it('says what becomes of a remark on a measure, and of what is lighter', () => {
  expect(remarkWords('4-5 if your hair is longer')).toBe('“4-5 if your hair is longer”: sizing does that by itself.');
  expect(remarkWords('until it looks right')).toBe('“until it looks right” is kept beside the line.');
  const names = [
    { from: 'milk', stand: 'water' },
    { from: 'olive oil', stand: 'jojoba' },
  ];
  expect(lighterWords({ isFor: 'oily-roots', names })).toBe('for oily roots: water for milk, jojoba for olive oil');
  expect(lighterWords({ isFor: 'weighed-down', names: [] })).toMatch(/^for hair soon weighed down/);
});

it('says how to have a bowl otherwise: added, held back, or cooked thinner', () => {
  const fix = (one: Partial<TextureFix>) =>
    fixWords({ does: 'add', ingredientId: 'water', grams: 52, isInBowl: false, ...one }, CATALOGUE);
  expect(fix({})).toBe('add about 52 mL (52 g) water');
  expect(fix({ isInBowl: true })).toBe('add about 52 mL (52 g) more water');
  expect(fix({ does: 'hold-back', ingredientId: 'banana' })).toMatch(/^hold back about \d+ mL \(52 g\) of the banana$/);
  expect(fix({ does: 'cook-thinner', ingredientId: 'rice-cream', liquidId: 'water' })).toBe(
    'cook the rice cream thinner: about 50 mL (52 g) of it less, and as much more water in the pot',
  );
});

it('says of a plate whether the bowl is as reckoned, and what would bring it back', () => {
  const mask = BUILT_IN_MASKS.find(({ id }) => id === 'freckled-banana')!;
  const head = { profile: aProfile(), wearer: { ageYears: 30, sensitiveSkin: false } };
  const bowl = sizeBowl(head, mask, CATALOGUE, { spoons: SPOON_SETS.us });
  const reckoned = bowl.texture.flowLog10;
  expect(bowl.texture.texture).toBe('creamy');
  expect(plateSays(bowl, reckoned + 0.1, CATALOGUE)).toBe('As reckoned: creamy.');
  expect(plateSays(bowl, reckoned + 1, CATALOGUE)).toMatch(
    /^Reckoned creamy, and it is thick\. .*add about \d+ mL .* water/,
  );
  expect(plateSays(bowl, 1, CATALOGUE)).toMatch(/^Reckoned creamy, and it is runny/);
  expect(plateSays({ ...bowl, texture: { ...bowl.texture, flowLog10: 4.1 } }, 4.3, CATALOGUE)).toMatch(/^Near enough/);
});

it('says what was taken in place of what, also of what has left the book', () => {
  expect(swapWords({ yogurt: 'kefir', honey: 'gone-thing' }, CATALOGUE)).toEqual([
    'Kefir for plain yogurt',
    'gone-thing for honey',
  ]);
  expect(swapWords({}, CATALOGUE)).toEqual([]);
});

it('says what a swap changes: texture, allergens, what is stricter now', () => {
  const egg = BUILT_IN_MASKS.find(({ id }) => id === 'galley-egg')!;
  const without = swapped(egg, swapsFor(egg, 'without-egg', CATALOGUE).swaps, CATALOGUE);
  expect(consequenceWords(swapConsequences(egg, without, CATALOGUE)).join(' ')).toContain('No egg');
  const rice = BUILT_IN_MASKS.find(({ id }) => id === 'rice-silk')!;
  const stained = swapped({ ...rice, slot: 'after-shampoo' }, { 'rice-cream': 'carrot' }, CATALOGUE);
  const words = consequenceWords(swapConsequences({ ...rice, slot: 'after-shampoo' }, stained, CATALOGUE)).join(' ');
  expect(words).toContain('Before the shampoo now, since it stains.');
});

it('says what goes in the pot by the school that was chosen, and what a made thing of one’s own is made of', () => {
  const pot = (options: object) => making('rice-cream', 400, CATALOGUE, { 'rice-cream': options });
  expect(pot({ volumes: 3.75 })).toContain('top up with');
  expect(pot({ soaked: true })).toMatch(/, 1[67] min/);
  expect(pot({ lid: 'on' })).toContain('with the lid on');
  const balm = {
    ...CATALOGUE.get('olive-oil')!,
    id: 'balm',
    name: 'Balm',
    recipe: {
      method: 'stir-together',
      yield: {
        kind: 'blend',
        parts: [
          { ingredientId: 'olive-oil', share: 0.75 },
          { ingredientId: 'shea-butter', share: 0.25 },
        ],
        keptBackShare: 0,
      },
      standMinutes: 10,
      how: '',
      source: 'household',
    },
  } as const;
  expect(making('balm', 40, overlaid([balm]))).toBe('Made of 30 g olive oil, 10 g shea butter.');
});

describe('the words of a wash day', () => {
  const step = {
    id: 'boil',
    kind: 'boil',
    title: { id: 'said', params: { text: 'Boil the rice' } },
    words: [],
    tools: [],
    cautions: [],
    handsOnMinutes: 2,
    waitMinutes: 25,
    usesRing: true,
    after: [],
    isFresh: false,
    ingredientIds: [],
  } as const;

  it('show a pot’s clock, and for how long it has called', () => {
    expect(clockWords(12 * 60_000 + 4000)).toBe('12:04');
    expect(clockWords(3_600_000)).toBe('1:00:00');
    expect(clockWords(-61_000)).toBe('1:01 over');
    expect(clockWords(200)).toBe('0:01');
  });

  it('say on the big button what it does', () => {
    expect(buttonWords('hands', step)).toBe('It runs by itself now');
    expect(buttonWords('hands', { ...step, waitMinutes: 0 })).toBe('Done');
    expect(buttonWords('due', { ...step, kind: 'wear' })).toBe('Now the rinse');
    expect(buttonWords('finished', undefined)).toBe('Done');
  });

  it('tell what happened, and what would help', () => {
    const title = 'Boil the rice';
    expect(recordWords({ title, kind: 'done', tookMinutes: 31, overMinutes: 4 })).toBe(
      'Boil the rice: done, after 31 min, 4 longer than planned.',
    );
    expect(recordWords({ title, kind: 'weigh', grams: 42, takenWords: 'Honey' })).toBe('Honey in: 42 g.');
    expect(recordWords({ title, kind: 'weigh', grams: 28, isJudged: true, takenWords: 'Oil' })).toContain('by spoon');
    expect(recordWords({ title, kind: 'more', minutes: 1 })).toBe('Boil the rice: 1 min more.');
    expect(helpWords({ kind: 'no-soak', subject: '', savesMinutes: 60, isEnough: true }, '')).toBe(
      'Without the soak: 1 h sooner, and that is enough.',
    );
    expect(helpWords({ kind: 'other-mask', subject: 'x', savesMinutes: 90, isEnough: false }, 'Flax slip')).toBe(
      'Flax slip instead: 1½ h sooner.',
    );
  });
});

describe('words of the notes', () => {
  it('says a factor as people do', () => {
    expect(factorWords(0.76)).toBe('about 24 % less than the model expects');
    expect(factorWords(1.2)).toBe('about 20 % more than the model expects');
    expect(factorWords(1.02)).toBe('just about what the model expects');
  });

  it('tells what a bowl taught, and how it lasted', () => {
    expect(evidenceWords({ kind: 'exact', logRatio: Math.log(0.7) })).toBe('took 70 % of what was expected');
    expect(evidenceWords({ kind: 'at-least', logRatio: 0 })).toMatch(/at least 100 %/);
    const facts = { sections: [0.5, 0.5] } as never;
    expect(lastedWords({ facts, log: { ...NO_LOG, lasted: { kind: 'ran-out', afterSections: 1 } } })).toBe(
      'ran out after 1 of 2 sections',
    );
    expect(lastedWords({ facts, log: NO_LOG, leftOver: { millilitres: 0, how: 'judged' } })).toBe('all used');
    expect(lastedWords({ facts, log: NO_LOG })).toBe('');
  });

  it('has a word for every level of every quality', () => {
    for (const { asks, levels } of Object.values(QUALITY_WORDS)) {
      expect(asks).not.toBe('');
      expect(new Set(levels).size).toBe(3);
    }
    expect(between(-0.5, 0.5)).toBe('−0.5 to 0.5');
    expect(timeWords(131)).toBe('2 h 11 min');
  });
});
