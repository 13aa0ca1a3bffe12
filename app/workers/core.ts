import type { Ask, Core, Response } from './messages';

/** The core behind a web worker, made at the first question. A worker that dies is named and replaced. */
export function coreInWorker(): Core {
  let worker: Worker | null = null;
  let last = 0;
  const waiting = new Map<number, { resolve: (value: unknown) => void; reject: (reason: Error) => void }>();

  const start = (): Worker => {
    const made = new Worker(new URL('./coreWorker.ts', window.location.href));
    made.onmessage = ({ data }: MessageEvent<Response>) => {
      const one = waiting.get(data.id);
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

  const ask = (question: Ask): Promise<unknown> =>
    new Promise((resolve, reject) => {
      last += 1;
      waiting.set(last, { resolve, reject });
      worker ??= start();
      worker.postMessage({ ...question, id: last });
    });

  return {
    plan: (job) => ask({ ask: 'plan', with: job }) as ReturnType<Core['plan']>,
    readReadings: (table) => ask({ ask: 'readReadings', with: table }) as ReturnType<Core['readReadings']>,
    readFile: (contents) => ask({ ask: 'readFile', with: contents }) as ReturnType<Core['readFile']>,
  };
}
