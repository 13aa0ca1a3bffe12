import { count, message } from '../message';
import type { Plan } from '../plan';
import { exaggerateAcross, type Exaggeration } from './exaggerate';
import type { Point, Role, Scene, Shape } from './scene';

/** One shelf from above, the back wall at the top of the sheet: walls at its height, cleats, board, nosing. */
export function planSectionScene(plan: Plan, shelfNumber: number, exaggeration: Exaggeration): Scene {
  const { nominal } = plan.opening;
  const halfMm = nominal.widthMm / 2;
  const across = (x: number) => exaggerateAcross(x, halfMm, exaggeration);
  const parts = plan.parts.filter((part) => part.shelf === shelfNumber);
  const board = parts.find((part) => part.role === 'board');
  const front = Math.max(nominal.depthMm, ...parts.map((part) => part.place.outTo));
  const margin = Math.max(nominal.widthMm, front) * 0.05;
  // On this sheet y runs up and the room's y (out from the back) runs down.
  const sheet = (x: number, out: number): Point => [across(x), -out];
  const box = (left: number, right: number, outFrom: number, outTo: number, role: Role): Shape => ({
    is: 'polygon',
    role,
    about: { is: 'shelf', shelf: shelfNumber },
    points: [sheet(left, outFrom), sheet(right, outFrom), sheet(right, outTo), sheet(left, outTo)],
  });
  const pieces = parts.flatMap((part): Shape[] => {
    const { outFrom, outTo } = part.place;
    const half = part.length.mm / 2;
    if (part.role === 'board') return [box(-half, half, outFrom, outTo, 'board')];
    if (part.role === 'nosing') return [box(-half, half, outFrom, outTo, 'nosing')];
    if (part.role === 'back-cleat') return [box(-half, half, outFrom, outTo, 'cleat-below')];
    const wall = part.role === 'side-cleat-left' ? -1 : 1;
    const ends = [wall * halfMm, wall * (halfMm - part.thicknessMm)].sort((a, b) => a - b) as [number, number];
    return [box(ends[0], ends[1], outFrom, outFrom + part.length.mm, 'cleat-below')];
  });
  const sideCleat = parts.find((part) => part.role === 'side-cleat-left');
  const order: readonly Role[] = ['board', 'nosing', 'cleat-below'];
  return {
    title: message('scene.planSection', { shelf: count(shelfNumber) }),
    bounds: {
      x: -halfMm - margin,
      y: -front - margin * 2.6,
      width: 2 * (halfMm + margin),
      height: front + margin * 3.6,
    },
    shapes: [
      ...wallsFromAbove(plan, board?.place.upTo ?? 0, halfMm, margin, front, sheet),
      ...order.flatMap((role) => pieces.filter((shape) => shape.role === role)),
      ...(board
        ? [
            string(
              sheet(-board.length.mm / 2, front + margin * 1.1),
              sheet(board.length.mm / 2, front + margin * 1.1),
              board.length.mm,
            ),
          ]
        : []),
      ...(sideCleat
        ? [
            string(
              [-halfMm + sideCleat.thicknessMm * 3 + margin, -sideCleat.place.outFrom],
              [-halfMm + sideCleat.thicknessMm * 3 + margin, -sideCleat.place.outFrom - sideCleat.length.mm],
              sideCleat.length.mm,
            ),
          ]
        : []),
      ...(board ? [string([halfMm / 2, 0], [halfMm / 2, -board.width.mm], board.width.mm)] : []),
    ],
  };
}

const string = (from: Point, to: Point, mm: number): Shape => ({
  is: 'dimension',
  role: 'dimension',
  from,
  to,
  mm,
  share: 0.5,
});

function wallsFromAbove(
  plan: Plan,
  up: number,
  halfMm: number,
  margin: number,
  front: number,
  sheet: (x: number, out: number) => Point,
): Shape[] {
  const { nominal } = plan.opening;
  const role: Role = nominal.measured.width ? 'wall' : 'wall-unknown';
  const sides = (['left', 'right'] as const).map((side): Shape => {
    const sign = side === 'left' ? -1 : 1;
    const stations = plan.opening[side];
    const nearest = stations.reduce((best, one) => (Math.abs(one.upMm - up) < Math.abs(best.upMm - up) ? one : best));
    const outer = sign * (halfMm + margin);
    return {
      is: 'polygon',
      role,
      points: [
        sheet(nearest.back.mm, 0),
        sheet(nearest.front.mm, nominal.depthMm),
        [outer, -nominal.depthMm],
        [outer, 0],
      ],
    };
  });
  const edge = halfMm + margin;
  const back: Shape = {
    is: 'polygon',
    role: nominal.measured.depth ? 'wall' : 'wall-unknown',
    points: [[-edge, 0], [edge, 0], [edge, margin], [-edge, margin]], // prettier-ignore
  };
  const frontLine: Shape = {
    is: 'path',
    role: 'wall-behind',
    points: [[-halfMm, -nominal.depthMm], [halfMm, -nominal.depthMm]], // prettier-ignore
  };
  return front > 0 ? [...sides, back, frontLine] : [...sides, back];
}
