import { describe, expect, it } from 'vitest';
import { CATALOGUE, gramsPerMillilitre, ingredientById } from '../ingredient';
import { MILLILITRES_PER, SPOON_SETS, spoonMillilitres } from '../measure';
import { CUT_CHARGE, FINE_CUT_CHARGE, leastMeasurableGrams, measurableAmounts, neighbouringGrams, spoonable } from '.';

const of = (id: string) => ingredientById(CATALOGUE, id);
const spoons = SPOON_SETS.us;

describe('measurable amounts', () => {
  it('count eggs whole and avocados in eighths, and charge for a cut, the more the finer', () => {
    const eggs = measurableAmounts(of('egg-whole'), {
      measuredBy: 'piece',
      pieceGrams: 50,
      spoons,
      idealGrams: 100,
      mostGrams: 220,
    });
    expect(eggs).toEqual(
      [50, 100, 150, 200, 250].map((grams) => ({ grams, charge: 0 })).filter(({ grams }) => grams <= 220),
    );
    const avocados = measurableAmounts(of('avocado'), {
      measuredBy: 'piece',
      pieceGrams: 136,
      spoons,
      idealGrams: 136,
      mostGrams: 272,
    });
    expect(avocados.find(({ grams }) => grams === 136)?.charge).toBe(0);
    const charge = (eighths: number) => avocados.find(({ grams }) => grams === eighths * 17)?.charge;
    expect(charge(4)).toBe(CUT_CHARGE);
    expect(charge(10)).toBeCloseTo(CUT_CHARGE + FINE_CUT_CHARGE, 12);
    expect(charge(9)).toBeCloseTo(CUT_CHARGE + 2 * FINE_CUT_CHARGE, 12);
  });

  it('always offer the least there is, even when it is far too much', () => {
    const [one, ...more] = measurableAmounts(of('egg-yolk'), {
      measuredBy: 'piece',
      pieceGrams: 17,
      spoons,
      idealGrams: 2,
      mostGrams: 5,
    });
    expect(one?.grams).toBe(17);
    expect(more).toEqual([]);
  });

  it('offer one below and one above where none lies between', () => {
    const grams = measurableAmounts(of('egg-yolk'), {
      measuredBy: 'piece',
      pieceGrams: 17,
      spoons,
      idealGrams: 60,
      mostGrams: 20,
    }).map((choice) => choice.grams);
    expect(grams).toEqual([17, 34]);
  });

  it('are all the handfuls of spoons there are: as many of the largest as fit, and up to four smaller', () => {
    for (const set of [SPOON_SETS.us, SPOON_SETS.metric]) {
      const sizes = set.map(spoonMillilitres).sort((a, b) => b - a);
      const most = 3 * sizes[0]!;
      // Every multiset of up to four, smaller than the largest spoon, tried one by one; none a twenty-second of the whole or less.
      let handfuls: { millilitres: number; count: number; least: number }[] = [
        { millilitres: 0, count: 0, least: 1e9 },
      ];
      let last = handfuls;
      for (let spoon = 0; spoon < 4; spoon++) {
        last = last.flatMap(({ millilitres, count, least }) =>
          sizes
            .filter((size) => size <= least)
            .map((size) => ({ millilitres: millilitres + size, count: count + 1, least: size })),
        );
        handfuls = [...handfuls, ...last];
      }
      const found = spoonable(set, most);
      for (const { millilitres, count } of found) {
        expect(millilitres).toBeLessThanOrEqual(most);
        if (millilitres < sizes.at(-1)! * 0.9) {
          expect(millilitres / count).toBeCloseTo(MILLILITRES_PER.pinch, 9);
          continue;
        }
        const fewest = Math.min(
          ...[0, 1, 2, 3].flatMap((full) =>
            handfuls
              .filter((hand) => Math.abs(hand.millilitres + full * sizes[0]! - millilitres) < 0.02)
              .map((hand) => hand.count + full),
          ),
        );
        expect(count).toBeGreaterThanOrEqual(fewest);
        expect(Number.isFinite(fewest)).toBe(true);
      }
      // A single spoon of each size, and so many of the largest, are among them and count as that.
      for (const size of sizes)
        expect(found.find(({ millilitres }) => Math.abs(millilitres - size) < 1e-9)?.count).toBe(1);
      for (const full of [2, 3])
        expect(found.find(({ millilitres }) => Math.abs(millilitres - full * sizes[0]!) < 1e-9)?.count).toBe(full);
      // Between the last pinch and the smallest spoon lies nothing.
      const between = found.filter(
        ({ millilitres }) => millilitres > sizes.at(-1)! * 0.9 && millilitres < sizes.at(-1)! - 1e-9,
      );
      expect(between).toEqual([]);
    }
  });

  it('leave nothing as a choice for drops and pinches alone', () => {
    const drops = measurableAmounts(of('rosemary-oil'), {
      measuredBy: 'drop',
      spoons,
      idealGrams: 0.2,
      mostGrams: 0.4,
    });
    expect(drops[0]?.grams).toBe(0);
    expect(drops[1]!.grams).toBeGreaterThan(0);
    const honey = measurableAmounts(of('honey'), { measuredBy: 'spoon', spoons, idealGrams: 40, mostGrams: 80 });
    expect(Math.min(...honey.map(({ grams }) => grams))).toBeGreaterThan(0);
  });

  it('weigh by finer steps where there is less', () => {
    const grams = measurableAmounts(of('pumpkin'), {
      measuredBy: 'weight',
      spoons,
      idealGrams: 60,
      mostGrams: 400,
    }).map((c) => c.grams);
    const steps = grams.slice(1).map((g, i) => g - grams[i]!);
    expect(Math.min(...steps)).toBe(1);
    expect(Math.max(...steps)).toBe(10);
    expect(steps).toEqual([...steps].sort((a, b) => a - b));
  });

  it('lie near one another: no gap in spooned volumes that a bowl would feel', () => {
    const volumes = spoonable(spoons, 500)
      .map(({ millilitres }) => millilitres)
      .filter((v) => v > 5);
    for (let i = 1; i < volumes.length; i++) expect(volumes[i]! / volumes[i - 1]!).toBeLessThan(1.26);
  });
});

it('knows the least that can be measured', () => {
  expect(leastMeasurableGrams(of('avocado'), { measuredBy: 'piece', pieceGrams: 136, spoons })).toBe(17);
  expect(leastMeasurableGrams(of('pumpkin'), { measuredBy: 'weight', spoons })).toBe(1);
  expect(leastMeasurableGrams(of('honey'), { measuredBy: 'spoon', spoons })).toBeCloseTo(
    (4.92892159375 / 16) * gramsPerMillilitre(of('honey')),
    9,
  );
});

it('steps to the next amount that can be measured', () => {
  const byPiece = { measuredBy: 'piece', pieceGrams: 136, spoons } as const;
  expect(neighbouringGrams(of('avocado'), byPiece, 136, 1)).toBe(153);
  expect(neighbouringGrams(of('avocado'), byPiece, 136, -1)).toBe(119);
  expect(neighbouringGrams(of('avocado'), byPiece, 17, -1)).toBeUndefined();
  const bySpoon = { measuredBy: 'spoon', spoons } as const;
  const tablespoon = 14.78676478125 * gramsPerMillilitre(of('honey'));
  const more = neighbouringGrams(of('honey'), bySpoon, tablespoon, 1)!;
  expect(more).toBeGreaterThan(tablespoon);
  expect(neighbouringGrams(of('honey'), bySpoon, more, -1)).toBeCloseTo(tablespoon, 6);
});

it('steps up from the smallest there is as well: one more drop, one more egg, another gram', () => {
  const dropGrams = leastMeasurableGrams(of('rosemary-oil'), { measuredBy: 'drop', spoons });
  expect(neighbouringGrams(of('rosemary-oil'), { measuredBy: 'drop', spoons }, dropGrams, 1)).toBeCloseTo(
    2 * dropGrams,
    9,
  );
  const eggs = { measuredBy: 'piece', pieceGrams: 50, spoons } as const;
  expect(neighbouringGrams(of('egg-whole'), eggs, 50, 1)).toBe(100);
  expect(neighbouringGrams(of('pumpkin'), { measuredBy: 'weight', spoons }, 1, 1)).toBe(2);
  expect(neighbouringGrams(of('pumpkin'), { measuredBy: 'weight', spoons }, 300, 1)).toBe(310);
  expect(neighbouringGrams(of('pumpkin'), { measuredBy: 'weight', spoons }, 300, -1)).toBe(295);
});
