import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { beforeEach, expect, it } from 'vitest';
import { ref } from 'vue';
import { useDraft, type Draft, type DraftRow } from './useDraft';

let draft: Draft;
beforeEach(() => {
  draft = useDraft(ref(CATALOGUE), ref('metric'));
});
const rowAt = (at: number): DraftRow => {
  const row = draft.rows.value[at];
  if (!row) throw new Error(`No line ${at}.`);
  return row;
};
const shares = (): readonly (readonly [string, number])[] =>
  draft.parts.value.map(({ ingredientId, share }) => [ingredientId, Math.round(share * 1000) / 1000]);

it('makes shares of what its lines come to, and leaves empty ones out', () => {
  draft.add('150 g yogurt');
  draft.add('');
  draft.add('50 g honey');
  expect(draft.written.value).toHaveLength(2);
  expect(draft.inAll.value).toBe(200);
  expect(shares()).toEqual([
    ['yogurt', 0.75],
    ['honey', 0.25],
  ]);
  expect(draft.parts.value[1]?.writtenAmount).toBe('50 g honey');
  expect(draft.shareOf(rowAt(2))).toBeCloseTo(0.25, 9);
});

it('holds back what was pasted until somebody says that it is read rightly, and what has no amount', () => {
  draft.add('100 g yogurt');
  draft.add('20 g honey', false);
  draft.add('oats');
  expect(draft.open.value.map(({ text }) => text)).toEqual(['20 g honey', 'oats']);
  expect(draft.inAll.value).toBe(100);
  draft.replace(rowAt(1).key, { isConfirmed: true });
  draft.replace(rowAt(2).key, { grams: 30 });
  expect(draft.open.value).toEqual([]);
  expect(draft.inAll.value).toBe(150);
  draft.replace(rowAt(2).key, { grams: 0 });
  expect(draft.open.value).toHaveLength(1);
});

it('reckons what was written for the ingredient that was chosen, and asks again where it was taken away', () => {
  draft.add('2 tbsp stuff from the market');
  expect(rowAt(0).ingredientId).toBeNull();
  draft.choose(rowAt(0).key, 'honey');
  const honey = rowAt(0).grams ?? 0;
  draft.choose(rowAt(0).key, 'milk');
  const milk = rowAt(0).grams ?? 0;
  // Two tablespoons, 30 mL: honey is nearly half as heavy again as milk.
  expect(milk).toBeCloseTo(30.9, 0);
  expect(honey / milk).toBeGreaterThan(1.3);
  draft.choose(rowAt(0).key, null);
  expect(rowAt(0)).toMatchObject({ ingredientId: null, grams: null });
  expect(draft.open.value).toHaveLength(1);
  draft.choose(99, 'honey');
  expect(rowAt(0).ingredientId).toBeNull();
});

it('forgets what was chosen by hand once the line is written anew', () => {
  draft.add('100 g yogurt');
  draft.replace(rowAt(0).key, { role: 'oil', tolerancePercent: 5 });
  draft.rewrite(rowAt(0).key, '80 g honey');
  expect(rowAt(0)).toMatchObject({ ingredientId: 'honey', grams: 80, role: null, tolerancePercent: null });
});

it('takes a line out, and gives the next one a key of its own', () => {
  draft.add('1 banana');
  draft.add('20 g honey');
  const { key } = rowAt(1);
  draft.remove(rowAt(0).key);
  draft.add('10 g olive oil');
  expect(draft.rows.value.map(({ text }) => text)).toEqual(['20 g honey', '10 g olive oil']);
  expect(new Set(draft.rows.value.map((row) => row.key)).size).toBe(2);
  expect(rowAt(0).key).toBe(key);
});

it('loads a formula as its maker wrote it, and comes to the same again', () => {
  draft.add('150 g yogurt');
  draft.add('2 tbsp honey');
  const [before, inAll] = [draft.parts.value, draft.inAll.value];
  const again = useDraft(ref(CATALOGUE), ref('metric'));
  again.load(before, inAll);
  expect(again.rows.value.map(({ text }) => text)).toEqual(['150 g yogurt', '2 tbsp honey']);
  expect(again.inAll.value).toBeCloseTo(inAll, 1);
  again.parts.value.forEach((part, i) => {
    expect(part.ingredientId).toBe(before[i]?.ingredientId);
    expect(part.share).toBeCloseTo(before[i]?.share ?? 0, 3);
    expect(part.tolerance).toBeCloseTo(before[i]?.tolerance ?? 0, 3);
  });
  // Of a mask of which only shares are known, lines to a hundred grams; an ingredient that has left is asked about.
  again.load([{ ...before[0]!, writtenAmount: undefined as never, share: 0.4, ingredientId: 'gone' }]);
  expect(again.rows.value[0]).toMatchObject({ text: '40 g gone', ingredientId: null });
  expect(again.open.value).toHaveLength(1);
});
