const { readdirSync, readFileSync } = require('node:fs');
const path = require('node:path');
const { Failure, root, run } = require('./run.cjs');

const USUAL_MINUTES = 5;
const MOST_SEED = 2 ** 31;

/**
 * Runs every property test of the core with new seeds until the time is over.
 * @throws Failure naming the seed that failed
 */
exports.fuzz = async function fuzz([minutes = String(USUAL_MINUTES), ...rest]) {
  const limit = Number(minutes);
  if (rest.length > 0 || !(limit > 0)) throw new Failure('fuzz takes a number of minutes: ./dormer fuzz 10');
  const files = propertyTests();
  const until = Date.now() + limit * 60_000;
  for (let round = 1; round === 1 || Date.now() < until; round += 1) {
    const seed = String(Math.floor(Math.random() * MOST_SEED));
    process.stdout.write(`\n== round ${round}, seed ${seed}: ${files.length} files\n`);
    const failure = `A property fails with seed ${seed}. Run it again: DORMER_SEED=${seed} npm test -- FILE`;
    await run('jest', ['--ci', '--silent', ...files], { DORMER_SEED: seed, failure });
  }
};

/** Paths of the test files with properties. */
function propertyTests() {
  const folder = path.join('core', 'src');
  const files = readdirSync(path.join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.test.ts'))
    .map((file) => path.join(folder, file))
    .filter((file) => readFileSync(path.join(root, file), 'utf8').includes('fc.assert'));
  if (files.length === 0) throw new Failure('There is no property test.');
  return files;
}
