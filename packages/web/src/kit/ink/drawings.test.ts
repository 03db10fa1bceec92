import { CATALOGUE, FAMILY_ROWS } from '@amber-ladle/core/ingredient';
import { QUALITIES } from '@amber-ladle/core/learn';
import { STEP_KINDS } from '@amber-ladle/core/washday';
import { PLACE_KINDS } from '@amber-ladle/core/shelf';
import { MESSAGES } from '@amber-ladle/core/message';
import { describe, expect, it } from 'vitest';
import { BY_FAMILY, BY_INGREDIENT, drawingOf } from './drawn';
import { PEELED, peeledOf } from './drawn/peeled';
import { SCENES, sceneOf } from './drawn/scene';
import { verdictOf } from './drawn/verdict';
import { byHand } from './hand';
import { IN_BOWL, paintInBowl, surfaceOf } from './texture';
import type { Look, Mark } from './types';

const LOOKS: readonly Look[] = ['unripe', 'nearly', 'ready', 'last-day', 'past'];
const numbersOf = (d: string): number[] => [...d.matchAll(/-?\d+(?:\.\d+)?/g)].map(Number);
/** Every mark is a path that stays about its box. */
function expectSound(marks: readonly Mark[], name: string): void {
  expect(marks.length, name).toBeGreaterThan(0);
  for (const { d, fill } of marks) {
    expect(/^M/.test(d) && !/NaN|undefined|Infinity/.test(d), `${name}: ${d}`).toBe(true);
    expect(Math.max(...numbersOf(d).map((number) => Math.abs(number - 50))), name).toBeLessThan(72);
    if (fill !== undefined) expect(fill, name).toMatch(/^#[0-9A-F]{6}$/i);
  }
}

describe('the book of ingredients', () => {
  it('has a drawing of its own for more than the forty most used, and only of things that exist', () => {
    expect(Object.keys(BY_INGREDIENT).length).toBeGreaterThan(100);
    for (const id of Object.keys(BY_INGREDIENT)) expect(CATALOGUE.has(id), id).toBe(true);
    for (const id of Object.keys(IN_BOWL)) expect(CATALOGUE.has(id), id).toBe(true);
  });
  it('has one for every family', () => {
    expect(Object.keys(BY_FAMILY).sort()).toEqual(FAMILY_ROWS.map(({ id }) => id).sort());
    expect(drawingOf('a-fruit-of-ours', 'fruit')).toBe(BY_FAMILY['fruit']);
  });
  it('draws everything soundly, ripe or not, whole and open', () => {
    for (const { id, family } of CATALOGUE.values()) {
      const drawing = drawingOf(id, family);
      for (const look of LOOKS) expectSound(drawing.whole(look), `${id} ${look}`);
      if (drawing.face) expectSound(drawing.face.marks, `${id} open`);
    }
  });
  it('tells ripeness by the skin of all that ripens and has a drawing', () => {
    for (const { id, family, ripening } of CATALOGUE.values()) {
      if (!ripening || !(id in BY_INGREDIENT)) continue;
      const { whole } = drawingOf(id, family);
      const [hard, ready, past] = (['unripe', 'ready', 'past'] as const).map((look) => JSON.stringify(whole(look)));
      expect(hard, id).not.toBe(ready);
      expect(past, id).not.toBe(ready);
    }
  });
  it('opens whatever is bought in pieces with flesh, but eggs and cloves', () => {
    const shut = [...CATALOGUE.values()].filter(({ id, family, pieces }) => pieces && !drawingOf(id, family).face);
    expect(shut.map(({ family }) => family).filter((family) => family !== 'egg')).toEqual([]);
  });
});

describe('without its skin', () => {
  it('is drawn whatever is peeled, in the colour of its flesh with the skin beside it', () => {
    for (const id of PEELED) {
      const drawing = drawingOf(id, CATALOGUE.get(id)?.family ?? expect.fail(id));
      const marks = peeledOf(drawing);
      expectSound(marks, id);
      const [skin, flesh] = drawing.face?.marks ?? [];
      expect(marks[0]?.fill, id).toBe(flesh?.fill);
      expect(marks.at(-1)?.fill, id).toBe(skin?.fill);
      expect(marks, id).not.toEqual(drawing.whole('ready'));
    }
    expect(peeledOf({ whole: () => [] })).toEqual([]);
  });
});

describe('what is in the bowl', () => {
  it('has a paint and a surface for everything', () => {
    for (const row of CATALOGUE.values()) {
      expect(paintInBowl(row), row.id).toMatch(/^#[0-9A-F]{6}$/i);
      expect(surfaceOf(row), row.id).toBeTruthy();
    }
    // How these look in a bowl is common practice, no published source.
    const surface = (id: string) => surfaceOf(CATALOGUE.get(id) ?? expect.fail(id));
    expect(['avocado', 'honey', 'olive-oil', 'flax-gel', 'white-clay', 'yogurt', 'milk', 'water'].map(surface)).toEqual(
      ['puree', 'syrup', 'oil', 'gel', 'powder', 'cream', 'liquid', 'liquid'],
    );
  });
});

describe('scenes', () => {
  it('are sound', () => {
    for (const [name, marks] of Object.entries(SCENES)) {
      expectSound(marks, name);
      // Not above their box, where they would cover what stands there. Points of arcs are no pairs.
      const ys = marks
        .filter(({ d }) => !/[AHV]/i.test(d))
        .flatMap(({ d }) => numbersOf(d).filter((_, at) => at % 2 === 1));
      expect(Math.min(50, ...ys), name).toBeGreaterThanOrEqual(-3);
    }
  });
  it('stand for a step by its title, else by its kind, and every kind has one', () => {
    expect(sceneOf('step.boil-gel.title', 'boil')).toBe(SCENES['boil-gel']);
    expect(sceneOf('step.of-our-own.title', 'boil')).toBe(SCENES.boil);
    for (const kind of STEP_KINDS) expect(sceneOf('', kind).length, kind).toBeGreaterThan(0);
  });
  it('are of steps that there are, beside what empty pages and the hood show', () => {
    const steps = new Set(Object.keys(MESSAGES).flatMap((id) => /^step\.([a-z-]+)\.title$/.exec(id)?.[1] ?? []));
    const kinds: ReadonlySet<string> = new Set(STEP_KINDS);
    const others = Object.keys(SCENES).filter((name) => !steps.has(name) && !kinds.has(name));
    const places = PLACE_KINDS.map((kind) => `place-${kind}`);
    expect(others.sort()).toEqual(
      [
        ...places,
        'basket',
        'box',
        'door-open',
        'door-question',
        'door-trust',
        'empty',
        'hood',
        'laptop',
        'page',
        'phone',
      ].sort(),
    );
  });
});

describe('verdicts', () => {
  it('look different from poor over middling to good, for everything that is asked', () => {
    for (const quality of Object.values(QUALITIES).flat()) {
      const states = ([1, 2, 3] as const).map((level) => verdictOf(quality, level));
      for (const marks of states) expectSound(marks, quality);
      expect(new Set(states.map((marks) => JSON.stringify(marks))).size, quality).toBe(3);
    }
    expect(verdictOf('something-else', 1)).toEqual([]);
  });
});

describe('the hand', () => {
  it('draws the same thing alike each time, and nearly along its path', () => {
    const d = BY_INGREDIENT['pear']?.face?.outline ?? '';
    expect(byHand(d)).toBe(byHand(d));
    expect(byHand(d)).not.toBe(d);
    const box = (path: string) => {
      const numbers = numbersOf(path);
      const xs = numbers.filter((_, at) => at % 2 === 0);
      return [Math.min(...xs), Math.max(...xs)];
    };
    const [from = 0, to = 0] = box(d);
    const [drawnFrom = 0, drawnTo = 0] = box(byHand(d));
    expect(Math.abs(drawnFrom - from)).toBeLessThan(4);
    expect(Math.abs(drawnTo - to)).toBeLessThan(4);
  });
});
