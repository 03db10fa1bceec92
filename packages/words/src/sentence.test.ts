import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { SCHOOL_CHOICES, type SchoolId } from '@amber-ladle/core/judge';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import {
  message,
  MESSAGES,
  type Message,
  type MessageId,
  type ParamKind,
  type ParamTypes,
} from '@amber-ladle/core/message';
import { describe, expect, it } from 'vitest';
import { ENGLISH } from './en';
import { listed, SCHOOLS, sentenceOf, sentencesOf, USUAL_READER } from '.';

const IDS = Object.keys(MESSAGES) as MessageId[];

/** The names of the parameters that a pattern uses, however deep. */
function argumentsOf(elements: readonly MessageFormatElement[]): string[] {
  return elements.flatMap((element): string[] => {
    if (element.type === TYPE.literal || element.type === TYPE.pound) return [];
    const inner =
      element.type === TYPE.select || element.type === TYPE.plural
        ? Object.values(element.options).flatMap(({ value }) => argumentsOf(value))
        : [];
    return [element.value, ...inner];
  });
}

const EXAMPLES: ParamTypes = {
  text: 'Ada',
  number: 3,
  measure: 12.34,
  length: 30,
  oven: 180,
  name: 'Olive oil',
  names: ['Honey', 'Oats'],
  titles: ['Oat ease', 'Rice silk'],
  list: ['a', 'b'],
  amounts: [{ name: 'Honey', measuredBy: 'spoon', grams: 42, millilitres: 29.57 }],
  timed: [{ name: 'Banana', hours: 2 }],
  message: message('cap.ratio'),
  messages: [message('review-head.short'), message('review-head.long')],
};
const exampleOf = (id: MessageId): Message => {
  const kinds: Readonly<Record<string, ParamKind>> = MESSAGES[id];
  return { id, params: Object.fromEntries(Object.entries(kinds).map(([name, kind]) => [name, EXAMPLES[kind]])) };
};

describe('English', () => {
  it.each(IDS)('has a sentence for %s that uses each of its parameters, and no other', (id) => {
    const used = new Set(argumentsOf(parse(ENGLISH[id], { ignoreTag: true })));
    expect([...used].sort()).toEqual(Object.keys(MESSAGES[id]).sort());
  });

  it.each(IDS)('%s is said, short and whole', (id) => {
    const text = sentenceOf(exampleOf(id));
    expect(text).not.toMatch(/[{}]|undefined|NaN|\[object/);
    expect(text.trim()).toBe(text);
    expect(text.length).toBeGreaterThan(0);
    expect(text.length).toBeLessThan(170);
  });

  it('says nothing that the core does not', () => {
    expect(Object.keys(ENGLISH).sort()).toEqual([...IDS].sort());
  });

  it('has both sides of every school, and a reason', () => {
    expect(Object.keys(SCHOOLS).sort()).toEqual(Object.keys(SCHOOL_CHOICES).sort());
    for (const [id, options] of Object.entries(SCHOOL_CHOICES)) {
      const { options: said, because } = SCHOOLS[id as SchoolId];
      expect(Object.keys(said).sort()).toEqual([...options].sort());
      expect(because).not.toBe('');
    }
  });
});

describe('sentences', () => {
  it('join names, write amounts in the owner’s spoons, and begin with a capital', () => {
    expect(sentenceOf(message('caution.allergen', { names: ['Egg yolk', 'Honey', 'Oats'] }))).toBe(
      'Allergic to what is in egg yolk, honey and oats: a food allergy holds on the skin too.',
    );
    const amounts = [
      {
        name: 'Avocado',
        measuredBy: 'piece',
        pieces: 1.25,
        noun: 'avocado',
        nouns: 'avocados',
        grams: 170,
        millilitres: 175,
      },
      { name: 'Honey', measuredBy: 'spoon', grams: 42, millilitres: 29.57 },
    ] as const;
    const line = message('step.amounts', { amounts });
    expect(sentenceOf(line)).toBe('1¼ avocados (170 g); 2 tbsp honey (42 g).');
    expect(sentenceOf(line, { ...USUAL_READER, spoons: SPOON_SETS.metric })).toContain('2 tbsp honey');
    expect(sentenceOf(message('review.bits-unstrained', { names: ['Banana'] }))).toBe(
      'Banana: without a cloth, bits stay in the hair.',
    );
  });

  it('count as English does', () => {
    const pinches = (count: number) => sentenceOf(message('cap.pinches', { name: 'Ground black pepper', count }));
    expect([1, 2, 3].map(pinches)).toEqual([
      'ground black pepper: one pinch at the most',
      'ground black pepper: two pinches at the most',
      'ground black pepper: 3 pinches at the most',
    ]);
    expect(listed(['a'])).toBe('a');
    expect(listed([])).toBe('');
  });

  it('names each perishable thing and the hours it has', () => {
    const each = [
      { name: 'Aloe gel', hours: 2 },
      { name: 'Rice cream', hours: 1 },
    ];
    expect(sentenceOf(message('caution.overnight', { each }))).toBe(
      'Overnight is for what does not spoil: not with aloe gel (2 hours) and rice cream (1 hour).',
    );
  });

  it('puts messages into messages, and several after one another', () => {
    const stop = message('caution.infant');
    expect(sentenceOf(message('decision.against-stop', { stops: [stop], words: 'asked the doctor' }))).toMatch(
      /^Not for babies.* Decided: asked the doctor$/,
    );
    expect(sentencesOf([message('step.drain.look'), message('step.drain.words')])).toBe(
      'No more yellow drops. Upright over a cup.',
    );
  });

  it('writes lengths and ovens in what the reader measures in', () => {
    const american = { ...USUAL_READER, locale: 'en-US', lengthIn: 'in', warmthIn: '°F' } as const;
    const leaf = message('read.by-length', { centimetres: 25.4, grams: 64 });
    const bake = message('step.bake.words', { degrees: 200 });
    expect([sentenceOf(leaf), sentenceOf(leaf, american)]).toEqual([
      '25.4 cm of it, about 64 g of gel',
      '10 in of it, about 64 g of gel',
    ]);
    expect([sentenceOf(bake), sentenceOf(bake, american)].map((one) => /at ([^;]+);/.exec(one)?.[1])).toEqual([
      '200 °C',
      '400 °F',
    ]);
  });

  it('tells one that it does not know any more by its name', () => {
    expect(sentenceOf({ id: 'step.gone' as MessageId, params: {} })).toBe('(step.gone)');
  });
});
