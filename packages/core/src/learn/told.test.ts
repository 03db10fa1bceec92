import { describe, expect, it } from 'vitest';
import { factorBand, lastedAsTold, learnFactor, nextUse, TOLD_OUTCOMES, toldEvidence, type BowlOnHead } from '.';

const AT = '2026-03-14T09:00:00.000Z';
const bowl: BowlOnHead = {
  at: AT,
  texture: 'creamy',
  modelMillilitres: 200,
  madeMillilitres: 215,
  holdUpMillilitres: 10,
  dripShare: 0.02,
  heads: 1,
};
const options = { amount: 'eye', now: Date.parse(AT) } as const;
const after = (outcome: (typeof TOLD_OUTCOMES)[number], made = 215) =>
  nextUse([toldEvidence({ ...bowl, madeMillilitres: made }, outcome)!], options, 0.85);

describe('a mask that its maker brings along', () => {
  it('moves the next bowl the way she says: less the more was left, more where it ran short', () => {
    const [enough, some, half, short] = TOLD_OUTCOMES.map((outcome) => after(outcome).median);
    const nothing = nextUse([], options, 0.85).median;
    expect(some!).toBeLessThan(enough!);
    expect(half!).toBeLessThan(some!);
    expect(half!).toBeLessThan(0.8 * nothing);
    expect(short!).toBeGreaterThan(nothing);
    // What was just enough of what was expected changes nothing but the doubt.
    expect(enough! / nothing).toBeGreaterThan(0.9);
    expect(enough! / nothing).toBeLessThan(1.1);
    expect(after('just-enough').sigma).toBeLessThan(nextUse([], options, 0.85).sigma);
  });

  it('says that a small bowl that was enough is a head that takes little', () => {
    expect(after('just-enough', 110).median).toBeLessThan(0.75 * after('just-enough').median);
  });

  it('is believed less than the same bowl measured', () => {
    const width = (evidence: Parameters<typeof learnFactor>[0]) => {
      const { low, high } = factorBand(learnFactor(evidence, options));
      return high / low;
    };
    const told = toldEvidence(bowl, 'just-enough')!;
    expect(width([told])).toBeGreaterThan(width([{ ...told, noise: 0 }]));
    expect(told.noise).toBe(0.15);
  });

  it('is what the log would have, of what the text makes', () => {
    expect(TOLD_OUTCOMES.map((outcome) => lastedAsTold(outcome, 200))).toEqual([
      { kind: 'left', millilitres: 0, how: 'judged' },
      { kind: 'left', millilitres: 40, how: 'judged' },
      { kind: 'left', millilitres: 100, how: 'judged' },
      { kind: 'ran-out' },
    ]);
    expect(toldEvidence(bowl, 'ran-short')?.kind).toBe('at-least');
  });

  it('says nothing where nothing would reach the hair', () => {
    expect(toldEvidence({ ...bowl, madeMillilitres: 5 }, 'just-enough')).toBeUndefined();
  });
});
