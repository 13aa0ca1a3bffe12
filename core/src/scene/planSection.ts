import { count, message } from '../message';
import type { Plan } from '../plan';
import type { Exaggeration } from './exaggerate';
import { aboveFrame, wallsFromAbove } from './fromAbove';
import type { Point, Role, Scene, Shape } from './scene';

/** One shelf from above, the back wall at the top of the sheet: walls at its height, cleats, board, nosing. */
export function planSectionScene(plan: Plan, shelfNumber: number, exaggeration: Exaggeration): Scene {
  const { extent } = plan.opening;
  const parts = plan.parts.filter((part) => part.shelf === shelfNumber);
  const board = parts.find((part) => part.role === 'board');
  const front = Math.max(extent.depth, ...parts.map((part) => part.place.outTo));
  const frame = aboveFrame(plan.opening, exaggeration, front);
  const { marginMm: margin, sheet, left, right } = frame;
  const mid = (left + right) / 2;
  const up = board?.place.upTo ?? plan.shelves.find((one) => one.number === shelfNumber)?.top.mm ?? 0;
  const box = (from: number, to: number, outFrom: number, outTo: number, role: Role): Shape => ({
    is: 'polygon',
    role,
    about: { is: 'shelf', shelf: shelfNumber },
    points: [sheet(from, outFrom), sheet(to, outFrom), sheet(to, outTo), sheet(from, outTo)],
  });
  const pieces = parts.flatMap((part): Shape[] => {
    const { outFrom, outTo } = part.place;
    const half = part.length.mm / 2;
    if (part.role === 'board') return [box(mid - half, mid + half, outFrom, outTo, 'board')];
    if (part.role === 'nosing') return [box(mid - half, mid + half, outFrom, outTo, 'nosing')];
    if (part.role === 'back-cleat') return [box(mid - half, mid + half, outFrom, outTo, 'cleat-below')];
    const [from, to] =
      part.role === 'side-cleat-left' ? [left, left + part.thicknessMm] : [right - part.thicknessMm, right];
    return [box(from, to, outFrom, outFrom + part.length.mm, 'cleat-below')];
  });
  const sideCleat = parts.find((part) => part.role === 'side-cleat-left');
  const order: readonly Role[] = ['board', 'nosing', 'cleat-below'];
  return {
    title: message('scene.planSection', { shelf: count(shelfNumber) }),
    bounds: {
      x: frame.edges.left,
      y: -front - margin * 2.6,
      width: frame.edges.right - frame.edges.left,
      height: front + margin * 2.6 + frame.edges.top,
    },
    shapes: [
      ...wallsFromAbove(plan.opening, up, frame),
      ...order.flatMap((role) => pieces.filter((shape) => shape.role === role)),
      ...(board
        ? [
            string(
              sheet(mid - board.length.mm / 2, front + margin * 1.1),
              sheet(mid + board.length.mm / 2, front + margin * 1.1),
              board.length.mm,
            ),
          ]
        : []),
      ...(sideCleat
        ? [
            string(
              [left + sideCleat.thicknessMm * 3 + margin, -sideCleat.place.outFrom],
              [left + sideCleat.thicknessMm * 3 + margin, -sideCleat.place.outFrom - sideCleat.length.mm],
              sideCleat.length.mm,
            ),
          ]
        : []),
      ...(board ? [string([(mid + right) / 2, 0], [(mid + right) / 2, -board.width.mm], board.width.mm)] : []),
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
