import type { OutlinePoint, Part } from '../fit';
import type { Fixing } from '../fixing';
import { length, message, text, type Message } from '../message';
import { snapToTape, type Tape } from '../quantity';
import { templateOf, type Template, type TemplateMark } from './template';

/**
 * A piece at full size with the holes of one of its joints, on marks of the tape as the drilling sheet tells them, seen
 * with the screw heads towards the person. A board has its own outline, its front at the foot; a stick its upper edge
 * at the head; an upright lies with its lower end on the left.
 * @returns null for a corner shelf, and where something else than this piece is drilled
 */
export function screwTemplate(part: Part, fixing: Fixing, tape: Tape): Template | null {
  if (part.corner || fixing.through.is !== 'piece' || fixing.through.id !== part.id) return null;
  const own = templateOf(part);
  const [long, wide] = [part.fit?.backMm ?? part.length.mm, fixing.edge ? part.thicknessMm : part.width.mm];
  const mark = (mm: number) => snapToTape(mm, tape, 'nearest');
  const onEdge = part.role !== 'board' && !part.upright;
  const at = (alongMm: number, acrossMm: number): OutlinePoint => [mark(alongMm), onEdge ? wide - mark(acrossMm) : mark(acrossMm)];
  const holes = fixing.holes.map((hole) => ({ at: at(hole.alongMm, hole.acrossMm), diameterMm: fixing.sizes.clearanceMm }));
  const notes: Message[] = [message('template.drill', { clearance: length(fixing.sizes.clearanceMm), pilot: length(fixing.sizes.pilotMm) })];
  const plain: TemplateMark[] = [
    { at: [long / 2, wide / 2], words: message('template.piece', { label: text(part.label) }) },
    { at: [Math.min(30, long / 6), wide / 2], words: message(part.upright ? 'template.lowerEnd' : 'template.leftEnd') },
  ];
  return {
    label: part.label,
    name: part.name,
    faceUp: message('template.headsUp'),
    outline: own?.outline ?? [[0, 0], [long, 0], [long, wide], [0, wide]],
    reference: own?.reference ?? [[0, onEdge ? wide : 0], [long, onEdge ? wide : 0]],
    marks: own ? own.marks : plain,
    holes: [...(own?.holes ?? []), ...holes],
    notes,
  };
} // prettier-ignore
