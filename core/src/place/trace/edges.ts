/** A point of a drawing as it lies on the table: x to the right, y towards the person, millimetres. */
export type DrawnPoint = readonly [x: number, y: number];

/** A line of a drawing; a closed one comes back to where it began. */
export interface DrawnLine {
  readonly points: readonly DrawnPoint[];
  readonly closed: boolean;
}

/** One side of what was drawn: between two corners of it, or a whole open line. */
export interface DrawnEdge {
  readonly points: readonly DrawnPoint[];
  /** From its one end straight to the other, millimetres. */
  readonly chordMm: number;
}

/** How sharply a line turns where one side of a thing ends and the next begins. */
const CORNER_DEGREES = 40;
/** Over so much of the line before and after a point its turn is seen: less is the hand, or the plaster. */
const LOOK_MM = 6;
/** What is shorter than this is no wall. */
const SHORTEST_MM = 30;
/** Points nearer to one another than this are one. */
const SAME_MM = 0.01;

/** The sides of everything drawn, longest first: lines are parted at their corners; what is very short is left out. */
export function edgesOf(lines: readonly DrawnLine[]): DrawnEdge[] {
  return joined(lines)
    .flatMap(parted)
    .map((points): DrawnEdge => ({ points, chordMm: apart(points[0] as DrawnPoint, points.at(-1) as DrawnPoint) }))
    .filter(({ chordMm }) => chordMm >= SHORTEST_MM)
    .sort((a, b) => b.chordMm - a.chordMm);
}

const apart = ([x1, y1]: DrawnPoint, [x2, y2]: DrawnPoint) => Math.hypot(x2 - x1, y2 - y1);

/** Lines that begin where another ends are one: programs often write a curve as many short lines. */
function joined(lines: readonly DrawnLine[]): DrawnLine[] {
  const done: DrawnLine[] = [];
  const open: DrawnPoint[][] = [];
  for (const line of lines) {
    const points = withoutDoubles(line.points);
    if (points.length < 2) continue;
    if (line.closed) done.push({ points, closed: true });
    else open.push(points);
  }
  while (open.length > 0) {
    const chain = open.pop() as DrawnPoint[];
    for (let i = open.length - 1; i >= 0; i = Math.min(i, open.length) - 1) {
      const other = open[i] as DrawnPoint[];
      const [start, end] = [chain[0] as DrawnPoint, chain.at(-1) as DrawnPoint];
      const [from, to] = [other[0] as DrawnPoint, other.at(-1) as DrawnPoint];
      if (apart(end, from) < SAME_MM) chain.push(...other.slice(1));
      else if (apart(end, to) < SAME_MM) chain.push(...[...other].reverse().slice(1));
      else if (apart(start, to) < SAME_MM) chain.unshift(...other.slice(0, -1));
      else if (apart(start, from) < SAME_MM) chain.unshift(...[...other].reverse().slice(0, -1));
      else continue;
      open.splice(i, 1);
      i = open.length;
    }
    const closed = chain.length > 3 && apart(chain[0] as DrawnPoint, chain.at(-1) as DrawnPoint) < SAME_MM;
    done.push({ points: closed ? chain.slice(0, -1) : chain, closed });
  }
  return done;
}

function withoutDoubles(points: readonly DrawnPoint[]): DrawnPoint[] {
  return points.filter((point, i) => i === 0 || apart(point, points[i - 1] as DrawnPoint) >= SAME_MM);
}

/** A line between its corners. */
function parted({ points, closed }: DrawnLine): DrawnPoint[][] {
  const n = points.length;
  const at = (i: number) => points[((i % n) + n) % n] as DrawnPoint;
  const turnAt = (i: number) => {
    const [before, here, after] = [reached(i, -1), at(i), reached(i, 1)];
    const one = Math.atan2(here[1] - before[1], here[0] - before[0]);
    const two = Math.atan2(after[1] - here[1], after[0] - here[0]);
    const turn = Math.abs(((two - one + 3 * Math.PI) % (2 * Math.PI)) - Math.PI);
    return (turn * 180) / Math.PI;
  };
  /** The point of the line so far before or after one. */
  const reached = (i: number, step: 1 | -1): DrawnPoint => {
    let [here, left] = [at(i), LOOK_MM];
    for (let k = i + step; closed ? Math.abs(k - i) < n : k >= 0 && k < n; k += step) {
      const next = at(k);
      const long = apart(here, next);
      if (long >= left) {
        const share = left / long;
        return [here[0] + (next[0] - here[0]) * share, here[1] + (next[1] - here[1]) * share];
      }
      left -= long;
      here = next;
    }
    return here;
  };
  const turns = points.map((_, i) => (!closed && (i === 0 || i === n - 1) ? 0 : turnAt(i)));
  // Near a corner every point turns: the sharpest of them is it.
  const corners = points.flatMap((point, i) => {
    if ((turns[i] as number) < CORNER_DEGREES) return [];
    const rival = points.some(
      (other, k) =>
        k !== i &&
        apart(point, other) < LOOK_MM &&
        ((turns[k] as number) > (turns[i] as number) || (turns[k] === turns[i] && k < i)),
    );
    return rival ? [] : [i];
  });
  if (!closed) {
    const ends = [0, ...corners, n - 1];
    return ends.slice(1).map((end, i) => points.slice(ends[i], end + 1));
  }
  if (corners.length === 0) return [];
  return corners.map((from, i) => {
    const to = corners[(i + 1) % corners.length] as number;
    return Array.from({ length: (to > from ? to : to + n) - from + 1 }, (_, k) => at(from + k));
  });
}
