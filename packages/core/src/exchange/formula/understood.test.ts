import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../../ingredient';
import { BUILT_ON } from './corpus/built';
import { KEPT_APART } from './corpus/apart';
import { choiceIn } from './choices';
import { expanded } from './expand';
import { headsMeant } from './headsMeant';
import { lexiconOf, readFormula, readLine } from '.';
import { corrected } from './spelling';

const lexicon = lexiconOf(CATALOGUE);
const read = (line: string) => readLine(line, CATALOGUE, 'us', lexicon);

describe('a misspelt word', () => {
  it.each([
    ['1 avacado', [{ written: 'avacado', read: 'avocado' }]],
    [
      '2 tbps hunny',
      [
        { written: 'tbps', read: 'tbsp' },
        { written: 'hunny', read: 'honey' },
      ],
    ],
    ['1 egg yoke', [{ written: 'yoke', read: 'yolk' }]],
    [
      '3 tablespons yogert',
      [
        { written: 'tablespons', read: 'tablespoons' },
        { written: 'yogert', read: 'yogurt' },
      ],
    ],
  ])('in “%s” is put right, and said', (line, corrections) => {
    expect(corrected(line, lexicon.vocabulary).corrections).toEqual(corrections);
    expect(read(line).questions).toEqual([]);
    expect(read(line).assumed.filter(({ id }) => id === 'read.spelling')).toHaveLength(corrections.length);
  });

  it.each(['2 tbsp babassu oil', '1 dragon fruit', '1 quince', '3 tbsp marula oil', '1 cup sea moss', '2 tbsp tahini'])(
    'is not made of “%s”, which is another thing: it is asked',
    (line) => {
      expect(read(line).questions).not.toEqual([]);
      expect(read(line).grams).toBeUndefined();
    },
  );
  it.each(['1 cup rice', '2 tbsp honey', 'half a lime', '1 pear, peeled', '3 tbsp milk', '2 plums'])(
    'is none in “%s”',
    (line) => {
      expect(corrected(line, lexicon.vocabulary).corrections).toEqual([]);
    },
  );
  it('is none that any name of the book holds', () => {
    for (const { words } of lexicon.names.all)
      expect(corrected(words.join(' '), lexicon.vocabulary).corrections).toEqual([]);
  });
});

describe('a choice', () => {
  it.each([
    ['2 tbsp olive or coconut oil', '2 tbsp olive oil', ['coconut-oil']],
    ['1 cup milk/coconut milk', '1 cup milk', ['coconut-milk']],
    ['4 tbsp yogurt (or kefir)', '4 tbsp yogurt', ['kefir']],
    ['1 tbsp honey or maple syrup or agave', '1 tbsp honey', ['maple-syrup', 'agave-syrup']],
    // What has an amount or a condition of its own is a remark, and two of one kind are one measure.
    ['2 small avocados or one big', '2 small avocados or one big', []],
    ['2 or 3 eggs', '2 or 3 eggs', []],
    ['1/2 cup honey', '1/2 cup honey', []],
    ['4 tbsp milk, or water if your hair is oily', '4 tbsp milk, or water if your hair is oily', []],
  ])('%s', (line, text, instead) => {
    expect(choiceIn(line, lexicon.names, 'us')).toEqual({ text, instead });
  });
  it('with a condition is a remark that names a stand-in', () => {
    expect(read('4 tbsp milk, or water if your hair is oily')).toMatchObject({
      ingredientId: 'milk',
      instead: ['water'],
      remarks: ['or water if your hair is oily'],
    });
  });
});

describe('several in one measure', () => {
  it.each([
    ['1 tbsp each of honey and olive oil', ['1 tbsp honey', '1 tbsp olive oil'], false],
    ['honey and castor oil, 1 tbsp each', ['1 tbsp honey', '1 tbsp castor oil'], false],
    ['Equal parts aloe gel and yogurt', ['2 tbsp aloe gel', '2 tbsp yogurt'], true],
    ['aloe gel, honey and olive oil in equal parts.', ['2 tbsp aloe gel', '2 tbsp honey', '2 tbsp olive oil'], true],
    ['2 parts onion juice to 3 parts olive oil', ['4 tbsp onion juice', '6 tbsp olive oil'], true],
    ['olive oil and castor oil 2:1', ['4 tbsp olive oil', '2 tbsp castor oil'], true],
    ['1/4 cup rice and 1/4 cup oats cooked in 3 cups water', ['1/4 cup rice', '1/4 cup oats', '3 cups water'], false],
    ['2 tbsp honey', ['2 tbsp honey'], false],
  ])('%s', (line, texts, isRatio) => {
    expect(expanded(line)).toEqual({ texts, isRatio });
  });
});

it.each([
  ['For two\n4 eggs', 2],
  ['1 egg\nThat does both of us, halve it for one.', 2],
  ['Serves: 3', 3],
  ['Enough for me and my daughter', 2],
  ['Leave it on for two hours', undefined],
  ['for two minutes under a cap', undefined],
  ['1 egg for shine', undefined],
])('knows for how many heads “%s” is', (text, heads) => {
  expect(headsMeant(text)?.heads).toBe(heads);
});

it('thins with what was written to go until it looks right', () => {
  expect(read('2 tbsp milk until it is spreadable').role).toBe('thinner');
  expect(read('2 tbsp milk').role).toBeUndefined();
  expect(read('2 tbsp honey until it is spreadable').role).toBeUndefined();
});

it('keeps a range, its middle and how far it goes', () => {
  expect(read('2 to 4 tbsp honey')).toMatchObject({ spread: 1 / 3 });
  expect(read('2 to 4 tbsp honey').grams).toBeCloseTo(63, 6);
  expect(read('between 2 and 4 tbsp honey').spread).toBeCloseTo(1 / 3, 12);
  expect(read('3 tbsp honey').spread).toBeUndefined();
});

describe('the text with what it was taken for', () => {
  const marked = (text: string) =>
    readFormula(text, CATALOGUE, 'us').stretches.map(({ from, to, kind }) => [kind, text.slice(from, to)]);

  it('marks each stretch in its place', () => {
    const text =
      'Friday soft\n3 tbsp yogurt (4 if longer)\n2 tbsp olive oil\nBlend it smooth.\nI love it.\nPatch test first.\nOld towel\nLeave it on an hour.\nMoonlight does the rest.';
    expect(marked(text)).toEqual([
      ['name', 'Friday soft'],
      ['measure', '3 tbsp yogurt'],
      ['remark', '4 if longer'],
      ['measure', '2 tbsp olive oil'],
      ['step', 'Blend it smooth'],
      ['praise', 'I love it'],
      ['warning', 'Patch test first'],
      ['tool', 'Old towel'],
      ['use', 'Leave it on an hour'],
      ['not-understood', 'Moonlight does the rest'],
    ]);
  });

  it('never lets two stretches share a letter, leaves none out, and points at lines that are there', () => {
    fc.assert(
      fc.property(fc.constantFrom(...BUILT_ON, ...KEPT_APART), fc.nat(400), ({ text }, cut) => {
        const part = text.slice(0, cut);
        const { stretches, lines } = readFormula(part, CATALOGUE, 'us');
        let at = 0;
        for (const { from, to, line } of stretches) {
          expect(from).toBeGreaterThanOrEqual(at);
          // Between two stretches only what joins them.
          expect(part.slice(at, from).replace(/\b(?:and|with|plus|in|of|or|then|step|x)\b|[\d.):|]/gi, '')).not.toMatch(
            /\p{L}{3}/u,
          );
          if (line !== undefined) expect(lines[line]).toBeDefined();
          at = to;
        }
        expect(part.slice(at).replace(/\b(?:and|with|plus|in|of|or|then|step)\b/gi, '')).not.toMatch(/\p{L}{3}/u);
      }),
      { numRuns: 300 },
    );
  });
});
