import fc from 'fast-check';
import { gridLines } from './grid';
import type { PlateModel, Rest } from './plateModel';

const model = (change: Partial<PlateModel> = {}): PlateModel => ({
  lengthMm: 1000,
  depthMm: 300,
  thicknessMm: 18,
  stiffness: { alongMpa: 1, acrossMpa: 1, shearMpa: 1, poisson: 0.3 },
  rests: [],
  ribs: [],
  ...change,
});
const rest = (x1: number, y1: number, x2: number, y2: number): Rest => ({ id: `${x1}`, from: [x1, y1], to: [x2, y2] });

test('even lines where nothing says otherwise: 16 along, at least four across', () => {
  const { xs, ys } = gridLines(model(), 16);
  expect(xs).toHaveLength(17);
  expect(ys.length).toBeGreaterThanOrEqual(5);
  expect([xs[0], xs.at(-1), ys[0], ys.at(-1)]).toEqual([0, 1000, 0, 300]);
});

test('a line runs through every rest and along every rib', () => {
  const rib = {
    id: 'r',
    fromMm: 120,
    toMm: 880,
    outMm: 290,
    heightMm: 40,
    thicknessMm: 20,
    offsetMm: 0,
    modulusMpa: 1,
    shearMpa: 1,
  };
  const { xs, ys } = gridLines(model({ rests: [rest(333, 0, 333, 250)], ribs: [rib] }), 16);
  for (const x of [120, 333, 880]) expect(xs).toContain(x);
  for (const y of [250, 290]) expect(ys).toContain(y);
});

test('lines a hair apart are one, and the edges stay where they are', () => {
  const { xs } = gridLines(
    model({ rests: [rest(500, 0, 500, 300), rest(500.4, 0, 500.4, 300), rest(999.5, 0, 999.5, 300)] }),
    16,
  );
  expect(xs.filter((x) => Math.abs(x - 500) < 1)).toHaveLength(1);
  expect(xs.at(-1)).toBe(1000);
});

test('the nodes of a rest lie on it, from one end to the other', () => {
  const grid = gridLines(model({ rests: [rest(333, 0, 333, 250)] }), 16);
  const nodes = grid.on(rest(333, 0, 333, 250));
  expect(nodes.every(([i]) => grid.xs[i] === 333)).toBe(true);
  expect(nodes.map(([, j]) => grid.ys[j])).toEqual(grid.ys.filter((y) => y <= 250));
});

test('whatever rests there are: lines go up, none is a splinter, no element is longer than its share', () => {
  const places = fc.array(
    fc.tuple(fc.double({ min: 0, max: 1000, noNaN: true }), fc.double({ min: 0, max: 300, noNaN: true })),
    { maxLength: 6 },
  );
  fc.assert(
    fc.property(places, fc.integer({ min: 4, max: 24 }), (all, across) => {
      const { xs, ys } = gridLines(model({ rests: all.map(([x, y]) => rest(x, 0, x, y)) }), across);
      for (const lines of [xs, ys]) {
        for (let i = 1; i < lines.length; i += 1) {
          const step = lines[i]! - lines[i - 1]!;
          expect(step).toBeGreaterThan(0);
          expect(step).toBeLessThanOrEqual(1000 / across + 1e-6);
        }
      }
    }),
  );
});

test('a push within an element is shared by its four corners: their shares of deflection add up to it', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 1000, noNaN: true }), fc.double({ min: 0, max: 300, noNaN: true }), (x, y) => {
      const grid = gridLines(model(), 16);
      const { i, j, weights } = grid.within(x, y);
      expect(grid.xs[i]!).toBeLessThanOrEqual(x + 1e-9);
      expect(grid.xs[i + 1]!).toBeGreaterThanOrEqual(x - 1e-9);
      expect(grid.ys[j]!).toBeLessThanOrEqual(y + 1e-9);
      expect(grid.ys[j + 1]!).toBeGreaterThanOrEqual(y - 1e-9);
      const deflections = [0, 3, 6, 9].reduce((sum, k) => sum + weights[k]!, 0);
      expect(deflections).toBeCloseTo(1, 9);
    }),
  );
});
