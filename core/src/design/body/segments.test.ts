import { randomFrom } from '../../base/random';
import { comeWithin, distance, type Segment } from './segments';
import type { Vector } from './vector';

const point = (x: number, y: number, z: number): Vector => [x, y, z];

test('distances worked by hand: crossing, side by side, end to end', () => {
  const along: Segment = [point(0, 0, 0), point(100, 0, 0)];
  expect(distance(along, [point(50, -20, 7), point(50, 20, 7)])).toBeCloseTo(7, 9);
  expect(distance(along, [point(0, 5, 0), point(100, 5, 0)])).toBeCloseTo(5, 9);
  expect(distance(along, [point(103, 4, 0), point(200, 4, 0)])).toBeCloseTo(5, 9);
});

test('two stretches come within a distance exactly where theirs is less', () => {
  const random = randomFrom(5);
  const any = () => point(random.between(-60, 60), random.between(-60, 60), random.between(-60, 60));
  const pairs = Array.from({ length: 2000 }, (): [Segment, Segment, number] => [
    [any(), any()],
    [any(), any()],
    random.between(1, 60),
  ]);
  const near = pairs.filter(([one, other, mm]) => distance(one, other) < mm);
  expect(near.length).toBeGreaterThan(300);
  expect(pairs.filter(([one, other, mm]) => comeWithin(one, other, mm))).toEqual(near);
});
