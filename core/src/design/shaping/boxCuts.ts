import { choice, length, message, nested, text, type Message } from '../../base/message';
import { cutId, type LooseCut, type Shaped } from './cut';
import { isWhole, type BoxCut, type Range, type Shape, type SlotCut } from './shape';

/** Kinds of boxes, by how they are cut. */
type BoxWay =
  /** Right across a face, clear of both ends. */
  | 'housing'
  /** Along a whole edge of a face. */
  | 'rebate'
  /** Right through, at an end and an edge. */
  | 'corner'
  /** Right through, at an edge. */
  | 'edge'
  /** Right across a face, at an end. */
  | 'end'
  /** In a face, open to one edge. */
  | 'inward'
  /** Anywhere in a face. */
  | 'face';

const span = ({ fromMm, toMm }: Range): number => toMm - fromMm;

function wayOf({ along, across, through }: BoxCut): BoxWay {
  const atEnd = along.opensFirst || along.opensLast;
  if (isWhole(through)) return atEnd ? 'corner' : 'edge';
  if (isWhole(along)) return 'rebate';
  if (!isWhole(across)) return across.opensFirst || across.opensLast ? 'inward' : 'face';
  return atEnd ? 'end' : 'housing';
}

/** How wide a cut along an edge is, how far a cut at an end runs, where any other cut begins. Millimetres. */
function figureOf(way: BoxWay, { along, across }: BoxCut): number {
  if (way === 'rebate' || way === 'edge') return span(across);
  return along.opensFirst || along.opensLast ? span(along) : along.fromMm;
}

/** All figures and names a sentence about a box may need: where the box is, from which sides, and how deep. */
export function boxTold(box: BoxCut, { sides }: Pick<Shape, 'sides'>) {
  const { along, across, through } = box;
  const way = wayOf(box);
  const right = way === 'corner' || way === 'edge';
  const counted = way === 'housing' || way === 'edge' || way === 'inward' || way === 'face';
  return {
    way,
    /** The figure shown large, millimetres. */
    figureMm: figureOf(way, box),
    said: {
      end: choice(!counted && along.opensLast && !along.opensFirst ? sides.ends[1] : sides.ends[0]),
      edge: choice(way === 'face' || across.opensFirst ? sides.edges[0] : sides.edges[1]),
      face: choice(through.opensFirst ? sides.faces[0] : sides.faces[1]),
      from: length(along.fromMm),
      to: length(along.toMm),
      high: length(span(along)),
      near: length(across.fromMm),
      far: length(across.toMm),
      inward: length(span(across)),
      wide: length(way === 'rebate' ? span(across) : span(along)),
      deep: length(right ? span(across) : span(through)),
    },
  };
}

interface Telling {
  readonly piece: ReturnType<typeof text>;
  readonly shape: Shape;
  readonly hand: boolean;
  readonly named: Shaped['named'];
}

/** The cut of a box: how to mark it, how deep it is, and the thing it makes room for. */
export function boxCut(box: BoxCut, { piece, shape, hand, named }: Telling): LooseCut {
  const sizes = [box.along, box.across, box.through].flatMap(({ fromMm, toMm }) => [fromMm, toMm]);
  const { way, figureMm, said } = boxTold(box, shape);
  const code = way === 'housing' && hand ? 'further.hand.cutOut.housing' : (`further.cutOut.${way}` as const);
  const how = [message(code, { piece, ...said }), ...roomFor(box, named)];
  return { id: cutId(box.kind, ...sizes), kind: 'face', figure: length(figureMm), how };
}

/** A sentence that names the thing a cut makes room for. */
function roomFor({ room }: BoxCut, named: Telling['named']): Message[] {
  if (room === null) return [];
  if (room === 'skirting') return [message('further.room.skirting')];
  if (room === 'back-panel') return [message('further.room.backPanel')];
  const other = named(room);
  return other ? [message('further.room.piece', { other: text(other.label), name: nested(other.name) })] : [];
}

/** The cut of a slot that slides over hidden rails. */
export function slotCut({ backMm, sideMm, highMm, where }: SlotCut, piece: Telling['piece']): LooseCut {
  const said = { piece, deep: length(backMm), side: length(sideMm), high: length(highMm) };
  return {
    id: cutId('slot', backMm, sideMm, highMm),
    kind: 'face',
    figure: length(backMm),
    how: [message(`further.slot.${where}`, said)],
  };
}
