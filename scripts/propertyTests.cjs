const fc = require('fast-check');

/*
 * Property tests draw the same cases on every run, so that a change either passes or does not. To look for cases
 * nobody has met yet: DORMER_SEED=random, and DORMER_RUNS for how many of each (100 if not said).
 */
const seed = process.env.DORMER_SEED || '20';
const runs = process.env.DORMER_RUNS;
fc.configureGlobal({
  ...(seed === 'random' ? {} : { seed: Number(seed) }),
  ...(runs ? { numRuns: Number(runs) } : {}),
});
