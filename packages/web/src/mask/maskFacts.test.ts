import { CATALOGUE, ingredientById } from '@amber-ladle/core/ingredient';
import { expect, it } from 'vitest';
import { careOf, partRows, partsInWords, shareWords, type PartRow } from './maskFacts';

const part = (ingredientId: string, share: number) =>
  ({ ingredientId, share, role: 'body', measuredBy: 'spoon', tolerance: 0.2 }) as const;
const rowsOf = (...ids: readonly string[]): readonly PartRow[] =>
  partRows(
    ids.map((id) => part(id, 1 / ids.length)),
    CATALOGUE,
  );
const asIs = (words: string): string => words;

it('says a share in whole percent, and drops to a tenth', () => {
  expect([0.82, 0.02, 0.0194, 0.004].map(shareWords)).toEqual(['82 %', '2 %', '1.9 %', '0.4 %']);
});

it('says how much of 100 g each part fills', () => {
  const [honey, oil] = partRows([part('honey', 0.28), part('olive-oil', 0.72)], CATALOGUE);
  // Honey weighs about 1.4 g a millilitre, oil about 0.91.
  expect(honey?.millilitres).toBeCloseTo(20, 0);
  expect(oil?.millilitres).toBeGreaterThan(72);
});

it('names the parts of a version, also of what has left the book', () => {
  expect(partsInWords([part('honey', 0.9), part('gone-thing', 0.1)], CATALOGUE)).toBe('Honey 90 %, gone-thing 10 %');
});

it('says what is to be minded, each thing where it is so and only there', () => {
  const plain = careOf(rowsOf('olive-oil'), {}, asIs);
  expect(plain).toContain('New to a head: patch test at the inner elbow, 24 to 48 hours. Not on broken or sore skin.');
  expect(plain.join()).not.toMatch(/Contains|latex|stain/);

  const avocado = careOf(rowsOf('avocado', 'yogurt', 'egg-whole', 'strained-yogurt'), {}, asIs);
  expect(avocado[0]).toBe('Contains avocado, milk, egg: a food allergy is a skin allergy too.');
  expect(avocado).toContain('A latex allergy can cross with fruit in this.');

  const stainer = [...CATALOGUE.values()].find(({ stains }) => stains);
  expect(careOf(rowsOf(stainer?.id ?? ''), {}, asIs)).toContain(`${stainer?.name} can stain: dark towel, old shirt.`);
  expect(careOf(rowsOf('honey'), { stains: true }, asIs)).toContain('This one can stain: dark towel, old shirt.');
});

it('spells what is ours as the household does, and leaves her own cautions as she wrote them', () => {
  const advised = [...CATALOGUE.values()].find(({ advice }) => advice !== '');
  const rows = rowsOf(advised?.id ?? '');
  const said = careOf(rows, { cautions: ['Colour first.'] }, (words) => words.toUpperCase());
  expect(said).toContain('Colour first.');
  expect(said.at(-1)).toBe(`${advised?.name}: ${ingredientById(CATALOGUE, advised?.id ?? '').advice.toUpperCase()}`);
});
