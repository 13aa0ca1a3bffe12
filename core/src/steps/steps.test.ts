import { cabinetSpan, chimneyAlcove, cloakroomCloset, demoJobs, parcelBench, stairCavity, windowCorner } from '../demo';
import { SYSTEM_NAMES, type Job } from '../job';
import { planJob, type Plan } from '../plan';
import { cycleIn } from './order/network';
import type { Step } from './step';
import { stepsFor } from './steps';
import { tripsFor } from './trips';
import { USUAL_WAITS } from './waits';

const NOW = Date.UTC(2026, 4, 9, 8);
const plans = new Map<string, Plan>();
/** The plan of a job; what is said of the work itself changes nothing before its steps, so plans are made once. */
const planOf = (job: Job): Plan => {
  const key = JSON.stringify({ ...job, build: null, stock: null });
  const plan = plans.get(key) ?? planJob(job);
  plans.set(key, plan);
  return {
    ...plan,
    build: stepsFor({ ...plan, job, ceilingMm: plan.opening.extent.height, depthMm: plan.opening.extent.depth }),
  };
};
const stepsOf = (job: Job) => planOf(job).build.steps;
const withBuild = (job: Job, build: Partial<Job['build']>, stock: Partial<Job['stock']> = {}): Job => ({
  ...job,
  build: { ...job.build, ...build },
  stock: { ...job.stock, ...stock },
});
const idsOf = (steps: readonly Pick<Step, 'id'>[]) => steps.map((one) => one.id);
const find = (steps: readonly Step[], id: string): Step => {
  const found = steps.find((one) => one.id === id);
  if (!found) throw new Error(`no step ${id} among ${idsOf(steps).join(' ')}`);
  return found;
};
/** Whether one step is done before another in every order. */
const before = (steps: readonly Step[], first: string, then: string): boolean => {
  const seen = new Set<string>();
  const go = (id: string): boolean =>
    id === first || (!seen.has(id) && (seen.add(id), find(steps, id).after.some((lag) => go(lag.step))));
  return first !== then && go(then);
};
const orderOf = (job: Job) => {
  const plan = planOf(job);
  return tripsFor({ build: job.build, plan, nowMs: NOW }).steps.map((one) => one.step);
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
      const wooden = plan.parts.map((one) => one.id);
      const handled = (kind: (one: Step) => boolean) => new Set(steps.filter(kind).flatMap((one) => one.parts));
      for (const id of wooden) {
        expect(handled((one) => one.kind === 'cut')).toContain(id);
        expect(handled((one) => one.kind === 'sand')).toContain(id);
        expect(handled((one) => ['support', 'shelf', 'trim', 'assemble'].includes(one.kind))).toContain(id);
      }
      const driven = steps.flatMap((one) => one.fixings);
      expect([...driven].sort()).toEqual(plan.fixings.map((one) => one.id).sort());
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
  expect(steps.flatMap((one) => one.fixings).sort()).toEqual(plan.fixings.map((one) => one.id).sort());
  const put = steps
    .filter(({ kind }) => ['support', 'shelf', 'trim', 'assemble'].includes(kind))
    .flatMap((one) => one.parts);
  expect(plan.parts.filter((one) => !put.includes(one.id)).map((one) => one.id)).toEqual([]);
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

describe('finishes', () => {
  const finished = (finish: Job['stock']['finish'], coats = 2) =>
    stepsOf(withBuild(chimneyAlcove(), {}, { finish, coats }));

  test('a conditioner is stained within its window, and clear coats follow', () => {
    const steps = finished('stain', 3);
    expect(find(steps, 'stain').after).toEqual([
      { step: 'condition', wait: 'conditioner', ...USUAL_WAITS.conditioner },
    ]);
    expect(find(steps, 'stain').after[0]!.mostMin).not.toBeNull();
    expect(before(steps, 'stain', 'clear-1')).toBe(true);
    expect(before(steps, 'clear-2', 'clear-3')).toBe(true);
  });

  test('each coat of oil is wiped off within its window', () => {
    const steps = finished('oil');
    for (const coat of [1, 2]) {
      expect(find(steps, `wipe-${coat}`).after).toEqual([
        { step: `oil-${coat}`, wait: 'oil-wipe', ...USUAL_WAITS['oil-wipe'] },
      ]);
    }
    expect(before(steps, 'wipe-1', 'oil-2')).toBe(true);
  });

  test('bare wood is not waited for', () => {
    const steps = finished('bare');
    expect(steps.some((one) => one.kind === 'paint')).toBe(false);
    expect(find(steps, 'load').after.filter((lag) => lag.wait !== null && lag.wait !== 'glue')).toEqual([]);
  });

  test('the last coat cures before the shelves are loaded', () => {
    for (const finish of ['paint', 'stain', 'clear', 'oil'] as const) {
      const load = find(finished(finish), 'load');
      expect(load.after.filter((lag) => lag.wait === 'cure')).toHaveLength(1);
    }
  });

  test('sanding comes before anything is put together', () => {
    const steps = stepsOf(stairCavity());
    expect(before(steps, 'dry-fit', 'sand')).toBe(true);
    expect(before(steps, 'sand', 'assemble')).toBe(true);
    expect(find(steps, 'sand').how.map((one) => one.code)).toContain('how.sandBefore');
  });
});

describe('cautions', () => {
  const at = (job: Job, code: string) =>
    stepsOf(job)
      .filter((one) => one.cautions.some((said) => said.code === code))
      .map((one) => one.id);

  test('a cavity’s own bite where the wall is looked into and opened, and nowhere else', () => {
    const job = withBuild(stairCavity(), { prepare: { clear: false, holes: 0, open: true, paint: false } });
    for (const code of ['caution.cavityWires', 'caution.cavityLoad', 'caution.cavityOutside']) {
      expect(at(job, code)).toEqual(['check-wall', 'open-wall']);
      for (const other of [chimneyAlcove(), windowCorner(), cloakroomCloset(), cabinetSpan(), parcelBench()])
        expect(at(other, code)).toEqual([]);
    }
  });

  test('wires, where a wall is drilled; dust and the blade, where wood is cut; rags, where there is oil', () => {
    expect(at(chimneyAlcove(), 'caution.wires')).toEqual([
      'S5-support',
      'S4-support',
      'S3-support',
      'S2-support',
      'S1-support',
    ]);
    expect(at(chimneyAlcove(), 'caution.saw')).toEqual(['cut-boards', 'cut-sticks']);
    expect(at({ ...chimneyAlcove(), tools: 'hand' }, 'caution.saw')).toEqual([]);
    expect(at(chimneyAlcove(), 'caution.rags')).toEqual([]);
    expect(at(withBuild(chimneyAlcove(), {}, { finish: 'oil' }), 'caution.rags')).toEqual([
      'oil-1',
      'wipe-1',
      'oil-2',
      'wipe-2',
    ]);
    expect(at(cabinetSpan(), 'caution.insideCabinet')).toEqual(['S2-shelf', 'S3-shelf']);
    expect(at(chimneyAlcove(), 'caution.strength')).toEqual(['load']);
  });

  test('old paint, where it is disturbed', () => {
    expect(at(chimneyAlcove(), 'caution.oldPaint')).toEqual([]);
    const job = withBuild(chimneyAlcove(), { prepare: { clear: true, holes: 12, open: false, paint: false } });
    expect(at(job, 'caution.oldPaint')).toEqual(['clear', 'sand-place']);
  });
});

describe('steps of one’s own', () => {
  const own = (id: string, more: Partial<Job['build']['own'][number]> = {}) => ({
    id,
    what: `Thing ${id}`,
    place: 'site' as const,
    minutes: 15,
    after: [],
    before: [],
    ...more,
  });

  test('come after what they come after, and before what they come before', () => {
    const steps = stepsOf(
      withBuild(chimneyAlcove(), { own: [own('lamp', { after: ['marks'], before: ['S5-support'], least: 60 })] }),
    );
    expect(before(steps, 'marks', 'own:lamp')).toBe(true);
    expect(before(steps, 'own:lamp', 'S5-support')).toBe(true);
    expect(find(steps, 'own:lamp').after[0]).toMatchObject({ leastMin: 60 });
  });

  test('that go round in a circle are named with their words, and the work is still planned', () => {
    const job = withBuild(chimneyAlcove(), {
      own: [
        own('a', { after: ['own:b'] }),
        own('b', { after: ['own:a'] }),
        own('c', { after: ['S1-shelf'], before: ['marks'] }),
      ],
    });
    const { steps, problems } = planOf(job).build;
    expect(problems.map((one) => one.message.code)).toEqual(['problem.stepsCircle', 'problem.stepsCircle']);
    expect(JSON.stringify(problems)).toContain('Thing a');
    expect(cycleIn(steps)).toBeNull();
    expect(idsOf(steps)).toEqual(expect.arrayContaining(['own:a', 'own:b', 'own:c', 'S1-shelf']));
    expect(before(steps, 'marks', 'S1-shelf')).toBe(true);
  });

  test('what they hang on may be gone', () => {
    const steps = stepsOf(withBuild(chimneyAlcove(), { own: [own('a', { after: ['fill-2'], before: ['no-such'] })] }));
    expect(find(steps, 'own:a').after).toEqual([]);
  });

  test('one’s own time for a step stands', () => {
    const minutes = [
      { step: 'drill', minutes: 33 },
      { step: 'own:a', minutes: 44 },
    ];
    const steps = stepsOf(withBuild(chimneyAlcove(), { minutes, own: [own('a')] }));
    expect([find(steps, 'drill').minutes, find(steps, 'own:a').minutes]).toEqual([33, 44]);
  });
});

test('a job without readings has no work yet, and says so nowhere', () => {
  expect(planJob({ ...chimneyAlcove(), readings: [] }).build.problems).toEqual([]);
});
