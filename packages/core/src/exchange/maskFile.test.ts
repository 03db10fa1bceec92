import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS, composed } from '../mask';
import { maskToJson, maskToJsonLd, maskToText, readFormula, readMaskFile } from '.';

describe('a mask in a file', () => {
  it.each(BUILT_IN_MASKS.map((mask) => [mask.id, mask] as const))(
    '%s comes back equal from JSON and JSON-LD',
    (_id, mask) => {
      const { id: _own, version: _version, ...filed } = mask;
      expect(readMaskFile(maskToJson(mask))).toEqual({ kind: 'whole', mask: filed });
      expect(readMaskFile(maskToJsonLd(mask, CATALOGUE))).toEqual({ kind: 'whole', mask: filed });
    },
  );

  it.each(BUILT_IN_MASKS.map((mask) => [mask.id, mask] as const))(
    '%s keeps its formula and steps as plain text',
    (_id, mask) => {
      const read = readMaskFile(maskToText(mask, CATALOGUE));
      if (read.kind !== 'words') throw new Error('Words were written.');
      const draft = readFormula(read.text, CATALOGUE, 'metric');
      expect(draft.name).toBe(mask.name);
      expect(draft.lines.filter(({ questions }) => questions.length > 0)).toEqual([]);
      const amounts = draft.lines.map(({ ingredientId = '', grams = 0 }) => ({ ingredientId, grams }));
      const shares = new Map(composed(amounts, CATALOGUE).map(({ ingredientId, share }) => [ingredientId, share]));
      for (const { ingredientId, share } of mask.parts) expect(shares.get(ingredientId)).toBeCloseTo(share, 3);
      expect(draft.steps).toEqual(mask.steps);
    },
  );

  it('is a HowTo as schema.org has it', () => {
    const work = JSON.parse(maskToJsonLd(BUILT_IN_MASKS[0] as never, CATALOGUE)) as Record<string, unknown>;
    // Properties of HowTo and of what it inherits, as schema.org lists them (from memory).
    const known = [
      '@context',
      '@type',
      'name',
      'description',
      'version',
      'prepTime',
      'performTime',
      'totalTime',
      'supply',
      'step',
      'encoding',
    ];
    expect(Object.keys(work).filter((key) => !known.includes(key))).toEqual([]);
    expect(work['totalTime']).toMatch(/^PT\d+M$/);
  });

  it('reads what others write as words to look at', () => {
    const others = {
      '@context': 'https://schema.org',
      '@graph': [
        { '@type': 'WebPage', name: 'A page' },
        {
          '@type': ['Recipe'],
          name: 'Yolk night',
          recipeIngredient: ['2 yolks', '3 tbsp olive oil'],
          recipeInstructions: [
            { '@type': 'HowToSection', itemListElement: [{ '@type': 'HowToStep', text: 'Whisk it.' }] },
          ],
        },
      ],
    };
    const read = readMaskFile(JSON.stringify(others));
    expect(read.kind).toBe('words');
    const draft = readFormula(read.kind === 'words' ? read.text : '', CATALOGUE, 'us');
    expect(draft.name).toBe('Yolk night');
    expect(draft.lines.map(({ ingredientId }) => ingredientId)).toEqual(['egg-yolk', 'olive-oil']);
  });

  it('refuses what holds none, and never falls over', () => {
    for (const text of [
      '{}',
      '[]',
      '[1,2]',
      '{"format":"amber-ladle-mask","version":9}',
      '{"format":"amber-ladle-mask","version":1}',
      '{"a":',
    ])
      expect(() => readMaskFile(text)).toThrow(RangeError);
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        try {
          readMaskFile(text);
        } catch (error) {
          expect(error).toBeInstanceOf(RangeError);
        }
      }),
    );
  });
});
