import type { OutlinePoint, Part } from '../fit';
import type { Fixing } from '../fixing';
import { liesFlat } from '../fixing/marks';
import { length, message, text } from '../../base/message';
import { snapToTape, type Tape } from '../../base/quantity';
import { templateOf, type Template } from './template';

/**
 * A piece at full size with the holes of one of its joints, on marks of the tape as the drilling sheet tells them. A
 * board is seen from above with its front at the foot, whichever side its screws are driven from; anything else with
 * the screw heads towards the person: a stick with its upper edge at the head, an upright lying with its lower end on
 * the left.
 * @returns null for a corner shelf, for pockets, and where something else than this piece is drilled
 */
export function screwTemplate(part: Part, fixing: Fixing, tape: Tape): Template | null {
  if (part.corner || fixing.screw.kind === 'pocket' || fixing.through.kind !== 'piece' || fixing.through.id !== part.id)
    return null;
  const own = templateOf(part);
  const lies = lyingOf(part, fixing);
  const { clearanceMm, pilotMm } = fixing.sizes;
  const holes = fixing.holes.map(({ alongMm, acrossMm }) => ({
    at: pointOn(lies, snapToTape(alongMm, tape, 'nearest'), snapToTape(acrossMm, tape, 'nearest')),
    diameterMm: clearanceMm,
  }));
  const plain = plainSheet(part, fixing, lies);
  return {
    label: part.label,
    name: part.name,
    faceUp: own?.faceUp ?? plain.faceUp,
    outline: own?.outline ?? plain.outline,
    reference: own?.reference ?? plain.reference,
    marks: own?.marks ?? plain.marks,
    holes: [...(own?.holes ?? []), ...holes],
    notes: [
      message('template.drill', { clearance: length(clearanceMm), pilot: length(pilotMm) }),
      ...(fixing.heads ? [message('template.headsBelow')] : []),
    ],
  };
}

/** Position of a piece on its sheet. Millimetres. */
interface Lying {
  readonly long: number;
  readonly wide: number;
  readonly flat: boolean;
  readonly upright: boolean;
  readonly turned: boolean;
}

function lyingOf(part: Part, { edge, into }: Fixing): Lying {
  return {
    long: part.fit?.backMm ?? part.length.mm,
    wide: edge ? part.thicknessMm : part.width.mm,
    flat: liesFlat(part),
    upright: part.upright ?? false,
    // Seen from the room, what is on the left wall has its rear on the right; so has a right side screwed from outside
    // it.
    turned: (into.kind === 'wall' && into.wall === 'left') || part.role === 'case-side-right',
  };
}

/** Maps a place on the piece to the sheet. */
function pointOn({ long, wide, flat, upright, turned }: Lying, along: number, across: number): OutlinePoint {
  if (flat) return [along, across];
  if (upright) return [along, turned ? wide - across : across];
  return [turned ? long - along : along, wide - across];
}

/** Sheet for a piece without a template: a rectangle with the piece's name and one end. */
function plainSheet(
  { label }: Part,
  { into }: Fixing,
  { long, wide, flat, upright, turned }: Lying,
): Pick<Template, 'faceUp' | 'outline' | 'reference' | 'marks'> {
  const sided = into.kind === 'wall' && into.wall !== 'back' && !upright;
  const end = upright ? 'template.lowerEnd' : sided ? 'template.rearEnd' : 'template.leftEnd';
  const near = Math.min(30, long / 6);
  const foot = flat || upright ? 0 : wide;
  return {
    faceUp: message(flat ? 'template.topUp' : 'template.headsUp'),
    outline: [
      [0, 0],
      [long, 0],
      [long, wide],
      [0, wide],
    ],
    reference: [
      [0, foot],
      [long, foot],
    ],
    marks: [
      { at: [long / 2, wide / 2], words: message('template.piece', { label: text(label) }) },
      { at: [turned && !upright ? long - near : near, wide / 2], words: message(end) },
    ],
  };
}
