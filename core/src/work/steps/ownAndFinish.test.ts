import { cabinetSpan, chimneyAlcove, cloakroomCloset, parcelBench, stairCavity, windowCorner } from '../../rigs/demo';
import { usualCoats, type Finish, type Job } from '../../job';
import { planJob } from '../../plan';
import { cycleIn } from './order/network';
import { USUAL_WAITS } from './waits';
import { planOf, stepsOf, withBuild, idsOf, find, before } from './stepsTesting';

describe('finishes', () => {
  const finished = (finish: Finish, coats = 2) =>
    stepsOf(withBuild(chimneyAlcove(), {}, { coats: usualCoats(finish, coats) }));

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
    expect(steps.some((step) => step.kind === 'paint')).toBe(false);
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
    expect(find(steps, 'sand').how.map((message) => message.code)).toContain('how.sandBefore');
  });
});

describe('cautions', () => {
  const at = (job: Job, code: string) =>
    stepsOf(job)
      .filter((step) => step.cautions.some((said) => said.code === code))
      .map((step) => step.id);

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
    expect(at(withBuild(chimneyAlcove(), {}, { coats: ['oil', 'oil'] }), 'caution.rags')).toEqual(
      ['1', '2'].flatMap((coat) =>
        ['', '.2', '.3'].flatMap((round) => [`oil-${coat}${round}`, `wipe-${coat}${round}`]),
      ),
    );
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
    expect(problems.map((problem) => problem.message.code)).toEqual(['problem.stepsCircle', 'problem.stepsCircle']);
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
