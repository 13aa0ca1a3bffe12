import fc from 'fast-check';
import { dragTo, type DragAmong } from './drag';
import type { Blocked } from './keepClear';

const shelf = (number: number, top: number) => ({ number, top: { mm: top }, underside: { mm: top - 18 } });
const outlet: Blocked = { id: 'o', what: 'outlet', grave: true, fromMm: 470, toMm: 673, boardToMm: 628 };
const among: DragAmong = {
  shelves: [shelf(1, 300), shelf(2, 700), shelf(3, 1200)],
  blocked: [outlet],
  thicknessMm: 18,
  mostMm: 2400,
  tape: '1mm',
};

test('a dragged shelf lies on the tape, with both gaps by hand', () => {
  expect(dragTo(among, 2, 800.4)).toEqual({ topMm: 800, belowMm: 482, aboveMm: 382, refusedBy: null });
  expect(dragTo(among, 1, 100)).toMatchObject({ topMm: 100, belowMm: 82, aboveMm: 582 });
});

test('it is kept out of an outlet, on the side it is nearer to, and out of its neighbours', () => {
  expect(dragTo(among, 2, 640)).toMatchObject({ topMm: 673, refusedBy: outlet });
  expect(dragTo(among, 2, 500)).toMatchObject({ topMm: 470, refusedBy: outlet });
  expect(dragTo(among, 2, 5000).topMm).toBe(1182);
  expect(dragTo(among, 2, 0).topMm).toBe(318);
});

test('wherever it is pulled, it overlaps nothing and lies in nothing that is kept clear', () => {
  fc.assert(
    fc.property(fc.double({ min: -500, max: 3000, noNaN: true }), fc.integer({ min: 1, max: 3 }), (wished, number) => {
      const { topMm, belowMm, aboveMm } = dragTo(among, number, wished);
      expect(belowMm).toBeGreaterThanOrEqual(-1e-6);
      expect(aboveMm).toBeGreaterThanOrEqual(-1e-6);
      expect(topMm <= 470 || topMm >= 673).toBe(true);
    }),
  );
});
