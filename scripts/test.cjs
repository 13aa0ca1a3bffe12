const { existsSync } = require('node:fs');
const { ensureBuilt, ensureInstalled } = require('./ready.cjs');
const { Failure, run } = require('./run.cjs');

const CHECKS = [
  'eslint --max-warnings 0 .',
  'npm run --silent typecheck',
  'npm run --silent lint:types',
  'prettier --check --log-level warn .',
  'depcruise --output-type err core/src server/src app',
  'node --import tsx scripts/plainWords.ts',
  ...['jobSchema', 'supportExamples', 'tradeWordsDocs'].map((one) => `node --import tsx scripts/${one}.ts --check`),
];

/** Everything that is checked, in the order in which it is cheapest to learn of a fault. */
const STEPS = [
  ['packages', ensureInstalled],
  ['browser', ensureChromium],
  ['checks', () => run('concurrently', ['--group', '--max-processes', '100%', ...CHECKS])],
  ['unit and server', () => run('jest', ['--ci'])],
  ['build', ensureBuilt],
  ['end to end', () => run('playwright', ['test', '-c', 'e2e'])],
];

/** @param names steps to take; all when none is named */
exports.test = async function test(names) {
  const known = STEPS.map(([name]) => name);
  const unknown = names.find((name) => !known.includes(name));
  if (unknown) throw new Failure(`Unknown step “${unknown}”. The steps: ${known.join(', ')}.`);
  const began = Date.now();
  for (const [name, step] of STEPS) {
    if (names.length > 0 && !names.includes(name)) continue;
    const from = Date.now();
    process.stdout.write(`\n== ${name}\n`);
    await step();
    process.stdout.write(`== ${name}: ${((Date.now() - from) / 1000).toFixed(1)} s\n`);
  }
  process.stdout.write(`\nAll of it holds: ${((Date.now() - began) / 1000).toFixed(0)} s\n`);
};

async function ensureChromium() {
  if (['chromium-headless-shell', 'chromium'].some((name) => existsSync(`/usr/bin/${name}`))) return;
  const needed = 'The tests need Debian’s browser: apt-get install chromium-headless-shell';
  const root = process.getuid && process.getuid() === 0;
  if (!root || !existsSync('/usr/bin/apt-get')) throw new Failure(needed);
  await run('apt-get', ['update', '-q'], { failure: needed });
  await run('apt-get', ['install', '-y', '-q', 'chromium-headless-shell'], {
    failure: needed,
    DEBIAN_FRONTEND: 'noninteractive',
  });
}
