const { spawn } = require('node:child_process');
const path = require('node:path');

const root = path.resolve(__dirname, '..');

/** What stops a command, in one plain sentence. */
class Failure extends Error {
  constructor(message, code = 1) {
    super(message);
    this.code = code;
  }
}

// What the packages bring is called by name.
const PATH = [path.join(root, 'node_modules', '.bin'), process.env.PATH].join(path.delimiter);

/** Starts a program in the project's folder; its output is ours. Signals sent to us reach it. */
function start(program, args, { cwd = root, stdio = 'inherit', ...env } = {}) {
  const child = spawn(program, args, { cwd, stdio, env: { ...process.env, PATH, ...env } });
  const pass = (signal) => child.kill(signal);
  process.on('SIGINT', pass);
  process.on('SIGTERM', pass);
  const ended = new Promise((resolve, reject) => {
    child.on('error', reject);
    child.on('exit', (code, signal) => resolve(code ?? (signal ? 1 : 0)));
  });
  const settled = ended.finally(() => {
    process.removeListener('SIGINT', pass);
    process.removeListener('SIGTERM', pass);
  });
  return { ended: settled, stop: () => child.kill('SIGTERM') };
}

/** Runs a program to its end. @throws Failure when it does not end well */
async function run(program, args, options = {}) {
  const code = await start(program, args, options).ended;
  if (code !== 0) throw new Failure(options.failure ?? `${path.basename(program)} ${args[0] ?? ''} failed.`, code);
}

module.exports = { Failure, root, run, start };
