import fc from 'fast-check';
import { newJob, typedLength, type Job } from '@dormer/core/job/document';
import { readJob } from '@dormer/core/job';
import { spotOf, type Spot } from '@dormer/core/survey';
import { KINDS, lengthOfSpot, readingAt, withKind } from './spots';

const spot: fc.Arbitrary<Spot> = fc.oneof(
  fc.record({ kind: fc.constant('width' as const), at: fc.constantFrom('front', 'back'), upMm: fc.integer({ min: 0, max: 2500 }) }),
  fc.record({ kind: fc.constant('depth' as const), side: fc.constantFrom('left', 'middle', 'right'), upMm: fc.integer({ min: 0, max: 2500 }) }),
  fc.record({ kind: fc.constant('height' as const), side: fc.constantFrom('left', 'middle', 'right'), at: fc.constantFrom('front', 'back') }),
) as fc.Arbitrary<Spot>; // prettier-ignore
const units = fc.constantFrom('mm', 'cm', 'in') as fc.Arbitrary<Job['units']>;
const jobIn = (unit: Job['units']) => newJob({ id: 'j', name: 'J', kind: 'alcove', units: unit });

test('a reading taken at an advised spot is one a job may hold, and lies at that spot', () => {
  fc.assert(
    fc.property(spot, units, (where, unit) => {
      const job = jobIn(unit);
      const reading = readingAt(where, { id: 'r', value: typedLength('40', unit), up: null });
      expect(readJob({ ...job, readings: [reading] })).toMatchObject({ ok: true });
      const there = spotOf(reading);
      expect(there.kind).toBe(where.kind);
      // As near as the finest mark of the tape it was written with.
      if ('upMm' in where && 'upMm' in there) expect(Math.abs(there.upMm - where.upMm)).toBeLessThanOrEqual(0.8);
    }),
  );
});

test('a height that was typed is kept as typed', () => {
  const up = typedLength('4 * 300', 'mm');
  const reading = readingAt({ kind: 'depth', side: 'left', upMm: 1200 }, { id: 'r', value: typedLength('365', 'mm'), up });
  expect(lengthOfSpot(reading)).toBe(up);
  expect(lengthOfSpot(null)).toBeNull();
  expect(lengthOfSpot(readingAt({ kind: 'height', side: 'left', at: 'front' }, { id: 'h', value: up, up: null }))).toBeNull();
}); // prettier-ignore

test('another kind keeps what both have, and coming back changes nothing', () => {
  fc.assert(
    fc.property(spot, fc.constantFrom(...KINDS), (where, kind) => {
      const moved = withKind(where, kind, 1000);
      expect(moved.kind).toBe(kind);
      for (const key of ['at', 'side', 'upMm'] as const) {
        if (key in where && key in moved) expect(moved[key as never]).toBe(where[key as never]);
      }
      expect(withKind(where, where.kind, 1000)).toEqual(where);
    }),
  );
});
