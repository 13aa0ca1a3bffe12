import { newJob, type Job, type Reading } from '@dormer/core/job';
import {
  crookedRoom,
  endError,
  FIXED_ORDER,
  followAdvice,
  randomOrder,
  takeAll,
  TRIAL_BOARDS,
  TRIAL_SIZE,
} from '@dormer/core/rigs/practice';
import { advise, at, surveyOf } from '@dormer/core/place/survey';

// What the advised order of readings is worth against others, and how fast a survey is solved.
const ROOMS = Number(process.argv[2] ?? 100);
const COUNTS = [6, 8, 10, 12];
const RUNS = 60;

const base = newJob({ id: 'bench', name: 'Bench', kind: 'alcove', units: 'mm' });
const jobWith = (readings: readonly Reading[]): Job => ({ ...base, readings: [...readings] });
const print = (line: string) => process.stdout.write(`${line}\n`);

function orders(): void {
  const sums: Record<string, number[]> = { advised: [], fixed: [], random: [] };
  let enough = 0;
  for (let seed = 1; seed <= ROOMS; seed += 1) {
    const room = crookedRoom({ place: base.place, seed, size: TRIAL_SIZE });
    const lists: Record<string, Reading[]> = {
      advised: followAdvice(room, base, TRIAL_BOARDS, 30, seed),
      fixed: takeAll(room, FIXED_ORDER, seed),
      random: takeAll(room, randomOrder(seed), seed),
    };
    enough += (lists.advised as Reading[]).length;
    for (const [name, readings] of Object.entries(lists)) {
      const errors = COUNTS.map((n) => endError(room, surveyOf(jobWith(readings.slice(0, n))), TRIAL_BOARDS));
      sums[name] = errors.map((error, i) => (sums[name]?.[i] ?? 0) + error);
    }
  }
  print(`mean error at the shelf ends, mm, in ${ROOMS} rooms, after so many readings:`);
  print(`${'order'.padEnd(10)}${COUNTS.map((n) => String(n).padStart(8)).join('')}`);
  for (const [name, all] of Object.entries(sums)) {
    print(`${name.padEnd(10)}${all.map((sum) => (sum / ROOMS).toFixed(2).padStart(8)).join('')}`);
  }
  print(`the advice ends after ${(enough / ROOMS).toFixed(1)} readings on average`);
}

function median(name: string, run: () => unknown): void {
  const took = Array.from({ length: RUNS }, () => {
    const from = performance.now();
    run();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  print(
    `${name}: median ${(took[RUNS / 2] as number).toFixed(1)} ms, slowest ${(took.at(-1) as number).toFixed(1)} ms`,
  );
}

function speed(): void {
  const room = crookedRoom({ place: base.place, seed: 1, size: TRIAL_SIZE });
  const widths = Array.from({ length: 48 }, (_, i) => ({
    kind: 'width' as const,
    at: i % 2 === 0 ? ('back' as const) : ('front' as const),
    upMm: 100 + 45 * i,
  }));
  const readings = takeAll(room, [...FIXED_ORDER, ...widths], 1);
  const shelves = Array.from({ length: 12 }, (_, i) => ({ shelf: i + 1, upMm: 200 + 180 * i, outMm: 300 }));
  const job = jobWith(readings);
  // What a board's outline and its odds are made of: both ends and the back, at three levels of its thickness.
  const points = shelves.flatMap(({ upMm }) =>
    [-9, 0, 9].flatMap((dz) => [
      ...(['left', 'right'] as const).flatMap((side) => [0, 75, 150, 225, 300].map((y) => at(side, y, upMm + dz))),
      ...[-500, -250, 0, 250, 500].map((x) => at('back', x, upMm + dz)),
    ]),
  );
  median(
    `${readings.length} readings solved and checked, ${points.length} points of 12 shelves with their uncertainty`,
    () => {
      const { solved } = surveyOf(job);
      return points.map((point) => solved.ask(point));
    },
  );
  median(`one more reading (${readings.length}): solved and checked again`, () => surveyOf(job));
  median('and the next reading advised', () => advise({ job, survey: surveyOf(job), boards: shelves }));
}

orders();
speed();
