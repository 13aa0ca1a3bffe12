import type { Plan } from '../plan';
import { NO_SHELF } from '../system/system';
import type { Frame } from './elevation';
import type { Point, Role, Shape } from './scene';

/** Boards with what carries them, clear gaps, the level line and the pole. */
export function shelfShapes(plan: Plan, frame: Frame): Shape[] {
  const { left, right } = frame;
  const ofShelves = plan.parts.filter((part) => part.shelf !== NO_SHELF);
  const parts = ofShelves.flatMap((part): Shape[] => {
    const about = { is: 'shelf', shelf: part.shelf } as const;
    const { upFrom, upTo } = part.place;
    const box = (left: number, right: number, role: Role): Shape => ({
      is: 'polygon',
      role,
      about,
      points: [[left, upFrom], [right, upFrom], [right, upTo], [left, upTo]], // prettier-ignore
    });
    if (part.fit) {
      const { seat, backMm, left: l, right: r } = part.fit;
      const [start, stop] = [seat.acrossMm, seat.acrossMm + backMm];
      const role = part.role === 'board' || part.role === 'nosing' ? part.role : 'cleat';
      // A board is seen by its front edge; a piece on edge by its face.
      const [low, high] = part.role === 'board' ? [1, 1] : [0, 1];
      const at = (x: number, out: number, share: number, up: number): Point => [frame.across(x + out * share), up];
      const points = [
        at(start, -l.outMm, low, upFrom),
        at(stop, r.outMm, low, upFrom),
        at(stop, r.outMm, high, upTo),
        at(start, -l.outMm, high, upTo),
      ];
      return [{ is: 'polygon', role, about, points }];
    }
    const inward = part.role === 'side-cleat-left' ? 1 : -1;
    const face = frame.across(inward === 1 ? left : right);
    const edge = face + inward * part.thicknessMm;
    return [box(Math.min(face, edge), Math.max(face, edge), 'cleat')];
  });
  const drawn = new Set(plan.parts.map((part) => part.shelf));
  const bare = plan.shelves
    .filter((shelf) => !drawn.has(shelf.number))
    .map((shelf): Shape => ({
      is: 'polygon',
      role: 'stopped',
      about: { is: 'shelf', shelf: shelf.number },
      points: [
        [left, shelf.underside.mm],
        [right, shelf.underside.mm],
        [right, shelf.top.mm],
        [left, shelf.top.mm],
      ],
    }));
  const order: readonly Role[] = ['cleat', 'board', 'nosing'];
  const sorted = order.flatMap((role) => parts.filter((shape) => shape.role === role));
  return [...levelLineShapes(plan, frame), ...sorted, ...bare, ...gapShapes(plan, frame), ...poleShapes(plan, frame)];
}

function levelLineShapes(plan: Plan, frame: Frame): Shape[] {
  const up = plan.levelLineUpMm;
  if (up <= 0 || up >= frame.heightMm) return [];
  const end = poleAcross(frame) + frame.poleMm;
  return [{ is: 'path', role: 'level-line', points: [[frame.left, up], [end, up]] }]; // prettier-ignore
}

/** Clear gaps as dimension strings in the middle of the opening. */
function gapShapes(plan: Plan, { middleMm }: Frame): Shape[] {
  const topOf = (shelf: number | null) => plan.shelves.find((one) => one.number === shelf)?.top.mm ?? null;
  return plan.gaps
    .filter((gap) => gap.clear.mm > 0)
    .map((gap): Shape => {
      const upper = plan.shelves.find((one) => one.number === gap.above)?.underside.mm;
      const lower = topOf(gap.below) ?? (upper ?? 0) - gap.clear.mm;
      return {
        is: 'dimension',
        role: 'dimension',
        from: [middleMm, lower],
        to: [middleMm, lower + gap.clear.mm],
        mm: gap.clear.mm,
        share: 0.5,
      };
    });
}

const poleAcross = (frame: Frame) => frame.middleMm + frame.outerMm + frame.poleMm * 0.6;

/** The pole beside the opening: a stick stood on the floor mark with every shelf's top as a running dimension. */
function poleShapes(plan: Plan, frame: Frame): Shape[] {
  const left = poleAcross(frame);
  const right = left + frame.poleMm;
  const stick: Shape = {
    is: 'polygon',
    role: 'pole',
    points: [[left, 0], [right, 0], [right, frame.heightMm], [left, frame.heightMm]], // prettier-ignore
  };
  const marks = plan.shelves.flatMap((shelf): Shape[] => {
    const about = { is: 'shelf', shelf: shelf.number } as const;
    const { mm } = shelf.top;
    return [
      { is: 'path', role: 'floor-mark', points: [[left, mm], [right, mm]], about }, // prettier-ignore
      { is: 'label', role: 'dimension', at: [right + frame.poleMm * 0.3, mm], anchor: 'start', mm, about },
    ];
  });
  return [stick, ...marks];
}
