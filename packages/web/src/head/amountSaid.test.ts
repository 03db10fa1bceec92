import { strandCount, type HairAmount, type HairProfile } from '@amber-ladle/core/hair';
import { expect, it } from 'vitest';
import { amountSaid, keyOfAmount } from './amountSaid';
import { newHead } from './newHead';

const AMOUNTS: readonly HairAmount[] = [
  { kind: 'density', density: 'low' },
  { kind: 'density', density: 'high' },
  { kind: 'eye', look: 'sparse' },
  { kind: 'eye', look: 'plenty' },
  { kind: 'ponytail', circumferenceMillimetres: 104 },
];
const of = (amount: HairAmount): HairProfile => ({ ...newHead().profile, amount, strandDiameterMicrometres: 62 });

it('is a ponytail as thick as what was said before, to the millimetre', () => {
  for (const amount of AMOUNTS) {
    const before = of(amount);
    const tail = amountSaid('ponytail', before);
    // Half a millimetre of 60 or more is less than 2 % of the strands.
    expect(strandCount(of(tail)) / strandCount(before)).toBeCloseTo(1, 1.4);
    expect(Number.isInteger('circumferenceMillimetres' in tail && tail.circumferenceMillimetres)).toBe(true);
  }
});

it('is what was chosen, by its word', () => {
  for (const amount of AMOUNTS.slice(0, 4)) expect(amountSaid(keyOfAmount(amount), of(amount))).toEqual(amount);
  expect(AMOUNTS.map(keyOfAmount).at(-1)).toBe('ponytail');
});
