import fc from 'fast-check';
import {
  bearingOf,
  lateralYield,
  reliableLateral,
  screwYieldMpa,
  withdrawal,
  YIELD_MODES,
  type DowelInput,
} from './dowel';

/**
 * A dowel 4 mm thick of yield 600 N/mm² through 20 mm of wood that bears 20 N/mm² into 35 mm that bears 25: q = 80 and
 * 100 N/mm, M = 600 x 64 / 6 = 6400 N·mm.
 */
const hand = (gapMm: number): DowelInput => ({
  main: { lengthMm: 35, bearingMpa: 25 },
  side: { lengthMm: 20, bearingMpa: 20 },
  gapMm,
  dowel: { diameterMm: 4, yieldMpa: 600 },
});
const worked = (gapMm: number) => lateralYield(hand(gapMm)).modes;

describe('all six modes, worked by hand', () => {
  test('no gap', () => {
    const modes = worked(0);
    // Im = 100 x 35; Is = 80 x 20.
    expect(modes.Im).toBe(3500);
    expect(modes.Is).toBe(1600);
    // II: A = 1/320 + 1/400 = 0.005625, B = 10 + 17.5 = 27.5, C = -8000 - 30 625 = -38 625:
    // (-27.5 + √(756.25 + 869.0625)) / 0.01125 = (-27.5 + 40.31516) / 0.01125.
    expect(modes.II).toBeCloseTo(1139.13, 1);
    // IIIm: A = 1/160 + 1/400 = 0.00875, B = 17.5, C = -6400 - 30 625 = -37 025:
    // (-17.5 + √(306.25 + 1295.875)) / 0.0175 = (-17.5 + 40.02656) / 0.0175.
    expect(modes.IIIm).toBeCloseTo(1287.23, 1);
    // IIIs: A = 1/320 + 1/200 = 0.008125, B = 10, C = -8000 - 6400 = -14 400:
    // (-10 + √(100 + 468)) / 0.01625 = (-10 + 23.83275) / 0.01625.
    expect(modes.IIIs).toBeCloseTo(851.25, 1);
    // IV: A = 1/160 + 1/200 = 0.01125, B = 0, C = -12 800: √(4 x 0.01125 x 12 800) / 0.0225 = 24 / 0.0225.
    expect(modes.IV).toBeCloseTo(1066.67, 1);
    expect(lateralYield(hand(0))).toMatchObject({ mode: 'IIIs', newtons: modes.IIIs });
  });

  test('across 12.5 mm of lining that does not bear', () => {
    const modes = worked(12.5);
    expect([modes.Im, modes.Is]).toEqual([3500, 1600]);
    // II: B = 40: (-40 + √(1600 + 869.0625)) / 0.01125 = (-40 + 49.68966) / 0.01125.
    expect(modes.II).toBeCloseTo(861.3, 1);
    // IIIm: B = 30: (-30 + √(900 + 1295.875)) / 0.0175 = (-30 + 46.86017) / 0.0175.
    expect(modes.IIIm).toBeCloseTo(963.44, 1);
    // IIIs: B = 22.5: (-22.5 + √(506.25 + 468)) / 0.01625 = (-22.5 + 31.21298) / 0.01625.
    expect(modes.IIIs).toBeCloseTo(536.18, 1);
    // IV: B = 12.5: (-12.5 + √(156.25 + 576)) / 0.0225 = (-12.5 + 27.06012) / 0.0225.
    expect(modes.IV).toBeCloseTo(647.12, 1);
    expect(lateralYield(hand(12.5)).mode).toBe('IIIs');
  });
});

test('without a gap modes II to IV are those of EN 1995-1-1, 8.2.2 (c to f), without rope effect and partial factors', () => {
  // EN 1995 writes them by β = f2/f1 with f1, t1 of the side and t2 of the main member; here β = 25/20.
  const [f1, t1, t2, d, my] = [20, 20, 35, 4, 6400];
  const beta = 25 / 20;
  const r = t2 / t1;
  const c =
    ((f1 * t1 * d) / (1 + beta)) *
    (Math.sqrt(beta + 2 * beta ** 2 * (1 + r + r ** 2) + beta ** 3 * r ** 2) - beta * (1 + r));
  const f = Math.sqrt((2 * beta) / (1 + beta)) * Math.sqrt(2 * my * f1 * d);
  const side =
    ((f1 * t1 * d) / (2 + beta)) *
    (Math.sqrt(2 * beta * (1 + beta) + (4 * beta * (2 + beta) * my) / (f1 * d * t1 ** 2)) - beta);
  const modes = worked(0);
  expect(modes.II).toBeCloseTo(c, 6);
  expect(modes.IV).toBeCloseTo(f, 6);
  expect(modes.IIIs).toBeCloseTo(side, 6);
});

test('a gap never makes a joint stronger, and the least mode governs', () => {
  const size = fc.double({ min: 5, max: 80, noNaN: true });
  fc.assert(
    fc.property(
      size,
      size,
      size,
      size,
      fc.double({ min: 2, max: 8, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true }),
      (lm, fm, ls, fs, d, gapMm) => {
        const at = (gap: number) =>
          lateralYield({
            main: { lengthMm: lm, bearingMpa: fm },
            side: { lengthMm: ls, bearingMpa: fs },
            gapMm: gap,
            dowel: { diameterMm: d, yieldMpa: 600 },
          });
        const [without, with_] = [at(0), at(gapMm)];
        for (const mode of YIELD_MODES) expect(with_.modes[mode]).toBeLessThanOrEqual(without.modes[mode] * (1 + 1e-9));
        expect(with_.newtons).toBe(Math.min(...Object.values(with_.modes)));
      },
    ),
  );
});

describe('values of the tables it rests on', () => {
  test('wood of specific gravity 0.42 bears 3350 psi (NDS 2018, table 12.3.3)', () => {
    expect(bearingOf(0.42) / 0.00689476 / 3350).toBeCloseTo(1, 2);
    expect(bearingOf(0.5) / 0.00689476 / 4650).toBeCloseTo(1, 2);
  });

  test('screws of number 8 and 10 yield at 90 000 and 80 000 psi (table I1)', () => {
    expect(screwYieldMpa(0.164 * 25.4) / 0.00689476).toBeCloseTo(90_000, 3);
    expect(screwYieldMpa(0.19 * 25.4) / 0.00689476).toBeCloseTo(80_000, 3);
  });

  test('a number 10 screw holds 95 lb for each inch of thread in wood of 0.42 (table 12.2B), less for a load that stays', () => {
    const pounds = withdrawal(0.42, 0.19 * 25.4, 25.4) / 4.44822;
    expect(pounds / 0.9).toBeCloseTo(95.5, 0);
  });

  test('what may be relied on is yield over 2.2 for thin screws, and nine tenths of that for good', () => {
    expect(reliableLateral(1000, 3)).toBeCloseTo((1000 / 2.2) * 0.9, 9);
    expect(reliableLateral(1000, 5.08)).toBeCloseTo((1000 / 2.5) * 0.9, 9);
  });
});
