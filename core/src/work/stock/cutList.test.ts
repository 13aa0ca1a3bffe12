import fc from 'fast-check';
import { figure } from '../../base/figure';
import type { Part } from '../../design/fit';
import { message } from '../../base/message';
import { cutList } from '.';

const label = message('part.board');
const place = { upFrom: 0, upTo: 18, outFrom: 0, outTo: 300 };
const piece = (id: string, thicknessMm: number, widthMm: number, lengthMm: number, shelf = 1): Part => ({
  id,
  shelf,
  role: 'board',
  name: label,
  label: id,
  thicknessMm,
  width: figure({ label, mm: widthMm }),
  length: figure({ label, mm: lengthMm }),
  fit: null,
  corner: null,
  edges: null,
  tried: null,
  joints: [],
  place,
});

test('one section is one group, one length is one row, the widest and the longest first', () => {
  const list = cutList(
    [piece('a', 20, 45, 900), piece('b', 18, 300, 1120, 1), piece('c', 18, 300, 1127, 3), piece('d', 18, 300, 1120, 2)],
    { pieces: [] },
  );
  expect(list.map((group) => [group.thicknessMm, group.widthMm, group.totalLengthMm])).toEqual([
    [18, 300, 3367],
    [20, 45, 900],
  ]);
  expect(list[0]?.rows).toMatchObject([
    { lengthMm: 1127, count: 1, labels: ['c'], shelves: [3] },
    { lengthMm: 1120, count: 2, labels: ['b', 'd'], shelves: [1, 2] },
  ]);
});

test('lengths that differ by less than a saw can tell are one setting; a half millimetre is not', () => {
  const list = cutList([piece('a', 18, 300, 1000), piece('b', 18, 300, 1000.000001), piece('c', 18, 300, 1000.5)], {
    pieces: [],
  });
  expect(list[0]?.rows.map((row) => row.count)).toEqual([1, 2]);
});

test('nothing to cut is an empty list', () => expect(cutList([], { pieces: [] })).toEqual([]));

test('no piece is lost, none is listed twice, and the lengths add up', () => {
  const size = fc.integer({ min: 1, max: 6 }).map((n) => n * 20);
  fc.assert(
    fc.property(fc.array(fc.tuple(size, size, fc.integer({ min: 1, max: 2000 })), { maxLength: 40 }), (sizes) => {
      const parts = sizes.map(([t, w, l], i) => piece(`p${i}`, t, w, l));
      const list = cutList(parts, { pieces: [] });
      const ids = list.flatMap((group) => group.rows.flatMap((row) => row.partIds));
      expect([...ids].sort()).toEqual(parts.map((part) => part.id).sort());
      const total = list.reduce((sum, group) => sum + group.totalLengthMm, 0);
      expect(total).toBeCloseTo(
        sizes.reduce((sum, [, , l]) => sum + l, 0),
        6,
      );
    }),
  );
});
