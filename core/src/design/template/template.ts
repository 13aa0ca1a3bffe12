import type { CornerFit, Part, OutlinePoint } from '../fit';
import { choice, length, message, text, type Message } from '../../base/message';

/**
 * A piece at full size as plain data: what PDF, SVG and DXF draw. x to the right, y towards the person, millimetres;
 * seen with the face named in `faceUp` towards the person.
 */
export interface Template {
  /** What is pencilled on the piece. */
  readonly label: string;
  readonly name: Message;
  readonly faceUp: Message;
  /** The closed outline to cut to, each corner once. */
  readonly outline: readonly OutlinePoint[];
  /** The straight line it is marked from: the back edge, or the line along it. */
  readonly reference: readonly [OutlinePoint, OutlinePoint];
  readonly marks: readonly TemplateMark[];
  /** Lines to be marked, beside the outline. */
  readonly lines?: readonly (readonly [OutlinePoint, OutlinePoint])[];
  readonly holes?: readonly TemplateHole[];
  /** It stands upright: its pages follow one another from the top down. */
  readonly strip?: true;
  /** What to do beside following the line: bevels, what to leave on. */
  readonly notes: readonly Message[];
}

/** Words on a template, at a point. */
export interface TemplateMark {
  readonly at: OutlinePoint;
  readonly words: Message;
}

/** A hole to drill, millimetres. */
export interface TemplateHole {
  readonly at: OutlinePoint;
  readonly diameterMm: number;
}

/** The box about a template, millimetres. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The template of a piece; null for one that has no outline of its own. */
export function templateOf(part: Part): Template | null {
  const { fit, corner } = part;
  if (corner) return cornerTemplate(part, corner);
  if (!fit) return null;
  const xs = fit.outline.map(([x]) => x);
  const [from, to] = [Math.min(...xs), Math.max(...xs)];
  const face = Math.max(...fit.outline.map(([, y]) => y));
  const middle = (from + to) / 2;
  const flat = part.role === 'board';
  // A board is seen from above, its front at the foot; a piece on edge from the front, its upper edge at the head.
  const seen = ([x, y]: OutlinePoint): OutlinePoint => [x, flat ? y : face - y];
  const notes = (['left', 'right'] as const).flatMap((side): Message[] => {
    const end = fit[side];
    const sided = { side: choice(side) };
    return [
      ...(end.bevelDegrees > 0
        ? [message('template.bevel', { ...sided, angle: { kind: 'angle', degrees: end.bevelDegrees } })]
        : []),
      ...(end.allowanceMm > 0 ? [message('template.leaveOn', { ...sided, by: length(end.allowanceMm) })] : []),
    ];
  });
  const back = fit.back?.allowanceMm ?? 0;
  return {
    label: part.label,
    name: part.name,
    faceUp: message(flat ? 'template.topUp' : 'template.frontUp'),
    outline: fit.outline.map(seen),
    reference: [seen([0, 0]), seen([fit.backMm, 0])],
    marks: [
      {
        at: seen([middle, face - Math.min(30, face * 0.12)]),
        words: message(flat ? 'template.front' : 'template.upperEdge'),
      },
      { at: seen([middle, Math.min(30, face * 0.12)]), words: message(flat ? 'template.back' : 'template.lowerEdge') },
      { at: [middle, face / 2], words: message('template.piece', { label: text(part.label) }) },
    ],
    ...throughHoles(part, seen),
    notes: back > 0 ? [...notes, message('template.leaveOnBack', { by: length(back) })] : notes,
  };
}

/** Holes through a board, where a template has any. */
function throughHoles({ holes }: Part, seen: (point: OutlinePoint) => OutlinePoint): Pick<Template, 'holes'> {
  return holes ? { holes: holes.map(({ at, diameterMm }) => ({ at: seen(at), diameterMm })) } : {};
}

/** The template of a corner shelf: its two walls and its corner are named on it. */
function cornerTemplate(part: Part, { outline, backMm, sideMm, side, cutDegrees }: CornerFit): Template {
  const { label, name } = part;
  const inward = side === 'left' ? 1 : -1;
  const end: OutlinePoint = [inward * backMm, 0];
  return {
    label,
    name,
    faceUp: message('template.topUp'),
    outline,
    reference: [[0, 0], end],
    marks: [
      { at: [(inward * backMm) / 2, 10], words: message('template.alongBack') },
      { at: [inward * 60, sideMm / 2], words: message('template.alongSide') },
      { at: [(inward * backMm) / 4, sideMm / 4], words: message('template.piece', { label: text(label) }) },
    ],
    ...throughHoles(part, (point) => point),
    notes: [message('template.cornerAngle', { angle: { kind: 'angle', degrees: cutDegrees } })],
  };
}

/** The box about points, with so much about it. */
export function boxAbout(points: readonly OutlinePoint[], marginMm = 0): Box {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [x, y] = [Math.min(...xs) - marginMm, Math.min(...ys) - marginMm];
  return { x, y, width: Math.max(...xs) + marginMm - x, height: Math.max(...ys) + marginMm - y };
}
