import type { Job } from '../job/schema';
import { about, angle, length, message, nested, type Message } from '../message';
import { sideWords } from '../reading/describe';
import type { Part } from './parts';
import type { PieceFit } from './piece';

/**
 * How one end is cut: whether it runs out of square, its bevel, what is left on. On edge it is told by the top. A saw
 * that is set has angles; one that is led by hand has points to mark, a line to follow, and what to plane off.
 */
export function endWords(
  { role, thicknessMm }: Pick<Part, 'role' | 'thicknessMm'>,
  fit: PieceFit,
  side: 'left' | 'right',
  tools: Tools,
): Message[] {
  const { outMm, degrees, bevelDegrees, allowanceMm } = fit[side];
  if (tools === 'hand') {
    const by = { by: length(Math.abs(outMm)) };
    const edge = role === 'board' ? 'Front' : 'Top';
    const planed = thicknessMm * Math.tan((bevelDegrees * Math.PI) / 180);
    return [
      outMm === 0
        ? message('cutEnd.square')
        : message(outMm > 0 ? `cutEnd.hand.out${edge}` : `cutEnd.hand.in${edge}`, by),
      ...(planed > 0 ? [message('cutEnd.hand.undercut', { by: about(planed) })] : []),
      ...(allowanceMm > 0 ? [message('cutEnd.leaveOn', { by: length(allowanceMm) })] : []),
    ];
  }
  const runs = { by: length(Math.abs(outMm)), angle: angle(Math.abs(degrees)) };
  const at = role === 'board' ? 'Front' : 'Top';
  return [
    outMm === 0 ? message('cutEnd.square') : message(outMm > 0 ? `cutEnd.out${at}` : `cutEnd.in${at}`, runs),
    ...(bevelDegrees > 0 ? [message('cutEnd.undercut', { angle: angle(bevelDegrees) })] : []),
    ...(allowanceMm > 0 ? [message('cutEnd.leaveOn', { by: length(allowanceMm) })] : []),
  ];
}

type Tools = Job['tools'];

/** What a list has to say of a piece beside its length: nothing for one that is cut square at both ends. */
export function shapeWords(part: Part, tools: Tools): Message[] {
  const drilled = (part.holes ?? []).map(({ diameterMm, alongMm, backMm, from }) =>
    message('cutEnd.hole', {
      diameter: length(diameterMm),
      along: length(alongMm),
      side: nested(sideWords(from)),
      back: length(backMm),
    }),
  );
  return [...endsWords(part, tools), ...drilled];
}

function endsWords(part: Part, tools: Tools): Message[] {
  const byHand = tools === 'hand';
  const { fit, corner, joint } = part;
  if (joint?.is === 'mitred')
    return [
      message(byHand ? 'cutEnd.hand.mitred' : 'cutEnd.mitred', { inside: length(part.length.mm - 2 * part.width.mm) }),
    ];
  if (joint?.is === 'mitred-one')
    return [
      message(byHand ? 'cutEnd.hand.mitredOne' : 'cutEnd.mitredOne', {
        inside: length(part.length.mm - part.width.mm),
      }),
    ];
  if (joint?.is === 'clipped') return [message('cutEnd.clipped', { less: length(part.width.mm) })];
  if (joint?.is === 'braced')
    return [
      message(byHand ? 'cutEnd.hand.braced' : 'cutEnd.braced', {
        angle: angle(joint.degrees),
        other: angle(joint.otherDegrees),
      }),
    ];
  if (joint?.is === 'housed')
    return joint.atMm.map((mm) =>
      message(byHand ? 'cutEnd.hand.housed' : 'cutEnd.housed', {
        at: length(mm),
        wide: length(joint.wideMm),
        deep: length(joint.depthMm),
      }),
    );
  if (joint?.is === 'notched')
    return [message('cutEnd.notched', { deep: length(joint.deepMm), high: length(joint.highMm) })];
  const slotted =
    joint?.is === 'slotted'
      ? [message('cutEnd.slotted', { deep: length(joint.backMm), high: length(joint.highMm) })]
      : [];
  if (joint?.is === 'corner') {
    const runs = { by: about(joint.outMm), angle: angle(joint.degrees) };
    return [message(joint.longer === 'room' ? 'cutEnd.longerRoom' : 'cutEnd.longerWall', runs)];
  }
  if (corner) return [...slotted, message(`cutEnd.corner.${corner.shape}`, { angle: angle(corner.cutDegrees) })];
  if (!fit) return slotted;
  const ends = (['left', 'right'] as const).map((side) => ({ side, how: endWords(part, fit, side, tools) }));
  const plain = ends.every(({ how }) => how.length === 1 && how[0]?.code === 'cutEnd.square');
  if (plain) return slotted;
  // The side is said once; what follows is of the same end.
  return [
    ...slotted,
    ...ends.flatMap(({ side, how: [first, ...more] }) => [
      message('cutEnd.side', { side: nested(sideWords(side)), how: nested(first as Message) }),
      ...more,
    ]),
  ];
}
