import type { Hole } from '../../design/fixing';
import type { Plan } from '../../plan';
import { NO_SHELF } from '../../design/system/system';
import type { Point, Role, Shape } from './scene';

type Piece = Plan['parts'][number];

/** How a piece is drawn by what it is for. */
export function roleOfPart({ role }: Pick<Piece, 'role'>): Role {
  switch (role) {
    case 'board':
    case 'skin':
    case 'slat':
    case 'mesh':
    case 'divider':
    case 'case-top':
    case 'case-bottom':
    case 'box-end':
      return 'board';
    case 'back-panel':
      return 'trim';
    case 'nosing':
    case 'stop-strip':
      return 'nosing';
    default:
      return 'cleat';
  }
}

const ROUND = 24;

/** A hole through a board, seen from above: `sheet` is where the board's points come to lie on the drawing. */
export function holeShapes(
  { holes = [], shelf }: Pick<Piece, 'holes' | 'shelf'>,
  sheet: (point: readonly [number, number]) => Point,
): Shape[] {
  return holes.map(({ at: [x, y], diameterMm }) => ({
    kind: 'polygon',
    role: 'hole-through',
    about: { kind: 'shelf', shelf },
    points: Array.from({ length: ROUND }, (_, i) => {
      const turn = (2 * Math.PI * i) / ROUND;
      return sheet([x + (diameterMm / 2) * Math.cos(turn), y + (diameterMm / 2) * Math.sin(turn)]);
    }),
  }));
}

/** Screws into the walls as they are seen from the front, and what they bite into by their role. */
export function screwShapes(plan: Plan): Shape[] {
  const { left, right } = plan.opening.extent;
  return plan.fixings.flatMap((fixing) => {
    const wall =
      fixing.into.kind === 'wall' ? fixing.into.wall : fixing.through.kind === 'wall' ? fixing.through.wall : null;
    if (!wall) return [];
    const about = fixing.shelf === NO_SHELF ? {} : { about: { kind: 'shelf', shelf: fixing.shelf } as const };
    return fixing.holes.flatMap((hole): Shape[] => {
      if (!hole.spot) return [];
      const x = wall === 'back' ? left + hole.spot.alongMm : wall === 'left' ? left : right;
      return [{ kind: 'dot', at: [x, hole.spot.upMm], role: screwRole(hole), ...about }];
    });
  });
}

/** Whether a screw finds something to bite into, or hangs on an anchor. */
export const screwRole = ({ into }: Pick<Hole, 'into'>): Role => (into === 'anchor' ? 'screw-anchor' : 'screw');
