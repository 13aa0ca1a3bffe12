import fc from 'fast-check';
import { chimneyAlcove, cloakroomCloset } from '../../rigs/demo';
import { typedLength, type Job } from '../../job';
import { planJob, type Plan } from '../../plan';
import { words } from '../../say/words/all';
import { tiltedSpan, tiltToPass, waysIn, type WayInput } from './wayIn';

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

const waysOf = (job: Job, plan: Plan = planJob(job)) =>
  waysIn({ ...plan, job, ceilingMm: plan.opening.extent.height, depthMm: plan.opening.extent.depth });

test('an alcove that opens to its front takes its boards straight in, the lowest first', () => {
  const { order, turned, ways } = waysOf(chimneyAlcove());
  expect([order, turned]).toEqual(['bottom-up', false]);
  expect(ways.map((way) => way.kind)).toEqual(Array(5).fill('straight'));
});

describe('behind the narrow jambs of the closet', () => {
  const job = cloakroomCloset();
  const plan = planJob(job);

  test('both boards go, the upper first, hanging between their cleats at some fourteen degrees', () => {
    const { order, turned, ways } = waysOf(job, plan);
    expect([order, turned]).toEqual(['top-down', true]);
    expect(ways.map((way) => [way.shelf, way.kind, way.fromBelow])).toEqual([
      [1, 'tilted', true],
      [2, 'tilted', true],
    ]);
    for (const { mouthDegrees, cleatDegrees, spareMm } of ways) {
      // Found by hand: 31 1/2 in takes some 51 degrees; the side cleats 14.2; the lower under the upper goes up to
      // 15.8.
      expect(mouthDegrees).toBeCloseTo(51, -1);
      expect(cleatDegrees).toBeGreaterThan(13.8);
      expect(cleatDegrees).toBeLessThan(15.8);
      expect(spareMm).toBeGreaterThan(0);
    }
    expect(plan.build.problems).toEqual([]);
    const put = plan.build.steps.filter((step) => /^S\d-shelf$/.test(step.id));
    expect(put.map((step) => step.id)).toEqual(['S2-shelf', 'S1-shelf']);
    expect(put[0]?.how.map((message) => message.code)).toEqual(
      expect.arrayContaining(['way.upperFirst', 'way.tilted', 'way.between']),
    );
    expect(put[1]?.after.map((lag) => lag.step)).toContain('S2-shelf');
  });

  test('no way found is told as that, with what to try, never as impossible', () => {
    // So low that neither board can stand tilted behind the opening.
    const low = planJob({
      ...job,
      place: { ...job.place, mouth: { width: typedLength('14', 'in'), height: typedLength('40', 'in') } },
    });
    expect(low.build.problems.map((problem) => [problem.severity, problem.message.code])).toEqual([
      ['doubtful', 'problem.noWayFound'],
      ['doubtful', 'problem.noWayFound'],
    ]);
    const how = low.build.steps.flatMap((step) => step.how.map((line) => line.code));
    expect(how.filter((code) => code === 'way.cardboard')).toHaveLength(2);
    for (const { message: told } of low.build.problems)
      expect(words(told, job)).toMatch(/found no way to bring in.*strip of cardboard/i);
  });

  test('a board deeper than the diagonal of the opening cannot pass: that is proved', () => {
    const { ways } = waysOf({
      ...job,
      place: { ...job.place, mouth: { width: typedLength('9', 'in'), height: typedLength('11', 'in') } },
    });
    expect(ways.map((way) => way.kind)).toEqual(['impossible', 'impossible']);
  });

  test('a mouth as wide as the inside is no hindrance', () => {
    const wide = { ...job, place: { ...job.place, mouth: { width: typedLength('49 1/2', 'in') } } };
    expect(waysOf(wide).ways.map((way) => way.kind)).toEqual(['straight', 'straight']);
  });
});

/** A closet of one or two shelves on cleats, square and plumb, as far as the way in needs it. */
function closet({ wide, short, thick, cleat, high, mouth, at, ceiling, two, supports }: Closet): WayInput {
  const fit = {
    backMm: wide - short,
    frontMm: wide - short,
    walls: { ps: [0, 150, 300], left: [0, 0, 0], right: [wide, wide, wide] },
  };
  const shelf = (number: number, upMm: number) => {
    const place = { upFrom: upMm, upTo: upMm + thick, outFrom: 0, outTo: 300 };
    const under = { ...place, upFrom: upMm - high, upTo: upMm };
    const piece = { shelf: number, label: '', width: { mm: 300, terms: [] }, length: { mm: fit.backMm, terms: [] } };
    const cleats = (['back-cleat', 'side-cleat-left', 'side-cleat-right'] as const).map((role) => ({
      ...piece,
      role,
      thicknessMm: cleat,
      place: under,
      fit: null,
    }));
    return [{ ...piece, role: 'board' as const, thicknessMm: thick, place, fit }, ...cleats];
  };
  return {
    parts: [...shelf(1, at), ...(two === null ? [] : shelf(2, at + thick + two))] as unknown as WayInput['parts'],
    hardware: [],
    job: { place: { mouth: { width: typedLength(String(mouth), 'mm') } }, build: { supports } },
    ceilingMm: ceiling,
    depthMm: 600,
  };
}
type Closet = Record<'wide' | 'short' | 'thick' | 'cleat' | 'high' | 'mouth' | 'at' | 'ceiling', number> & {
  two: number | null;
  supports: 'bottom-up' | 'top-down';
};

test('every way that is told can be walked: pose by pose the board meets no wall, cleat, shelf or ceiling', () => {
  const whole = (min: number, max: number) => fc.integer({ min, max });
  let walked = 0;
  fc.assert(
    fc.property(
      fc.record({
        wide: whole(700, 1800),
        short: whole(1, 6),
        thick: whole(12, 32),
        cleat: whole(8, 45),
        high: whole(20, 110),
        mouth: whole(400, 1200),
        at: whole(300, 2000),
        ceiling: whole(2100, 2700),
        two: fc.option(whole(150, 600)),
        supports: fc.constantFrom('bottom-up' as const, 'top-down' as const),
      }),
      (given) => {
        const input = closet(given);
        const { ways, order } = waysIn(input);
        const way = ways.find((wayIn) => wayIn.shelf === 1)!;
        if (way.kind !== 'tilted' || !way.fromBelow) return;
        walked += 1;
        walk(given, way, order === 'top-down');
      },
    ),
    { numRuns: 600 },
  );
  expect(walked).toBeGreaterThan(100);
});

/** Raises the board tilted between the cleats, lays its low end down at the left wall and lowers the other. */
function walk(given: Closet, way: { mouthDegrees: number; cleatDegrees: number }, under: boolean): void {
  const { wide, short, thick, cleat, high, at, two, ceiling, mouth } = given;
  const long = wide - short;
  const over = under && two !== null ? at + thick + two : ceiling;
  const across = (degrees: number) => tiltedSpan(long, thick, degrees).acrossMm;
  const up = (degrees: number) => tiltedSpan(long, thick, degrees).upMm;
  expect(across(way.mouthDegrees)).toBeLessThanOrEqual(mouth);
  // There is room to stand tilted behind the opening, and then to pass between the cleats.
  expect(up(way.mouthDegrees)).toBeLessThanOrEqual(over);
  expect(across(way.cleatDegrees)).toBeLessThanOrEqual(wide - 2 * cleat);
  const poses = Array.from({ length: 60 }, (_, i) => way.cleatDegrees * 0.9 ** i);
  const meets = poses.filter((degrees) => {
    // The cleats of the upper shelf are up, whether its board is in or not.
    const besideCleat = two !== null && across(degrees) > wide - cleat;
    const topMm = besideCleat ? Math.min(over, at + thick + two - high) : over;
    return across(degrees) > wide + thick ** 2 / (2 * long) || at + up(degrees) > topMm;
  });
  expect(meets).toEqual([]);
}
