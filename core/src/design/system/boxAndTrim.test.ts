import { figure } from '../../base/figure';
import { message } from '../../base/message';
import type { CavityBox } from '../../place/opening';
import { typedLength } from '../../job';
import { boxAndTrim, boxCorners, boxPanelPins, type BoxBoards } from '.';

const sized = (mm: number) => figure({ label: message('term.cavityWidth'), mm, readings: ['w1'] });
const box = (width: number, height: number, depth: number | null) =>
  ({
    width: sized(width),
    height: sized(height),
    depth: depth === null ? null : sized(depth),
    backMm: 0,
    seat: { acrossMm: 0, upMm: 0 },
  }) as CavityBox;
const boards: BoxBoards = {
  wallMm: 12,
  corners: 'screwed',
  trim: { width: typedLength('50', 'mm'), reveal: typedLength('5', 'mm') },
  trimThickMm: 10,
  tape: '0.5mm',
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

test('a panel over the back: the boards are so much less deep and lie before it; pins hold it to all four', () => {
  const backed = { ...box(360, 1540, 90), backMm: 6 };
  const parts = boxAndTrim(backed, boards);
  const panel = parts.find((part) => part.role === 'back-panel');
  expect(panel).toMatchObject({ width: { mm: 360 }, thicknessMm: 6, place: { outFrom: 0, outTo: 6 } });
  expect(panel?.length.kind === 'given' && panel.length.figure.mm).toBe(1540);
  const walls = parts.filter((part) => part.id.startsWith('box-') && part !== panel);
  expect(walls.map((part) => [part.width.mm, part.place.outFrom, part.place.outTo])).toEqual(
    Array.from({ length: 4 }, () => [84, 6, 90]),
  );
  const pins = boxPanelPins(backed, boards);
  expect(pins.map(({ into }) => into.kind === 'piece' && into.id).sort()).toEqual(walls.map(({ id }) => id).sort());
  expect(boxPanelPins(box(360, 1540, 90), boards)).toEqual([]);
  expect(boxAndTrim({ ...backed, backMm: 90 }, boards)).toEqual([]);
});

test('corners are screwed, or pinned with twice as many', () => {
  const held = (corners: BoxBoards['corners']) => boxCorners(box(360, 1540, 90), { ...boards, corners });
  const count = (corners: BoxBoards['corners']) =>
    held(corners).map(({ with: what, spread }) => [what, spread.kind === 'given' ? spread.at.length : 0]);
  expect(count('screwed')).toEqual(Array.from({ length: 4 }, () => ['screw', 2]));
  expect(count('pinned')).toEqual(Array.from({ length: 4 }, () => ['pin', 4]));
});

test('without a depth there is no box to plan, nor one narrower than its own boards', () => {
  expect(boxAndTrim(box(360, 1540, null), boards)).toEqual([]);
  expect(boxAndTrim(box(24, 1540, 90), boards)).toEqual([]);
});
