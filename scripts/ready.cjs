const { createHash } = require('node:crypto');
const { copyFileSync, existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } = require('node:fs');
const { availableParallelism } = require('node:os');
const path = require('node:path');
const { root, run } = require('./run.cjs');

const WEB_FOLDER = path.join(root, 'app', 'dist');
const PROGRAM_FOLDER = path.join('server', 'dist');
const programFile = (name) => path.join(PROGRAM_FOLDER, `${name}.cjs`);
const SERVER = programFile('main');
const STAMPS = path.join(root, 'node_modules', '.cache', 'dormer');
const LEFT_OUT = new Set(['node_modules', 'dist', '.expo', 'e2e']);

/** Installs the packages of the lock file, unless they are. Everything npm says goes to standard error. */
async function ensureInstalled() {
  const wanted = digest(['package-lock.json', 'package.json'], process.versions.modules);
  if (stamp('installed') === wanted && existsSync(path.join(root, 'node_modules', 'tsx'))) return;
  say('Installing packages (a few minutes the first time) …');
  await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    stdio: ['ignore', process.stderr, process.stderr],
    failure: 'The packages could not be installed. Read the message of npm above.',
  });
  setStamp('installed', wanted);
}

/** Builds the web app and the programs, unless they stand and no source has changed since. */
async function ensureBuilt() {
  await buildPrograms();
  await ensureWebBuilt();
}

/** The server, its worker, the server as a module for other programs, and the commands on a job file or on the data folder. */
const PROGRAMS = {
  main: 'main',
  planWorker: 'planning/planWorker',
  serve: 'serve',
  planCommand: 'planCommand',
  checkCommand: 'checkCommand',
  cutCommand: 'cutCommand',
  backupCommand: 'backupCommand',
  restoreCommand: 'restoreCommand',
  pairCommand: 'pairCommand',
};

/** Bundles each of them into one file, so that it starts fast. Checking for changes would take longer than bundling. */
const buildPrograms = () =>
  bundle({
    entryPoints: Object.entries(PROGRAMS).map(([out, source]) => ({ in: `server/src/${source}.ts`, out })),
    outdir: PROGRAM_FOLDER,
    outExtension: { '.js': '.cjs' },
    sourcemap: true,
  });

/** Bundles a script of this folder the way the programs are bundled: what it measures is what is shipped. */
async function buildScript(name) {
  const outfile = path.join(STAMPS, `${name}.cjs`);
  await bundle({ entryPoints: [`scripts/${name}.ts`], outfile });
  return outfile;
}

const bundle = (what) =>
  require('esbuild').build({
    absWorkingDir: root,
    bundle: true,
    platform: 'node',
    target: 'node20',
    // Packages are found where they are installed; the core goes in.
    packages: 'external',
    alias: { '@dormer/core': path.join(root, 'core', 'src') },
    logLevel: 'warning',
    ...what,
  });

async function ensureWebBuilt() {
  // The solver's machine code lies beside the app.
  copyFileSync(require.resolve('highs/runtime'), path.join(root, 'app', 'public', 'highs.wasm'));
  const sources = [
    ...filesIn('app'),
    ...filesIn('core'),
    'package-lock.json',
    'scripts/ready.cjs',
    'scripts/serviceWorker.mjs',
    'scripts/compress.mjs',
    'scripts/exampleJob.ts',
  ];
  const wanted = digest(sources);
  if (stamp('built') === wanted && existsSync(path.join(WEB_FOLDER, 'sw.js'))) return;
  say('Building the web app (a few minutes the first time) …');
  // Use every processor. The default leaves half of them idle.
  const workers = `${availableParallelism()}`;
  await run('expo', ['export', '-p', 'web', '--output-dir', 'dist', '--max-workers', workers], {
    cwd: path.join(root, 'app'),
    stdio: ['ignore', process.stderr, process.stderr],
    EXPO_OFFLINE: '1',
    EXPO_NO_TELEMETRY: '1',
    CI: '1',
    NODE_ENV: 'production',
    failure: 'The web app could not be built.',
  });
  await run(process.execPath, ['--import', 'tsx', 'scripts/exampleJob.ts', WEB_FOLDER], {
    failure: 'The example job could not be written.',
  });
  await run(process.execPath, ['scripts/serviceWorker.mjs', WEB_FOLDER], {
    stdio: ['ignore', process.stderr, process.stderr],
    failure: 'The service worker could not be made.',
  });
  await run(process.execPath, ['scripts/compress.mjs', WEB_FOLDER], {
    failure: 'The web app could not be compressed.',
  });
  setStamp('built', wanted);
}

function say(line) {
  process.stderr.write(`${line}\n`);
}

/** Files below a folder that bear on the build, sorted, as paths from the root. */
function filesIn(folder) {
  return readdirSync(path.join(root, folder), { withFileTypes: true })
    .filter((entry) => !LEFT_OUT.has(entry.name) && !/\.test\.tsx?$/.test(entry.name))
    .flatMap((entry) => {
      const name = `${folder}/${entry.name}`;
      return entry.isDirectory() ? filesIn(name) : [name];
    })
    .sort();
}

function digest(files, more = '') {
  const hash = createHash('sha256').update(more);
  for (const file of files)
    hash
      .update(file)
      .update('\0')
      .update(readFileSync(path.join(root, file)));
  return hash.digest('hex');
}

function stamp(name) {
  const file = path.join(STAMPS, name);
  return existsSync(file) ? readFileSync(file, 'utf8') : '';
}

function setStamp(name, value) {
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(path.join(STAMPS, name), value);
}

module.exports = { buildPrograms, buildScript, ensureBuilt, ensureInstalled, programFile, SERVER, WEB_FOLDER };
