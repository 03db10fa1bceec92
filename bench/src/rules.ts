import { brokenRules, highsSolver, plan, type Highs } from '@amber-ladle/core/plan';
import loadHighs from 'highs';
import { aMadeUpHousehold } from '../../packages/core/src/plan/testing';
import { print } from './print';

/** How many made-up households are planned; the tests take fewer. */
const HOUSEHOLDS = Number(process.env['HOUSEHOLDS'] ?? 3000);

/** The rules that no plan may break, looked up by somebody who knows no programme, over thousands of households. */
export async function benchRules(count = HOUSEHOLDS): Promise<void> {
  const solver = highsSolver((await loadHighs()) as unknown as Highs);
  let bowls = 0;
  let broken = 0;
  for (let seed = 1; seed <= count; seed++) {
    const size = { heads: 1 + (seed % 3), days: 5 + (seed % 6), masks: 4 + (seed % 4), lots: 3 + (seed % 5) };
    const problem = aMadeUpHousehold(seed, { ...size, isShared: seed % 2 === 0 });
    const found = plan(problem, solver, { seconds: 0.1, onlyFirst: seed % 10 !== 0 });
    bowls += found.bowls.length;
    const rules = brokenRules(problem, found);
    if (rules.length > 0) process.stderr.write(`${seed}: ${rules.join('; ')}\n`);
    broken += rules.length;
  }
  print(`rules, ${count} households: broken`, String(broken), `aim 0, of ${bowls} bowls`);
}
