import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../../ingredient';
import { BUILT_IN_MASKS, type Mask } from '../../mask';
import { message, MESSAGES, type Message } from '../../message';
import { aBowl, aDay } from '../../testing';
import { planDay } from '../schedule';
import { daySteps, editNameOf, lengthOf, MOST_STEPS, stepsOfMask, type BowlOfDay, type PlanStep } from '.';

const find = (steps: readonly PlanStep[], id: string): PlanStep => {
  const found = steps.find((step) => step.id === id);
  if (!found) throw new Error(`${id} is not among ${steps.map((step) => step.id).join(', ')}`);
  return found;
};
/** The parameters of the one message of an id among what a step says. */
const paramsOf = (words: readonly Message[], id: string) => words.find((one) => one.id === id)?.params ?? {};
const at = { kitchen: { rings: 2 }, wish: { kind: 'start-at', at: 0 } as const, now: 0 };

describe('the steps of a day', () => {
  it.each(BUILT_IN_MASKS.map(({ id }) => id))(
    'of %s: named once, no circle, every limit kept, the head served',
    (id) => {
      for (const heads of [1, 2] as const) {
        const steps = aDay(id, heads);
        const ids = new Set(steps.map((step) => step.id));
        expect(ids.size).toBe(steps.length);
        expect(steps.length).toBeLessThanOrEqual(MOST_STEPS);
        for (const step of steps) {
          for (const { stepId } of step.after) expect(ids).toContain(stepId);
          expect(MESSAGES[step.title.id]).toBeDefined();
          expect(Number.isInteger(step.handsOnMinutes) && Number.isInteger(step.waitMinutes)).toBe(true);
        }
        for (const kind of ['apply', 'wear', 'rinse'] as const)
          expect(steps.filter((step) => step.kind === kind)).toHaveLength(heads);
        const plan = planDay(steps, at);
        expect(plan.missed).toEqual([]);
        expect(plan.isProven).toBe(true);
      }
    },
  );

  // Names of what each message is given, no figures: those are held to elsewhere, and change with the sizing.
  it('of every built-in mask say the same as before, unless somebody meant it', async () => {
    const said = ({ id, params = {} }: Message): string =>
      `${id}${Object.keys(params).length === 0 ? '' : `(${Object.keys(params).sort().join(', ')})`}`;
    const outlineOf = (one: PlanStep): string =>
      [
        `${one.id}: ${one.kind}, ${said(one.title)}${one.usesRing ? ', on a ring' : ''}${one.isFresh ? ', fresh' : ''}`,
        ...(one.tools.length > 0 ? [`    with ${one.tools.join(', ')}`] : []),
        ...one.words.map((word) => `    ${said(word)}`),
        ...(one.lookFor ? [`    look for ${said(one.lookFor)}`] : []),
        ...(one.limit ? [`    mind ${said(one.limit)}`] : []),
        ...one.cautions.map((caution) => `    careful: ${said(caution)}`),
      ].join('\n');
    const within = new Map<string, string[]>();
    for (const { id } of BUILT_IN_MASKS)
      for (const outline of aDay(id).map(outlineOf)) within.set(outline, [...(within.get(outline) ?? []), id]);
    const all = [...within].map(([outline, ids]) => `${outline}\n    of ${ids.join(', ')}`).join('\n');
    await expect(`${all}\n`).toMatchFileSnapshot('./outlines.txt');
  });

  it('of a made thing of one’s own: its way is read out, its hands are ten minutes at the most, and then it stands', () => {
    const bowl = aBowl('towpath-avocado');
    const own = { ...bowl.catalogue.get('yogurt')!, id: 'labneh', name: 'Labneh' };
    const made = (standMinutes: number | undefined, how: string | undefined): PlanStep => {
      const recipe = {
        method: 'stir-together',
        yield: { kind: 'blend', parts: [], keptBackShare: 0 },
        standMinutes,
        how,
      };
      const steps = daySteps([
        {
          ...bowl,
          catalogue: new Map([...bowl.catalogue, ['labneh', { ...own, recipe: recipe as never }]]),
          lines: bowl.lines.map((line) =>
            line.ingredientId === 'yogurt' ? { ...line, ingredientId: 'labneh' } : line,
          ),
        },
      ]);
      return find(steps, 'labneh.make');
    };
    const slow = made(240, 'Hang it in a cloth.');
    expect(slow).toMatchObject({ kind: 'prepare', handsOnMinutes: 10, waitMinutes: 230 });
    expect(slow.words.map(({ id }) => id)).toEqual(['step.amounts', 'said']);
    expect(paramsOf(slow.words, 'said')).toEqual({ text: 'Hang it in a cloth.' });
    expect(made(4, undefined)).toMatchObject({ handsOnMinutes: 4, waitMinutes: 0 });
    expect(made(undefined, undefined).words.map(({ id }) => id)).toEqual(['step.amounts']);
    expect(made(undefined, undefined).handsOnMinutes).toBe(1);
  });

  it('measure every ingredient of the bowl once', () => {
    for (const { id } of BUILT_IN_MASKS) {
      const { lines } = aBowl(id);
      const measured = aDay(id).flatMap(({ ingredientIds }) => ingredientIds);
      expect([...measured].sort()).toEqual(
        lines
          .filter(({ grams }) => grams > 0)
          .map(({ ingredientId }) => ingredientId)
          .sort(),
      );
    }
  });

  it('boil rice for 20 to 30 minutes, cool it for about 15, soak it for an hour where its school does', () => {
    // [P13] Common practice, no published source.
    const steps = aDay('rice-silk');
    const boil = find(steps, 'rice-cream.boil');
    const water = paramsOf(boil.words, 'step.boil.water');
    expect(water['minutes']).toBeGreaterThanOrEqual(20);
    expect(water['minutes']).toBeLessThanOrEqual(30);
    expect(boil.usesRing).toBe(true);
    // It comes to the boil first, a minute for 120 mL on a middling ring: an assumption of this project.
    const heating = boil.waitMinutes - Number(water['minutes']);
    expect(heating).toBe(Math.round(Number(water['grams']) / 120));
    expect(heating).toBeGreaterThanOrEqual(2);
    expect(find(steps, 'rice-cream.blend').cautions).toContainEqual(message('handling.vent-lid'));
    expect(find(steps, 'rice-cream.cool').waitMinutes).toBeGreaterThanOrEqual(10);
    expect(find(steps, 'rice-cream.cool').waitMinutes).toBeLessThanOrEqual(25);
    expect(steps.some(({ kind }) => kind === 'soak')).toBe(false);
    const soaked = aDay('rice-silk', 1, {}, true);
    expect(find(soaked, 'rice-cream.soak').waitMinutes).toBe(60);
    expect(lengthOf(find(soaked, 'rice-cream.boil'))).toBeLessThan(lengthOf(boil));
  });

  it('cool starch for 5 minutes, boil gel for about 7 and strain it at once', () => {
    // [P14] [P15] Common practice, no published source.
    const starch = aDay('starch-gloss');
    expect(starch.find(({ kind }) => kind === 'cool')?.waitMinutes).toBe(5);
    expect(starch.find(({ kind }) => kind === 'boil')?.lookFor?.id).toBe('step.warm-starch.look');
    const flax = aDay('flax-slip');
    const strain = flax.find(({ id }) => id.endsWith('.strain')) as PlanStep;
    expect(strain.after[0]?.withinMinutes).toBeLessThanOrEqual(5);
    const boil = find(flax, strain.after[0]?.stepId as string);
    expect(lengthOf(boil)).toBeGreaterThanOrEqual(7);
    expect(paramsOf(boil.words, 'step.boil.water')['minutes']).toBe(7);
  });

  it('blend fruit for a minute or two at most, never an egg by blender, and wear within practice', () => {
    // [P16] [P17] Common practice, no published source.
    expect(find(aDay('towpath-avocado'), 'mix').limit).toEqual(message('handling.blend-limit', { minutes: 2 }));
    const egg = aDay('two-yolk-evening');
    expect(find(egg, 'mix').title.id).toBe('step.mix-fork.title');
    const worn = find(egg, 'ada.wear');
    expect(worn.waitMinutes).toBeGreaterThanOrEqual(15);
    expect(worn.waitMinutes).toBeLessThanOrEqual(30);
    expect(worn.cautions.map(({ id }) => id)).toContain('step.wear.no-warmth');
    expect(find(egg, 'ada.rinse').cautions.map(({ id }) => id)).toContain('step.rinse-hair.cool');
  });

  it('leave an acid rinse on for 5 to 10 minutes where egg or onion smell', () => {
    // [P18] Common practice, no published source.
    for (const { id } of BUILT_IN_MASKS.filter(({ rinse }) => rinse.acidRinse)) {
      const rinse = find(aDay(id), 'ada.acid-rinse');
      expect(lengthOf(rinse)).toBeGreaterThanOrEqual(5);
      expect(lengthOf(rinse)).toBeLessThanOrEqual(10);
    }
  });

  it('say what the rinse takes: how much vinegar and water with what acidity, shampoos and the conditioner’s minutes', () => {
    const mix = (bowl: BowlOfDay) => find(daySteps([bowl]), 'ada.acid-rinse').words[0]?.params;
    const plain = aBowl('two-yolk-evening');
    const egg = { ...plain, mask: { ...plain.mask, rinse: { ...plain.mask.rinse, acidRinse: true } } };
    // One part in eight of 5 %: 0.6 %; ½(4.756 − log₁₀ 0.104 mol/L) = 2.9 (weak acid, CRC Handbook's pKa, from memory).
    expect(mix(egg)).toEqual({ vinegar: 500 / 8, water: (500 * 7) / 8, label: 5, percent: 0.6, ph: 2.9 });
    expect(mix({ ...egg, waterParts: 1 })).toMatchObject({ vinegar: 250, water: 250, percent: 2.5 });
    const words = (id: string, change: Partial<Mask['rinse']>) => {
      const bowl = aBowl(id);
      const mask = { ...bowl.mask, rinse: { ...bowl.mask.rinse, ...change } };
      return find(daySteps([{ ...bowl, mask }]), 'ada.rinse').words.map((one) => [one.id, one.params]);
    };
    expect(words('rice-silk', { shampoos: 0, conditioner: false })).toContainEqual(['step.rinse-hair.no-shampoo', {}]);
    const full = words('rice-silk', { shampoos: 2, conditioner: true });
    expect(full).toContainEqual(['step.rinse-hair.shampoos', { count: 2 }]);
    expect(full).toContainEqual(['step.rinse-hair.conditioner-stays', { minutes: 3 }]);
  });

  it('take longer for more of it', () => {
    const one = aDay('two-yolk-evening', 1);
    const two = aDay('two-yolk-evening', 2);
    expect(find(two, 'egg-yolk.crack').handsOnMinutes).toBeGreaterThanOrEqual(
      find(one, 'egg-yolk.crack').handsOnMinutes,
    );
    expect(find(two, 'ada.detangle').handsOnMinutes).toBeGreaterThan(find(two, 'bo.detangle').handsOnMinutes);
  });

  it('wet the sections of dry hair, wash before what goes on clean hair', () => {
    expect(aDay('rice-silk', 1, { hairState: 'spritzed' }).some(({ kind }) => kind === 'wet')).toBe(true);
    const washed = aDay('rice-silk', 1, { hairState: 'towel-dried' });
    expect(washed.some(({ kind }) => kind === 'wash')).toBe(true);
    expect(washed.some(({ kind }) => kind === 'wet')).toBe(false);
  });

  it('are the owner’s to change: minutes, words, left out, her own', () => {
    const plain = aBowl('rice-silk');
    const mask = {
      ...plain.mask,
      stepEdits: {
        'rice-cream.boil': { waitMinutes: 40, words: 'In the old pot.' },
        'head.detangle': { isLeftOut: true },
        'rice-cream.cool': { isLeftOut: true },
      },
      ownSteps: [
        { title: 'Light the lamp', handsOnMinutes: 1, waitMinutes: 0, when: 'before-mixing' as const },
        { title: 'Warm the towel', handsOnMinutes: 2, waitMinutes: 5, when: 'before-the-hair' as const },
        { title: 'Oil the ends', handsOnMinutes: 3, waitMinutes: 0, when: 'at-the-end' as const },
      ],
    };
    const steps = daySteps([{ ...plain, mask }]);
    expect(find(steps, 'rice-cream.boil')).toMatchObject({
      waitMinutes: 40,
      words: [message('said', { text: 'In the old pot.' })],
    });
    expect(steps.some(({ kind }) => kind === 'detangle' || kind === 'cool')).toBe(false);
    // What came after the cooling comes after what came before it.
    expect(find(steps, 'mix').after.map(({ stepId }) => stepId)).toContain('rice-cream.blend');
    const plan = planDay(steps, at);
    const start = (id: string) => plan.steps.find(({ stepId }) => stepId === id)?.startsAt as number;
    expect(start('own.1')).toBeLessThan(start('mix'));
    expect(start('own.2')).toBeLessThan(start('ada.apply'));
    expect(start('own.3')).toBeGreaterThan(start('ada.rinse'));
    const [head] = plain.heads;
    const shown = stepsOfMask({ ...plain, mask }, head as NonNullable<typeof head>);
    expect(shown.map(editNameOf)).toContain('head.detangle');
    expect(shown.some(({ kind }) => kind === 'own')).toBe(false);
  });

  it('of two bowls do not mix up their names', () => {
    const steps = daySteps([aBowl('rice-silk'), { ...aBowl('papaya-polish'), id: 'second' }]);
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
    expect(find(steps, '2.mix').bowlId).toBe('second');
    for (const { after, bowlId } of steps)
      for (const { stepId } of after) expect(find(steps, stepId).bowlId).toBe(bowlId);
    expect(() => daySteps([])).toThrow(RangeError);
  });

  it('boil several grains in one pot, strain them once, and let the quicker join later', () => {
    const bowl = aBowl('rice-silk');
    const [first] = bowl.lines;
    const oats = { ...first!, ingredientId: 'oat-cream', grams: 80 };
    const steps = daySteps([{ ...bowl, lines: [...bowl.lines, oats] }]);
    expect(steps.filter(({ kind }) => kind === 'boil')).toHaveLength(1);
    expect(steps.filter(({ id }) => id.endsWith('.blend'))).toHaveLength(1);
    const boil = find(steps, 'rice-cream.boil');
    expect(boil.ingredientIds).toEqual(['rice-cream', 'oat-cream']);
    expect(paramsOf(boil.words, 'step.boil.joins')).toMatchObject({ what: 'rolled oats', minutes: 13 });
  });

  it('mix strained grain within the hour that its row gives it', () => {
    // UK FSA, from memory: cool within the hour.
    const steps = aDay('rice-silk');
    expect(find(steps, 'mix').after).toContainEqual({ stepId: 'rice-cream.blend', withinMinutes: 60 });
    const plan = planDay(steps, at);
    const of = (id: string) => plan.steps.find(({ stepId }) => stepId === id)!;
    expect((of('mix').startsAt - of('rice-cream.blend').endsAt) / 60_000).toBeLessThanOrEqual(60);
  });

  it('say which pot is too small for the blades, and for the ring', () => {
    const bowl = aBowl('rice-silk');
    const little = bowl.lines.map((line) => ({ ...line, grams: line.ingredientId === 'rice-cream' ? 30 : line.grams }));
    const boil = find(daySteps([{ ...bowl, lines: little }]), 'rice-cream.boil');
    expect(boil.cautions.map(({ id }) => id)).toContain('pot.below-the-blades');
    expect(find(aDay('rice-silk'), 'rice-cream.boil').cautions.map(({ id }) => id)).not.toContain(
      'pot.below-the-blades',
    );
  });

  it('follow the row of an ingredient that nobody had thought of', () => {
    const mustard = { ...CATALOGUE.get('ginger-juice')!, id: 'radish-juice', name: 'Radish juice' };
    const bowl = aBowl('rice-silk');
    const line = { ...bowl.lines[0]!, ingredientId: 'radish-juice', grams: 20, pieces: 1 };
    const catalogue = new Map([...CATALOGUE, ['radish-juice', mustard]]);
    const steps = daySteps([{ ...bowl, catalogue, lines: [...bowl.lines, line] }]);
    expect(find(steps, 'radish-juice.press').cautions.map(({ id }) => id)).toEqual(['step.press.grater']);
  });
});

describe('what a mask asks for beside mixing', () => {
  /** The first step of a kind on a day of a mask. */
  const of = (maskId: string, id: string, change: Partial<Mask> = {}) => find(aDay(maskId, 1, change), id);

  it('melts firm butter in a cup in hot water, and weighs it there; lukewarm where egg waits for it', () => {
    // Common practice, no published source.
    const melt = of('mango-cape', 'warm');
    expect(melt.title).toEqual(message('step.melt.title', { names: ['Shea butter'] }));
    expect(melt).toMatchObject({ waitMinutes: 5, usesRing: false, ingredientIds: ['shea-butter'], cautions: [] });
    const withEgg = BUILT_IN_MASKS.find(({ id }) => id === 'two-yolk-evening') as Mask;
    const parts = withEgg.parts.map((part) =>
      part.ingredientId === 'olive-oil' ? { ...part, ingredientId: 'shea-butter' } : part,
    );
    expect(of('two-yolk-evening', 'warm', { parts }).cautions).toEqual([message('handling.warm-oil')]);
  });

  it('warms the oil of an oil treatment, and leaves a spoon of oil in a fruit mask cold', () => {
    const warm = of('night-watch-oil', 'warm');
    expect(warm.title.id).toBe('step.warm-oil.title');
    expect([...warm.ingredientIds].sort()).toEqual(['castor-oil', 'jojoba-oil']);
    expect(aDay('towpath-avocado').some(({ id }) => id === 'warm')).toBe(false);
  });

  it('bakes what is baked, off the ring, and boils what is boiled', () => {
    const bake = of('mooring-sweet-potato', 'sweet-potato.boil');
    expect(bake).toMatchObject({ kind: 'boil', usesRing: false, waitMinutes: 45, title: { id: 'step.bake.title' } });
    expect(bake.words).toContainEqual(message('step.bake.words', { degrees: 200 }));
    expect(of('mooring-sweet-potato', 'sweet-potato.cool').title.id).toBe('step.peel-baked.title');
    expect(of('carrot-lantern', 'carrot.boil')).toMatchObject({
      usesRing: true,
      title: { id: 'step.cook-soft.title' },
    });
  });

  it('lets foam settle, in a bowl that holds it', () => {
    const mix = of('light-white', 'mix', { whisked: true });
    expect(mix.waitMinutes).toBe(3);
    const { stands } = paramsOf(mix.words, 'step.mix.foam');
    expect(Number(stands)).toBeGreaterThan(aBowl('light-white').madeMillilitres);
    expect(of('light-white', 'mix').waitMinutes).toBe(0);
  });

  it('keeps the skins of the leaf for scalp and ends', () => {
    expect(of('still-water', 'ada.apply').words).toContainEqual(message('step.apply.skins'));
    expect(of('flax-slip', 'ada.apply').words).not.toContainEqual(message('step.apply.skins'));
  });

  it('tells the hood’s minutes within the wear, where warmth may help', () => {
    expect(of('rice-silk', 'ada.wear').words).toContainEqual(message('step.wear.hood', { cap: 40, hood: 20 }));
    const short = { wear: { minimumMinutes: 30, aimMinutes: 45, limitMinutes: 60 } };
    expect(of('rice-silk', 'ada.wear', short).words).toContainEqual(message('step.wear.hood', { cap: 30, hood: 15 }));
    for (const id of ['night-watch-oil', 'two-yolk-evening', 'towpath-avocado'])
      expect(of(id, 'ada.wear').words.some((one) => one.id === 'step.wear.hood')).toBe(false);
  });

  it('ends with styling as always, once, on the last step of the head', () => {
    for (const { id, rinse } of BUILT_IN_MASKS) {
      const says = aDay(id).filter(({ words }) => words.some((one) => one.id === 'step.after.words'));
      expect(says.map(({ kind }) => kind)).toEqual([rinse.acidRinse ? 'acid-rinse' : 'rinse']);
    }
  });
});

describe('children first, when asked', () => {
  const bowl = aBowl('towpath-avocado', 2);
  const [ada, bo] = bowl.heads as readonly [BowlOfDay['heads'][0], BowlOfDay['heads'][0]];
  const family: BowlOfDay = {
    ...bowl,
    heads: [
      { ...ada, ageYears: 34 },
      { ...bo, ageYears: 7 },
    ],
  };
  const startOf = (steps: readonly PlanStep[], id: string) =>
    planDay(steps, at).steps.find(({ stepId }) => stepId === id)?.startsAt ?? NaN;

  it('put the mask on a child before anybody else, within all limits', () => {
    const steps = daySteps([family], { childrenFirst: true });
    expect(startOf(steps, 'bo.apply')).toBeLessThan(startOf(steps, 'ada.apply'));
    expect(planDay(steps, at)).toMatchObject({ missed: [], isProven: true });
  });
  it('of two bowls, too; and change nothing where nobody is a child', () => {
    const two = [
      { ...aBowl('rice-silk'), id: 'a', heads: [{ ...ada, ageYears: 34 }] },
      { ...aBowl('papaya-polish'), id: 'b', heads: [{ ...bo, ageYears: 7 }] },
    ];
    const steps = daySteps(two, { childrenFirst: true });
    expect(startOf(steps, '2.bo.apply')).toBeLessThan(startOf(steps, '1.ada.apply'));
    expect(planDay(steps, at).missed).toEqual([]);
    const grown = { ...bowl, heads: [{ ...ada, ageYears: 34 }, bo] };
    expect(daySteps([grown], { childrenFirst: true })).toEqual(daySteps([grown]));
  });
});
