import { figure } from '../../base/figure';
import { message } from '../../base/message';
import type { CavityBox } from '../../place/opening';
import { typedLength } from '../../job';
import { boxAndTrim } from '.';

const sized = (mm: number) => figure({ label: message('term.cavityWidth'), mm, readings: ['w1'] });
const box = (width: number, height: number, depth: number | null) =>
  ({
    width: sized(width),
    height: sized(height),
    depth: depth === null ? null : sized(depth),
    seat: { acrossMm: 0, upMm: 0 },
  }) as CavityBox;
const boards = {
  wallMm: 12,
  trim: { width: typedLength('50', 'mm'), reveal: typedLength('5', 'mm') },
  trimThickMm: 10,
};
const lengths = (cavityBox: CavityBox, by = boards) =>
  Object.fromEntries(
    boxAndTrim(cavityBox, by).flatMap(({ id, length }) => (length.kind === 'given' ? [[id, length.figure.mm]] : [])),
  );

test('by hand: trim to the long point is the clear opening, two reveals and two widths', () => {
  // Clear 360 - 24 = 336; 336 + 10 + 100 = 446. Clear 1540 - 24 = 1516; 1516 + 10 + 100 = 1626.
  expect(lengths(box(360, 1540, 90))).toEqual({
    'box-left': 1540,
    'box-right': 1540,
    'box-top': 336,
    'box-bottom': 336,
    'trim-left': 1626,
    'trim-right': 1626,
    'trim-head': 446,
    'trim-foot': 446,
  });
});

test('a trim is mitred at both ends, and never rounded short', () => {
  const [head] = boxAndTrim(box(360, 1540, 90), boards).filter((partSpec) => partSpec.id === 'trim-head');
  expect(head?.joints).toEqual([{ kind: 'mitred', longEdge: 'upper' }]);
  expect(head?.length).toMatchObject({ kind: 'given', rounded: 'up' });
});

test('sides are rounded down, so that the box still goes in; every length says what it is made of', () => {
  const parts = boxAndTrim(box(360, 1540, 90), boards);
  expect(parts.filter((part) => part.role !== 'trim').map((part) => part.length)).toMatchObject(
    Array.from({ length: 4 }, () => ({ kind: 'given', rounded: 'down' })),
  );
  const top = parts.find((part) => part.id === 'box-top')?.length;
  expect(top?.kind === 'given' ? top.figure.terms.map((term) => term.mm) : []).toEqual([360, -24]);
  expect(top?.kind === 'given' ? top.figure.terms[0]?.readings : []).toEqual(['w1']);
});

test('without a depth there is no box to plan, nor one narrower than its own boards', () => {
  expect(boxAndTrim(box(360, 1540, null), boards)).toEqual([]);
  expect(boxAndTrim(box(24, 1540, 90), boards)).toEqual([]);
});
