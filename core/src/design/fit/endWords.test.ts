import { BARE } from './bare';
import { endWords } from './endWords';
import type { Part } from './part';
import type { PieceFit } from './piece';
import { figure } from '../../base/figure';
import { message } from '../../base/message';

const cut = { style: 'angled', outMm: 0, degrees: 0, bevelDegrees: 0, allowanceMm: 0 } as const;
const fitWith = (left: object, right: object = {}) =>
  ({ left: { ...cut, ...left }, right: { ...cut, ...right } }) as unknown as PieceFit;
const piece = (change: Partial<Part> = {}): Part => ({
  ...BARE,
  id: 'x',
  shelf: 1,
  role: 'board',
  name: message('part.board'),
  label: '1S',
  thicknessMm: 20,
  width: figure({ label: message('part.board'), mm: 50 }),
  length: figure({ label: message('part.board'), mm: 1000 }),
  place: { upFrom: 0, upTo: 20, outFrom: 0, outTo: 50 },
  ...change,
});
const codes = (all: readonly { code: string }[]) => all.map((one) => one.code);

test('a saw that is set is told an angle; a hand is told what to mark and follow', () => {
  const fit = fitWith({ outMm: 5, degrees: 0.9 });
  expect(endWords(piece(), fit, 'left', 'power')).toEqual([
    { code: 'cutEnd.outFront', params: { by: { kind: 'length', mm: 5 }, angle: { kind: 'angle', degrees: 0.9 } } },
  ]);
  expect(endWords(piece(), fit, 'left', 'hand')).toEqual([
    { code: 'cutEnd.hand.outFront', params: { by: { kind: 'length', mm: 5 } } },
  ]);
});

test('a blade that tilts 2° is 0.7 planed off the lower edge of a board 20 thick', () => {
  const fit = fitWith({ bevelDegrees: 2 });
  expect(codes(endWords(piece(), fit, 'left', 'power'))).toEqual(['cutEnd.square', 'cutEnd.undercut']);
  const [, planed] = endWords(piece(), fit, 'left', 'hand');
  expect(planed).toMatchObject({
    code: 'cutEnd.hand.undercut',
    params: { by: { mm: expect.closeTo(20 * Math.tan(Math.PI / 90), 9) } },
  });
});

test.each([
  ['board', 5, 'outFront'],
  ['board', -5, 'inFront'],
  ['nosing', 5, 'outTop'],
  ['nosing', -5, 'inTop'],
] as const)('%s, %d: %s', (role, outMm, ending) => {
  const fit = fitWith({ outMm, degrees: 1 });
  expect(codes(endWords(piece({ role }), fit, 'left', 'power'))).toEqual([`cutEnd.${ending}`]);
  expect(codes(endWords(piece({ role }), fit, 'left', 'hand'))).toEqual([`cutEnd.hand.${ending}`]);
});

test('what is left on to scribe is the same for both', () => {
  const fit = fitWith({ allowanceMm: 6 });
  for (const tools of ['hand', 'power'] as const) {
    expect(codes(endWords(piece(), fit, 'left', tools))).toEqual(['cutEnd.square', 'cutEnd.leaveOn']);
  }
});
