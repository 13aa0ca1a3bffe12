import { asWritten, orderSteps, stepsFor, tripsFor, type Ordered } from '@dormer/core/work/steps';
import { demoJobs } from '@dormer/core/rigs/demo';
import { STEP_PLACES, usualCoats, type Job } from '@dormer/core/job';
import { planJob } from '@dormer/core/plan';
import { randomFrom } from '@dormer/core/base/random';
import { words } from '@dormer/core/say/words/all';

// Prints how many trips the work takes and how long until all is done, in the order that was found and in the order in
// which the steps are written; for the demo jobs gone about in several ways, and for random jobs.

const NOW = Date.UTC(2026, 4, 9, 8);
const hours = (minutes: number) => (minutes / 60).toFixed(1);
const middle = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1] ?? NaN;

const ways: readonly (readonly [string, Partial<Job['build']>, Partial<Job['stock']>])[] = [
  ['as it is', {}, {}],
  ['old holes, place painted', { prepare: { clear: true, holes: 60, open: false, paint: true } }, {}],
  ['measured in place', { cut: 'in-place', prepare: { clear: true, holes: 60, open: false, paint: true } }, {}],
  [
    'stained, then clear coats',
    { prepare: { clear: true, holes: 60, open: false, paint: true } },
    { coats: usualCoats('stain', 2) },
  ],
  ['oiled, finished after', { finish: 'after' }, { coats: usualCoats('oil', 2) }],
];

console.log(
  'demo job                      way                       steps  trips  as written' +
    '  hours  as written  bound  proven     ms',
);
const all: { naive: number; changes: number; ms: number }[] = [];
for (const job of demoJobs()) {
  const plan = planJob(job);
  for (const [way, build, stock] of ways) {
    const one: Job = { ...job, build: { ...job.build, ...build }, stock: { ...job.stock, ...stock } };
    const { height: ceilingMm, left: wallFromMm, depth: depthMm } = plan.opening.extent;
    const made = { ...plan, build: stepsFor({ ...plan, job: one, ceilingMm, wallFromMm, depthMm }) };
    const from = performance.now();
    const found = tripsFor({ build: one.build, plan: made, nowMs: NOW });
    const ms = performance.now() - from;
    for (const problem of found.problems) console.log(`! ${words(problem.message, job)}`);
    all.push({ naive: found.naive.changes, changes: found.changes, ms });
    console.log(
      job.name.padEnd(30),
      way.padEnd(26),
      String(found.steps.length).padStart(4),
      String(found.changes + 1).padStart(6),
      String(found.naive.changes + 1).padStart(11),
      hours(found.elapsedMin).padStart(6),
      hours(found.naive.elapsedMin).padStart(11),
      hours(found.boundElapsedMin).padStart(6),
      (found.proven ? 'yes' : 'no').padStart(7),
      ms.toFixed(0).padStart(6),
    );
  }
}

/** Steps in strands, as work is: each strand has its own order and waits, and now and then waits for another. */
function random(seed: number, count: number, strands: number): Ordered[] {
  const draw = randomFrom(seed);
  const last: (string | null)[] = Array.from({ length: strands }, () => null);
  const places: (Ordered['place'] | undefined)[] = [];
  return Array.from({ length: count }, (_, i): Ordered => {
    const strand = Math.floor(draw.uniform() * strands);
    const before = last[strand] ?? null;
    const other = draw.uniform() < 0.25 ? (last[Math.floor(draw.uniform() * strands)] ?? null) : null;
    const wait = draw.uniform() < 0.35 ? draw.pick([30, 60, 120, 240]) : 0;
    const window = wait > 0 && draw.uniform() < 0.2 ? wait + draw.pick([30, 60, 120]) : null;
    const id = `s${i}`;
    // A strand mostly goes on where it is.
    const place = draw.uniform() < 0.25 || !places[strand] ? draw.pick(STEP_PLACES) : places[strand];
    places[strand] = place;
    last[strand] = id;
    const after = [
      ...(before ? [{ step: before, leastMin: wait, mostMin: window }] : []),
      ...(other && other !== before ? [{ step: other, leastMin: 0, mostMin: null }] : []),
    ];
    return { id, place, minutes: Math.round(draw.between(5, 60)), after };
  });
}

const travel = (from: string, to: string) => (from === to ? 0 : from === 'shop' || to === 'shop' ? 30 : 5);
console.log(
  '\n200 random jobs             steps  trips  as written  hours  as written' +
    '  proven  window named  gap where not proven  median ms  worst ms',
);
for (const [count, strands] of [
  [20, 3],
  [40, 4],
  [60, 4],
  [60, 6],
] as const) {
  const runs = Array.from({ length: Number(process.env.RUNS ?? 200) }, (_, seed) => {
    const steps = random(seed + 1, count, strands);
    const from = performance.now();
    const found = orderSteps({ steps, travel });
    return { found, before: asWritten({ steps, travel }), ms: performance.now() - from };
  });
  const share = (of: (one: (typeof runs)[number]) => boolean) =>
    `${((100 * runs.filter(of).length) / runs.length).toFixed(0)} %`;
  const loose = runs.filter(({ found }) => !found.proven);
  const gap = loose.map(({ found }) =>
    found.changes > found.boundChanges ? 100 : (100 * (found.elapsedMin - found.boundElapsedMin)) / found.elapsedMin,
  );
  const more = loose.filter(({ found }) => found.changes > found.boundChanges).length;
  console.log(
    `${String(strands)} strands`.padEnd(27),
    String(count).padStart(5),
    String(middle(runs.map((run) => run.found.changes + 1))).padStart(6),
    String(middle(runs.map((run) => run.before.changes + 1))).padStart(11),
    hours(middle(runs.map((run) => run.found.elapsedMin))).padStart(6),
    hours(middle(runs.map((run) => run.before.elapsedMin))).padStart(11),
    share((one) => one.found.proven).padStart(7),
    share((one) => one.found.tooShort.length > 0).padStart(13),
    `${loose.length === 0 ? '–' : `${middle(gap).toFixed(1)} % (${more} in changes)`}`.padStart(21),
    middle(runs.map((run) => run.ms))
      .toFixed(0)
      .padStart(10),
    Math.max(...runs.map((run) => run.ms))
      .toFixed(0)
      .padStart(9),
  );
}
