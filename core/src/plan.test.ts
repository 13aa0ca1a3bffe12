import { withAnswer, type Job, type Reading } from './job';
import { planJob } from './plan';
import { mm, width, height, depth, plain, codes, part } from './planTesting';

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
    expect(terms.map((term) => term.label.code)).toContain('term.clearanceOdds');
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
    ['boundaries crossed', plain({}, { bottom: { kind: 'height', up: mm(2500) } }), 'problem.boundariesCross'],
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
