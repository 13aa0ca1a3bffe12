import type { Ask, Core, Response, Watching } from './messages';

interface Waiting {
  readonly resolve: (value: unknown) => void;
  readonly reject: (reason: Error) => void;
  readonly watching: Watching;
}

/** The core behind a web worker, made at the first question. A worker that dies is named and replaced. */
export function coreInWorker(): Core {
  let worker: Worker | null = null;
  let last = 0;
  const waiting = new Map<number, Waiting>();

  const start = (): Worker => {
    const made = new Worker(new URL('./coreWorker.ts', window.location.href));
    made.onmessage = ({ data }: MessageEvent<Response>) => {
      const one = waiting.get(data.id);
      if ('share' in data) {
        one?.watching.heard?.(data.share);
        return;
      }
      waiting.delete(data.id);
      if (data.ok) one?.resolve(data.value);
      else one?.reject(new Error(data.reason));
    };
    made.onerror = (event) => {
      event.preventDefault();
      worker = null;
      const all = [...waiting.values()];
      waiting.clear();
      all.forEach((one) => one.reject(new Error(event.message || 'the worker stopped')));
    };
    return made;
  };

  const ask = (question: Ask, watching: Watching = {}): Promise<unknown> =>
    new Promise((resolve, reject) => {
      last += 1;
      const id = last;
      waiting.set(id, { resolve, reject, watching });
      worker ??= start();
      worker.postMessage({ ...question, id });
      watching.stop?.addEventListener('abort', () => {
        if (waiting.has(id)) worker?.postMessage({ ask: 'stop', id });
      });
    });

  return {
    plan: (job) => ask({ ask: 'plan', with: job }) as ReturnType<Core['plan']>,
    consider: (job) => ask({ ask: 'consider', with: job }) as ReturnType<Core['consider']>,
    compare: (board, watching) => ask({ ask: 'compare', with: board }, watching) as ReturnType<Core['compare']>,
    cut: (from, watching) => ask({ ask: 'cut', with: from }, watching) as ReturnType<Core['cut']>,
    whatIf: (from, watching) => ask({ ask: 'whatIf', with: from }, watching) as ReturnType<Core['whatIf']>,
    order: (from) => ask({ ask: 'order', with: from }) as ReturnType<Core['order']>,
    calendar: (from) => ask({ ask: 'calendar', with: from }) as ReturnType<Core['calendar']>,
    readReadings: (table) => ask({ ask: 'readReadings', with: table }) as ReturnType<Core['readReadings']>,
    readThings: (table) => ask({ ask: 'readThings', with: table }) as ReturnType<Core['readThings']>,
    readFile: (contents) => ask({ ask: 'readFile', with: contents }) as ReturnType<Core['readFile']>,
  };
}
