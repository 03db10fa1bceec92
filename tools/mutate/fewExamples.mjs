import { configureGlobal } from 'fast-check';

/** Few examples for each property: thousands of changed programs are tested anew, each by all tests that reach it. */
configureGlobal({ numRuns: 20, seed: 1 });
