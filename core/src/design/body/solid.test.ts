import fc from 'fast-check';
import { apart, testedOf, touch } from './apart';
import { boundsOf, clip, lineThrough, planeAt, prism, volumeOf, without } from './convex';
import { convexParts, convexPolygons, inFrame, placedOf, pointOf, squareAt, volumeOfSolid, type Solid } from './solid';
import type { Vector } from './vector';

const box = (least: Vector, most: Vector) =>
  prism(
    [
      [least[0], least[1], least[2]],
      [most[0], least[1], least[2]],
      [most[0], most[1], least[2]],
      [least[0], most[1], least[2]],
    ],
    [0, 0, most[2] - least[2]],
  );

const board = (over: Partial<Solid> = {}): Solid => ({
  frame: { origin: [0, 0, 0], along: [1, 0, 0], across: [0, 1, 0], through: [0, 0, 1] },
  lengthMm: 1000,
  widthMm: 300,
  thicknessMm: 20,
  ends: { start: squareAt(0), finish: squareAt(1000) },
  outline: null,
  cuts: [],
  ...over,
});

describe('convex bodies', () => {
  test('a box of 2 by 3 by 4 holds 24', () => {
    expect(volumeOf(box([0, 0, 0], [2, 3, 4]))).toBeCloseTo(24, 9);
  });

  test('a plane through its middle leaves half of it, one beside it all or nothing', () => {
    const body = box([0, 0, 0], [2, 3, 4]);
    expect(volumeOf(clip(body, planeAt([1, 0, 0], [1, 0, 0]))!)).toBeCloseTo(12, 9);
    expect(volumeOf(clip(body, planeAt([1, 1.5, 2], [1, 1, 1]))!)).toBeCloseTo(12, 9);
    expect(clip(body, planeAt([5, 0, 0], [1, 0, 0]))).toBe(body);
    expect(clip(body, planeAt([0, 0, 0], [1, 0, 0]))).toBeNull();
  });

  test('what is taken out and what is left add up, for any two boxes', () => {
    const side = fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 1, max: 9 }));
    fc.assert(
      fc.property(fc.array(side, { minLength: 6, maxLength: 6 }), (sides) => {
        const of = (from: number) => {
          const [x, y, z] = sides.slice(from, from + 3) as [[number, number], [number, number], [number, number]];
          return { least: [x[0], y[0], z[0]] as Vector, most: [x[0] + x[1], y[0] + y[1], z[0] + z[1]] as Vector };
        };
        const [a, b] = [of(0), of(3)];
        const shared = [0, 1, 2].reduce(
          (all, k) => all * Math.max(Math.min(a.most[k]!, b.most[k]!) - Math.max(a.least[k]!, b.least[k]!), 0),
          1,
        );
        const body = box(a.least, a.most);
        const left = without(body, box(b.least, b.most)).reduce((sum, one) => sum + volumeOf(one), 0);
        expect(left).toBeCloseTo(volumeOf(body) - shared, 6);
      }),
    );
  });

  test('a line goes in on one side and out on the other', () => {
    const body = box([0, 0, 0], [2, 3, 4]);
    expect(lineThrough(body, [-1, 1, 1], [1, 0, 0])).toEqual({ fromMm: 1, toMm: 3 });
    expect(lineThrough(body, [-1, 5, 1], [1, 0, 0])).toBeNull();
  });
});

describe('how two bodies lie', () => {
  const a = testedOf(box([0, 0, 0], [10, 10, 10]));

  test('apart, touching, in one another: by so much, and along which way', () => {
    expect(apart(a, testedOf(box([13, 0, 0], [20, 10, 10])))).toEqual({ mm: 3, normal: [1, 0, 0] });
    expect(apart(a, testedOf(box([0, 0, -5], [10, 10, 2]))).mm).toBeCloseTo(-2, 9);
    expect(apart(a, testedOf(box([0, 0, -5], [10, 10, 2]))).normal[2]).toBeCloseTo(-1, 9);
  });

  test('a bar that runs slantwise past an edge does not touch it', () => {
    // From (8, -8) to (28, 12) over the corner (10, 0): its line is x - y = 16, the corner's is 10.
    const slanted = prism(
      [
        [8, -8, 2],
        [28, 12, 2],
        [29, 11, 2],
        [9, -9, 2],
      ],
      [0, 0, 3],
    );
    expect(apart(a, testedOf(slanted)).mm).toBeCloseTo(6 / Math.SQRT2, 6);
  });

  test('where they touch, and over what area', () => {
    const found = touch(a.body, box([5, 2, 10], [30, 8, 12]), [0, 0, 1]);
    expect(found?.areaMm2).toBeCloseTo(5 * 6, 6);
    found?.at.forEach((mm, k) => expect(mm).toBeCloseTo([7.5, 5, 10][k]!, 6));
    expect(touch(a.body, box([15, 2, 10], [30, 8, 12]), [0, 0, 1])).toBeNull();
  });
});

describe('solids', () => {
  test('ends at an angle: a board 1000 long, one end 5 short at the front, holds half of that less', () => {
    const finish = { atMm: 1000, acrossSlope: -5 / 300, throughSlope: 0 };
    expect(volumeOfSolid(board({ ends: { start: squareAt(0), finish } }))).toBeCloseTo((1000 - 2.5) * 300 * 20, 3);
  });

  test('a bevel of 45° takes half of a square off its end', () => {
    const finish = { atMm: 1000, acrossSlope: 0, throughSlope: -1 };
    expect(volumeOfSolid(board({ ends: { start: squareAt(0), finish } }))).toBeCloseTo((1000 - 10) * 300 * 20, 3);
  });

  test('a housing, a hole through and a notch are taken out', () => {
    const square = (from: number, to: number) =>
      [
        [from, from],
        [to, from],
        [to, to],
        [from, to],
      ] as const;
    const cut = board({
      cuts: [
        { kind: 'hole', axis: 'through', fromMm: 0, toMm: 20, outline: square(100, 150) },
        {
          kind: 'housing',
          axis: 'across',
          fromMm: 0,
          toMm: 300,
          outline: [
            [500, 12],
            [518, 12],
            [518, 20],
            [500, 20],
          ],
        },
      ],
    });
    expect(volumeOfSolid(cut)).toBeCloseTo(1000 * 300 * 20 - 50 * 50 * 20 - 18 * 8 * 300, 3);
  });

  test('a face that is not convex is parted in convex ones of the same area', () => {
    const ell = [
      [0, 0],
      [400, 0],
      [400, 150],
      [150, 150],
      [150, 400],
      [0, 400],
    ] as const;
    const polygons = convexPolygons(ell);
    expect(polygons.length).toBe(2);
    expect(volumeOfSolid(board({ outline: ell }))).toBeCloseTo((400 * 150 + 150 * 250) * 20, 3);
  });

  test('a round bar holds nearly its circle', () => {
    const rod = board({ section: 'round', widthMm: 30, thicknessMm: 30 });
    expect(volumeOfSolid(rod) / (Math.PI * 15 * 15 * 1000)).toBeGreaterThan(1);
    expect(volumeOfSolid(rod) / (Math.PI * 15 * 15 * 1000)).toBeLessThan(1.02);
  });

  test('a point of a piece and the same point of the opening', () => {
    const turn = Math.PI / 6;
    const frame = {
      origin: [10, 20, 30] as Vector,
      along: [Math.cos(turn), Math.sin(turn), 0] as Vector,
      across: [-Math.sin(turn), Math.cos(turn), 0] as Vector,
      through: [0, 0, 1] as Vector,
    };
    const point = pointOf(frame, [100, 50, 5]);
    inFrame(frame, point).forEach((mm, k) => expect(mm).toBeCloseTo([100, 50, 5][k]!, 9));
    const placed = placedOf(board({ frame }));
    expect(placed.parts).toHaveLength(1);
    expect(boundsOf(convexParts(board())).most).toEqual([1000, 300, 20]);
  });
});
