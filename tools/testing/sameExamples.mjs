import { configureGlobal } from 'fast-check';

/**
 * Every property is tried on the same examples in each run: what passes here passes elsewhere, and what fails fails again.
 * Others are tried by AMBER_LADLE_SEED, more of them by AMBER_LADLE_EXAMPLES.
 */
const { AMBER_LADLE_SEED: seed = '1', AMBER_LADLE_EXAMPLES: examples } = process.env;
configureGlobal({ seed: Number(seed), ...(examples === undefined ? {} : { numRuns: Number(examples) }) });
