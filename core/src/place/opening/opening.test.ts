import fc from 'fast-check';
import { EigenvalueDecomposition, Matrix } from 'ml-matrix';
import { demoJobs, stairCavity } from '../../rigs/demo';
import { newPlace } from '../../job';
import { crookedRoom, takeAll } from '../../rigs/practice';
import type { Spot } from '../reading';
import { surveyOf } from '../survey';
import { exactly, jobOf, surveyWith, width } from '../survey/testing';
import { cavityBox, drawSamples, openingOf, outlineOf, sectionAt, type Opening, type SurfacePoint } from '.';

/** The width at a point, with its standard deviation. */
function widthAt(opening: Opening, out: number, up: number): { mm: number; sdMm: number } {
  const { meanMm, covarianceMm2: c } = opening.jointly([
    { surface: 'left', out, up },
    { surface: 'right', out, up },
  ]);
  const variance = (c[0]?.[0] ?? 0) + (c[1]?.[1] ?? 0) - 2 * (c[0]?.[1] ?? 0);
  return { mm: (meanMm[1] ?? 0) - (meanMm[0] ?? 0), sdMm: Math.sqrt(variance) };
}
const some = [
  exactly(width('back', 900), 1000, 'a'),
  exactly(width('front', 900), 1004, 'b'),
  exactly(width('back', 1800), 1006, 'c'),
  exactly({ kind: 'depth', side: 'left', upMm: 900 }, 400, 'd'),
  exactly({ kind: 'height', side: 'left', at: 'front' }, 2400, 'e'),
];

describe('with nothing read', () => {
  const opening = openingOf(surveyWith([]));
  test('it still answers, and says it knows nothing', () => {
    expect(opening.nominal.measured).toEqual({ width: false, depth: false, height: false });
    expect(widthAt(opening, 0, 900).sdMm).toBeGreaterThan(100);
    expect(opening.clearDepth()).toBeNull();
    expect(opening.clearHeight()).toBeNull();
    expect(opening.position({ surface: 'left', out: 0, up: 900 }).sdMm).toBeGreaterThan(100);
  });
});

test('nearer a reading, less doubt', () => {
  const opening = openingOf(surveyWith(some));
  const doubt = (up: number) => widthAt(opening, 10, up).sdMm;
  expect(doubt(900)).toBeLessThan(doubt(1300));
  expect(doubt(1300)).toBeLessThan(doubt(2300));
});

test('one more reading ahead leaves walls as sure as the reading itself does, whatever it will say', () => {
  const points: SurfacePoint[] = [
    { surface: 'left', out: 0, up: 1500 },
    { surface: 'right', out: 280, up: 1500 },
    { surface: 'right', out: 0, up: 700 },
  ];
  const spot = width('front', 1500);
  const before = openingOf(surveyWith(some));
  const ahead = before.ahead(spot, 'tape').jointly(points);
  for (const said of [1005, 1009]) {
    const taken = openingOf(surveyWith([...some, exactly(spot, said, 'next')])).jointly(points);
    taken.covarianceMm2.forEach((row, i) =>
      row.forEach((one, j) => expect(ahead.covarianceMm2[i]?.[j]).toBeCloseTo(one, 5)),
    );
  }
  expect(ahead.meanMm).toEqual(before.jointly(points).meanMm);
});

describe('joint distribution and samples', () => {
  const point = fc.oneof(
    fc.record({
      surface: fc.constantFrom('left', 'right'),
      out: fc.integer({ min: 0, max: 400 }),
      up: fc.integer({ min: 0, max: 2400 }),
    }),
    fc.record({
      surface: fc.constantFrom('floor', 'ceiling'),
      across: fc.integer({ min: -500, max: 500 }),
      out: fc.integer({ min: 0, max: 400 }),
    }),
    fc.record({
      surface: fc.constantFrom('back', 'front'),
      across: fc.integer({ min: -500, max: 500 }),
      up: fc.integer({ min: 0, max: 2400 }),
    }),
  ) as fc.Arbitrary<SurfacePoint>;
  const readings = fc
    .array(
      fc.tuple(
        fc.constantFrom('front', 'back'),
        fc.integer({ min: 0, max: 2400 }),
        fc.integer({ min: 990, max: 1010 }),
      ),
      { maxLength: 6 },
    )
    .map((all) => all.map(([at, up, value], i) => exactly(width(at as 'front', up), value, `r${i}`)));

  test('agree with each point alone, and are a covariance', () => {
    fc.assert(
      fc.property(readings, fc.array(point, { minLength: 1, maxLength: 8 }), (taken, points) => {
        const opening = openingOf(surveyWith(taken));
        const { meanMm, covarianceMm2 } = opening.jointly(points);
        points.forEach((surfacePoint, i) => {
          const alone = opening.position(surfacePoint);
          expect(meanMm[i]).toBeCloseTo(alone.mm, 6);
          expect(Math.abs((covarianceMm2[i]?.[i] ?? 0) - alone.sdMm ** 2)).toBeLessThan(1e-4);
        });
        const matrix = new Matrix(covarianceMm2.map((row) => [...row]));
        const scale = Math.max(...matrix.diagonal());
        const least = Math.min(...new EigenvalueDecomposition(matrix, { assumeSymmetric: true }).realEigenvalues);
        expect(least).toBeGreaterThanOrEqual(-1e-6 * scale);
      }),
    );
  });

  test('samples have that mean and that spread, and are the same for the same seed', () => {
    const opening = openingOf(surveyWith(some));
    const points: SurfacePoint[] = [
      { surface: 'right', out: 0, up: 1200 },
      { surface: 'right', out: 280, up: 1200 },
      { surface: 'back', across: 0, up: 1200 },
    ];
    const all = drawSamples(opening.jointly(points), 4000, 3);
    expect(drawSamples(opening.jointly(points), 4000, 3)).toEqual(all);
    const { meanMm, covarianceMm2 } = opening.jointly(points);
    const mean = (i: number) => all.reduce((sum, array) => sum + (array[i] ?? 0), 0) / all.length;
    for (const i of [0, 1, 2]) {
      const sd = Math.sqrt(covarianceMm2[i]?.[i] ?? 0);
      expect(Math.abs(mean(i) - (meanMm[i] ?? 0))).toBeLessThan((4 * sd) / Math.sqrt(all.length));
      const between =
        all.reduce((sum, array) => sum + ((array[i] ?? 0) - mean(i)) * ((array[0] ?? 0) - mean(0)), 0) / all.length;
      expect(Math.abs(between - (covarianceMm2[i]?.[0] ?? 0))).toBeLessThan(
        0.1 * sd * Math.sqrt(covarianceMm2[0]?.[0] ?? 0) + 0.01,
      );
    }
  });

  test('points that lie on one another can be drawn too', () => {
    const twice: SurfacePoint = { surface: 'left', out: 100, up: 1200 };
    for (const [a, b] of drawSamples(openingOf(surveyWith(some)).jointly([twice, twice]), 20, 1))
      expect(a).toBeCloseTo(b ?? 0, 1);
  });
});

test.each(demoJobs())('the outline of $name has its surfaces from floor to ceiling, and sections between', (job) => {
  const survey = surveyOf(job);
  const outline = outlineOf(survey);
  const ups = outline.sections.map((section) => section.upMm);
  expect(ups[0]).toBe(0);
  expect(ups.at(-1)).toBe(survey.extent.height);
  for (const surface of ['left', 'right', 'back', 'front'] as const) {
    expect(outline.sections.every((section) => (section[surface] !== null) === survey.surfaces.includes(surface))).toBe(
      true,
    );
  }
  const between = sectionAt(outline, (ups[3]! + ups[4]!) / 2);
  const [low, high] = [outline.sections[3]!.back, outline.sections[4]!.back];
  expect(between.back?.[2]?.mm).toBeCloseTo(((low?.[2]?.mm ?? 0) + (high?.[2]?.mm ?? 0)) / 2, 6);
});

describe('the largest box in a cavity', () => {
  const place = newPlace('cavity');
  const spots: Spot[] = [
    ...[60, 400, 760, 1120, 1440].flatMap((upMm): Spot[] => [
      { kind: 'width', at: 'front', upMm },
      { kind: 'width', at: 'back', upMm },
    ]),
    { kind: 'height', side: 'left', at: 'front' },
    { kind: 'height', side: 'right', at: 'front' },
    { kind: 'plumb', wall: 'left', at: 'front', side: 'middle', upMm: 150, overMm: 1200 },
    { kind: 'plumb', wall: 'right', at: 'front', side: 'middle', upMm: 150, overMm: 1200 },
    { kind: 'level', of: 'floor', along: 'across', at: 'front', side: 'middle', overMm: 300 },
  ];
  const straight = (spot: Spot) => ('wall' in spot || 'of' in spot ? 0 : spot.kind === 'width' ? 370 : 1500);

  test('in a square cavity it is nearly the cavity, and its shims are nearly nothing', () => {
    const job = jobOf(
      spots.map((spot, i) => exactly(spot, straight(spot), `r${i}`, { sd: 0.2 })),
      { place },
    );
    const box = cavityBox(surveyOf(job), job);
    expect(box?.width.mm).toBeGreaterThan(364);
    expect(box?.width.mm).toBeLessThanOrEqual(370);
    expect(box?.height.mm).toBeLessThanOrEqual(1500);
    expect(Math.max(...(box?.shims ?? []).map((shim) => shim.gapMm))).toBeLessThan(3);
    expect(box?.odds).toBeGreaterThanOrEqual(97);
    // Each size says which readings it comes from: widths for the width, heights for the height.
    const kinds = (name: 'width' | 'height') =>
      box?.[name].terms[0]?.readings?.map((id) => job.readings.find((reading) => reading.id === id)?.kind);
    expect(kinds('width')).toContain('width');
    expect(kinds('height')).toContain('height');
    expect(((box?.depth?.mm ?? 1) * 2) % 1).toBe(0);
  });

  test('studs that lean the same way by 8 leave 8 less, and wedges of it at opposite ends', () => {
    const leaning = (spot: Spot) => ('wall' in spot ? (spot.wall === 'left' ? -6.4 : 6.4) : straight(spot));
    const job = jobOf(
      spots.map((spot, i) => exactly(spot, leaning(spot), `r${i}`, { sd: 0.2 })),
      { place },
    );
    const box = cavityBox(surveyOf(job), job);
    expect(Math.abs((box?.width.mm ?? 0) - (370 - 8))).toBeLessThan(4);
    const gap = (side: string, low: boolean) =>
      box?.shims.find((shim) => shim.side === side && shim.at === 'front' && shim.upMm < 300 === low)?.gapMm ?? 0;
    expect(gap('left', true)).toBeGreaterThan(gap('left', false) + 3);
    expect(gap('right', false)).toBeGreaterThan(gap('right', true) + 3);
  });

  test('it goes into the true cavity as often as it says, the true one being of another make', () => {
    let goesIn = 0;
    const rooms = 60;
    for (let seed = 1; seed <= rooms; seed += 1) {
      const room = crookedRoom({ place, seed, size: { widthMm: 370, depthMm: 90, heightMm: 1500 } });
      const job = jobOf(takeAll(room, spots, seed), { place });
      const box = cavityBox(surveyOf(job), job);
      const ups = Array.from({ length: 40 }, (_, i) => 15 + (i * 1470) / 39);
      const clear = (wall: 'left' | 'right') =>
        ups.flatMap((up) => [0, 45, 90].map((out) => room.position(wall, out, up)));
      const level = (surface: 'floor' | 'ceiling') =>
        [-160, 0, 160].flatMap((x) => [0, 45, 90].map((y) => room.position(surface, x, y)));
      const wide = Math.min(...clear('right')) - Math.max(...clear('left'));
      const high = Math.min(...level('ceiling')) - Math.max(...level('floor'));
      if (box && box.width.mm <= wide && box.height.mm <= high) goesIn += 1;
    }
    expect(goesIn / rooms).toBeGreaterThanOrEqual(0.9);
  });

  test('trim that is too narrow for the gap is named; the demo’s covers', () => {
    const job = stairCavity();
    expect(cavityBox(surveyOf(job), job)?.trim.covers).toBe(true);
    const narrow = {
      ...job,
      box: { odds: 97, trim: { width: { mm: 20, typed: '20 mm', unit: 'in' as const }, reveal: job.box!.trim.reveal } },
    };
    expect(cavityBox(surveyOf(narrow), narrow)?.problems.map((problem) => problem.message.code)).toEqual([
      'problem.trimShort',
    ]);
  });

  test('a cavity that is no room at all is a named problem', () => {
    const job = jobOf(
      [exactly(width('front', 700), 3, 'w'), exactly({ kind: 'height', side: 'left', at: 'front' }, 1500, 'h')],
      { place },
    );
    expect(cavityBox(surveyOf(job), job)?.problems[0]).toMatchObject({
      severity: 'stop',
      message: { code: 'problem.noBox' },
    });
    expect(cavityBox(surveyOf(jobOf([], { place })), job)).toBeNull();
  });
});
