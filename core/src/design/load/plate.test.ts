import fc from 'fast-check';
import { flexural, solvePlate } from './plate';
import type { PlateModel, PlateStiffness, Rest } from './plateModel';

/**
 * One rectangle of a section: its width, its height, its middle above a line of one's choice (mm), its modulus (N/mm²).
 */
interface SectionPiece {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly middleMm: number;
  readonly modulusMpa: number;
}

/**
 * Bending stiffness of pieces glued to one another, N·mm², and where their common middle lies (mm): each piece by its
 * own stiffness and by how far it stands from the middle (transformed section; Gere & Goodno, Mechanics of Materials,
 * 6.3).
 */
function compositeSection(pieces: readonly SectionPiece[]): { readonly ei: number; readonly middleMm: number } {
  const weights = pieces.map((piece) => piece.modulusMpa * piece.widthMm * piece.heightMm);
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const middleMm = pieces.reduce((sum, piece, i) => sum + (weights[i] as number) * piece.middleMm, 0) / all;
  const ei = pieces.reduce((sum, piece, i) => {
    const own = (piece.modulusMpa * piece.widthMm * piece.heightMm ** 3) / 12;
    return sum + own + (weights[i] as number) * (piece.middleMm - middleMm) ** 2;
  }, 0);
  return { ei, middleMm };
}

const MODULUS = 1000;
/** An isotropic plate with Poisson's ratio 0.3, as the tables have it. */
const TABLES: PlateStiffness = {
  alongMpa: MODULUS,
  acrossMpa: MODULUS,
  shearMpa: MODULUS / 2.6,
  poisson: 0.3,
};
const THICK = 10;
const D = (MODULUS * THICK ** 3) / 12 / (1 - 0.09);
const WIDE = 100;
const PRESSURE = 1e-3;

const line = (id: string, x1: number, y1: number, x2: number, y2: number): Rest => ({
  id,
  from: [x1, y1],
  to: [x2, y2],
});
const edges = (long: number, deep: number) => ({
  left: line('left', 0, 0, 0, deep),
  right: line('right', long, 0, long, deep),
  back: line('back', 0, 0, long, 0),
  front: line('front', 0, deep, long, deep),
});
const plate = (
  lengthMm: number,
  depthMm: number,
  rests: readonly Rest[],
  more: Partial<PlateModel> = {},
): PlateModel => ({ lengthMm, depthMm, thicknessMm: THICK, stiffness: TABLES, rests, ribs: [], ...more });
const evenly = { pressure: PRESSURE, points: [] };
const solved = (model: PlateModel, across = 48) => solvePlate(model, [evenly], across)![0]!;
const within = (value: number, of: number, share: number) => expect(Math.abs(value / of - 1)).toBeLessThan(share);

describe('against published tables, on a fine mesh', () => {
  // Timoshenko & Woinowsky-Krieger, Theory of Plates and Shells, table 8: w = α q a⁴ / D at the middle.
  test.each([
    [1, 0.00406],
    [1.2, 0.00564],
    [1.5, 0.00772],
    [2, 0.01013],
  ])('on four edges, b/a = %s: α = %s', (ratio, alpha) => {
    const { left, right, back, front } = edges(WIDE, WIDE * ratio);
    const { mostMm } = solved(plate(WIDE, WIDE * ratio, [left, right, back, front]));
    within((mostMm * D) / PRESSURE / WIDE ** 4, alpha, 0.01);
  });

  // The same, table 47: three edges supported, the fourth free; w at the middle of the free edge, ν = 0.3.
  test.each([
    [1 / 2, 0.0071],
    [2 / 3, 0.00968],
    [1, 0.01286],
    [1.5, 0.01462],
    [2, 0.01507],
  ])('on three edges, the fourth free, b/a = %s: α = %s', (ratio, alpha) => {
    const { left, right, back } = edges(WIDE, WIDE * ratio);
    const { mostMm, mostAt } = solved(plate(WIDE, WIDE * ratio, [left, right, back]));
    within((mostMm * D) / PRESSURE / WIDE ** 4, alpha, 0.01);
    expect(mostAt).toEqual([WIDE / 2, WIDE * ratio]);
  });

  // The same, table 8: the moment at the middle of a square plate, 0.0479 q a².
  test('bending stress of a square plate is six times its moment over its thickness squared', () => {
    const { left, right, back, front } = edges(WIDE, WIDE);
    const { stress } = solved(plate(WIDE, WIDE, [left, right, back, front]));
    within((stress.along * THICK ** 2) / 6 / PRESSURE / WIDE ** 2, 0.0479, 0.01);
    within(stress.across, stress.along, 0.001);
  });

  // The same, art. 34: a load at the middle of a square plate, w = 0.01160 P a² / D.
  test('a load at a point', () => {
    const { left, right, back, front } = edges(WIDE, WIDE);
    const load = { pressure: 0, points: [{ x: WIDE / 2, y: WIDE / 2, newtons: 50 }] };
    const [one] = solvePlate(plate(WIDE, WIDE, [left, right, back, front]), [load], 48)!;
    within((one!.mostMm * D) / 50 / WIDE ** 2, 0.0116, 0.01);
  });
});

describe('as a beam, worked by hand', () => {
  const beam: PlateStiffness = { alongMpa: 11_000, acrossMpa: 370, shearMpa: 690, poisson: 0 };

  test('on its two ends: 5 w L⁴ / 384 E I, and M = w L² / 8', () => {
    // 1000 long, 300 deep, 18 thick: I = 300 x 18³ / 12 = 145 800; w = 0.3 N/mm.
    const { left, right } = edges(1000, 300);
    const { mostMm, stress } = solved(plate(1000, 300, [left, right], { thicknessMm: 18, stiffness: beam }), 24);
    within(mostMm, (5 * 0.3 * 1000 ** 4) / (384 * 11_000 * 145_800), 0.005);
    within(stress.along, (0.3 * 1000 ** 2) / 8 / ((300 * 18 ** 2) / 6), 0.01);
  });

  test('half a span more at each side of two brackets: it lifts in the middle what its ends weigh down', () => {
    const at = (x: number) => line(`${x}`, x, 0, x, 300);
    const inner = plate(1000, 300, [at(250), at(750)], { thicknessMm: 18, stiffness: beam });
    // Overhang a = L/4, span l = L/2: at the middle w l⁴ / 384 E I (5 - 24 (a/l)²) = -w l⁴ / 384 E I.
    const { sagMm, grid } = solved(inner, 24);
    const middle = sagMm[grid.xs.findIndex((x) => x >= 500)]![0]!;
    const unit = (0.3 * 500 ** 4) / (384 * 11_000 * 145_800);
    expect(Math.abs(middle / unit + 1)).toBeLessThan(0.05);
    expect(sagMm[0]![0]).toBeGreaterThan(0);
  });

  test('a nosing glued along works as one section with the board', () => {
    const offset = 18 / 2 - 65 / 2;
    const pieces: SectionPiece[] = [
      { widthMm: 60, heightMm: 18, middleMm: 0, modulusMpa: 10_000 },
      { widthMm: 20, heightMm: 65, middleMm: offset, modulusMpa: 10_000 },
    ];
    const { ei } = compositeSection(pieces);
    // By hand: A = 1080 and 1300, middle at -12.84; I = 60x18³/12 + 1080x12.84² + 20x65³/12 + 1300x10.66² = 812 694.
    within(ei / 10_000, 812_694, 0.001);
    const { left, right } = edges(1000, 60);
    const stiffness = { alongMpa: 10_000, acrossMpa: 10_000, shearMpa: 5000, poisson: 0 };
    const rib = {
      id: 'n',
      fromMm: 0,
      toMm: 1000,
      outMm: 30,
      thicknessMm: 20,
      heightMm: 65,
      offsetMm: offset,
      modulusMpa: 10_000,
      shearMpa: 5000,
    };
    const { mostMm, stress } = solved(plate(1000, 60, [left, right], { thicknessMm: 18, stiffness, ribs: [rib] }));
    within(mostMm, (5 * 0.06 * 1000 ** 4) / (384 * ei), 0.01);
    // Its lower edge is the furthest from the middle: 65 - 9 - 12.84.
    within(stress.ribs[0]!, ((0.06 * 1000 ** 2) / 8 / 812_694) * (65 - 9 - 12.84), 0.01);
  });
});

describe('whatever it is like', () => {
  const sizes = fc.record({
    long: fc.integer({ min: 300, max: 2000 }),
    deep: fc.integer({ min: 100, max: 600 }),
    thick: fc.integer({ min: 12, max: 50 }),
  });

  test('what it rests on carries all that is on it', () => {
    fc.assert(
      fc.property(
        sizes,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        ({ long, deep, thick }, u, v) => {
          const { left, right, back } = edges(long, deep);
          const load = { pressure: 1e-4, points: [{ x: u * long, y: v * deep, newtons: 100 }] };
          const [one] = solvePlate(plate(long, deep, [left, right, back], { thicknessMm: thick }), [load])!;
          const carried = one!.reactions.reduce((sum, at) => sum + at.newtons, 0);
          within(carried, 1e-4 * long * deep + 100, 1e-6);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('thicker bends less, by the cube of its thickness', () => {
    fc.assert(
      fc.property(sizes, ({ long, deep, thick }) => {
        const { left, right } = edges(long, deep);
        const sag = (by: number) => solved(plate(long, deep, [left, right], { thicknessMm: by }), 12).mostMm;
        within(sag(thick) / sag(2 * thick), 8, 1e-6);
      }),
      { numRuns: 20 },
    );
  });

  test('what nothing holds still has no answer', () => {
    const { left } = edges(500, 300);
    expect(solvePlate(plate(500, 300, [left]), [evenly])).toBeNull();
    expect(solvePlate(plate(500, 300, []), [evenly])).toBeNull();
  });

  test('stiffness of a plate: E t³ / 12 (1 − ν²)', () => {
    expect(flexural(TABLES, THICK)).toMatchObject({
      x: expect.closeTo(D, 6),
      twist: expect.closeTo((MODULUS / 2.6) * (THICK ** 3 / 12), 6),
    });
  });
});
