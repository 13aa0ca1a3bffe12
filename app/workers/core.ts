import { proxy, wrap } from 'comlink';
import type { Core, Wanted, Watching, WorkerCore } from './contract';

/** The core behind a web worker, made at the first question. A worker that dies is named and replaced. */
export function coreInWorker(): Core {
  let remote: WorkerCore | null = null;
  const waiting = new Set<(reason: Error) => void>();

  const start = (): WorkerCore => {
    const worker = new Worker(new URL('./coreWorker.ts', window.location.href));
    // Whoever waits for a worker that died would wait for ever.
    worker.onerror = (event) => {
      event.preventDefault();
      remote = null;
      const reason = new Error(event.message || 'the worker stopped');
      const all = [...waiting];
      waiting.clear();
      all.forEach((fail) => fail(reason));
    };
    // All it does is asked by messages and answered by promises already.
    return wrap<WorkerCore>(worker) as WorkerCore;
  };

  const ask = <Answer>(question: (core: WorkerCore) => Promise<Answer>): Promise<Answer> =>
    new Promise((resolve, reject) => {
      waiting.add(reject);
      remote ??= start();
      question(remote)
        .then(resolve, reject)
        .finally(() => waiting.delete(reject));
    });

  return {
    plan: (job) => ask((core) => core.plan(job)),
    consider: (job) => ask((core) => core.consider(job)),
    compare: (board, watching) => ask((core) => core.compare(board, wantedBy(watching))),
    cut: (from, watching) => ask((core) => core.cut(from, wantedBy(watching))),
    whatIf: (from, watching) => ask((core) => core.whatIf(from, wantedBy(watching))),
    order: (from) => ask((core) => core.order(from)),
    calendar: (from) => ask((core) => core.calendar(from)),
    readReadings: (table) => ask((core) => core.readReadings(table)),
    readThings: (table) => ask((core) => core.readThings(table)),
    readFile: (contents) => ask((core) => core.readFile(contents)),
  };
}

/** What a worker asks between two steps of long work. */
function wantedBy(watching: Watching = {}) {
  const wanted: Wanted = (share) => {
    if (watching.stop?.aborted) return false;
    watching.heard?.(share);
    return true;
  };
  return proxy(wanted);
}
