import fc from 'fast-check';
import type { Stud } from '../../job';
import { mm, openingFor, plainJob } from '../load/testing';
import { uprightsAlong, type UprightsInput } from './along';

// The plain alcove: its back runs from -500 to 500.
const job = plainJob('brackets');
const opening = openingFor(job);
const stud = (from: number): Stud => ({ id: `s${from}`, wall: 'back', from: mm(from), found: 'pilot' });

function along(studs: readonly number[], change: Partial<UprightsInput> = {}) {
  const place = { ...job.place, studs: studs.map(stud) };
  return uprightsAlong({ place, opening, lowMm: 700, highMm: 1000, apartMm: 500, wideMm: 25, zones: [], ...change });
}

test('as few studs as keep the distance, the outermost of them always', () => {
  expect(along([100, 300, 500, 700, 900])).toMatchObject({ acrosses: [-400, 0, 400], onStuds: true, guessed: [] });
  expect(along([100, 500, 900], { apartMm: 1000 }).acrosses).toEqual([-400, 400]);
});

test('without studs even, half a space in from the ends; one stud alone is none to hang a shelf on', () => {
  expect(along([])).toMatchObject({ acrosses: [-250, 250], onStuds: false });
  expect(along([300]).onStuds).toBe(false);
});

test('where the noted studs end too soon the rest is guessed, and said to be', () => {
  const { acrosses, guessed } = along([60, 300], { apartMm: 350 });
  expect(guessed.length).toBeGreaterThan(0);
  expect(guessed.every((x) => x > -200)).toBe(true);
  expect(acrosses).toEqual([...acrosses].sort((a, b) => a - b));
});

test('a stud behind something that must stay clear is left out, an even place is moved aside', () => {
  const zone = { id: 'k', what: 'outlet', fromMm: -40, toMm: 40, lowMm: 800, highMm: 900 } as const;
  expect(along([100, 500, 900], { zones: [zone] })).toMatchObject({
    blocked: 1,
    acrosses: expect.arrayContaining([-400, 400]),
  });
  const moved = along([], { zones: [{ ...zone, fromMm: -280, toMm: -220 }] }).acrosses;
  expect(moved[0]! <= -280 - 12.5 || moved[0]! >= -220 + 12.5).toBe(true);
  // At another height it is in nobody's way.
  expect(along([], { zones: [{ ...zone, lowMm: 1500, highMm: 1600 }] }).acrosses).toEqual([-250, 250]);
});

test('wherever studs are, places lie on the wall and none further apart than asked and a quarter', () => {
  const studs = fc.uniqueArray(fc.integer({ min: 20, max: 980 }), { maxLength: 8 });
  fc.assert(
    fc.property(studs, fc.integer({ min: 200, max: 900 }), (all, apartMm) => {
      const { acrosses } = along(all, { apartMm });
      expect(acrosses.length).toBeGreaterThanOrEqual(2);
      expect(Math.min(...acrosses)).toBeGreaterThanOrEqual(-500);
      expect(Math.max(...acrosses)).toBeLessThanOrEqual(500);
      for (const [i, x] of acrosses.slice(1).entries()) expect(x - acrosses[i]!).toBeLessThanOrEqual(apartMm * 1.26);
    }),
  );
});
