const fc = require('fast-check');

/*
 * Property tests draw the same cases on every run, so that a change either passes or does not. To look for cases
 * nobody has met yet: DORMER_SEED=random, and DORMER_RUNS for how many of each (100 if not said).
 */
const { DORMER_SEED: seed = '20', DORMER_RUNS: runs } = process.env;
fc.configureGlobal({
  ...(seed === 'random' ? {} : { seed: Number(seed) }),
  ...(runs ? { numRuns: Number(runs) } : {}),
});
