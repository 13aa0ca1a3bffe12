import fc from 'fast-check';
import { equalGapMm, mostShelves } from './equalGaps';

test.each([
  // clear height, shelves, thickness, gap = (H - N t) / (N + 1)
  [2400, 3, 18, 586.5],
  [1930, 5, 18, 1840 / 6],
  [1000, 0, 18, 1000],
  [100, 5, 20, 0],
  [100, 6, 20, -20 / 7],
])('%d mm clear, %d shelves of %d', (clear, count, thickness, gap) => {
  expect(equalGapMm(clear, count, thickness)).toBeCloseTo(gap, 9);
});

test('gaps and boards fill the height', () => {
  const whole = fc.integer({ min: 1, max: 5000 });
  fc.assert(
    fc.property(whole, fc.integer({ min: 0, max: 60 }), fc.integer({ min: 1, max: 100 }), (clear, count, thickness) => {
      const gap = equalGapMm(clear, count, thickness);
      expect((count + 1) * gap + count * thickness).toBeCloseTo(clear, 6);
    }),
  );
});

test('the most shelves still leave a gap, and one more would not', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 1, max: 100 }), (clear, thickness) => {
      const most = mostShelves(clear, thickness);
      expect(equalGapMm(clear, most, thickness)).toBeGreaterThan(0);
      expect(equalGapMm(clear, most + 1, thickness)).toBeLessThanOrEqual(0);
    }),
  );
});
