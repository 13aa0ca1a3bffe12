import fc from 'fast-check';
import { Matrix, EigenvalueDecomposition } from 'ml-matrix';
import { typedLength, type Reading } from '../job';
import { openingFromTape, outlineOf, type SurfacePoint } from '.';

const mm = (value: number) => typedLength(String(value), 'mm');
const width = (at: 'front' | 'back', up: number, value: number): Reading => ({
  kind: 'width',
  id: `${at}${up}`,
  at,
  up: mm(up),
  value: mm(value), // prettier-ignore
});
const height = (side: 'left' | 'right', value: number): Reading => ({
  kind: 'height',
  id: `h${side}`,
  side,
  at: 'front',
  value: mm(value), // prettier-ignore
});
const board = (up: number) => ({ upFrom: up - 18, upTo: up, outFrom: 0, outTo: 280 });

describe('with nothing read', () => {
  const opening = openingFromTape([]);
  test('it still answers, and says it knows nothing', () => {
    expect(opening.nominal.measured).toEqual({ width: false, depth: false, height: false });
    expect(opening.clearWidth(board(900))).toBeNull();
    expect(opening.clearDepth()).toBeNull();
    expect(opening.clearHeight()).toBeNull();
    expect(opening.position({ surface: 'left', out: 0, up: 900 }).sdMm).toBeGreaterThan(100);
  });
});

describe('a pure taper read at two heights, back and front', () => {
  const opening = openingFromTape([
    width('back', 0, 1000), width('back', 2000, 1020), width('front', 0, 1010), width('front', 2000, 1030),
  ]); // prettier-ignore

  test('walls stand where the widths put them, shared evenly', () => {
    const at = (surface: 'left' | 'right', out: number, up: number) => opening.position({ surface, out, up }).mm;
    expect(at('left', 0, 0)).toBe(-500);
    expect(at('right', 0, 2000)).toBe(510);
    expect(at('right', 0, 1000)).toBe(505);
    // Half way out of the unread depth of 400: half way between back and front.
    expect(at('right', 200, 1000)).toBe(507.5);
  });

  test('a shelf between two readings takes the smallest of those that bracket it', () => {
    expect(opening.clearWidth(board(900))).toMatchObject({ narrowest: { mm: 1000 }, widest: { mm: 1030 } });
    expect(opening.clearWidth(board(900))?.nearestReadingMm).toBe(882);
  });

  test('nearer a reading, less doubt', () => {
    const straight = openingFromTape([width('back', 0, 1000), width('back', 2000, 1000)]);
    const doubt = (up: number) => straight.position({ surface: 'left', out: 0, up }).sdMm;
    expect(doubt(10)).toBeLessThan(doubt(400));
    expect(doubt(2000)).toBeLessThan(doubt(2600));
    // A width away from the usual one may come from either wall: each wall is then less sure than its share.
    expect(opening.position({ surface: 'left', out: 0, up: 0 }).sdMm).toBeGreaterThan(doubt(0));
  });
});

test('repeats at one height: the smallest decides the cut, the mean the drawing', () => {
  const opening = openingFromTape([width('back', 900, 1000), { ...width('back', 900, 1002), id: 'again' }]);
  expect(opening.clearWidth(board(900))?.narrowest.mm).toBe(1000);
  expect(opening.position({ surface: 'right', out: 0, up: 900 }).mm).toBe(500.5);
});

test('the ceiling is where it was read, side by side; the smallest height bounds the space', () => {
  const opening = openingFromTape([height('left', 2478), height('right', 2486)]);
  expect(opening.clearHeight()?.narrowest).toMatchObject({ mm: 2478, terms: [{ label: { code: 'term.smallest' } }] });
  expect(opening.clearHeight()?.widest).toMatchObject({ mm: 2486, terms: [{ label: { code: 'term.largest' } }] });
  expect(opening.position({ surface: 'ceiling', across: -400, out: 0 }).mm).toBe(2478);
  expect(opening.position({ surface: 'ceiling', across: 400, out: 0 }).mm).toBe(2486);
});

test('the joint distribution agrees with each point alone, and is a covariance', () => {
  const point = fc.oneof(
    fc.record({ surface: fc.constantFrom('left', 'right'), out: fc.integer({ min: 0, max: 400 }), up: fc.integer({ min: 0, max: 2400 }) }),
    fc.record({ surface: fc.constantFrom('floor', 'ceiling'), across: fc.integer({ min: -500, max: 500 }), out: fc.constant(0) }),
    fc.record({ surface: fc.constant('back'), across: fc.integer({ min: -500, max: 500 }), up: fc.integer({ min: 0, max: 2400 }) }),
  ) as fc.Arbitrary<SurfacePoint>; // prettier-ignore
  const readings = fc
    .array(fc.tuple(fc.constantFrom('front', 'back'), fc.integer({ min: 0, max: 2400 }), fc.integer({ min: 900, max: 1100 })), { maxLength: 6 })
    .map((all) => all.map(([at, up, value], i) => ({ ...width(at as 'front' | 'back', up, value), id: `r${i}` }))); // prettier-ignore
  fc.assert(
    fc.property(readings, fc.array(point, { minLength: 1, maxLength: 8 }), (taken, points) => {
      const opening = openingFromTape(taken);
      const { meanMm, covarianceMm2 } = opening.jointly(points);
      points.forEach((one, i) => {
        const alone = opening.position(one);
        expect(meanMm[i]).toBe(alone.mm);
        expect(covarianceMm2[i]?.[i]).toBeCloseTo(alone.sdMm ** 2, 6);
      });
      const matrix = new Matrix(covarianceMm2.map((row) => [...row]));
      const scale = Math.max(...matrix.diagonal());
      const least = Math.min(...new EigenvalueDecomposition(matrix, { assumeSymmetric: true }).realEigenvalues);
      expect(least).toBeGreaterThanOrEqual(-1e-6 * scale);
    }),
  );
});

test('the outline has every wall from floor to ceiling, at even heights and where it was read', () => {
  const readings = [width('back', 915, 1000), height('left', 2400)];
  const outline = outlineOf(openingFromTape(readings), readings);
  const ups = outline.left.map((one) => one.upMm);
  expect(ups).toContain(915);
  expect(ups[0]).toBe(0);
  expect(ups.at(-1)).toBe(2400);
  expect([...ups].sort((a, b) => a - b)).toEqual(ups);
});
