import fc from 'fast-check';
import { chimneyAlcove, cloakroomCloset } from '../demo';
import { typedLength, type Job } from '../job';
import { planJob, type Plan } from '../plan';
import { tiltedSpan, tiltToPass, wayIn } from './wayIn';

describe('a tilted board', () => {
  test('half as wide at sixty degrees, but for its thickness', () => {
    const { acrossMm, upMm } = tiltedSpan(1000, 20, 60);
    expect(acrossMm).toBeCloseTo(500 + 20 * Math.sin(Math.PI / 3), 9);
    expect(upMm).toBeCloseTo(1000 * Math.sin(Math.PI / 3) + 10, 9);
  });

  test('is longest where it just leaves the level: by its thickness squared over twice its length', () => {
    const most = Math.max(...Array.from({ length: 900 }, (_, i) => tiltedSpan(1000, 20, i / 100).acrossMm));
    expect(most).toBeCloseTo(Math.hypot(1000, 20), 3);
    expect(most - 1000).toBeCloseTo(20 ** 2 / 2000, 3);
  });

  test('the least tilt just passes: a touch less does not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 300, max: 2500, noNaN: true }),
        fc.double({ min: 6, max: 45, noNaN: true }),
        fc.double({ min: 0.3, max: 0.999, noNaN: true }),
        (long, thick, share) => {
          const between = long * share;
          const degrees = tiltToPass(long, thick, between);
          if (degrees === null) {
            expect(tiltedSpan(long, thick, 80).acrossMm).toBeGreaterThan(between);
            return;
          }
          expect(tiltedSpan(long, thick, degrees).acrossMm).toBeLessThanOrEqual(between + 1e-6);
          expect(tiltedSpan(long, thick, degrees - 0.01).acrossMm).toBeGreaterThan(between);
        },
      ),
    );
    expect(tiltToPass(900, 18, 900)).toBe(0);
    expect(tiltToPass(1000, 40, 100)).toBeNull();
  });
});

const ways = (job: Job, plan: Plan, ceilingMm = plan.opening.extent.height) =>
  plan.parts.flatMap((board) =>
    board.role === 'board' ? (wayIn({ job, board, gaps: plan.gaps, ceilingMm }) ?? []) : [],
  );

test('an alcove that opens to its front takes its boards straight in', () => {
  const job = chimneyAlcove();
  expect(ways(job, planJob(job)).map((one) => one.is)).toEqual([
    'straight',
    'straight',
    'straight',
    'straight',
    'straight',
  ]);
});

test('behind narrow jambs a board goes in tilted where there is room above it, and is named where there is none', () => {
  const job = cloakroomCloset();
  const plan = planJob(job);
  // Both shelves are so high that a board of 4 feet cannot be tilted by 51 degrees below the ceiling.
  expect(ways(job, plan).map((one) => [one.is, Math.round(one.degrees)])).toEqual([
    ['none', 51],
    ['none', 51],
  ]);
  expect(plan.build.problems.map((one) => [one.about, one.message.code])).toEqual(
    [1, 2].map((shelf) => [{ is: 'shelf', shelf }, 'problem.noWayIn']),
  );
  const [low, top] = ways(job, plan, 2900);
  expect([low!.is, top!.is]).toEqual(['tilted', 'none']);
  expect(
    tiltedSpan(plan.parts.find((one) => one.id === 'S1-board')!.fit!.longMm, 19.05, low!.degrees).acrossMm,
  ).toBeLessThan(job.place.mouth!.width.mm);
  expect(low!.takesMm).toBeLessThan(low!.roomMm);
  // From the top down, the shelf above is in the way of the low one too.
  const down = { ...job, build: { ...job.build, supports: 'bottom-up' as const } };
  expect(ways(down, plan, 2900).map((one) => one.is)).toEqual(['none', 'none']);
});

test('a mouth as wide as the inside is no hindrance', () => {
  const job = cloakroomCloset();
  const wide = { ...job, place: { ...job.place, mouth: { width: typedLength('49 1/2', 'in') } } };
  expect(ways(wide, planJob(job)).map((one) => one.is)).toEqual(['straight', 'straight']);
}); // prettier-ignore
