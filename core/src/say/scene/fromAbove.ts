import type { Estimate } from '../../place/opening';
// Not from the stage's index: a drawing needs the outline as data, not the solver behind it.
import { sectionAt, type Outline, type WallSection } from '../../place/opening/outline';
import { SURE } from '../../place/survey/sure';
import type { FloorPoint } from '../../place/kinds/point';
import { clamp, exaggerateAcross } from './exaggerate';
import type { Point, Role, Shape } from './scene';

/** A sheet seen from above: the back wall at its top, the person at its foot. */
export interface AboveFrame {
  readonly left: number;
  readonly right: number;
  readonly marginMm: number;
  /** The edges of the sheet, with room for what is drawn too large: x of both sides, y of its top and its foot. */
  readonly edges: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };
  /** A point of a side wall, or of a piece that ends at one: its departure across is drawn too large. */
  readonly sheet: (at: FloorPoint) => Point;
  /** A point of the back or of the front line: its departure in or out is drawn too large. */
  readonly along: (at: FloorPoint) => Point;
}

/** The sheet of a section, with room for its walls. */
export function aboveFrame(outline: Outline, factor: number, frontMm: number): AboveFrame {
  const { left, right, depth } = outline.extent;
  const marginMm = Math.max(right - left, frontMm) * 0.05;
  const [mostAcross, mostOut] = [(right - left) * 0.2, depth * 0.4];
  const furthest = (walls: (one: WallSection) => readonly Estimate[] | null, nominal: number, most: number) => {
    const off = outline.sections.flatMap((section) =>
      (walls(section) ?? []).map((wall) => Math.abs(wall.mm - nominal) * factor),
    );
    return Math.min(Math.max(0, ...off), most);
  };
  const edges = {
    left: left - furthest((wallSection) => wallSection.left, left, mostAcross) - marginMm,
    right: right + furthest((wallSection) => wallSection.right, right, mostAcross) + marginMm,
    top: furthest((wallSection) => wallSection.back, 0, mostOut) + marginMm,
    bottom: -Math.max(depth + furthest((wallSection) => wallSection.front, depth, mostOut), frontMm) - marginMm,
  };
  // Near the back and near the front line departures are drawn as much too large as at the sides.
  const outOf = (y: number) => {
    if (Math.abs(y) < depth / 4) return clamp(y * factor, -mostOut, mostOut);
    return Math.abs(y - depth) < depth / 4 ? depth + clamp((y - depth) * factor, -mostOut, mostOut) : y;
  };
  const acrossOf = (x: number) => clamp(exaggerateAcross(x, left, right, factor), edges.left, edges.right);
  return {
    left,
    right,
    marginMm,
    edges,
    sheet: ({ across, out }) => [acrossOf(across), -out],
    along: ({ across, out }) => [across, clamp(-outOf(out), edges.bottom, edges.top)],
  };
}

/** Walls, front line and their uncertainty at a height, seen from above. */
export function wallsFromAbove(outline: Outline, upMm: number, frame: AboveFrame): Shape[] {
  const { nominal, outsMm, acrossesMm, extent } = outline;
  const section = sectionAt(outline, upMm);
  const { sheet, along } = frame;
  const two = section.left !== null && section.right !== null;
  const known = !two || nominal.measured.width;
  const role: Role = known ? 'wall' : 'wall-unknown';
  const { left: edgeLeft, right: edgeRight, top } = frame.edges;
  const shapes: Shape[] = [];
  for (const side of ['left', 'right'] as const) {
    const wall = section[side];
    if (!wall) continue;
    const outer = side === 'left' ? edgeLeft : edgeRight;
    const face = wall.map((estimate, i): Point => sheet({ across: estimate.mm, out: outsMm[i] as number }));
    const [back, front] = [0, -extent.depth];
    shapes.push({ kind: 'polygon', role, points: [...face, [outer, front], [outer, back]] });
    if (known) shapes.push(bandAlong(wall, (mm, i) => sheet({ across: mm, out: outsMm[i] as number })));
  }
  const back = section.back;
  if (back) {
    const face = back.map((estimate, i): Point => along({ across: acrossesMm[i] as number, out: estimate.mm }));
    const ends = [face[0] as Point, face.at(-1) as Point];
    shapes.push({
      kind: 'polygon',
      role: 'wall',
      points: [
        [edgeLeft, (ends[0] as Point)[1]],
        ...face,
        [edgeRight, (ends[1] as Point)[1]],
        [edgeRight, top],
        [edgeLeft, top],
      ],
    });
    shapes.push(bandAlong(back, (mm, i) => along({ across: acrossesMm[i] as number, out: mm })));
  }
  if (section.front) {
    const line = section.front.map((estimate, i): Point =>
      along({ across: acrossesMm[i] as number, out: estimate.mm }),
    );
    shapes.push({ kind: 'path', role: 'wall-behind', points: line });
  }
  return shapes;
}

/** How surely a wall is known, either side of it. */
function bandAlong(wall: readonly Estimate[], sheet: (mm: number, index: number) => Point): Shape {
  const edge = (sign: 1 | -1) => wall.map((estimate, i): Point => sheet(estimate.mm + sign * SURE * estimate.sdMm, i));
  return { kind: 'polygon', role: 'uncertain-band', points: [...edge(1), ...edge(-1).reverse()] };
}
