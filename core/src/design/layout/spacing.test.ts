import fc from 'fast-check';
import { figure } from '../../base/figure';
import { message } from '../../base/message';
import { leastGapMm, shareOut, spaced, type Spacing, type Stretch } from './spacing';

const at = (mm: number) => figure({ label: message('term.base'), mm });
const stretch = (from: number, to: number, onShelf = false, underShelf = false): Stretch => ({
  from: at(from),
  to: at(to),
  onShelf,
  underShelf,
});
const by = (way: Spacing['way'], thicknessMm = 20, ratio = 0.5): Spacing => ({ way, thicknessMm, ratio });
const tops = (one: Stretch, shelves: number, spacing: Spacing) => spaced(one, shelves, spacing).map(({ mm }) => mm);

test('equal gaps by hand: 1060 with three boards of 20 leaves four gaps of 250', () => {
  expect(tops(stretch(0, 1060), 3, by('equal-gaps'))).toEqual([270, 540, 810]);
});

test('equal on-centre by hand: middles at quarters of the height, tops half a board above them', () => {
  expect(tops(stretch(100, 1100), 3, by('on-centre'))).toEqual([360, 610, 860]);
  // Between two shelves that stay, from the middle of the one to that of the other.
  expect(tops(stretch(100, 1080, true, true), 3, by('on-centre'))).toEqual([350, 600, 850]);
  expect(leastGapMm(stretch(100, 1100), 1, by('on-centre'))).toBe(490);
});

test('graduated by hand: gaps of 400, 200 and 100 halve upward', () => {
  expect(tops(stretch(0, 740), 2, by('graduated'))).toEqual([420, 640]);
  expect(leastGapMm(stretch(0, 740), 2, by('graduated'))).toBe(100);
});

test('shelves go where the gaps are largest: of 1000 and 400, three into the one and one into the other', () => {
  expect(shareOut([stretch(0, 1000), stretch(1020, 1420)], 4, 20)).toEqual([3, 1]);
  expect(shareOut([stretch(0, 500), stretch(520, 1020)], 1, 20)).toEqual([1, 0]);
});

test('gaps and boards add up to the clear height, whichever way they are spaced', () => {
  const way = fc.constantFrom('equal-gaps', 'on-centre', 'graduated' as const);
  fc.assert(
    fc.property(
      way,
      fc.integer({ min: 1, max: 12 }),
      fc.integer({ min: 6, max: 40 }),
      fc.boolean(),
      fc.boolean(),
      fc.double({ min: 0.6, max: 1, noNaN: true }),
      (kind, n, t, on, under, ratio) => {
        const one = stretch(130, 130 + n * (t + 120) + 200, on, under);
        const laid = tops(one, n, by(kind, t, ratio));
        const gaps = [...laid, null].map(
          (top, i) => (top === null ? one.to.mm : top - t) - (i === 0 ? one.from.mm : (laid[i - 1] as number)),
        );
        expect(gaps.reduce((sum, gap) => sum + gap, n * t)).toBeCloseTo(one.to.mm - one.from.mm, 6);
        expect(Math.min(...gaps)).toBeCloseTo(leastGapMm(one, n, by(kind, t, ratio)), 6);
        if (kind === 'equal-gaps') gaps.forEach((gap) => expect(gap).toBeCloseTo(gaps[0] as number, 6));
        if (kind === 'graduated')
          gaps.slice(1).forEach((gap, i) => expect(gap).toBeCloseTo((gaps[i] as number) * ratio, 6));
        if (kind === 'on-centre')
          laid
            .slice(2)
            .forEach((top, i) =>
              expect(top - (laid[i + 1] as number)).toBeCloseTo((laid[1] as number) - (laid[0] as number), 6),
            );
        for (const figure of spaced(one, n, by(kind, t, ratio)))
          expect(figure.terms.reduce((sum, term) => sum + term.mm, 0)).toBeCloseTo(figure.mm, 6);
      },
    ),
  );
});
