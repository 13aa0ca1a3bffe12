import { Matrix, solve as leastSquares } from 'ml-matrix';
import { newPlace } from '../../job';
import { extentOf, floorMark, outAt } from '../kinds';
import { crookedRoom, trueValues } from '../../rigs/practice';
import type { Spot } from '../reading';
import { deviationsOf } from '../opening';
import { at, minus, widened, type Survey } from '.';
import { exactly, jobOf, surveyWith, width } from './testing';

const SURE = { sd: 0.01 };
const place = (survey: Survey, surface: Parameters<typeof at>[0], s: number, z: number) =>
  survey.solved.mean(at(surface, s, z));
const deviation = (survey: Survey, what: string, nth = 0) =>
  deviationsOf(survey).filter((one) => one.what === what)[nth];

describe('a plumb, square, level opening', () => {
  const spots: [Spot, number][] = [
    ...([300, 1200, 2100] as const).flatMap((up): [Spot, number][] => [
      [width('back', up), 1000],
      [width('front', up), 1000],
    ]),
    [{ kind: 'depth', side: 'left', upMm: 1200 }, 400],
    [{ kind: 'depth', side: 'right', upMm: 1200 }, 400],
    [{ kind: 'height', side: 'left', at: 'front' }, 2400],
    [{ kind: 'height', side: 'right', at: 'front' }, 2400],
    [{ kind: 'corner', corner: 'left', upMm: 1200 }, 90],
    [{ kind: 'square', corner: 'right', upMm: 1200, bladeMm: 350 }, 0],
    [{ kind: 'plumb', wall: 'left', at: 'front', side: 'middle', upMm: 600, overMm: 1200 }, 0],
    [{ kind: 'level', of: 'floor', along: 'across', at: 'front', side: 'middle', overMm: 900 }, 0],
    [{ kind: 'straightedge', wall: 'back', run: 'level', at: 'front', side: 'middle', upMm: 1200, overMm: 900 }, 0],
    [{ kind: 'diagonal', from: 'left', upMm: 1200 }, Math.hypot(1000, 400)],
    [{ kind: 'face', from: 'left', at: 'front' }, Math.hypot(1000, 2400)],
    [{ kind: 'line', side: 'right', at: 'front' }, 1000],
    [{ kind: 'triangle', corner: 'left', upMm: 1200, firstMm: 0, secondMm: 300, outMm: 395 }, 400],
  ];
  const survey = surveyWith(spots.map(([spot, value], i) => exactly(spot, value, `r${i}`, { ...SURE, other: 500 })));

  test('stands where it was read', () => {
    for (const [y, z] of [
      [0, 300],
      [200, 1200],
      [400, 2100],
    ] as const) {
      expect(place(survey, 'left', y, z)).toBeCloseTo(-500, 1);
      expect(place(survey, 'right', y, z)).toBeCloseTo(500, 1);
    }
    expect(place(survey, 'back', 0, 1200)).toBeCloseTo(0, 1);
    expect(place(survey, 'front', 0, 1200)).toBeCloseTo(400, 1);
    expect(place(survey, 'floor', 300, 200)).toBeCloseTo(0, 1);
    expect(place(survey, 'ceiling', 300, 200)).toBeCloseTo(2400, 1);
  });

  test('departs from nothing, and no reading disagrees', () => {
    expect(deviationsOf(survey).filter((one) => one.kind === 'shown')).toEqual([]);
    expect(survey.checks.every((check) => check.state === 'used' && check.w < 0.5)).toBe(true);
    expect(survey.failed).toBeNull();
  });
});

test('a pure taper: 1000 at the floor, 1024 at the ceiling', () => {
  const survey = surveyWith(
    [300, 1200, 2100].flatMap((up) =>
      (['back', 'front'] as const).map((out) => exactly(width(out, up), 1000 + up / 100, `${out}${up}`, SURE)),
    ),
  );
  const wide = (y: number, z: number) => place(survey, 'right', y, z) - place(survey, 'left', y, z);
  // As read where it was read, and within a whisker of straight between.
  expect(wide(outAt('front', survey.extent), 2100)).toBeCloseTo(1021, 1);
  expect(Math.abs(wide(200, 700) - 1007)).toBeLessThan(0.3);
  expect(Math.abs(wide(200, 1700) - 1017)).toBeLessThan(0.3);
  // Neither wall is known to have the taper: each is given half of it.
  expect(place(survey, 'right', 200, 1700) - place(survey, 'right', 200, 700)).toBeCloseTo(5, 0);
  expect(deviation(survey, 'taper')).toMatchObject({ kind: 'shown', message: { code: 'opening.widens' } });
  expect(Math.abs((deviation(survey, 'taper')?.value ?? 0) - 24)).toBeLessThan(1);
});

test('a pure lean: both walls 10 to the right over 1000, the width the same', () => {
  const plumb = (wall: 'left' | 'right', leans: number): [Spot, number] => [
    { kind: 'plumb', wall, at: 'front', side: 'middle', upMm: 700, overMm: 1000 },
    leans,
  ];
  const spots: [Spot, number][] = [
    ...[300, 1200, 2100].map((up): [Spot, number] => [width('front', up), 1000]),
    plumb('left', -10),
    plumb('right', 10),
  ];
  const survey = surveyWith(spots.map(([spot, value], i) => exactly(spot, value, `r${i}`, SURE)));
  expect(place(survey, 'left', 380, 1700) - place(survey, 'left', 380, 700)).toBeCloseTo(10, 1);
  expect(place(survey, 'right', 380, 1700) - place(survey, 'right', 380, 700)).toBeCloseTo(10, 1);
  expect(deviation(survey, 'lean', 0)?.message.code).toBe('opening.leansIn');
  expect(deviation(survey, 'lean', 1)?.message.code).toBe('opening.leansOut');
});

describe('a corner by hand', () => {
  const corner = { ...newPlace('corner'), side: 'left' as const };
  const solved = (spot: Spot, value: number, other?: number) =>
    surveyWith(
      [exactly(spot, value, 'r', { ...SURE, ...(other === undefined ? {} : { other }) })],
      {},
      { place: corner },
    );
  // A side wall that opens 3°: 300 out it stands 300 sin 3° = 15.70 further left than square, 299.59 out.
  const opens = (3 * Math.PI) / 180;

  test.each<[string, Spot, number, number | undefined]>([
    ['by bevel', { kind: 'corner', corner: 'left', upMm: 1200 }, 93, undefined],
    ['by square', { kind: 'square', corner: 'left', upMm: 1200, bladeMm: 400 }, 400 * Math.tan(opens), undefined],
    // From the corner 300; from 400 along the back, by the law of cosines with 93° between.
    [
      'by tape triangle',
      { kind: 'triangle', corner: 'left', upMm: 1200, firstMm: 0, secondMm: 400, outMm: 290 },
      300,
      Math.sqrt(300 ** 2 + 400 ** 2 - 2 * 300 * 400 * Math.cos(Math.PI / 2 + opens)),
    ],
  ])('%s opens 3°', (_, spot, value, other) => {
    const survey = solved(spot, value, other);
    expect(survey.failed).toBeNull();
    expect(deviation(survey, 'corner')?.value).toBeCloseTo(3, 1);
    // The wall as it runs from the corner out; the back takes a little of the angle on itself.
    expect(place(survey, 'left', 299.6, 1200) - place(survey, 'left', 0, 1200)).toBeCloseTo(-15.7, 0);
  });

  test('3, 4, 5 is square', () => {
    const survey = solved(
      { kind: 'triangle', corner: 'left', upMm: 1200, firstMm: 0, secondMm: 400, outMm: 320 },
      300,
      500,
    );
    expect(Math.abs(deviation(survey, 'corner')?.value ?? 9)).toBeLessThan(0.05);
  });
});

test('diagonals of a parallelogram: 8 over 400 to the right at both sides', () => {
  // Front corners at -496 and 504, back corners at -504 and 496 (the middle of the opening at 0).
  const survey = surveyWith([
    exactly(width('back', 1200), 1000, 'a', SURE),
    exactly(width('front', 1200), 1000, 'b', SURE),
    exactly({ kind: 'depth', side: 'left', upMm: 1200 }, 400, 'c', SURE),
    exactly({ kind: 'depth', side: 'right', upMm: 1200 }, 400, 'd', SURE),
    exactly({ kind: 'diagonal', from: 'left', upMm: 1200 }, Math.hypot(496 + 496, 400), 'e', SURE),
    exactly({ kind: 'diagonal', from: 'right', upMm: 1200 }, Math.hypot(504 + 504, 400), 'f', SURE),
  ]);
  expect(survey.failed).toBeNull();
  // atan(8 / 400) = 1.146°: the left corner closes by it, the right one opens.
  expect(deviation(survey, 'corner', 0)?.value).toBeCloseTo(-1.146, 1);
  expect(deviation(survey, 'corner', 1)?.value).toBeCloseTo(1.146, 1);
});

test('with a very wide prior it is ordinary least squares', () => {
  // Nine noisy widths over y and z against w = a + b y + c z + d y z, solved by QR.
  const noise = [0.3, -0.8, 1.1, -0.2, 0.7, -1.3, 0.4, 0.9, -0.6];
  const spots = (['back', 'middle', 'front'] as const).flatMap((out) => [400, 1200, 2000].map((up) => width(out, up)));
  const readings = spots.map((spot, i) =>
    exactly(spot, 1000 + 0.01 * ('upMm' in spot ? spot.upMm : 0) + (noise[i] as number), `r${i}`, { sd: 1 }),
  );
  const survey = surveyWith(readings, {
    prior: (one) => ({ ...widened(one, 1000), bowMm: 0, roughMm: 0 }),
  });
  const { extent } = survey;
  const row = (y: number, z: number) => [1, y, z / 1000, (y * z) / 1000];
  const design = new Matrix(spots.map((spot) => (spot.kind === 'width' ? row(outAt(spot.at, extent), spot.upMm) : [])));
  const said = Matrix.columnVector(readings.map((reading) => ('mm' in reading.value ? reading.value.mm : 0)));
  const plane = leastSquares(design, said, true).to1DArray();
  for (const [y, z] of [
    [20, 500],
    [200, 1500],
    [380, 2200],
  ] as const) {
    const fitted = row(y, z).reduce((sum, one, i) => sum + one * (plane[i] as number), 0);
    expect(place(survey, 'right', y, z) - place(survey, 'left', y, z)).toBeCloseTo(fitted, 2);
  }
  // And its uncertainty is that of least squares: σ² xᵀ (XᵀX)⁻¹ x.
  const x = Matrix.columnVector(row(200, 1500));
  const variance = x
    .transpose()
    .mmul(leastSquares(design.transpose().mmul(design), x))
    .get(0, 0);
  const asked = survey.solved.ask(minus(at('right', 200, 1500), at('left', 200, 1500)));
  expect(asked.sd).toBeCloseTo(Math.sqrt(variance), 3);
});

describe('the frame', () => {
  const survey = surveyWith([
    exactly(width('front', 1200), 1000, 'a'),
    exactly({ kind: 'line', side: 'right', at: 'front' }, 1008, 'b', SURE),
  ]);

  test('x = 0 is the middle of the opening, z = 0 the floor mark, y = 0 the back', () => {
    const { extent, solved } = survey;
    const middle = (place(survey, 'left', 200, 1200) + place(survey, 'right', 200, 1200)) / 2;
    expect(Math.abs(middle)).toBeLessThan(0.01);
    const mark = floorMark(extent);
    expect(solved.ask(at('floor', mark.across, mark.out))).toMatchObject({ mean: expect.closeTo(0, 2) });
    expect(solved.ask(at('floor', mark.across, mark.out)).sd).toBeLessThan(0.1);
    expect(place(survey, 'back', 0, 1200)).toBe(0);
  });

  test('a level line 1008 above the floor is one 8 lower than at the mark, where it is 1000', () => {
    expect(place(survey, 'floor', 460, 376)).toBeCloseTo(-8, 0);
    expect(deviation(survey, 'fall')?.message).toMatchObject({ code: 'opening.drops' });
  });

  test('with one side wall x = 0 is the corner; with none the middle of the wall', () => {
    const of = (change: object) => extentOf({ ...newPlace('run'), ...change }, []);
    expect(of({ side: 'left' })).toMatchObject({ left: 0, right: 3000 });
    expect(of({ side: 'right' })).toMatchObject({ left: -3000, right: 0 });
    expect(of({ side: 'none' })).toMatchObject({ left: -1500, right: 1500 });
  });
});

test('many kinds of readings of a crooked room, without error, agree and put the walls where they are', () => {
  const room = crookedRoom({
    place: newPlace('alcove'),
    seed: 4,
    size: { widthMm: 1000, depthMm: 400, heightMm: 2400 },
  });
  const spots: Spot[] = [
    ...[300, 700, 1200, 1700, 2100].flatMap((up) => [width('back', up), width('front', up)]),
    { kind: 'depth', side: 'left', upMm: 1200 },
    { kind: 'depth', side: 'right', upMm: 1200 },
    { kind: 'height', side: 'left', at: 'front' },
    { kind: 'height', side: 'right', at: 'front' },
    { kind: 'square', corner: 'left', upMm: 1200, bladeMm: 350 },
    { kind: 'corner', corner: 'right', upMm: 1200 },
    { kind: 'diagonal', from: 'left', upMm: 1200 },
    { kind: 'face', from: 'right', at: 'front' },
    { kind: 'plumb', wall: 'left', at: 'front', side: 'middle', upMm: 600, overMm: 1200 },
    { kind: 'straightedge', wall: 'back', run: 'level', at: 'front', side: 'middle', upMm: 1200, overMm: 900 },
    { kind: 'line', side: 'right', at: 'front' },
  ];
  const readings = spots.map((spot, i) => exactly(spot, trueValues(room, spot)[0] ?? 0, `r${i}`, { sd: 0.05 }));
  const survey = surveyWith(readings, {}, jobOf([]));
  expect(survey.checks.filter((check) => check.state !== 'used')).toEqual([]);
  for (const [y, z] of [
    [20, 700],
    [380, 1200],
    [200, 1200],
    [380, 950],
  ] as const) {
    const wide = place(survey, 'right', y, z) - place(survey, 'left', y, z);
    const truly = room.position('right', y, z) - room.position('left', y, z);
    expect(Math.abs(wide - truly)).toBeLessThan(1);
  }
  const { position } = room;
  const runsOut = position('left', 380, 1200) - position('left', 20, 1200);
  expect(Math.abs(place(survey, 'left', 380, 1200) - place(survey, 'left', 20, 1200) - runsOut)).toBeLessThan(1);
});
