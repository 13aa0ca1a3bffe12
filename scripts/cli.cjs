const { existsSync, mkdtempSync } = require('node:fs');
const { tmpdir } = require('node:os');
const path = require('node:path');
const {
  buildPrograms,
  buildScript,
  ensureBuilt,
  ensureInstalled,
  programFile,
  SERVER,
  WEB_FOLDER,
} = require('./ready.cjs');
const { Failure, root, run, start } = require('./run.cjs');
const { fuzz } = require('./fuzz.cjs');
const { test } = require('./test.cjs');

const HELP = `Dormer: from a few tape readings of a crooked opening to shelves that go in on the first trip.

  ./dormer start [--home]   run the app with your own jobs; --home lets paired phones in your network use it
  ./dormer pair             make a pairing code for one more phone
  ./dormer demo [--fresh]   run the app with demo jobs; --fresh uses a new, empty database for them
  ./dormer test [STEPS]     run all checks, or the named ones: types, lint, walls, unit, server, build, end to end
  ./dormer fuzz [MINUTES]   run the property tests with new seeds for MINUTES (5); print a seed that fails
  ./dormer dev              run server and app with reload
  ./dormer plan FILE        print the plan of a job file as JSON
  ./dormer check FILE       say what runs into what, what nothing holds, and which screws miss; exit 1 if anything
  ./dormer cut FILE         print the cutting layouts and the shopping list of a job file as JSON
  ./dormer backup FILE.zip  save everything as one zip of open files: jobs with versions, photos, rack, instruments
  ./dormer restore FILE.zip restore a backup; newer jobs stay as they are
  ./dormer bench [plan|layout|load|survey|fit|cut|build|open|crash|versions|household]
                            measure speed and quality, each some minutes: plans, layouts and strength, the worth of
                            suggested readings, boards at the wall, cutting, the first screen, 1000 kills of the
                            server at work (half an hour), a long list of versions, one household on a host
  ./dormer shots            make the pictures in docs/screenshots/
  ./dormer docs             make the generated part of docs/
  ./dormer help             print this help

Settings: PORT (4173), HOST (127.0.0.1), DORMER_DATA (./data), LOG_LEVEL (warn),
DORMER_HOSTS (more names of the server, with commas between); with --home also DORMER_HOME_PORT (4443),
DORMER_TLS_CERT and DORMER_TLS_KEY (your own certificate); DORMER_TRUST_PROXY (number of proxies in front).
`;

const COMMANDS = {
  bench,
  start: startServer,
  demo,
  dev,
  plan: (args) => ofFile('plan', args),
  check: (args) => ofFile('check', args),
  cut: (args) => ofFile('cut', args),
  backup: (args) => onData('backup', args),
  restore: (args) => onData('restore', args),
  pair,
  test: async (args) => test(args),
  fuzz: async (args) => {
    await ensureInstalled();
    await fuzz(args);
  },
  shots: async () => {
    await ensureInstalled();
    await ensureBuilt();
    await run('playwright', ['test', '-c', 'e2e/screenshots.config.ts']);
  },
  docs: async () => {
    await ensureInstalled();
    for (const made of ['jobSchema', 'supportExamples', 'tradeWordsDocs']) {
      await run(process.execPath, ['--import', 'tsx', `scripts/${made}.ts`]);
    }
  },
  help: async () => void process.stdout.write(HELP),
};

/** Runs one command; what goes wrong is one plain sentence and exit 1. */
exports.run = async function runCommand([name = 'help', ...args]) {
  const command = COMMANDS[name === '--help' || name === '-h' ? 'help' : name];
  try {
    if (!command) throw new Failure(`Unknown command “${name}”. See ./dormer help.`);
    await command(args);
  } catch (error) {
    process.stderr.write(`${error instanceof Failure ? error.message : (error && error.stack) || error}\n`);
    process.exitCode = (error instanceof Failure && error.code) || 1;
  }
};

async function startServer(args) {
  const unknown = args.find((arg) => arg !== '--home');
  if (unknown) throw new Failure(`start does not know “${unknown}”. It takes --home.`);
  await ensureInstalled();
  await ensureBuilt();
  const server = start(process.execPath, ['--enable-source-maps', SERVER, ...args], { DORMER_WEB: WEB_FOLDER });
  process.exitCode = await server.ended;
}

async function pair(args) {
  if (args.length > 0) throw new Failure(`pair does not know “${args[0]}”.`);
  await runProgram('pairCommand');
}

async function demo(args) {
  const unknown = args.find((one) => one !== '--fresh');
  if (unknown) throw new Failure(`demo does not know “${unknown}”. It takes --fresh.`);
  await ensureInstalled();
  await ensureBuilt();
  const env = { DORMER_WEB: WEB_FOLDER };
  if (args.includes('--fresh')) env.DORMER_DATA = mkdtempSync(path.join(tmpdir(), 'dormer-demo-'));
  const server = start(process.execPath, ['--enable-source-maps', SERVER, '--demo'], env);
  process.exitCode = await server.ended;
}

async function bench([what, ...rest]) {
  const known = ['plan', 'layout', 'load', 'survey', 'fit', 'cut', 'build', 'open', 'crash', 'versions', 'household'];
  if ((what && !known.includes(what)) || rest.length > 0)
    throw new Failure(`bench takes ${known.slice(0, -1).join(', ')} or ${known.at(-1)}.`);
  await ensureInstalled();
  const node = (script) => run(process.execPath, ['--import', 'tsx', script]);
  const compiled = async (script) => run(process.execPath, [await buildScript(script)]);
  if (!what || what === 'plan') await compiled('benchPlan');
  if (!what || what === 'layout') await compiled('benchLayout');
  if (!what || what === 'load') await compiled('benchLoad');
  if (!what || what === 'survey') await compiled('benchSurvey');
  if (what === 'fit') await compiled('benchFit');
  if (what === 'cut') await compiled('benchCut');
  if (what === 'versions') await node('scripts/benchVersions.ts');
  if (what === 'household') {
    await ensureBuilt();
    await node('scripts/benchHousehold.ts');
  }
  if (what === 'crash') {
    await buildPrograms();
    await node('scripts/benchCrash.ts');
  }
  if (what === 'build') {
    await compiled('benchBuild');
    await compiled('benchLearn');
  }
  if (what && what !== 'open') return;
  await ensureBuilt();
  await node('scripts/benchOpen.ts');
}

async function dev() {
  await ensureInstalled();
  await buildPrograms();
  const port = process.env.PORT || '4173';
  const server = start(process.execPath, ['--import', 'tsx', '--watch', 'server/src/main.ts', '--demo'], {
    PORT: port,
    DORMER_PROGRAMS: path.dirname(programFile('main')),
  });
  const app = start('expo', ['start', '--web', '--port', '8081'], {
    cwd: path.join(root, 'app'),
    EXPO_PUBLIC_SERVER: `http://127.0.0.1:${port}`,
    EXPO_NO_TELEMETRY: '1',
    EXPO_OFFLINE: '1',
  });
  process.exitCode = await Promise.race([server.ended, app.ended]);
  server.stop();
  app.stop();
}

/** Runs a command on the data folder, with a backup's file. */
async function onData(command, [file, ...rest]) {
  if (!file || rest.length > 0) throw new Failure(`Name one file: ./dormer ${command} FILE.zip`);
  const whole = path.resolve(process.env.INIT_CWD || process.cwd(), file);
  await runProgram(`${command}Command`, whole);
}

async function runProgram(name, ...args) {
  await ensureInstalled();
  await buildPrograms();
  const child = start(process.execPath, [programFile(name), ...args]);
  process.exitCode = await child.ended;
}

async function ofFile(command, [file, ...rest]) {
  if (!file || rest.length > 0) throw new Failure(`Name one job file: ./dormer ${command} FILE.dormer.json`);
  const whole = path.resolve(process.env.INIT_CWD || process.cwd(), file);
  if (!existsSync(whole)) throw new Failure(`${file} cannot be read.`);
  await runProgram(`${command}Command`, whole);
}
