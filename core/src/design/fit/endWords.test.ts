import type { Job } from '../../job';
import { endWords } from './endWords';
import { fitWith, pieceWith } from './testing';

const job = (tools: Job['tools']) => ({ tools, units: 'mm', tape: '1mm' }) as const;
const codes = (all: readonly { code: string }[]) => all.map((one) => one.code);

test('a saw that is set is told an angle; a hand is told what to mark and follow', () => {
  const fit = fitWith({ outMm: 5, degrees: 0.9 });
  expect(endWords(pieceWith(), fit, 'left', job('power'))).toEqual([
    { code: 'cutEnd.outFront', params: { by: { kind: 'length', mm: 5 }, angle: { kind: 'angle', degrees: 0.9 } } },
  ]);
  expect(endWords(pieceWith(), fit, 'left', job('hand'))).toEqual([
    { code: 'cutEnd.hand.outFront', params: { by: { kind: 'length', mm: 5 } } },
  ]);
});

test('a blade that tilts 2° is 0.7 planed off the lower edge of a board 20 thick', () => {
  const fit = fitWith({ bevelDegrees: 2 });
  expect(codes(endWords(pieceWith(), fit, 'left', job('power')))).toEqual(['cutEnd.square', 'cutEnd.undercut']);
  const [, planed] = endWords(pieceWith(), fit, 'left', job('hand'));
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
  expect(codes(endWords(pieceWith({ role }), fit, 'left', job('power')))).toEqual([`cutEnd.${ending}`]);
  expect(codes(endWords(pieceWith({ role }), fit, 'left', job('hand')))).toEqual([`cutEnd.hand.${ending}`]);
});

test('what is left on to scribe is the same for both', () => {
  const fit = fitWith({ allowanceMm: 6 });
  for (const tools of ['hand', 'power'] as const) {
    expect(codes(endWords(pieceWith(), fit, 'left', job(tools)))).toEqual(['cutEnd.square', 'cutEnd.leaveOn']);
  }
});

test('an end that is out by less than the tape can mark is square; in inches that is 1/32', () => {
  const fit = fitWith({ outMm: 0.7, degrees: 0.1 });
  const inches = { tools: 'power', units: 'in', tape: '1/16in' } as const;
  expect(codes(endWords(pieceWith(), fit, 'left', inches))).toEqual(['cutEnd.square']);
  expect(codes(endWords(pieceWith(), fit, 'left', job('power')))).toEqual(['cutEnd.outFront']);
});
