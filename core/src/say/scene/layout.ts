import { length, message, text } from '../../base/message';
import type { Plan } from '../../plan';
import { snapToTape, type Tape } from '../../base/quantity';
import type { Blank } from '../../work/stock';
import { outlinesOn } from '../../work/stock/nest';
import { nodesOf, type CutNode, type Rect } from '../../work/stock/sheets/layout';
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

/** Maps a layout to its drawing. */
interface Sheet {
  readonly lengthMm: number;
  /** Width of the board as drawn. */
  readonly highMm: number;
  readonly wider: number;
  readonly at: (x: number, y: number) => Point;
  readonly box: (rect: Rect) => Point[];
}

function sheetOf({ item, trimMm, sheet }: DrawnLayout): Sheet {
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
  return { lengthMm, highMm: widthMm * wider, wider, at, box };
}

type PartNode = Extract<CutNode, { kind: 'part' }>;

const middleOf = ({ xMm, yMm, lengthMm, widthMm }: Rect, { at }: Sheet): Point =>
  at(xMm + lengthMm / 2, yMm + widthMm / 2);

/** Draws a rest, with its size when there is room. */
function restShapes(rest: Rect, sheet: Sheet, tape: Tape): Shape[] {
  const filled: Shape = { kind: 'polygon', role: 'rest', points: sheet.box(rest) };
  const roomy = rest.lengthMm > sheet.lengthMm / 5 && rest.widthMm * sheet.wider > sheet.highMm / 7;
  if (!roomy) return [filled];
  const size = {
    long: length(snapToTape(rest.lengthMm, tape, 'down')),
    wide: length(snapToTape(rest.widthMm, tape, 'down')),
  };
  return [
    filled,
    {
      kind: 'label',
      role: 'rest',
      at: middleOf(rest, sheet),
      anchor: 'middle',
      words: message('figure.left', size),
      withinMm: rest.lengthMm,
    },
  ];
}

/** A blank with the shapes of its parts and its name. */
function partShapes(node: PartNode, sheet: Sheet, { blanks, parts = [], made }: LayoutSceneOptions): Shape[] {
  const blank = blanks.find(({ id }) => id === node.part);
  const about = { kind: 'part', id: blank?.parts[0] ?? node.part } as const;
  const outlines = (blank?.parts ?? []).flatMap((id) => {
    const outline = parts.find((part) => part.id === id)?.corner?.outline;
    return outline ? [outline] : [];
  });
  const cuts = (blank ? outlinesOn(outlines, blank) : []).map((outline): Shape => ({
    kind: 'path',
    role: 'cut-line',
    points: [...outline, outline[0]!].map(([x, y]) =>
      sheet.at(node.xMm + (node.turned ? y : x), node.yMm + (node.turned ? x : y)),
    ),
  }));
  return [
    { kind: 'polygon', role: made?.has(node.part) ? 'rest' : 'board', points: sheet.box(node), about },
    ...cuts,
    {
      kind: 'label',
      role: 'shelf-name',
      at: middleOf(node, sheet),
      anchor: 'middle',
      words: message('figure.piece', { label: text(blank?.label ?? node.part) }),
      about,
      withinMm: node.lengthMm,
    },
  ];
}

/** Lines for the cuts the shop makes. */
function shopCuts(node: CutNode, { at }: Sheet): Shape[] {
  if (node.kind !== 'cut' || !node.shop) return [];
  return node.pieces.slice(0, -1).map((piece): Shape => {
    const [x, y] = [piece.xMm + piece.lengthMm, piece.yMm + piece.widthMm];
    const points =
      node.way === 'cross'
        ? [at(x, node.yMm), at(x, node.yMm + node.widthMm)]
        : [at(node.xMm, y), at(node.xMm + node.lengthMm, y)];
    return { kind: 'path', role: 'cut-line', points };
  });
}

const rectangle = (long: number, high: number): Point[] => [
  [0, 0],
  [long, 0],
  [long, high],
  [0, high],
];

/**
 * A board or a sheet as it is cut: parts with their names, what is left, the kerfs between as wide as they are. Sheets
 * to scale; a slender board to scale along, and wider than it is.
 */
export function layoutScene(layout: DrawnLayout, options: LayoutSceneOptions): Scene {
  const { lengthMm, widthMm } = layout.item;
  const sheet = sheetOf(layout);
  const { highMm, box } = sheet;
  const nodes = nodesOf(layout.tree);
  const { piece, gives } = options;
  const margin = Math.max(lengthMm * 0.03, highMm * 0.06);
  const dimensions: Shape[] = [
    { kind: 'dimension', role: 'dimension', from: [0, -margin], to: [lengthMm, -margin], mm: lengthMm },
  ];
  if (layout.sheet)
    dimensions.push({ kind: 'dimension', role: 'dimension', from: [-margin, 0], to: [-margin, highMm], mm: widthMm });
  const shapes: Shape[] = [
    { kind: 'polygon', role: 'waste', points: rectangle(lengthMm, highMm) },
    { kind: 'polygon', role: 'kerf', points: box(layout.tree) },
    ...nodes.flatMap((node) => {
      if (node.kind === 'cut') return [];
      return node.kind === 'rest' ? restShapes(node, sheet, options.tape) : partShapes(node, sheet, options);
    }),
    ...nodes.flatMap((node) => shopCuts(node, sheet)),
  ];
  if (gives) shapes.push({ kind: 'polygon', role: 'chosen', points: box(gives) });
  if (piece) shapes.push({ kind: 'path', role: 'cut-line', points: [...box(piece), box(piece)[0]!] });
  return {
    title: message('scene.layout', { long: length(lengthMm), wide: length(widthMm) }),
    bounds: {
      x: -margin * (layout.sheet ? 3 : 1),
      y: -2.6 * margin,
      width: lengthMm + margin * (layout.sheet ? 4 : 2),
      height: highMm + 3.6 * margin,
    },
    shapes: [...shapes, ...dimensions],
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
    kind: 'polygon',
    role: 'chosen',
    points: [
      [from, upFrom],
      [to, upFrom],
      [to, upTo],
      [from, upTo],
    ],
  };
}
