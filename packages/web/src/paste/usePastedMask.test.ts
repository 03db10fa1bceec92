import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { usePastedMask, type PastedMask } from './usePastedMask';

let pasted: PastedMask;
beforeEach(() => {
  setActivePinia(createPinia());
  pasted = usePastedMask();
  pasted.clear();
});
const gramsOf = (id: string): number | undefined =>
  pasted.lines.value.find(({ ingredientId }) => ingredientId === id)?.grams;

describe('a pasted mask', () => {
  it('is nothing while there is no text, and says why it cannot be kept', () => {
    expect(pasted.mask.value).toBeUndefined();
    expect(() => pasted.input()).toThrow(/Nothing that can be measured/);
    pasted.text.value = 'I love this one.';
    expect(pasted.mask.value).toBeUndefined();
    expect(pasted.notUnderstood.value).toEqual([]);
  });

  it('asks most costly first, and is kept once everything has an answer', () => {
    pasted.text.value = 'Harbour\n2 drops of dew\n1 cup babassu milk\n1 tbsp honey';
    expect(pasted.open.value.map(({ key }) => key)).toEqual(['1 cup babassu milk', '2 drops of dew']);
    pasted.answer('1 cup babassu milk', { ingredientId: 'milk' });
    expect(gramsOf('milk')).toBeGreaterThan(200);
    pasted.answer('2 drops of dew', { isLeftOut: true });
    expect(pasted.open.value).toEqual([]);
    expect(pasted.input()).toMatchObject({ name: 'Harbour' });
    expect(pasted.input().parts.map(({ ingredientId }) => ingredientId)).toEqual(['milk', 'honey']);
  });

  it('keeps its answers while the text is changed elsewhere', () => {
    pasted.text.value = 'Soft\na glug of olive oil\n1 banana';
    pasted.answer('a glug of olive oil', { grams: 12 });
    pasted.text.value += '\nLeave it on an hour.';
    expect(gramsOf('olive-oil')).toBe(12);
    expect(pasted.mask.value?.wear.aimMinutes).toBe(60);
    pasted.clear();
    pasted.text.value = 'Soft\na glug of olive oil\n1 banana';
    expect(pasted.open.value).toHaveLength(1);
  });

  it('is called after what is most of it, unless it has a name or is given one', () => {
    pasted.text.value = '1 mango\n2 tbsp yogurt';
    expect(pasted.name.value).toBe('Mango and plain yogurt');
    pasted.say({ name: 'Porthole' });
    expect(pasted.mask.value?.name).toBe('Porthole');
  });

  it('writes down what one head takes, where the amounts are for two', () => {
    pasted.text.value = 'Both\n2 avocados\n4 tbsp olive oil';
    const alone = pasted.mask.value?.writtenGrams ?? 0;
    expect(pasted.mask.value?.parts[0]?.writtenAmount).toBe('2 avocados');
    pasted.say({ heads: 2 });
    expect(pasted.mask.value?.writtenGrams).toBeCloseTo(alone / 2, 1);
    expect(pasted.mask.value?.parts[0]?.writtenAmount).toBeUndefined();
    pasted.clear();
    pasted.text.value = 'Both\n2 avocados\n4 tbsp olive oil\nThat does both of us.';
    expect(pasted.heads.value).toBe(2);
  });

  it('is kept the safer way where its text is unsafe', () => {
    pasted.text.value = 'Egg\n2 eggs\n1 tbsp honey\nAn hour under a hood.';
    expect(pasted.isUnsafe.value).toBe(true);
    expect(pasted.mask.value?.heat).toBe('dryer-may-help');
    expect(pasted.input().heat).toBe('never');
    // Looking at what would be kept changes nothing of what is on the page.
    expect(pasted.mask.value?.heat).toBe('dryer-may-help');
    pasted.say({ isSafe: true });
    expect(pasted.isUnsafe.value).toBe(false);
    expect(pasted.mask.value?.heat).toBe('never');
  });

  it('keeps a sentence that was not understood among the steps, when it is told to', () => {
    pasted.text.value = 'Tide\n1 mango\nMoonlight does the rest.';
    expect(pasted.notUnderstood.value).toEqual(['Moonlight does the rest']);
    pasted.say({ keptSteps: ['Moonlight does the rest'] });
    expect(pasted.notUnderstood.value).toEqual([]);
    expect(pasted.input().steps).toContain('Moonlight does the rest');
  });
});
