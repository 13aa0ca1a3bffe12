import type { Joint } from '../system';
import type { Job } from '../../job/schema';
import { about, angle, choice, length, list, message, nested, type Message } from '../../base/message';
import type { Part } from './part';
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
      side: choice(from),
      back: length(backMm),
    }),
  );
  return [...endsWords(part, tools), ...drilled];
}

function endsWords(part: Part, tools: Tools): Message[] {
  const { fit, corner, joints } = part;
  const jointed = joints.map((joint) => jointWords(part, joint, tools));
  const shaped = jointed.flatMap((told) => told.words);
  if (jointed.some((told) => told.ends)) return shaped;
  if (corner) return [...shaped, message(`cutEnd.corner.${corner.shape}`, { angle: angle(corner.cutDegrees) })];
  return fit ? [...shaped, ...bothEnds(part, fit, tools)] : shaped;
}

/** Words for a joint, and whether it says all there is of the ends. */
interface JointWords {
  readonly words: readonly Message[];
  readonly ends: boolean;
}

function jointWords(part: Part, joint: Joint, tools: Tools): JointWords {
  const words = wordsOf(part, joint, tools);
  return { words, ends: joint.kind !== 'slotted' && joint.kind !== 'rebated' };
}

function wordsOf(part: Part, joint: Joint, tools: Tools): Message[] {
  const byHand = tools === 'hand';
  const { length: long, width } = part;
  switch (joint.kind) {
    case 'mitred':
      return [message(byHand ? 'cutEnd.hand.mitred' : 'cutEnd.mitred', { inside: length(long.mm - 2 * width.mm) })];
    case 'mitred-one':
      return [message(byHand ? 'cutEnd.hand.mitredOne' : 'cutEnd.mitredOne', { inside: length(long.mm - width.mm) })];
    case 'clipped':
      return [message('cutEnd.clipped', { less: length(width.mm) })];
    case 'braced': {
      const angles = { angle: angle(joint.degrees), other: angle(joint.otherDegrees) };
      return [message(byHand ? 'cutEnd.hand.braced' : 'cutEnd.braced', angles)];
    }
    case 'housed':
      return joint.atMm.map((mm) => {
        const groove = { at: length(mm), wide: length(joint.wideMm), deep: length(joint.depthMm) };
        return message(byHand ? 'cutEnd.hand.housed' : 'cutEnd.housed', groove);
      });
    case 'notched':
      return [message('cutEnd.notched', { deep: length(joint.deepMm), high: length(joint.highMm) })];
    case 'footed':
      return [message('cutEnd.footed', { deep: length(joint.deepMm), high: length(joint.highMm) })];
    case 'corner': {
      const runs = { by: about(joint.outMm), angle: angle(joint.degrees) };
      return [message(joint.longer === 'room' ? 'cutEnd.longerRoom' : 'cutEnd.longerWall', runs)];
    }
    case 'slotted':
      return [message('cutEnd.slotted', { deep: length(joint.backMm), high: length(joint.highMm) })];
    case 'rebated':
      return [message('cutEnd.rebated', { deep: length(joint.deepMm), wide: length(joint.wideMm) })];
  }
}

/** Words for both ends unless both are square; each side is named once, before its cuts. */
function bothEnds(part: Part, fit: PieceFit, tools: Tools): Message[] {
  const ends = (['left', 'right'] as const).map((side) => ({ side, how: endWords(part, fit, side, tools) }));
  if (ends.every(({ how }) => how.length === 1 && how[0]?.code === 'cutEnd.square')) return [];
  return ends.map(({ side, how }) => message('cutEnd.side', { side: choice(side), how: list(how.map(nested)) }));
}
