import fc from 'fast-check';
import { Matrix, solve } from 'ml-matrix';
import { BandMatrix } from './band';

/** A band matrix that is positive definite: its diagonal outweighs each row. And the same as a full one. */
function both(size: number, half: number, values: readonly number[]): { band: BandMatrix; full: Matrix } {
  const [band, full] = [new BandMatrix(size, half), Matrix.zeros(size, size)];
  let at = 0;
  for (let i = 0; i < size; i += 1) {
    for (let j = Math.max(0, i - half); j <= i; j += 1) {
      const value = i === j ? 2 * half + 2 : (values[at++ % values.length] as number);
      band.add(i, j, value);
      full.set(i, j, value);
      full.set(j, i, value);
    }
  }
  return { band, full };
}

const random = fc.record({
  size: fc.integer({ min: 1, max: 20 }),
  half: fc.integer({ min: 0, max: 6 }),
  values: fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 1, maxLength: 60 }),
});
const ones = (size: number) => Float64Array.from({ length: size }, (_, i) => i + 1);

test('solves and multiplies as a full matrix does', () => {
  fc.assert(
    fc.property(random, ({ size, half, values }) => {
      const { band, full } = both(size, half, values);
      const right = ones(size);
      const product = band.times(right);
      const wanted = full.mmul(Matrix.columnVector([...right]));
      product.forEach((one, i) => expect(one).toBeCloseTo(wanted.get(i, 0), 9));
      const solved = band.factor()!(right);
      const known = solve(full, Matrix.columnVector([...right]));
      solved.forEach((one, i) => expect(one).toBeCloseTo(known.get(i, 0), 9));
    }),
  );
});

test('an unknown that is tied is nothing, and the others solve without it', () => {
  const { band, full } = both(6, 2, [0.5, -0.3, 0.8]);
  const copy = band.copy();
  copy.tie(2);
  const right = ones(6);
  right[2] = 0;
  const solved = copy.factor()!(right);
  expect(solved[2]).toBe(0);
  const rest = [0, 1, 3, 4, 5];
  const smaller = new Matrix(rest.map((i) => rest.map((j) => full.get(i, j))));
  const known = solve(smaller, Matrix.columnVector(rest.map((i) => right[i] as number)));
  rest.forEach((i, k) => expect(solved[i]).toBeCloseTo(known.get(k, 0), 9));
  // What it is a copy of stays as it was.
  expect(band.times(Float64Array.from([0, 0, 1, 0, 0, 0]))[2]).toBe(6);
});

test('what can move freely has no factor', () => {
  const band = new BandMatrix(2, 1);
  band.add(0, 0, 1);
  band.add(1, 0, -1);
  band.add(1, 1, 1);
  expect(band.factor()).toBeNull();
});
