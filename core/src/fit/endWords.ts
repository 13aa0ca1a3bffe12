import { about, angle, length, message, nested, type Message } from '../message';
import { sideWords } from '../reading/describe';
import type { Part } from './parts';
import type { PieceFit } from './piece';

/** How one end is cut: whether it runs out of square, its bevel, what is left on. On edge it is told by the top. */
export function endWords({ role }: Pick<Part, 'role'>, fit: PieceFit, side: 'left' | 'right'): Message[] {
  const { outMm, degrees, bevelDegrees, allowanceMm } = fit[side];
  const runs = { by: length(Math.abs(outMm)), angle: angle(Math.abs(degrees)) };
  const at = role === 'board' ? 'Front' : 'Top';
  return [
    outMm === 0 ? message('cutEnd.square') : message(outMm > 0 ? `cutEnd.out${at}` : `cutEnd.in${at}`, runs),
    ...(bevelDegrees > 0 ? [message('cutEnd.undercut', { angle: angle(bevelDegrees) })] : []),
    ...(allowanceMm > 0 ? [message('cutEnd.leaveOn', { by: length(allowanceMm) })] : []),
  ];
}

/** What a list has to say of a piece beside its length: nothing for one that is cut square at both ends. */
export function shapeWords(part: Part): Message[] {
  const { fit, corner, joint } = part;
  if (joint?.is === 'mitred') return [message('cutEnd.mitred', { inside: length(part.length.mm - 2 * part.width.mm) })];
  if (joint?.is === 'clipped') return [message('cutEnd.clipped', { less: length(part.width.mm) })];
  if (joint?.is === 'braced') return [message('cutEnd.braced', { angle: angle(joint.degrees), other: angle(joint.otherDegrees) })];
  if (joint?.is === 'housed') return joint.atMm.map((mm) => message('cutEnd.housed', { at: length(mm), wide: length(joint.wideMm), deep: length(joint.depthMm) }));
  if (joint?.is === 'notched') return [message('cutEnd.notched', { deep: length(joint.deepMm), high: length(joint.highMm) })];
  const slotted = joint?.is === 'slotted' ? [message('cutEnd.slotted', { deep: length(joint.backMm), high: length(joint.highMm) })] : [];
  if (joint?.is === 'corner') {
    const runs = { by: about(joint.outMm), angle: angle(joint.degrees) };
    return [message(joint.longer === 'room' ? 'cutEnd.longerRoom' : 'cutEnd.longerWall', runs)];
  }
  if (corner) return [...slotted, message(`cutEnd.corner.${corner.shape}`, { angle: angle(corner.cutDegrees) })];
  if (!fit) return slotted;
  const ends = (['left', 'right'] as const).map((side) => ({ side, how: endWords(part, fit, side) }));
  const plain = ends.every(({ how }) => how.length === 1 && how[0]?.code === 'cutEnd.square');
  if (plain) return slotted;
  // The side is said once; what follows is of the same end.
  return [...slotted, ...ends.flatMap(({ side, how: [first, ...more] }) => [message('cutEnd.side', { side: nested(sideWords(side)), how: nested(first as Message) }), ...more])];
} // prettier-ignore
