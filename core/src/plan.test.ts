import fc from 'fast-check';
import { cabinetSpan, chimneyAlcove, cloakroomCloset, demoJobs, parcelBench, stairCavity, windowCorner } from './demo';
import { shapeWords } from './fit';
import type { Figure } from './figure';
import { newJob, readJob, typedLength, withAnswer, type Job, type Reading } from './job';
import { planJob, type Plan } from './plan';
import { TAPE_STEP_MM, type JobUnit } from './quantity';
import { words } from './words';

const mm = (value: number) => typedLength(String(value), 'mm');
const width = (at: 'front' | 'back', up: number, value: number): Reading => ({
  kind: 'width',
  id: `w-${at}-${up}-${value}`,
  at,
  up: mm(up),
  value: mm(value),
});
const height = (value: number): Reading => ({
  kind: 'height',
  id: `h-${value}`,
  side: 'left',
  at: 'front',
  value: mm(value),
});
const depth = (value: number): Reading => ({
  kind: 'depth',
  id: `d-${value}`,
  side: 'left',
  up: mm(1200),
  value: mm(value),
});

/** A plain alcove, 1000 wide, 400 deep, 2400 high; boards 18, cleats 20 x 45, nosing 20 x 65. */
function plain(change: Partial<Job> = {}, shelves: Partial<Job['shelves']> = {}): Job {
  const start = newJob({ id: 'plain', name: 'Plain', kind: 'alcove', units: 'mm' });
  const readings = [width('back', 1200, 1000), width('front', 1200, 1000), depth(400), height(2400)];
  return { ...start, readings, ...change, shelves: { ...start.shelves, ...shelves } };
}
const codes = (plan: Plan) => plan.problems.map((problem) => problem.message.code);
const part = (plan: Plan, id: string) => plan.parts.find((one) => one.id === id);

/** Every figure anywhere in a plan. */
function figuresIn(value: unknown): Figure[] {
  if (Array.isArray(value)) return value.flatMap(figuresIn);
  if (typeof value !== 'object' || value === null) return [];
  const own = 'terms' in value && 'mm' in value ? [value as Figure] : [];
  return [...own, ...Object.values(value).flatMap(figuresIn)];
}

describe('a square alcove, worked by hand', () => {
  const plan = planJob(plain());

  test('three shelves of 18 in 2400 leave gaps of (2400 - 54) / 4 = 586.5', () => {
    expect(plan.gaps.map((gap) => gap.clear.mm)).toEqual([586.5, 586.5, 586.5, 586.5]);
    expect(plan.shelves.map((shelf) => shelf.top.mm)).toEqual([604.5, 1209, 1813.5]);
    expect(plan.shelves.map((shelf) => shelf.underside.mm)).toEqual([586.5, 1191, 1795.5]);
  });

  test('a nosing of 65 on a board of 18 hangs 47 into the gap below it', () => {
    expect(plan.gaps.map((gap) => gap.reachIn?.mm ?? null)).toEqual([539.5, 539.5, 539.5, null]);
  });

  test('the cleat goes one thickness below the shelf, and marks stand from the level line too', () => {
    expect(plan.marks.slice(0, 2)).toMatchObject([
      { shelf: 1, what: 'cleat-top', up: { mm: 586.5 }, fromLevelLine: { mm: 586.5 - 1000 } },
      { shelf: 1, what: 'shelf-top', up: { mm: 604.5 }, fromLevelLine: { mm: 604.5 - 1000 } },
    ]);
  });

  test('deductions: board 300 - 20, side cleat 300 - 20 - 20; between walls less a clearance for the odds', () => {
    expect(part(plan, 'S1-board')).toMatchObject({ width: { mm: 280 }, thicknessMm: 18 });
    expect(part(plan, 'S1-back-cleat')).toMatchObject({ width: { mm: 45 } });
    expect(part(plan, 'S1-side-cleat-left')).toMatchObject({ length: { mm: 260 }, label: '1L' });
    expect(part(plan, 'S1-side-cleat-right')).toMatchObject({ length: { mm: 260 }, label: '1R' });
    expect(part(plan, 'S1-nosing')).toMatchObject({ width: { mm: 65 } });
    for (const piece of plan.parts) {
      if (!piece.fit) continue;
      expect(piece.fit.odds).toBeGreaterThanOrEqual(97);
      expect(piece.length.mm).toBeLessThan(1000);
      expect(piece.length.mm * 2).toBe(Math.round(piece.length.mm * 2));
    }
    // Its clearance is never less than the cleat's own.
    expect(part(plan, 'S1-back-cleat')?.length.mm).toBeLessThanOrEqual(996);
  });

  test('the cut list groups by section and length, with what to pencil on each', () => {
    const rows = plan.cutList.map((group) => [
      group.thicknessMm,
      group.widthMm,
      group.rows.flatMap((row) => row.labels).sort(),
    ]);
    expect(rows).toEqual([
      [18, 280, ['1S', '2S', '3S']],
      [20, 65, ['1N', '2N', '3N']],
      [20, 45, ['1B', '1L', '1R', '2B', '2L', '2R', '3B', '3L', '3R']],
    ]);
    expect(plan.cutList[2]?.rows.at(-1)).toMatchObject({
      count: 6,
      lengthMm: 260,
      labels: ['1L', '1R', '2L', '2R', '3L', '3R'],
    });
  });

  test('nothing is wrong but that too little is known for a close fit, most of all far from any reading', () => {
    expect(new Set(codes(plan))).toEqual(new Set(['problem.fitUnsure']));
    const gap = (shelf: number) => part(plan, `S${shelf}-board`)?.fit?.worst.mm ?? 0;
    expect(gap(2)).toBeLessThan(gap(1));
    expect(gap(2)).toBeLessThan(gap(3));
  });
});

describe('a taper: 990 wide at the floor, 1030 at the ceiling, 6 wider at the front', () => {
  const at = (up: number) => 990 + up / 60;
  const ups = [200, 600, 1200, 1800, 2200];
  const readings = [
    ...ups.flatMap((up) => [width('back', up, at(up)), width('front', up, at(up) + 6)]),
    depth(400),
    height(2400),
  ];
  const plan = planJob(plain({ readings }, { depth: mm(390) }));
  // A square end touches where the opening is narrowest: at the back, at the board's underside.
  const least = (underside: number) => at(underside) - 0.4;

  test('each board is cut to the opening at its own height, down to the tape', () => {
    for (const [shelf, underside] of [
      [1, 586.5],
      [2, 1191],
      [3, 1795.5],
    ] as const) {
      const fit = part(plan, `S${shelf}-board`)?.fit;
      // Back and front differ by 6 over the 400; by 5.55 over the board's 370.
      const runsOut = (fit?.left.outMm ?? 0) + (fit?.right.outMm ?? 0);
      expect(Math.abs(runsOut - 5.55)).toBeLessThan(1);
      const clear = (fit?.backMm ?? 0) + (fit?.clearanceMm ?? 0) + (fit?.roundedMm ?? 0);
      expect(Math.abs(clear - least(underside))).toBeLessThan(0.8);
      expect(fit?.roundedMm).toBeGreaterThanOrEqual(0);
      expect(fit?.roundedMm).toBeLessThan(0.5);
    }
  });

  test('a back cleat goes by the back at its own height, a nosing by the front', () => {
    // The cleat of shelf 3 reaches down to 1750.5, the nosing to 1748.5.
    const clear = (id: string) => {
      const fit = part(plan, id)?.fit;
      return (fit?.backMm ?? 0) + (fit?.clearanceMm ?? 0) + (fit?.roundedMm ?? 0);
    };
    expect(Math.abs(clear('S3-back-cleat') - at(1750.5))).toBeLessThan(0.8);
    expect(Math.abs(clear('S3-nosing') - (at(1748.5) + 6))).toBeLessThan(0.8);
  });

  test('a gap that shows is named with the end style it comes from', () => {
    const corners = ups.flatMap((up) =>
      (['left', 'right'] as const).map((corner): Reading => ({
        kind: 'corner',
        id: `c-${corner}-${up}`,
        corner,
        up: mm(up),
        value: { degrees: 90.43, typed: '90.43' },
      })),
    );
    const known = plain({ readings: [...readings, ...corners] }, { depth: mm(390) });
    const square = planJob({ ...known, fit: { ...known.fit, ends: 'square' } });
    expect(codes(square)).toContain('problem.endGap');
    expect(codes(planJob(known))).not.toContain('problem.endGap');
  });

  test('"why" leads back to the readings that weigh in it, the nearest first, and to the odds', () => {
    const terms = part(plan, 'S2-board')?.length.terms ?? [];
    expect(terms[0]).toMatchObject({ label: { code: 'term.betweenWalls' } });
    expect(terms[0]?.readings?.[0]).toBe('w-back-1200-1010');
    expect(terms.map((one) => one.label.code)).toContain('term.clearanceOdds');
  });
});

describe('impossible and thin jobs get a plan with named problems', () => {
  const shelvesAt = (...tops: number[]): Partial<Job['shelves']> => ({
    way: 'typed',
    heights: tops.map((top) => ({ id: `h${top}`, up: mm(top) })),
  });
  test.each<[string, Job, string]>([
    ['nothing measured', plain({ readings: [] }), 'problem.noReadings'],
    ['no width', plain({ readings: [depth(400), height(2400)] }), 'problem.noWidth'],
    ['one width', plain({ readings: [width('back', 1200, 1000), height(2400)] }), 'problem.oneWidth'],
    ['no height', plain({ readings: [width('back', 1200, 1000)] }), 'problem.noHeight'],
    ['no depth', plain({ readings: [width('back', 1200, 1000), height(2400)] }), 'problem.noDepth'],
    ['no shelves', plain({}, { count: 0 }), 'problem.noShelves'],
    ['no typed heights', plain({}, { way: 'typed' }), 'problem.noShelves'],
    ['too many shelves', plain({}, { count: 40, thickness: mm(70) }), 'problem.tooManyShelves'],
    ['gaps smaller than the cleats', plain({}, { count: 38 }), 'problem.gapTooSmall'],
    ['boundaries crossed', plain({}, { bottom: { from: 'height', up: mm(2500) } }), 'problem.boundariesCross'],
    ['above the ceiling', plain({}, shelvesAt(2450)), 'problem.shelfAboveCeiling'],
    ['below the floor', plain({}, shelvesAt(10)), 'problem.shelfThroughFloor'],
    ['cleat in the floor', plain({}, shelvesAt(40)), 'problem.cleatThroughFloor'],
    ['overlapping', plain({}, shelvesAt(1000, 1010)), 'problem.shelvesOverlap'],
    ['deeper than the alcove', plain({}, { depth: mm(450) }), 'problem.tooDeep'],
    ['no depth left for a board', plain({}, { depth: mm(20) }), 'problem.noBoardDepth'],
    ['no depth left for cleats', plain({}, { depth: mm(40) }), 'problem.noSideCleat'],
    [
      'walls that cross',
      plain({ readings: [...plain().readings.slice(2), width('back', 1200, 4), width('front', 1200, 4)] }),
      'problem.wallsCross',
    ],
    [
      'a reading 100 out',
      plain({
        readings: [
          ...plain().readings,
          width('front', 1000, 1000),
          width('back', 1400, 1000),
          width('back', 1500, 1100),
        ],
      }),
      'problem.readingSlip',
    ],
  ])('%s', (_, job, code) => {
    const plan = planJob(job);
    expect(codes(plan)).toContain(code);
    expect(JSON.stringify(plan)).not.toMatch(/NaN|Infinity/);
  });

  test('where walls cross high up that shelf alone is not cut, and it is said once', () => {
    const at = (up: number, mm: number) => [width('back', up, mm), width('front', up, mm)];
    const crossing = plain(
      {
        readings: [...plain().readings.slice(2), ...at(500, 1100), ...at(1200, 500), ...at(2000, 2)].map((one) => ({
          ...one,
          verdict: 'kept' as const,
        })),
      },
      shelvesAt(500, 2000),
    );
    const plan = planJob(crossing);
    expect(codes(plan).filter((code) => code === 'problem.wallsCross')).toHaveLength(1);
    expect(new Set(plan.parts.map((part) => part.shelf))).toEqual(new Set([1]));
  });

  test('a nosing that does not hide the cleats', () => {
    const job = plain();
    const low = withAnswer(job, 'three-side-cleats', 'nosingHeight', mm(40));
    expect(codes(planJob(low))).toContain('problem.nosingShort');
  });

  test('a shelf that cannot be made costs no wood; the others are still planned', () => {
    const plan = planJob(plain({}, shelvesAt(1000, 2450)));
    expect(new Set(plan.parts.map((one) => one.shelf))).toEqual(new Set([1]));
    expect(plan.shelves).toHaveLength(2);
  });
});

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
          bottom: { from: 'height', up: mm(bottom) },
        },
      ),
    }));

  /** Gaps and thicknesses add up to the clear height. */
  function heightsAddUp(job: Job, plan: Plan): void {
    // The ceiling as surveyed; without one, the topmost gap is left out.
    const top = plan.gaps.at(-1)?.clear.terms.find((term) => term.label.code === 'term.topBoundary')?.mm;
    if (plan.shelves.length === 0 || top === undefined) return;
    const bottom = job.shelves.bottom.from === 'height' ? job.shelves.bottom.up.mm : 0;
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
    const shown = planJob(chimneyAlcove()).deviations.filter((one) => one.is === 'shown');
    expect(shown.map((one) => one.message.code)).toEqual([
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
    expect(plan.readings.filter((one) => one.state !== 'used')).toEqual([]);
    expect(plan.problems.filter((problem) => problem.severity === 'stop')).toEqual([]);
    expect(readJob(JSON.parse(JSON.stringify(job)))).toEqual({ ok: true, value: job });
  });

  test('a gap that disagrees is told with its side, and so is what the others have', () => {
    const job = chimneyAlcove();
    const readings = job.readings.map((one) =>
      one.kind === 'square' && one.id === 'square-11' ? { ...one, value: mm(35) } : one,
    );
    const problem = planJob({ ...job, readings }).problems.find((one) => one.about.is === 'reading');
    expect(words(problem!.message, job)).toMatch(
      /reads 35 mm at the tip; the others have .* mm at the (tip|heel) there/,
    );
  });

  test('the next reading says for which board it would do how much', () => {
    const plan = planJob(chimneyAlcove());
    expect(plan.lift?.then).toBeGreaterThan(plan.lift!.now + 1.9);
    expect(plan.shelves.map((one) => one.number)).toContain(plan.lift?.shelf);
    expect(planJob(parcelBench()).lift).toBeNull();
  });

  test('a corner: three shelves by the angle at their own height, a rail on each wall', () => {
    const plan = planJob(windowCorner());
    const boards = plan.parts.filter((one) => one.role === 'board');
    expect(boards.map((one) => one.shelf)).toEqual([1, 2, 3]);
    // The readings say 93.4, 93 and 92.6 at just these heights.
    expect(
      boards.map((one) => one.corner?.cutDegrees ?? 0).map((one, i) => Math.abs(one - [93.4, 93, 92.6][i]!) < 0.35),
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
    for (const fixing of plan.fixings.filter((one) => one.through.is === 'wall')) {
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
    expect(head.joint).toEqual({ is: 'mitred' });
    // What is said of its inside edge is twice the trim's width less: the clear opening and both reveals.
    expect(shapeWords(head, 'power')).toMatchObject([
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
    const legs = plan.fixings.filter((one) => one.id.includes('bracket-leg') && one.into.is === 'wall');
    expect(legs.flatMap((one) => one.holes).every((hole) => hole.into === 'stud')).toBe(true);
  });
});
