import type { OutlinePoint, Part } from '../fit';
import type { Fixing } from '../fixing';
import { liesFlat } from '../fixing/marks';
import { length, message, text, type Message } from '../message';
import { snapToTape, type Tape } from '../quantity';
import { templateOf, type Template, type TemplateMark } from './template';

/**
 * A piece at full size with the holes of one of its joints, on marks of the tape as the drilling sheet tells them. A
 * board is seen from above with its front at the foot, whichever side its screws are driven from; anything else with
 * the screw heads towards the person: a stick with its upper edge at the head, an upright lying with its lower end on
 * the left.
 * @returns null for a corner shelf, for pockets, and where something else than this piece is drilled
 */
export function screwTemplate(part: Part, fixing: Fixing, tape: Tape): Template | null {
  if (part.corner || fixing.screw.kind === 'pocket' || fixing.through.is !== 'piece' || fixing.through.id !== part.id)
    return null;
  const own = templateOf(part);
  const [long, wide] = [part.fit?.backMm ?? part.length.mm, fixing.edge ? part.thicknessMm : part.width.mm];
  const mark = (mm: number) => snapToTape(mm, tape, 'nearest');
  const flat = liesFlat(part);
  // Seen from the room, what is on the left wall has its rear on the right; so has a right side screwed from outside
  // it.
  const turned = (fixing.into.is === 'wall' && fixing.into.wall === 'left') || part.role === 'case-side-right';
  const at = (alongMm: number, acrossMm: number): OutlinePoint => {
    const [along, across] = [mark(alongMm), mark(acrossMm)];
    if (flat) return [along, across];
    if (part.upright) return [along, turned ? wide - across : across];
    return [turned ? long - along : along, wide - across];
  };
  const holes = fixing.holes.map((hole) => ({
    at: at(hole.alongMm, hole.acrossMm),
    diameterMm: fixing.sizes.clearanceMm,
  }));
  const sided = fixing.into.is === 'wall' && fixing.into.wall !== 'back' && !part.upright;
  const end = part.upright ? 'template.lowerEnd' : sided ? 'template.rearEnd' : 'template.leftEnd';
  const near = Math.min(30, long / 6);
  const plain: TemplateMark[] = [
    { at: [long / 2, wide / 2], words: message('template.piece', { label: text(part.label) }) },
    { at: [turned && !part.upright ? long - near : near, wide / 2], words: message(end) },
  ];
  const notes: Message[] = [
    message('template.drill', { clearance: length(fixing.sizes.clearanceMm), pilot: length(fixing.sizes.pilotMm) }),
    ...(fixing.heads ? [message('template.headsBelow')] : []),
  ];
  return {
    label: part.label,
    name: part.name,
    faceUp: own?.faceUp ?? message(flat ? 'template.topUp' : 'template.headsUp'),
    outline: own?.outline ?? [
      [0, 0],
      [long, 0],
      [long, wide],
      [0, wide],
    ],
    reference: own?.reference ?? [
      [0, flat || part.upright ? 0 : wide],
      [long, flat || part.upright ? 0 : wide],
    ],
    marks: own?.marks ?? plain,
    holes: [...(own?.holes ?? []), ...holes],
    notes,
  };
}
