import fc from 'fast-check';
import { alongLine, lineOver, supporting } from '../../place/opening';
import { roomAtBest, seatAtBest, type Lie } from '.';

const ps = [0, 100, 200, 300];
const lie = (left: number[], right: number[]): Lie => ({
  left: Float64Array.from(left),
  right: Float64Array.from(right),
});

describe('the line that lies over points', () => {
  test('over three in a bow it touches both ends, or the middle of a belly', () => {
    expect(lineOver([0, 150, 300], [0, -3, 3])).toEqual({ at: 0, slope: 0.01 });
    expect(lineOver([0, 150, 300], [0, 5, 0])).toEqual({ at: 5, slope: 0 });
  });

  test('of a given slope it touches the one that reaches furthest', () => {
    expect(supporting([0, 100], [0, 5], 0.1)).toEqual({ at: 0, slope: 0.1 });
    expect(supporting([0, 100], [0, 5], 0)).toEqual({ at: 5, slope: 0 });
  });

  test('no point lies beyond it, and no other line over the points stands off less on average', () => {
    const values = fc.array(fc.integer({ min: -50, max: 50 }), { minLength: 4, maxLength: 4 });
    fc.assert(
      fc.property(values, fc.integer({ min: -100, max: 100 }), (all, tilt) => {
        const off = (line: { at: number; slope: number }) => ps.map((p, i) => alongLine(line, p) - (all[i] as number));
        const sum = (line: { at: number; slope: number }) => off(line).reduce((a, b) => a + b, 0);
        const best = lineOver(ps, all);
        expect(Math.min(...off(best))).toBeGreaterThan(-1e-6);
        expect(sum(best)).toBeLessThanOrEqual(sum(supporting(ps, all, tilt / 100)) + 1e-6);
      }),
    );
  });
});

describe('small moves of a piece', () => {
  test('shifted it fits where one wall is 2 in the way and the other 3 off', () => {
    expect(roomAtBest(ps, lie([2, 2, 2, 2], [3, 3, 3, 3]), 0)).toBeCloseTo(1, 9);
    expect(seatAtBest(ps, lie([2, 2, 2, 2], [3, 3, 3, 3]), lie([2, 2, 2, 2], [3, 3, 3, 3]), 0)).toMatchObject({
      shift: 2.5,
      worstGapMm: 0.5,
      goesIn: true,
    });
  });

  test('turned by 1 in 100 it fits where both walls run askew by that, and no further than it may', () => {
    const askew = lie([0, 1, 2, 3], [0, 1, 2, 3]);
    expect(roomAtBest(ps, askew, 0)).toBeCloseTo(-3, 9);
    expect(roomAtBest(ps, askew, 0.01)).toBeCloseTo(0, 2);
    expect(roomAtBest(ps, askew, 0.005)).toBeCloseTo(-1.5, 2);
  });

  test('one that is too long goes in nowhere', () => {
    const tight = lie([1, 1, 1, 1], [0, 0, 0, 0]);
    expect(seatAtBest(ps, tight, tight, 0.002).goesIn).toBe(false);
  });

  test('the best seat enters no wall, and no tried move leaves a smaller widest gap', () => {
    const wall = fc.array(
      fc.integer({ min: 0, max: 40 }).map((n) => n / 10),
      { minLength: 4, maxLength: 4 },
    );
    fc.assert(
      fc.property(wall, wall, fc.integer({ min: -100, max: 100 }), (left, right, n) => {
        const own = lie(
          left.map((one) => -one),
          right,
        );
        const seat = seatAtBest(ps, own, own, 0.002);
        expect(seat.goesIn).toBe(true);
        const turn = (0.002 * n) / 100;
        const gaps = (at: { shift: number; turn: number }) =>
          ps.flatMap((p, i) => [
            at.shift - at.turn * p - (own.left[i] as number),
            (own.right[i] as number) - (at.shift - at.turn * p),
          ]);
        expect(Math.min(...gaps(seat))).toBeGreaterThan(-1e-4);
        for (const shift of [-1, -0.3, 0, 0.3, 1]) {
          const other = gaps({ shift, turn });
          if (Math.min(...other) >= 0) expect(Math.max(...gaps(seat))).toBeLessThanOrEqual(Math.max(...other) + 0.02);
        }
      }),
    );
  });
});
