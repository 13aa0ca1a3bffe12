import type { Job, Reading } from '../../job';
import { asTyped, MM_PER_INCH, type TypedLength } from '../../base/quantity';
import { readingAt, type SpotOf } from '../reading';
import type { DrawnEdge, DrawnPoint } from './edges';

/** A wall of a place that can be traced level. */
export type TracedWall = SpotOf<'offset'>['wall'];

export interface TraceWish {
  readonly wall: TracedWall;
  /** Drawn with its other end first. */
  readonly turned: boolean;
  /** Drawn as seen from below. */
  readonly mirrored: boolean;
}

/** A wall as it was traced: how far it stands off the straight line between the two ends of the trace. */
export interface WallTrace {
  readonly chordMm: number;
  /** From the end that lies at the back (for the back wall: at the left). Hollow positive, millimetres. */
  readonly stations: readonly { readonly atMm: number; readonly offMm: number }[];
}

/** The side of a drawing that is most likely a wall, seen from above with the back at the head; null of none. */
export function edgeFor(edges: readonly DrawnEdge[], wall: TracedWall): DrawnEdge | null {
  const lies = ({ points, chordMm }: DrawnEdge) => {
    const [from, to] = [points[0] as DrawnPoint, points.at(-1) as DrawnPoint];
    const along = wall === 'back' ? Math.abs(to[0] - from[0]) : Math.abs(to[1] - from[1]);
    return along / chordMm;
  };
  const outward = ({ points }: DrawnEdge) => {
    const mean = (axis: 0 | 1) => points.reduce((sum, point) => sum + point[axis], 0) / points.length;
    return wall === 'back' ? -mean(1) : wall === 'left' ? -mean(0) : mean(0);
  };
  // Running the right way comes first, then lying furthest out on that side.
  const right = edges.filter((edge) => lies(edge) > 0.8);
  return (right.length > 0 ? [...right] : [...edges]).sort((a, b) => outward(b) - outward(a))[0] ?? null;
}

/** A wall is told at most at so many places along it. */
const MOST_STATIONS = 24;

/** Reads a traced side at even stations: every 50 mm (2 in), further apart along a long wall. */
export function wallTrace(
  { points, chordMm }: DrawnEdge,
  { wall, turned, mirrored }: TraceWish,
  unit: Job['units'],
): WallTrace {
  const along = inOrder(points, wall, turned);
  const [[x0, y0], [x1, y1]] = [along[0] as DrawnPoint, along.at(-1) as DrawnPoint];
  const [dx, dy] = [(x1 - x0) / chordMm, (y1 - y0) / chordMm];
  // Away from the room: on the left hand of one who walks along a right or back wall as drawn, on the right of a left
  // one.
  const side = (wall === 'left' ? 1 : -1) * (mirrored ? -1 : 1);
  const flat = along.map(([x, y]): DrawnPoint => {
    const [px, py] = [x - x0, y - y0];
    return [px * dx + py * dy, side * (-px * dy + py * dx)];
  });
  const every = unit === 'in' ? 2 * MM_PER_INCH : 50;
  const step = every * Math.max(1, Math.ceil(chordMm / every / MOST_STATIONS));
  const stations = Array.from({ length: Math.floor((chordMm - 1) / step) }, (_, i) => {
    const atMm = (i + 1) * step;
    return { atMm, offMm: heightAt(flat, atMm) };
  });
  return { chordMm, stations };
}

/** From the back to the front, or from left to right. */
function inOrder(points: readonly DrawnPoint[], wall: TracedWall, turned: boolean): readonly DrawnPoint[] {
  const [[x0, y0], [x1, y1]] = [points[0] as DrawnPoint, points.at(-1) as DrawnPoint];
  const across = Math.abs(x1 - x0) > Math.abs(y1 - y0);
  const forward = wall === 'back' || across ? x1 >= x0 : y1 >= y0;
  return forward === turned ? [...points].reverse() : points;
}

/** The height of a line over its chord at a place along it; where it turns back on itself, the mean. */
function heightAt(flat: readonly DrawnPoint[], at: number): number {
  const crossings: number[] = [];
  for (let i = 1; i < flat.length; i += 1) {
    const [[a, ya], [b, yb]] = [flat[i - 1] as DrawnPoint, flat[i] as DrawnPoint];
    if (a === b || at < Math.min(a, b) || at > Math.max(a, b)) continue;
    crossings.push(ya + ((yb - ya) * (at - a)) / (b - a));
  }
  return crossings.reduce((sum, crossing) => sum + crossing, 0) / Math.max(crossings.length, 1);
}

export interface TracedAt {
  readonly wall: TracedWall;
  readonly up: TypedLength;
  /** Where the trace begins: out from the back corner, or from the left wall. */
  readonly start: TypedLength;
  readonly unit: Job['units'];
}

/** A traced wall as readings of it, one for each station; their ids are to be given by who takes them in. */
export function traceReadings({ chordMm, stations }: WallTrace, { wall, up, start, unit }: TracedAt): Reading[] {
  // To the finest mark there is: a drawing is read more finely than a tape.
  const fine = unit === 'in' ? '1/32in' : '0.5mm';
  const endMm = start.mm + chordMm;
  return stations.map(({ atMm, offMm }, i) =>
    readingAt(
      { kind: 'offset', wall, upMm: up.mm, startMm: start.mm, endMm, onMm: start.mm + atMm },
      {
        id: `station-${i + 1}`,
        value: asTyped(Math.abs(offMm), unit, fine),
        sense: offMm < 0 ? 'belly' : 'hollow',
        typed: { up, start },
        unit,
      },
    ),
  );
}
