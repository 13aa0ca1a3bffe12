import { chimneyAlcove, demoJobs, stairCavity } from '../../rigs/demo';
import { SYSTEM_NAMES, type Job } from '../../job';
import { cycleIn } from './order/network';
import type { Step } from './step';
import { tripsFor } from './trips';
import { USUAL_WAITS } from './waits';
import { planOf, stepsOf, withBuild, idsOf, find, before } from './stepsTesting';

const NOW = Date.UTC(2026, 4, 9, 8);

const orderOf = (job: Job) => {
  const plan = planOf(job);
  return tripsFor({ build: job.build, plan, nowMs: NOW }).steps.map((step) => step.step);
};

describe('every demo job', () => {
  test.each(demoJobs().map((job) => [job.name, job] as const))(
    '%s: each step once, nothing in a circle, all its waits known',
    (_name, job) => {
      const steps = stepsOf(job);
      expect(new Set(idsOf(steps)).size).toBe(steps.length);
      expect(cycleIn(steps)).toBeNull();
      for (const one of steps) {
        expect(one.minutes).toBeGreaterThan(0);
        for (const lag of one.after) expect(idsOf(steps)).toContain(lag.step);
      }
      expect(idsOf(steps).at(-1)).toBe('look-back');
    },
  );

  test.each(demoJobs().map((job) => [job.name, job] as const))(
    '%s: every piece is cut, sanded, and put where it belongs; every screw is driven once',
    (_name, job) => {
      const plan = planOf(job);
      const { steps } = plan.build;
      const wooden = plan.parts.map((part) => part.id);
      const handled = (kind: (one: Step) => boolean) => new Set(steps.filter(kind).flatMap((step) => step.parts));
      for (const id of wooden) {
        expect(handled((step) => step.kind === 'cut')).toContain(id);
        expect(handled((step) => step.kind === 'sand')).toContain(id);
        expect(handled((step) => ['support', 'shelf', 'trim', 'assemble'].includes(step.kind))).toContain(id);
      }
      const driven = steps.flatMap((step) => step.fixings);
      expect([...driven].sort()).toEqual(plan.fixings.map((fixing) => fixing.id).sort());
    },
  );
});

describe('the place', () => {
  const old = (holes: number) =>
    withBuild(chimneyAlcove(), { prepare: { clear: true, holes, open: false, paint: true } });

  test('old holes are filled twice, as filler shrinks, and sanded before anything is primed', () => {
    const steps = stepsOf(old(40));
    expect(find(steps, 'fill-1').what).toMatchObject({ code: 'step.fill', params: { count: { count: 40 } } });
    for (const [first, then] of [
      ['clear', 'fill-1'],
      ['fill-1', 'fill-2'],
      ['fill-2', 'sand-place'],
      ['sand-place', 'prime-place'],
      ['prime-place', 'paint-place-1'],
      ['paint-place-2', 'level-line'],
      ['level-line', 'marks'],
    ] as const)
      expect(before(steps, first, then)).toBe(true);
    const [wait] = find(steps, 'fill-2').after;
    expect(wait).toMatchObject({ step: 'fill-1', wait: 'filler', leastMin: USUAL_WAITS.filler.leastMin });
  });

  test('more holes take longer; none are not mentioned', () => {
    expect(find(stepsOf(old(80)), 'fill-1').minutes).toBeGreaterThan(find(stepsOf(old(20)), 'fill-1').minutes);
    expect(idsOf(stepsOf(old(0)))).not.toContain('fill-1');
  });

  test('what the tin says stands in place of what is usual', () => {
    const steps = stepsOf(withBuild(old(10), { waits: [{ wait: 'filler', least: 30, most: 600 }] }));
    expect(find(steps, 'fill-2').after[0]).toMatchObject({ leastMin: 30, mostMin: 600 });
  });

  test('what is there comes out and is measured behind before anything is bought or cut', () => {
    const steps = stepsOf(old(40));
    for (const then of ['buy', 'cut-boards', 'cut-sticks']) expect(before(steps, 'measure-behind', then)).toBe(true);
    expect(before(steps, 'clear', 'measure-behind')).toBe(true);
    expect(idsOf(stepsOf(chimneyAlcove()))).not.toContain('measure-behind');
  });

  test('a wall is cut open only when it has been looked into, and nothing is cut to measure before', () => {
    const steps = stepsOf(withBuild(stairCavity(), { prepare: { clear: false, holes: 0, open: true, paint: false } }));
    expect(before(steps, 'check-wall', 'open-wall')).toBe(true);
    expect(before(steps, 'open-wall', 'cut-boards')).toBe(true);
    expect(
      orderOf(withBuild(stairCavity(), { prepare: { clear: false, holes: 0, open: true, paint: false } }))[0],
    ).toBe('check-wall');
  });
});

describe('schools', () => {
  test('supports from the top down and shelves from the bottom up, or both the other way', () => {
    const numbers = (job: Job, what: string) =>
      orderOf(job).flatMap((id) => (id.endsWith(what) ? [Number(id.slice(1, 2))] : []));
    const down = chimneyAlcove();
    expect(numbers(down, '-support')).toEqual([5, 4, 3, 2, 1]);
    expect(numbers(down, '-shelf')).toEqual([1, 2, 3, 4, 5]);
    const up = withBuild(down, { supports: 'bottom-up' });
    expect(numbers(up, '-support')).toEqual([1, 2, 3, 4, 5]);
    expect(numbers(up, '-shelf')).toEqual([5, 4, 3, 2, 1]);
  });

  test('finished before it is put in, or after', () => {
    const first = stepsOf(chimneyAlcove());
    expect(before(first, 'paint-2', 'S5-support')).toBe(true);
    const later = stepsOf(withBuild(chimneyAlcove(), { finish: 'after' }));
    expect(idsOf(later)).not.toContain('paint-1');
    expect(before(later, 'S5-shelf', 'last-prime')).toBe(true);
    expect(find(later, 'last-paint-1').place).toBe('site');
  });

  test('boards measured on their supports are cut after them, which takes one more walk there and back', () => {
    const job = withBuild(chimneyAlcove(), { cut: 'in-place' });
    const steps = stepsOf(job);
    expect(before(steps, 'S1-support', 'measure-boards')).toBe(true);
    expect(before(steps, 'measure-boards', 'boards-cut-boards')).toBe(true);
    expect(before(steps, 'boards-paint-2', 'S1-shelf')).toBe(true);
    expect(find(steps, 'cut-sticks').parts).not.toContain('S1-board');
    const [all, inPlace] = [chimneyAlcove(), job].map((one) =>
      tripsFor({ build: one.build, plan: planOf(one), nowMs: NOW }),
    );
    expect(all!.changes).toBe(2);
    expect(inPlace!.changes).toBe(4);
  });

  test('glue is waited for, screws are not', () => {
    const wait = (job: Job) => find(stepsOf(job), 'fill-heads').after.find((lag) => lag.step === 'fronts')?.wait;
    expect(wait(chimneyAlcove())).toBe('glue');
    expect(wait(withBuild(chimneyAlcove(), { hold: 'screws' }))).toBeNull();
  });
});

test.each(SYSTEM_NAMES)('%s: every piece is put in, every screw driven once', (system) => {
  const { shelves: _own, ...support } = chimneyAlcove().support;
  const plan = planOf({ ...chimneyAlcove(), support: { ...support, system } });
  const { steps } = plan.build;
  expect(steps.flatMap((step) => step.fixings).sort()).toEqual(plan.fixings.map((fixing) => fixing.id).sort());
  const put = steps
    .filter(({ kind }) => ['support', 'shelf', 'trim', 'assemble'].includes(kind))
    .flatMap((step) => step.parts);
  expect(plan.parts.filter((part) => !put.includes(part.id)).map((part) => part.id)).toEqual([]);
});

describe('a case', () => {
  test('in a cavity, housed shelves go in when the box is put together, pinned ones afterwards', () => {
    const put = (system: 'housed-case' | 'pinned-case') => {
      const steps = stepsOf({ ...stairCavity(), support: { ...stairCavity().support, system } });
      return { whole: find(steps, 'assemble').parts, later: idsOf(steps).filter((id) => id.endsWith('-shelf')) };
    };
    const housed = put('housed-case');
    expect(housed.later).toEqual([]);
    expect(housed.whole).toEqual(expect.arrayContaining([1, 2, 3, 4, 5].map((n) => `S${n}-board`)));
    const pinned = put('pinned-case');
    expect(pinned.later).toEqual(['S1-shelf', 'S2-shelf', 'S4-shelf', 'S5-shelf']);
    expect(pinned.whole).toContain('S3-board');
  });
});
