import fc from 'fast-check';
import {
  cabinetSpan,
  chimneyAlcove,
  cloakroomCloset,
  demoJobs,
  parcelBench,
  stairCavity,
  windowCorner,
} from './rigs/demo';
import { shapedIn, shapeWords } from './design/shaping';
import type { Figure } from './base/figure';
import { readJob, type Job } from './job';
import { NO_MEMORY } from './base/memory';
import { nextLift, planJob, type Plan } from './plan';
import { TAPE_STEP_MM, type JobUnit } from './base/quantity';
import { words } from './say/words';
import { mm, width, height, depth, plain, codes, part } from './planTesting';

/** Every figure anywhere in a plan. */
function figuresIn(value: unknown): Figure[] {
  if (Array.isArray(value)) return value.flatMap(figuresIn);
  if (typeof value !== 'object' || value === null) return [];
  const own = 'terms' in value && 'mm' in value ? [value as Figure] : [];
  return [...own, ...Object.values(value).flatMap(figuresIn)];
}

describe('for any job', () => {
  const reading = fc.oneof(
    fc
      .record({
        at: fc.constantFrom('front', 'back'),
        up: fc.integer({ min: 0, max: 2500 }),
        value: fc.integer({ min: 300, max: 3000 }),
      })
      .map(({ at, up, value }) => width(at as 'front' | 'back', up, value)),
    fc.integer({ min: 100, max: 900 }).map(depth),
    fc.integer({ min: 300, max: 3000 }).map(height),
  );
  const anyJob = fc
    .record({
      readings: fc.array(reading, { maxLength: 12 }),
      count: fc.integer({ min: 0, max: 12 }),
      thickness: fc.integer({ min: 6, max: 60 }),
      depth: fc.integer({ min: 30, max: 700 }),
      tape: fc.constantFrom(...(['1mm', '0.5mm', '1/16in', '1/32in'] as const)),
      units: fc.constantFrom<JobUnit>('mm', 'cm', 'in'),
      bottom: fc.integer({ min: 0, max: 900 }),
    })
    .map(({ readings, count, thickness, depth: deep, tape, units, bottom }) => ({
      ...plain(
        { readings: readings.map((one, i) => ({ ...one, id: `r${i}` })), tape, units },
        {
          count,
          thickness: mm(thickness),
          depth: mm(deep),
          bottom: { kind: 'height', up: mm(bottom) },
        },
      ),
    }));

  /** Gaps and thicknesses add up to the clear height. */
  function heightsAddUp(job: Job, plan: Plan): void {
    // The ceiling as surveyed; without one, the topmost gap is left out.
    const top = plan.gaps.at(-1)?.clear.terms.find((term) => term.label.code === 'term.topBoundary')?.mm;
    if (plan.shelves.length === 0 || top === undefined) return;
    const bottom = job.shelves.bottom.kind === 'height' ? job.shelves.bottom.up.mm : 0;
    const sum = plan.gaps.reduce((s, gap) => s + gap.clear.mm, 0) + plan.shelves.length * job.shelves.thickness.mm;
    expect(Math.abs(sum - (top - bottom))).toBeLessThan(0.01);
  }

  /** Every gap is within a mark of the tape of the even share. */
  function gapsAreEven(job: Job, plan: Plan): void {
    const gaps = plan.gaps.map((gap) => gap.clear.mm);
    const share = gaps.reduce((s, gap) => s + gap, 0) / gaps.length;
    for (const gap of gaps) expect(Math.abs(gap - share)).toBeLessThan(TAPE_STEP_MM[job.tape] + 1e-6);
  }

  /** The terms of every figure add up to it, and no figure is less than a number. */
  function figuresAddUp(plan: Plan): void {
    for (const one of figuresIn(plan)) {
      expect(one.terms.length).toBeGreaterThan(0);
      expect(Number.isFinite(one.mm)).toBe(true);
      expect(Math.abs(one.terms.reduce((s, term) => s + term.mm, 0) - one.mm)).toBeLessThan(1e-6);
    }
  }

  /** Every board goes in at the wanted odds; its length is on the tape, and rounded down. */
  function boardsAreSafe(job: Job, plan: Plan): void {
    for (const { fit } of plan.parts) {
      if (!fit) continue;
      expect(fit.odds).toBeGreaterThanOrEqual(job.fit.odds - 1e-9);
      const marks = fit.backMm / TAPE_STEP_MM[job.tape];
      expect(Math.abs(marks - Math.round(marks))).toBeLessThan(1e-6);
      expect(fit.roundedMm).toBeGreaterThanOrEqual(-1e-6);
      expect(fit.roundedMm).toBeLessThan(TAPE_STEP_MM[job.tape]);
    }
  }

  test('heights and figures add up, boards are safe, and the plan is plain data', () => {
    fc.assert(
      fc.property(anyJob, (job) => {
        const plan = planJob(job);
        heightsAddUp(job, plan);
        gapsAreEven(job, plan);
        figuresAddUp(plan);
        boardsAreSafe(job, plan);
        expect(JSON.parse(JSON.stringify(plan))).toEqual(plan);
      }),
      { numRuns: 40 },
    );
  });
});

describe('the demo jobs', () => {
  test('the chimney alcove: five boards, each at its own width', () => {
    const plan = planJob(chimneyAlcove());
    // (2350 - 420 - 5 x 18) / 6 = 306.67; the first top is 420 + 306.67 + 18 = 744.67, on the tape 744.5.
    expect(plan.shelves[0]?.top.mm).toBe(744.5);
    // The back widens by about 7 over 1540: lengths grow shelf by shelf, between 1123 and 1130 less 3.
    const boards = plan.parts.filter((one) => one.role === 'board').map((one) => one.length.mm);
    expect(boards).toEqual([...boards].sort((a, b) => a - b));
    expect(boards[0]).toBeGreaterThanOrEqual(1118);
    expect(boards[4]).toBeLessThanOrEqual(1134);
    expect(plan.problems.filter((problem) => problem.severity === 'stop')).toEqual([]);
  });

  test('the alcove in words: what it departs by', () => {
    const shown = planJob(chimneyAlcove()).deviations.filter((deviation) => deviation.kind === 'shown');
    expect(shown.map((deviation) => deviation.message.code)).toEqual([
      'opening.leansOut',
      'opening.leansOut',
      'opening.opens',
      'opening.belly',
      'opening.drops',
      'opening.widens',
    ]);
  });

  test('the cloakroom closet: 48 7/8 at the back and 49 at the front, out of square, less 1/8', () => {
    const plan = planJob(cloakroomCloset());
    const cut = (part(plan, 'S2-board')?.length.mm ?? 0) / 25.4;
    expect(cut).toBeGreaterThanOrEqual(48.5);
    expect(cut).toBeLessThanOrEqual(49);
    expect(plan.problems.filter((problem) => problem.severity === 'stop')).toEqual([]);
  });

  test.each(demoJobs())('$name: its readings agree, nothing stops it', (job) => {
    const plan = planJob(job);
    expect(job.readings.length).toBeGreaterThanOrEqual(8);
    expect(plan.readings.filter((reading) => reading.state !== 'used')).toEqual([]);
    expect(plan.problems.filter((problem) => problem.severity === 'stop')).toEqual([]);
    expect(readJob(JSON.parse(JSON.stringify(job)))).toEqual({ ok: true, value: job });
  });

  test('a gap that disagrees is told with its side, and so is what the others have', () => {
    const job = chimneyAlcove();
    const readings = job.readings.map((reading) =>
      reading.kind === 'square' && reading.id === 'square-11' ? { ...reading, value: mm(35) } : reading,
    );
    const problem = planJob({ ...job, readings }).problems.find((one) => one.about.kind === 'reading');
    expect(words(problem!.message, job)).toMatch(
      /Reads: 35 mm at the tip. The others predict: .* mm at the (tip|heel)/,
    );
  });

  test('the next reading says for which board it would do how much', () => {
    const lift = nextLift(chimneyAlcove(), NO_MEMORY)!;
    expect(lift.then).toBeGreaterThan(lift.now + 1.9);
    expect(planJob(chimneyAlcove()).shelves.map((shelf) => shelf.number)).toContain(lift.shelf);
    expect(nextLift(parcelBench(), NO_MEMORY)).toBeNull();
  });

  test('a corner: three shelves by the angle at their own height, a rail on each wall', () => {
    const plan = planJob(windowCorner());
    const boards = plan.parts.filter((one) => one.role === 'board');
    expect(boards.map((board) => board.shelf)).toEqual([1, 2, 3]);
    // The readings say 93.4, 93 and 92.6 at just these heights.
    expect(
      boards.map((board) => board.corner?.cutDegrees ?? 0).map((one, i) => Math.abs(one - [93.4, 93, 92.6][i]!) < 0.35),
    ).toEqual([true, true, true]);
    expect(boards[1]?.corner?.sameAs).toBe(1);
    expect(plan.parts.filter((one) => one.role === 'rail-back')).toHaveLength(3);
    // Rails are hidden in the shelf: there is no cleat to mark, and nothing hangs into the gap below.
    expect(new Set(plan.marks.map((mark) => mark.what))).toEqual(new Set(['shelf-top']));
    expect(plan.gaps.every((gap) => gap.reachIn === null || gap.reachIn.mm === gap.clear.mm)).toBe(true);
  });

  test('between two cabinets: boards screwed through the sides miss the holes there, a desk lies on rails', () => {
    const plan = planJob(cabinetSpan());
    expect(plan.parts.filter((one) => one.shelf > 1).map((one) => one.role)).toEqual([
      'board',
      'nosing',
      'board',
      'nosing',
    ]);
    expect(part(plan, 'S1-back-cleat')).toBeDefined();
    expect(plan.parts.filter((one) => one.role === 'board').every((one) => (one.fit?.odds ?? 0) >= 97)).toBe(true);
    // Rows of holes from 277 to 282 and from 540: a hand's breadth of 10 about them stays clear.
    for (const fixing of plan.fixings.filter((one) => one.through.kind === 'wall')) {
      expect(fixing.holes.length).toBeGreaterThanOrEqual(2);
      for (const { alongMm } of fixing.holes) expect(alongMm < 267 || alongMm > 292).toBe(true);
    }
  });

  test('in a cavity the box and its trim are listed, trim to the long point by what the survey leaves', () => {
    const plan = planJob(stairCavity());
    expect(codes(plan)).not.toContain('problem.boxOnly');
    const box = plan.box!;
    const head = plan.parts.find((one) => one.id === 'trim-head')!;
    // Boards of 1/2 in, a reveal of 3/16 in, trim 2 in wide.
    expect(head.length.mm).toBeCloseTo(box.width.mm + (-2 * 0.5 + 2 * 0.1875 + 2 * 2) * 25.4, 6);
    expect(head.joints).toEqual([{ kind: 'mitred', longEdge: 'upper' }]);
    // What is said of its inside edge is twice the trim's width less: the clear opening and both reveals.
    expect(shapeWords(shapedIn(plan.body)(head), plan.job)).toMatchObject([
      { code: 'cutEnd.mitred', params: { inside: { mm: expect.closeTo(head.length.mm - 4 * 25.4, 6) } } },
    ]);
    expect(plan.cutList.flatMap((group) => group.rows.map((row) => row.labels.join(' ')))).toEqual(
      expect.arrayContaining(['BL BR', 'BT BB 3S', '1S 2S 4S 5S', 'TL TR', 'TT TB']),
    );
    // Shelves on pins are 1/8 in short of the inside, the one that is fixed is not.
    const inside = box.width.mm - 25.4;
    const shelves = plan.parts.filter((one) => one.role === 'board').map((one) => one.length.mm - inside);
    expect(shelves.map((mm) => Math.round(mm / 1.5875))).toEqual([-2, -2, 0, -2, -2]);
  });

  test('along one wall: a bench whose posts stand on a falling slab, brackets at studs above it', () => {
    const plan = planJob(parcelBench());
    const posts = plan.parts.filter((one) => one.role === 'post').map((one) => one.length.mm);
    // The slab falls to the right: every post is longer than the one before.
    expect(posts.length).toBeGreaterThan(2);
    expect(posts.every((mm, i) => i === 0 || mm > posts[i - 1]!)).toBe(true);
    const legs = plan.fixings.filter((fixing) => fixing.id.includes('bracket-leg') && fixing.into.kind === 'wall');
    expect(legs.flatMap((leg) => leg.holes).every((hole) => hole.into === 'stud')).toBe(true);
  });
});
