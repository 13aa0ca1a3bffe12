import { choice, length, message, nested, text, type Message } from '../../base/message';
import { cutId, type LooseCut, type Shaped } from './cut';
import { isWhole, type BoxCut, type Range, type Shape, type SlotCut } from './shape';

/** What a box is to the one who cuts it. */
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

/**
 * A box that is cut out of a piece, as it is told: where it is, in from which sides, and how deep. Each sentence takes
 * of this what it needs.
 */
export function boxTold(box: BoxCut, { sides }: Pick<Shape, 'sides'>) {
  const { along, across, through } = box;
  const way = wayOf(box);
  const right = way === 'corner' || way === 'edge';
  const counted = way === 'housing' || way === 'edge' || way === 'inward' || way === 'face';
  return {
    way,
    /** The figure that is read from a step away, millimetres. */
    figureMm: way === 'rebate' || way === 'edge' ? span(across) : way === 'corner' ? span(along) : along.fromMm,
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

/** What is cut out of a piece as a box: how it is marked, how deep it goes, and what it makes room for. */
export function boxCut(box: BoxCut, { piece, shape, hand, named }: Telling): LooseCut {
  const sizes = [box.along, box.across, box.through].flatMap(({ fromMm, toMm }) => [fromMm, toMm]);
  const { way, figureMm, said } = boxTold(box, shape);
  const code = way === 'housing' && hand ? 'further.hand.cutOut.housing' : (`further.cutOut.${way}` as const);
  const how = [message(code, { piece, ...said }), ...roomFor(box, named)];
  return { id: cutId(box.kind, ...sizes), kind: 'face', figure: length(figureMm), how };
}

/** What a cut makes room for, where that has a name. */
function roomFor({ room }: BoxCut, named: Telling['named']): Message[] {
  if (room === null) return [];
  if (room === 'skirting') return [message('further.room.skirting')];
  if (room === 'back-panel') return [message('further.room.backPanel')];
  const other = named(room);
  return other ? [message('further.room.piece', { other: text(other.label), name: nested(other.name) })] : [];
}

/** A slot that slides over hidden rails. */
export function slotCut({ backMm, sideMm, highMm, where }: SlotCut, piece: Telling['piece']): LooseCut {
  const said = { piece, deep: length(backMm), side: length(sideMm), high: length(highMm) };
  return {
    id: cutId('slot', backMm, sideMm, highMm),
    kind: 'face',
    figure: length(backMm),
    how: [message(`further.slot.${where}`, said)],
  };
}
