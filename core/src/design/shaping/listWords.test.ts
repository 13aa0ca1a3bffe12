import type { Job } from '../../job';
import { withJoints } from '../body/cutInto';
import { plainSolid } from '../body/lie';
import type { Part } from '../fit';
import { fitWith, pieceWith } from '../fit/testing';
import type { Joint, PartRole } from '../system';
import { shapeWords } from './listWords';

const FRAME = { origin: [0, 0, 0], along: [1, 0, 0], across: [0, 1, 0], through: [0, 0, 1] } as const;
/** A part of 1000 × 50 × 20 and what its joints make of it. */
const shaped = (part: Part) => ({
  part,
  solid: withJoints(plainSolid(FRAME, [1000, 50, 20]), part),
  named: () => null,
});
const job = (tools: Job['tools']) => ({ tools, units: 'mm', tape: '1mm' }) as const;
const codes = (all: readonly { code: string }[]) => all.map((one) => one.code);

test('square at both ends says nothing; else each end says its side first', () => {
  expect(shapeWords(shaped(pieceWith({ fit: fitWith({}) })), job('hand'))).toEqual([]);
  const told = shapeWords(shaped(pieceWith({ fit: fitWith({}, { outMm: 2, bevelDegrees: 1 }) })), job('hand'));
  expect(codes(told)).toEqual(['cutEnd.side', 'cutEnd.side']);
  const [left, right] = told.map(({ params: { how } }) => (how?.kind === 'list' ? how.items : []));
  expect(left).toMatchObject([{ message: { code: 'cutEnd.square' } }]);
  expect(right).toMatchObject([
    { message: { code: 'cutEnd.hand.outFront' } },
    { message: { code: 'cutEnd.hand.undercut' } },
  ]);
});

describe('joints', () => {
  const joints: [PartRole, Joint, string, string][] = [
    ['trim', { kind: 'mitred', longEdge: 'upper' }, 'cutEnd.mitred', 'cutEnd.hand.mitred'],
    ['trim', { kind: 'mitred-one', longEdge: 'upper' }, 'cutEnd.mitredOne', 'cutEnd.hand.mitredOne'],
    [
      'case-side-left',
      { kind: 'housed', depthMm: 8, wideMm: 18, atMm: [300] },
      'cutEnd.cutOut.housing',
      'cutEnd.hand.cutOut.housing',
    ],
    ['case-side-left', { kind: 'rebated', deepMm: 8, wideMm: 6 }, 'cutEnd.cutOut.rebate', 'cutEnd.cutOut.rebate'],
    ['side-cleat-left', { kind: 'clipped' }, 'cutEnd.mitredOne', 'cutEnd.hand.mitredOne'],
    ['case-side-left', { kind: 'notched', deepMm: 15, highMm: 90 }, 'cutEnd.cutOut.corner', 'cutEnd.cutOut.corner'],
    ['post-left', { kind: 'footed', deepMm: 5, highMm: 90 }, 'cutEnd.cutOut.end', 'cutEnd.cutOut.end'],
    ['board', { kind: 'slotted', backMm: 40, endsMm: 40, highMm: 10 }, 'cutEnd.slot.ends', 'cutEnd.slot.ends'],
  ];
  test.each(joints)('%s %j', (role, joint, power, hand) => {
    expect(codes(shapeWords(shaped(pieceWith({ role, joints: [joint] })), job('power')))).toEqual([power]);
    expect(codes(shapeWords(shaped(pieceWith({ role, joints: [joint] })), job('hand')))).toEqual([hand]);
  });

  test('along the inside edge a piece mitred at both ends is two widths shorter, at one end one', () => {
    const inside = (joint: Joint) =>
      shapeWords(shaped(pieceWith({ role: 'trim', joints: [joint] })), job('power'))[0]?.params['inside'];
    expect(inside({ kind: 'mitred', longEdge: 'upper' })).toEqual({ kind: 'length', mm: 900 });
    expect(inside({ kind: 'mitred-one', longEdge: 'upper' })).toEqual({ kind: 'length', mm: 950 });
  });
});
