import { length, message, text } from '../../base/message';
import type { OutlinePoint, Part } from '../../design/fit';
import { shapeOf, type Shaped, type Cutter } from '../../design/shaping';
import { seenFrom, type Seen } from './sawView';
import type { Point, Scene, Shape } from './scene';

/** How many times what the ends run out is drawn too large on the saw sheet. */
export const SAW_FACTOR = 5;

/**
 * One piece as it is sawn: the blank it comes out of, what falls off at each end, the cut lines, what is cut into the
 * piece, and its lengths along both edges. A board lies with its front edge towards the person, a piece on edge with
 * its upper edge away, a mitred one with its long edge away.
 * @param cutter decides which ends count as square: those that are out by less than can be marked
 */
export function sawScene(shaped: Shaped, cutter: Cutter): Scene {
  const { part } = shaped;
  const view = seenFrom(shaped, shapeOf(part, shaped.solid, cutter));
  const { outline } = view;
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const [from, to] = [Math.min(...xs), Math.max(...xs)];
  const [back, front] = [Math.min(...ys), Math.max(...ys)];
  const middle = (from + to) / 2;
  const long = to - from;
  // Only ends that follow walls run out by little; what is cut to a corner or a mitre shows as it is.
  const factor = part.fit ? SAW_FACTOR : 1;
  const most = long / 5;
  const sheet = ([x, y]: OutlinePoint): Point => {
    const off = x < middle ? x - from : to - x;
    const by = part.fit && off < long / 4 ? Math.min(off * factor, most) : off;
    return [x < middle ? from + by : to - by, -y];
  };
  const seen = outline.map(sheet);
  const high = front - back;
  const margin = Math.max(long * 0.05, high * 0.14);
  const blank: Point[] = [
    [from, -back],
    [to, -back],
    [to, -front],
    [from, -front],
  ];
  // Along each long edge of the piece, between its own corners.
  const edge = (level: number, y: number, mm: number): Shape => {
    const ends = seen.flatMap(([x, at]) => (Math.abs(at + level) < high * 0.05 ? [x] : []));
    const [start, stop] = [Math.min(...ends), Math.max(...ends)];
    // A rounded front touches its blank in one point.
    const [x1, x2] = stop - start > long / 2 ? [start, stop] : [from, to];
    return { kind: 'dimension', role: 'dimension', from: [x1, y], to: [x2, y], mm, share: 0.5 };
  };
  const corners: Shape[] = (['left', 'right'] as const).flatMap((side): Shape[] => {
    const out = part.fit?.[side].outMm ?? 0;
    if (out === 0) return [];
    // What falls off is widest where the end lies furthest in: at the back of one that runs out, and the other way.
    const y = out > 0 === (part.role === 'board') ? back + high * 0.2 : front - high * 0.2;
    const x = side === 'left' ? from : to;
    const inward = side === 'left' ? 1 : -1;
    const at: Point = [x + inward * (Math.min(Math.abs(out) * factor, most) + long * 0.015), -y];
    return [
      {
        kind: 'label',
        role: 'cut-line',
        at,
        anchor: side === 'left' ? 'start' : 'end',
        words: message('figure.cutOff', { by: length(Math.abs(out)) }),
      },
    ];
  });
  const [above, below] = alongEdges(part, view);
  return {
    title: message('scene.saw'),
    bounds: {
      x: from - margin,
      y: -front - 2.4 * margin,
      width: long + 2 * margin,
      height: high + (above === null ? 3.4 : 4.4) * margin,
    },
    shapes: [
      { kind: 'polygon', role: 'waste', points: blank },
      { kind: 'polygon', role: 'board', points: seen },
      ...view.cuts.flatMap((points) => cutOut(points.map(([x, y]): Point => [x, -y]))),
      ...cuts(seen, { back, front }).map((points): Shape => ({ kind: 'path', role: 'cut-line', points })),
      ...(above === null ? [] : [edge(back, -back + margin, above)]),
      edge(front, -front - margin, below),
      ...corners,
      {
        kind: 'label',
        role: 'shelf-name',
        at: [middle, -(back + front) / 2],
        anchor: 'middle',
        words: message('figure.piece', { label: text(part.label) }),
      },
    ],
  };
}

/** What is cut out of a piece, and the line round it. */
function cutOut(points: readonly Point[]): Shape[] {
  const [first] = points;
  return [
    { kind: 'polygon', role: 'waste', points },
    { kind: 'path', role: 'cut-line', points: first ? [...points, first] : points },
  ];
}

/** Lengths along the edge away from the person, where it says anything new, and along the one towards them. */
function alongEdges({ edges, role, corner, length: long }: Part, { outline }: Seen): readonly [number | null, number] {
  if (corner) return [corner.backMm, long.mm];
  if (edges) {
    if (edges.back.mm === edges.front.mm) return [null, long.mm];
    return role === 'board' ? [edges.back.mm, edges.front.mm] : [edges.front.mm, edges.back.mm];
  }
  const ys = outline.map(([, y]) => y);
  const [away, near] = [Math.min(...ys), Math.max(...ys)].map((level) => {
    const xs = outline.flatMap(([x, y]) => (Math.abs(y - level) < 0.01 ? [x] : []));
    return Math.max(...xs) - Math.min(...xs);
  }) as [number, number];
  return Math.abs(away - near) < 0.01 ? [null, near] : [away, near];
}

/** The sides of an outline that do not lie on the long edges of its blank: where the saw goes. */
function cuts(points: readonly Point[], { back, front }: { back: number; front: number }): Point[][] {
  const along = ([, y]: Point) => Math.abs(-y - back) < 0.01 || Math.abs(-y - front) < 0.01;
  return points.flatMap((point, i): Point[][] => {
    const next = points[(i + 1) % points.length] as Point;
    const onEdge = along(point) && along(next) && Math.abs(point[1] - next[1]) < 0.01;
    return onEdge ? [] : [[point, next]];
  });
}
