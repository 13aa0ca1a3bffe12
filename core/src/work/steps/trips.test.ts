import { chimneyAlcove, stairCavity } from '../../rigs/demo';
import { usualCoats, type Job } from '../../job';
import { planJob, type Plan } from '../../plan';
import { words } from '../../say/words/all';
import { durationWords } from '../../base/message';
import { outstanding, windowOf } from './outstanding';
import { tripsFor } from './trips';

const NOW = Date.UTC(2026, 4, 9, 8);
const MIN = 60_000;
const plan = planJob(chimneyAlcove());
const reader = { units: 'mm', tape: '0.5mm' } as const;
const build = chimneyAlcove().build;
const done = (ids: readonly string[], at = NOW) => ids.map((step, i) => ({ step, at: at + i }));
const trips = (more: Partial<Job['build']> = {}, nowMs = NOW, of: Plan = plan) =>
  tripsFor({ build: { ...build, ...more }, plan: of, nowMs });

describe('trips', () => {
  test('a painted alcove takes three places once each: shop, workshop, the place', () => {
    const all = trips();
    expect(all.trips.map((trip) => trip.place)).toEqual(['shop', 'workshop', 'site']);
    expect(all.changes).toBe(2);
    expect(all.proven).toBe(true);
    expect(all.naive.changes).toBeGreaterThanOrEqual(all.changes);
  });

  test('what is taken to the place: every piece by its label, screws and pins counted, the printed pole', () => {
    const site = trips().trips.at(-1)!;
    expect(site.packing.parts.map((part) => part.label).sort()).toEqual(plan.parts.map((part) => part.label).sort());
    const counted = (all: readonly { count: number }[]) => all.reduce((sum, one) => sum + one.count, 0);
    expect(counted(site.packing.needed)).toBe(counted(plan.needed));
    expect(site.packing.sheets).toContain('marks');
    expect(site.packing.tools).toEqual(expect.arrayContaining(['level', 'driver', 'ladder', 'caulk-gun']));
    expect(new Set(site.packing.tools).size).toBe(site.packing.tools.length);
    expect(site.packing.materials.map((material) => material.code)).toEqual(
      expect.arrayContaining(['buy.filler', 'buy.caulk', 'buy.paint', 'buy.glue']),
    );
  });

  test('nothing is carried to the workshop that is made there', () => {
    expect(trips().trips[1]!.packing.parts).toEqual([]);
    expect(trips().trips[1]!.packing.sheets).toEqual(expect.arrayContaining(['layouts', 'cut-list', 'drilling']));
  });

  test('what is done is left out, and one goes on from where one is', () => {
    const left = trips({ done: done(['buy', 'cut-boards', 'cut-sticks']) }, NOW + MIN);
    expect(left.steps.map((step) => step.step)).not.toContain('cut-sticks');
    expect(left.trips[0]!.place).toBe('workshop');
    expect(left.steps[0]!.startMin).toBe(0);
    const elsewhere = trips({ done: done(['buy']) }, NOW + MIN);
    expect(elsewhere.steps[0]!.startMin).toBe(build.travel.shop);
  });

  test('a trip keeps its key while its steps are ticked', () => {
    const whole = trips().trips.at(-1)!;
    const order = trips().steps.map((step) => step.step);
    const later = trips({ done: done(order.slice(0, -3)) }, NOW + MIN).trips[0]!;
    expect(later.key).toBe(whole.key);
  });

  test('all done: nothing is left', () => {
    const all = trips({ done: done(plan.build.steps.map((step) => step.id)) }, NOW + MIN);
    expect(all).toMatchObject({ trips: [], steps: [], changes: 0, elapsedMin: 0, proven: true, problems: [] });
  });
});

describe('waits that run', () => {
  const at = (id: string) => ({ step: id, at: NOW });
  const upTo = (id: string) =>
    plan.build.steps
      .slice(
        0,
        plan.build.steps.findIndex((step) => step.id === id),
      )
      .map((step) => step.id);

  test('a coat of primer ticked an hour ago is waited for another hour', () => {
    const ticked = [...done(upTo('prime'), NOW - 1000), at('prime')];
    const { running, at: here } = outstanding(plan.build.steps, { done: ticked, skipped: [] }, NOW + 60 * MIN);
    expect(running.find((one) => one.step === 'prime' && one.to === 'paint-1')).toMatchObject({
      leastMin: 60,
      wait: 'primer',
    });
    expect(here).toBe('workshop');
    const paint = trips({ done: ticked }, NOW + 60 * MIN).steps.find((step) => step.step === 'paint-1')!;
    expect(paint.startMin).toBe(60);
    expect(trips({ done: ticked }, NOW + 200 * MIN).steps.find((step) => step.step === 'paint-1')!.startMin).toBe(0);
  });

  test('the window of a stain opens and closes by the tick of the conditioner', () => {
    const job = { ...chimneyAlcove(), stock: { ...chimneyAlcove().stock, coats: usualCoats('stain', 2) } };
    const stained = planJob(job);
    const stain = stained.build.steps.find((step) => step.id === 'stain')!;
    expect(windowOf(stain, { done: [] })).toEqual({ opensMs: null, closesMs: null, wait: null });
    expect(windowOf(stain, { done: [at('condition')] })).toEqual({
      opensMs: NOW + 10 * MIN,
      closesMs: NOW + 120 * MIN,
      wait: 'conditioner',
    });
    const before = stained.build.steps
      .slice(
        0,
        stained.build.steps.findIndex((step) => step.id === 'condition'),
      )
      .map((step) => step.id);
    const ticked = { done: [...done(before, NOW - 1000), at('condition')] };
    expect(trips(ticked, NOW + 20 * MIN, stained).problems).toEqual([]);
    expect(trips(ticked, NOW + 20 * MIN, stained).steps[0]!.step).toBe('stain');
    // A closed window is said once, by its names, and the work goes on.
    const late = trips(ticked, NOW + 200 * MIN, stained);
    expect(late.problems.map((problem) => words(problem.message, reader))).toEqual([
      '“Stain” had to follow “Brush on the stain conditioner” within 2 h, and that time is over. Repeat “Brush on the stain conditioner”, or go by the tin.',
    ]);
    expect(late.steps.map((step) => step.step)).toContain('stain');
  });

  test('a window that cannot be met says which wait to move', () => {
    const own = {
      id: 'sun',
      what: 'Let it stand in the sun',
      place: 'workshop' as const,
      minutes: 10,
      after: ['condition'],
      before: ['stain'],
      least: 180,
    };
    const job = {
      ...chimneyAlcove(),
      stock: { ...chimneyAlcove().stock, coats: usualCoats('stain', 2) },
      build: { ...build, own: [own] },
    };
    const said = tripsFor({ build: job.build, plan: planJob(job), nowMs: NOW }).problems.map((problem) =>
      words(problem.message, reader),
    );
    expect(said).toEqual([
      '“Stain” must follow “Brush on the stain conditioner” within 2 h, and the work between takes 3 h 10 min. Move a step out from between, or allow a longer wait.',
    ]);
  });

  test('a step that is left out passes its wait on', () => {
    const ticked = [...done(upTo('paint-1'), NOW - 1000), at('paint-1')];
    const skipped = [{ step: 'paint-2', why: 'not-needed' as const }];
    const { running } = outstanding(plan.build.steps, { done: ticked, skipped }, NOW);
    expect(running.filter((one) => one.to === 'S5-support' && one.leastMin > 0)).toMatchObject([
      { step: 'paint-1', leastMin: 240, wait: 'paint' },
    ]);
  });
});

test('the order as written is never better', () => {
  for (const job of [chimneyAlcove(), stairCavity()]) {
    const all = tripsFor({ build: job.build, plan: planJob(job), nowMs: NOW });
    expect(all.changes).toBeLessThanOrEqual(all.naive.changes);
    if (all.changes === all.naive.changes) expect(all.elapsedMin).toBeLessThanOrEqual(all.naive.elapsedMin);
  }
});

test('times in words', () => {
  const said = (minutes: number) => words(durationWords(minutes), reader);
  expect([5, 60, 75, 120, 1440, 2880, 2940, 4320].map(said)).toEqual([
    '5 min',
    '1 h',
    '1 h 15 min',
    '2 h',
    '24 h',
    '2 days',
    '2 days 1 h',
    '3 days',
  ]);
});
