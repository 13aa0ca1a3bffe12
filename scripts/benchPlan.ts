import { chimneyAlcove } from '@dormer/core/demo';
import { typedLength, type Job, type Reading } from '@dormer/core/job';
import { planJob } from '@dormer/core/plan';

/** Prints how long a plan takes: the median and the slowest of many runs, milliseconds. */
const RUNS = 200;

function large(): Job {
  const job = chimneyAlcove();
  const mm = (value: number) => typedLength(String(value), 'mm');
  const readings = Array.from({ length: 500 }, (_, i): Reading => ({
    kind: 'width',
    id: `w${i}`,
    at: i % 2 === 0 ? 'front' : 'back',
    up: mm(5 * i),
    value: mm(1120 + (i % 17)),
  }));
  return { ...job, readings, shelves: { ...job.shelves, count: 40, depth: mm(340), thickness: mm(9) } };
}

function measure(name: string, job: Job): void {
  const took = Array.from({ length: RUNS }, () => {
    const from = performance.now();
    planJob(job);
    return performance.now() - from;
  }).sort((a, b) => a - b);
  const median = took[RUNS / 2] ?? NaN;
  process.stdout.write(`${name}: median ${median.toFixed(2)} ms, slowest ${(took.at(-1) ?? NaN).toFixed(2)} ms\n`);
}

measure('plan, 10 readings, 5 shelves', chimneyAlcove());
measure('plan, 500 readings, 40 shelves', large());
