import type { Logger } from 'pino';

const DAY_MS = 86_400_000;

/**
 * Does a piece of work now and once a day, beside all else. A failure is logged; the next day tries again.
 * @returns a way to stop, which waits for work that is being done
 */
export function everyDay(work: () => Promise<void>, log: Logger): { stop(): Promise<void> } {
  let running: Promise<void> = Promise.resolve();
  const begin = () => {
    running = work().catch((error: unknown) => log.error({ err: error }, 'daily upkeep failed'));
  };
  begin();
  const timer = setInterval(begin, DAY_MS).unref();
  return {
    stop: () => {
      clearInterval(timer);
      return running;
    },
  };
}
