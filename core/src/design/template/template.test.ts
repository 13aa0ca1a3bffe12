import { chimneyAlcove } from '../../rigs/demo';
import { figure } from '../../base/figure';
import type { OutlinePoint, Part } from '../fit';
import { message } from '../../base/message';
import { planJob } from '../../plan';
import { offsetTable, templateOf, tilesFor } from '.';

const job = chimneyAlcove();
const board = planJob(job).parts.find((part) => part.id === 'S1-board')!;
/** The board with an outline of its own. */
const withOutline = (outline: readonly OutlinePoint[]): Part => ({
  ...board,
  fit: { ...board.fit!, outline, backMm: 1000, back: null },
});

test('offsets by hand: an end that runs out 6 over 300 is 6 in at the back and 3 halfway', () => {
  const table = offsetTable(
    withOutline([
      [0, 0],
      [1000, 0],
      [1000, 300],
      [-6, 300],
    ]),
    '1mm',
  );
  const [left, right] = table;
  expect(left?.stations.map((station) => station.atMm)).toEqual([0, 50, 100, 150, 200, 250, 300]);
  expect(left?.stations.map((station) => station.inMm)).toEqual([6, 5, 4, 3, 2, 1, 0]);
  expect(new Set(right?.stations.map((station) => station.inMm))).toEqual(new Set([0]));
});

test('offsets are rounded away from the wall: 2.1 in becomes 3 on the whole millimetre', () => {
  const [left] = offsetTable(
    withOutline([
      [2.1, 0],
      [1000, 0],
      [1000, 300],
      [0, 300],
    ]),
    '1mm',
  );
  expect(left?.stations[0]).toEqual({ atMm: 0, inMm: 3 });
});

test('a back edge that is scribed has its offsets from the line, behind it negative', () => {
  const one = withOutline([
    [0, -1],
    [500, -4],
    [1000, -1],
    [1000, 300],
    [0, 300],
  ]);
  const scribed: Part = { ...one, fit: { ...one.fit!, back: { ...board.fit!.back!, style: 'scribed' } } };
  const back = offsetTable(scribed, '0.5mm').find((edge) => edge.edge === 'back');
  expect(back?.stations[0]?.inMm).toBe(-1);
  expect(back?.stations.find((station) => station.atMm === 500)?.inMm).toBe(-4);
});

test('a nosing is seen from the front: its upper edge at the head of the sheet, its left end on the left', () => {
  const nosing = withOutline([
    [0, 0],
    [1000, 0],
    [1003, 65],
    [-2, 65],
  ]);
  const template = templateOf({ ...nosing, role: 'nosing' })!;
  expect(template.outline).toEqual([
    [0, 65],
    [1000, 65],
    [1003, 0],
    [-2, 0],
  ]);
  expect(template.reference).toEqual([
    [0, 65],
    [1000, 65],
  ]);
  const at = (code: string) => template.marks.find((mark) => mark.words.code === code)?.at[1] ?? NaN;
  expect(at('template.upperEdge')).toBeLessThan(at('template.lowerEdge'));
});

test('a piece without walls has no template; a small one goes on one page', () => {
  expect(
    templateOf({ ...board, fit: null, corner: null, length: figure({ label: message('part.board'), mm: 1 }) }),
  ).toBeNull();
  const small = templateOf(
    withOutline([
      [0, 0],
      [150, 0],
      [150, 100],
      [0, 100],
    ]),
  )!;
  expect(tilesFor(small, 'a4')).toMatchObject({ rows: 1, columns: 1 });
});
