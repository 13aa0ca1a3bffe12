import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { typedLength, type Job, type Reading } from '@dormer/core/job';
import { fitBetween, pocketOf } from '@dormer/core/design/fit';
import { openingOf, type Opening } from '@dormer/core/place/opening';
import { createMemory } from '@dormer/core/base/memory';
import { planFrom, planJob, REMEMBERED } from '@dormer/core/plan';
import { builtBody } from '../core/src/road/body';
import { placeOf } from '../core/src/road/parts';
import { piecesOf } from '../core/src/road/pieces';
import { surveyOf } from '@dormer/core/place/survey';

// Prints how long a survey, outlines and a plan take: the median, the fastest and the slowest of many runs,
// milliseconds. The fastest tells the work, the median what else the machine did meanwhile.

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

/** An alcove read at sixty places, for twelve boards. */
function thorough(): Job {
  const job = chimneyAlcove();
  const mm = (value: number) => typedLength(String(value), 'mm');
  const readings = Array.from({ length: 60 }, (_, i): Reading => ({
    kind: 'width',
    id: `w${i}`,
    at: (['front', 'back', 'middle'] as const)[i % 3] ?? 'front',
    up: mm(60 + 40 * i),
    value: mm(1124 + (i % 5)),
  }));
  return { ...job, readings, shelves: { ...job.shelves, count: 12 } };
}

/** Twelve boards between two walls, each with its ends, its clearance from 400 drawn walls, its gaps and its odds. */
function outlines(opening: Opening): void {
  for (let i = 0; i < 12; i += 1) {
    const up = 200 + 180 * i;
    const band = { upFrom: up - 18, upTo: up, outFrom: 0, outTo: 300 };
    const pocket = pocketOf(opening, band, { stance: 'flat', samples: 400, seed: 11 });
    fitBetween(pocket, 'angled', { tape: '0.5mm', odds: 97, leastMm: 0 });
  }
}

/** Everything a job asks for, as far as its pieces: what a body is built of. */
function toStand(job: Job) {
  const place = placeOf(job);
  return { place, bays: piecesOf(job, place).bays };
}

function measure(name: string, runs: number, work: () => unknown): void {
  work();
  const took = Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  const median = took[runs >> 1] ?? NaN;
  const [fastest = NaN, slowest = NaN] = [took[0], took.at(-1)];
  const told = [median, fastest, slowest].map((ms) => ms.toFixed(1));
  process.stdout.write(`${name}: median ${told[0]} ms, fastest ${told[1]}, slowest ${told[2]}\n`);
}

const alcove = chimneyAlcove();
const sixty = thorough();
const opening = openingOf(surveyOf(sixty));
measure('survey, 60 readings', 100, () => surveyOf(sixty));
measure('outlines of 12 boards with their odds, 60 readings', 100, () => outlines(opening));
const twelve = { ...alcove, shelves: { ...alcove.shelves, count: 12 } };
const { place, bays } = toStand(twelve);
measure('body and its checks, 10 readings, 12 shelves', 50, () => builtBody(twelve, place, bays));
measure('plan, 10 readings, 5 shelves', 50, () => planJob(alcove));
const memory = createMemory(REMEMBERED);
planFrom(alcove, memory);
let turn = 0;
/** The alcove with one thing changed, each time to something else. */
const changed = (how: (nth: number) => Partial<Job>) => () => planFrom({ ...alcove, ...how((turn += 1)) }, memory);
measure(
  'plan after another name',
  50,
  changed((nth) => ({ name: `Alcove ${nth}` })),
);
measure(
  'plan after another price',
  50,
  changed((nth) => ({ stock: { ...alcove.stock, prices: [{ item: 'screws', price: nth }] } })),
);
const OTHERS = ['brackets', 'housed-posts', 'housed-case', 'floating-rails', 'end-cleats'] as const;
measure(
  'plan after another support',
  50,
  changed((nth) => ({ support: { system: OTHERS[nth % OTHERS.length] ?? 'brackets', own: {} } })),
);
measure('plan, 60 readings, 12 shelves', 20, () => planJob(sixty));
const most = large();
measure('plan, 500 readings, 40 shelves', 5, () => planJob(most));
