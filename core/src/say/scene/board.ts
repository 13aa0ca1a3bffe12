import { about, count, message } from '../../base/message';
// Not from the stage's index: a drawing needs the figure, not the solver behind it.
import { HIDDEN_MM } from '../../place/opening/hidden';
import { outerCorners } from '../../design/body/corners';
import type { Solid } from '../../design/body/solid';
import { dot, unit, type Vector } from '../../design/body/vector';
import type { Plan } from '../../plan';
import { clamp, type Exaggeration } from './exaggerate';
import { holeShapes } from './pieces';
import { hullOf } from './hull';
import { BESIDE_MM } from './seenInPlace';
import type { Point, Role, Scene, Shape } from './scene';

/** However large departures are drawn, a wall takes no more of the sheet than this share of the board's length. */
const MOST_REACH = 0.2;

type Part = Plan['parts'][number];
type Fit = NonNullable<Part['fit']>;

/**
 * One board from above in its place: walls at its own height with their uncertainty, its true outline, and the gaps at
 * its ends with their figures. Departures from square are drawn so many times too large; figures are true.
 * @returns null where there is no such board
 */
export function boardScene(plan: Plan, shelfNumber: number, factor: Exaggeration): Scene | null {
  const part = plan.parts.find((one) => one.shelf === shelfNumber && one.role === 'board');
  if (!part?.fit) return null;
  const { fit } = part;
  const deep = part.place.outTo - part.place.outFrom;
  const front = Math.max(deep, ...plan.parts.filter((one) => one.shelf === shelfNumber).map((one) => one.place.outTo));
  const frame = frameOf(fit, factor, deep);
  const shelf = { kind: 'shelf', shelf: shelfNumber } as const;
  return {
    title: message('scene.board', { shelf: count(shelfNumber) }),
    bounds: {
      x: frame.edges.left,
      y: -front - frame.marginMm * 3.2,
      width: frame.edges.right - frame.edges.left,
      height: front + frame.marginMm * 3.2 + frame.edges.top,
    },
    shapes: [
      ...wallShapes(fit, frame, front),
      ...gapShapes(fit, frame),
      { kind: 'polygon', role: 'board', about: shelf, points: outlineIn(fit).map(frame.sheet) },
      ...supportShapes(plan, part, fit, frame),
      // A hole is no departure: it is drawn round, where it is.
      ...holeShapes(part, ([x, y]) => [fit.seat.acrossMm + x, -y]),
      ...figures(fit, frame, deep, front),
    ],
  };
}

interface BoardFrame {
  readonly marginMm: number;
  readonly edges: { readonly left: number; readonly right: number; readonly top: number };
  readonly sheet: (point: readonly [number, number]) => Point;
}

function frameOf({ walls, outline, seat }: Fit, factor: number, deep: number): BoardFrame {
  const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
  const [left, right] = [mean(walls.left), mean(walls.right)];
  const long = right - left;
  const marginMm = Math.max(long, deep) * 0.05;
  const most = long * MOST_REACH;
  const reach = (wall: readonly number[], nominal: number) =>
    Math.min(Math.max(...wall.map((x) => Math.abs(x - nominal) * factor)), most);
  const backs = [...walls.back.map((y) => Math.abs(y - seat.outMm)), ...outline.map(([, y]) => (y < 0 ? -y : 0))];
  const top = Math.min(Math.max(0, ...backs) * factor, deep * 0.5) + marginMm;
  const across = (x: number) => {
    const nominal = x < (left + right) / 2 ? left : right;
    return Math.abs(x - nominal) < long / 4 ? nominal + clamp((x - nominal) * factor, -most, most) : x;
  };
  // Near its back line the departure of the back is drawn as much too large.
  const out = (y: number) =>
    y - seat.outMm < deep / 4 ? clamp((y - seat.outMm) * factor, -top + marginMm, deep / 4) : y - seat.outMm;
  return {
    marginMm,
    edges: {
      left: left - reach(walls.left, left) - 2 * marginMm,
      right: right + reach(walls.right, right) + 2 * marginMm,
      top,
    },
    sheet: ([x, y]) => [across(x), -out(y)],
  };
}

/** The outline where it lies in the opening. */
function outlineIn({ outline, seat }: Fit): [number, number][] {
  return outline.map(([x, y]) => [seat.acrossMm + x, seat.outMm + y]);
}

function wallShapes({ walls, seat }: Fit, { sheet, edges, marginMm }: BoardFrame, deep: number): Shape[] {
  const sides = (['left', 'right'] as const).flatMap((side): Shape[] => {
    const outer = edges[side];
    const sure = side === 'left' ? walls.leftSure : walls.rightSure;
    const at = (by: number) =>
      walls[side].map((x, i) => sheet([x + by * (sure[i] as number), seat.outMm + (walls.ps[i] as number)]));
    const face = at(0);
    const [foot, head] = [face.at(-1) as Point, face[0] as Point];
    const on: Point[] = [
      [foot[0], -deep - marginMm],
      [outer, -deep - marginMm],
      [outer, edges.top],
      [head[0], edges.top],
    ];
    return [
      { kind: 'polygon', role: 'wall', points: [...face, ...on] },
      { kind: 'polygon', role: 'uncertain-band', points: [...at(1), ...at(-1).reverse()] },
    ];
  });
  if (walls.back.length === 0) return sides;
  const back = walls.back.map((y, i): Point =>
    sheet([walls.acrosses[i] as number, y - seat.askew * (walls.acrosses[i] as number)]),
  );
  const wide: Point[] = [
    [edges.right, (back.at(-1) as Point)[1]],
    [edges.right, edges.top],
    [edges.left, edges.top],
    [edges.left, (back[0] as Point)[1]],
  ];
  return [{ kind: 'polygon', role: 'wall', points: [...back, ...wide] }, ...sides];
}

/** What carries the board and hides its front edge, seen from above, dashed where it lies under it. */
function supportShapes({ body }: Plan, board: Part, fit: Fit, { sheet }: BoardFrame): Shape[] {
  const about = { kind: 'shelf', shelf: board.shelf } as const;
  const [right, front] = turnedTo(fit.seat.askew);
  const drawn = ([x, y]: Vector): Point => {
    const from: Vector = [x, y - fit.seat.outMm, 0];
    const [across, out] = [dot(from, right), dot(from, front)];
    // Only where walls and ends are is exaggerated: how thick and how deep a stick is, is true.
    const wall = [wallAt(fit, 'left', out), wallAt(fit, 'right', out)].find((mm) => Math.abs(across - mm) < BESIDE_MM);
    return [wall === undefined ? across : across + sheet([wall, fit.seat.outMm + out])[0] - wall, -out];
  };
  const seen = (solid: Solid, role: Role): Shape => ({
    kind: 'polygon',
    role,
    about,
    points: hullOf(outerCorners(solid).map(drawn)),
  });
  return [
    ...body.pieces
      .filter(({ id, shelf, role }) => shelf === board.shelf && id !== board.id && role !== 'divider')
      .map(({ role, solid }) => seen(solid, role === 'nosing' ? 'nosing' : 'cleat-below')),
    ...body.fittings
      .filter(({ shelf, what }) => shelf === board.shelf && what === 'bracket')
      .map(({ solid }) => seen(solid, 'cleat-below')),
  ];
}

/** Across and out of a board whose back runs so far askew, in the frame of the opening. */
const turnedTo = (askew: number): readonly [Vector, Vector] => [unit([1, askew, 0]), unit([-askew, 1, 0])];

/** Where an end wall is at a distance from the back edge. Millimetres. */
function wallAt({ walls }: Fit, side: 'left' | 'right', out: number): number {
  const { ps } = walls;
  const beyond = ps.findIndex((p) => p >= out);
  const next = beyond === -1 ? ps.length - 1 : Math.max(beyond, 1);
  const [from, to] = [ps[next - 1] as number, ps[next] as number];
  const share = to > from ? Math.min(Math.max((out - from) / (to - from), 0), 1) : 0;
  const [a, b] = [walls[side][next - 1] as number, walls[side][next] as number];
  return a + share * (b - a);
}

/** The gap at each end as a surface: whether caulk hides it is told by how it is inked, and by its figure. */
function gapShapes({ walls, gaps, seat, outline }: Fit, { sheet }: BoardFrame): Shape[] {
  const face = Math.max(...outline.map(([, y]) => y));
  return (['left', 'right'] as const).map((end): Shape => {
    const wall = walls[end].map((x, i) => sheet([x, seat.outMm + (walls.ps[i] as number)]));
    const middle = (Math.min(...outline.map(([x]) => x)) + Math.max(...outline.map(([x]) => x))) / 2;
    const board = outline
      .filter(([x, y]) => (end === 'left' ? x < middle : x > middle) && (y >= 0 || Math.abs(y) < face / 4))
      .sort((a, b) => b[1] - a[1])
      .map(([x, y]) => sheet([seat.acrossMm + x, seat.outMm + y]));
    return {
      kind: 'polygon',
      role: roleOf(Math.max(...gaps.filter((gap) => gap.end === end).map((gap) => gap.mm))),
      points: [...wall, ...board],
    };
  });
}

const roleOf = (mm: number): Role => (mm > HIDDEN_MM ? 'gap-seen' : 'gap-hidden');

/** Lengths along back and front, what each end runs out, and the gaps at the corners. */
function figures(
  { seat, backMm, frontMm, left, right, gaps, walls }: Fit,
  { sheet, marginMm }: BoardFrame,
  deep: number,
  foremost: number,
): Shape[] {
  const x = seat.acrossMm;
  const string = (from: Point, to: Point, mm: number, share = 0.5): Shape => ({
    kind: 'dimension',
    role: 'dimension',
    from,
    to,
    mm,
    share,
  });
  const [y0, y1] = [-marginMm * 1.1, -foremost - marginMm * 1.6];
  const start = sheet([x, seat.outMm])[0];
  const stop = sheet([x + backMm, seat.outMm])[0];
  const front = [
    sheet([x - left.outMm, seat.outMm + deep])[0],
    sheet([x + backMm + right.outMm, seat.outMm + deep])[0],
  ] as const;
  return [
    string([start, y0], [stop, y0], backMm),
    string([front[0], y1], [front[1], y1], frontMm),
    string([(start + 2 * stop) / 3, sheet([0, seat.outMm])[1]], [(start + 2 * stop) / 3, -deep], deep, 0.62),
    ...gaps.map((gap): Shape => {
      const i = walls.ps.indexOf(gap.p);
      const wall = sheet([walls[gap.end][i] as number, seat.outMm + gap.p]);
      const inward = gap.end === 'left' ? 1 : -1;
      const y = -Math.min(Math.max(gap.p, deep * 0.12), deep * 0.9);
      return {
        kind: 'label',
        role: roleOf(gap.mm),
        at: [wall[0] + inward * marginMm * 0.9, y],
        anchor: gap.end === 'left' ? 'start' : 'end',
        words: message('figure.about', { gap: about(Math.max(gap.mm, 0)) }),
      };
    }),
  ];
}
