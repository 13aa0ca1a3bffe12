import { length, message, text } from '../message';
import type { Plan } from '../plan';
import { snapToTape, type Tape } from '../quantity';
import type { Blank } from '../stock';
import { outlinesOn } from '../stock/nest';
import { nodesOf, type CutNode, type Rect } from '../stock/sheets/layout';
import type { Point, Scene, Shape } from './scene';

/** What is drawn of a board or a sheet: a layout that is planned, or one that is being cut. */
export interface DrawnLayout {
  readonly item: { readonly lengthMm: number; readonly widthMm: number };
  readonly trimMm: number;
  readonly sheet: boolean;
  readonly tree: CutNode;
}

export interface LayoutSceneOptions {
  readonly blanks: readonly Pick<Blank, 'id' | 'label' | 'parts' | 'shiftMm' | 'widthMm'>[];
  /** The parts, where their shapes are drawn on their blanks. */
  readonly parts?: Plan['parts'];
  /** What is left is told down to a mark of this. */
  readonly tape: Tape;
  /** The piece that lies on the saw; everything else steps back. */
  readonly piece?: Rect;
  /** What the next cut gives. */
  readonly gives?: Rect;
  /** Blanks that are cut already. */
  readonly made?: ReadonlySet<string>;
}

/** A board is drawn at least so wide for its length: at its true scale it would be a line. */
const SLENDER = 1 / 9;

/**
 * A board or a sheet as it is cut: parts with their names, what is left, the kerfs between as wide as they are. Sheets
 * to scale; a slender board to scale along, and wider than it is.
 */
export function layoutScene(
  { item, trimMm, sheet, tree }: DrawnLayout,
  { blanks, parts = [], tape, piece, gives, made }: LayoutSceneOptions,
): Scene {
  const { lengthMm, widthMm } = item;
  const wider = Math.max(1, (lengthMm * SLENDER) / widthMm);
  const edge = sheet ? trimMm : 0;
  const at = (x: number, y: number): Point => [x + trimMm, (y + edge) * wider];
  const box = ({ xMm, yMm, lengthMm: l, widthMm: w }: Rect): Point[] => [
    at(xMm, yMm),
    at(xMm + l, yMm),
    at(xMm + l, yMm + w),
    at(xMm, yMm + w),
  ];
  const high = widthMm * wider;
  const nodes = nodesOf(tree);
  const shapes: Shape[] = [
    {
      is: 'polygon',
      role: 'waste',
      points: [
        [0, 0],
        [lengthMm, 0],
        [lengthMm, high],
        [0, high],
      ],
    },
    { is: 'polygon', role: 'kerf', points: box(tree) },
  ];
  for (const node of nodes) {
    if (node.is === 'cut') continue;
    const middle = at(node.xMm + node.lengthMm / 2, node.yMm + node.widthMm / 2);
    if (node.is === 'rest') {
      shapes.push({ is: 'polygon', role: 'rest', points: box(node) });
      if (node.lengthMm > lengthMm / 5 && node.widthMm * wider > high / 7)
        shapes.push({
          is: 'label',
          role: 'rest',
          at: middle,
          anchor: 'middle',
          words: message('figure.left', {
            long: length(snapToTape(node.lengthMm, tape, 'down')),
            wide: length(snapToTape(node.widthMm, tape, 'down')),
          }),
          withinMm: node.lengthMm,
        });
      continue;
    }
    const blank = blanks.find((one) => one.id === node.part);
    const about = { is: 'part', id: blank?.parts[0] ?? node.part } as const;
    shapes.push({ is: 'polygon', role: made?.has(node.part) ? 'rest' : 'board', points: box(node), about });
    const shapely = (blank?.parts ?? []).flatMap((id) => {
      const outline = parts.find((one) => one.id === id)?.corner?.outline;
      return outline ? [outline] : [];
    });
    const drawn = blank ? outlinesOn(shapely, blank) : [];
    for (const outline of drawn)
      shapes.push({
        is: 'path',
        role: 'cut-line',
        points: [...outline, outline[0]!].map(([x, y]) =>
          at(node.xMm + (node.turned ? y : x), node.yMm + (node.turned ? x : y)),
        ),
      });
    shapes.push({
      is: 'label',
      role: 'shelf-name',
      at: middle,
      anchor: 'middle',
      words: message('figure.piece', { label: text(blank?.label ?? node.part) }),
      about,
      withinMm: node.lengthMm,
    });
  }
  for (const node of nodes) {
    if (node.is !== 'cut' || !node.shop) continue;
    for (const one of node.pieces.slice(0, -1)) {
      const ends: Point[] =
        node.way === 'cross'
          ? [at(one.xMm + one.lengthMm, node.yMm), at(one.xMm + one.lengthMm, node.yMm + node.widthMm)]
          : [at(node.xMm, one.yMm + one.widthMm), at(node.xMm + node.lengthMm, one.yMm + one.widthMm)];
      shapes.push({ is: 'path', role: 'cut-line', points: ends });
    }
  }
  if (gives) shapes.push({ is: 'polygon', role: 'chosen', points: box(gives) });
  if (piece) shapes.push({ is: 'path', role: 'cut-line', points: [...box(piece), box(piece)[0]!] });
  const margin = Math.max(lengthMm * 0.03, high * 0.06);
  shapes.push({ is: 'dimension', role: 'dimension', from: [0, -margin], to: [lengthMm, -margin], mm: lengthMm });
  if (sheet) shapes.push({ is: 'dimension', role: 'dimension', from: [-margin, 0], to: [-margin, high], mm: widthMm });
  return {
    title: message('scene.layout', { long: length(lengthMm), wide: length(widthMm) }),
    bounds: {
      x: -margin * (sheet ? 3 : 1),
      y: -2.6 * margin,
      width: lengthMm + margin * (sheet ? 4 : 2),
      height: high + 3.6 * margin,
    },
    shapes,
  };
}

/** Where a piece sits in the elevation, drawn over it; null for one that is not there. For a drawing of true shape. */
export function pieceInElevation(plan: Plan, id: string): Shape | null {
  const part = plan.parts.find((one) => one.id === id);
  if (!part) return null;
  const { upFrom, upTo } = part.place;
  const { left, right } = plan.opening.extent;
  const side = part.role.endsWith('left')
    ? [left, left + 40]
    : part.role.endsWith('right')
      ? [right - 40, right]
      : [left, right];
  const [from, to] = part.across ? [part.across.fromMm, part.across.toMm] : (side as [number, number]);
  return {
    is: 'polygon',
    role: 'chosen',
    points: [
      [from, upFrom],
      [to, upFrom],
      [to, upTo],
      [from, upTo],
    ],
  };
}
