import { configureGlobal } from 'fast-check';
import { beforeEach } from 'vitest';

/** Few examples for each property: thousands of changed programs are tested anew, each by all tests that reach it. */
configureGlobal({ numRuns: 20, seed: 1 });

/** What simulates for half a minute and more, and touches nearly every line: what others find is not asked of it. */
const SIMULATIONS = ['runs short as often as it says', 'lies within two points of a simulation with every spread'];
beforeEach(({ task, skip }) => {
  if (SIMULATIONS.some((name) => task.name.startsWith(name))) skip();
});
