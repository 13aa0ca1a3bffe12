import type { Part } from '../fit';
import type { Job } from '../job';
import type { Gap } from '../layout';
import { about, angle, count, message, type Message } from '../message';
import { doubtful, type Problem } from '../problem';

/** How a board gets into its place. Millimetres, degrees. */
export interface WayIn {
  readonly shelf: number;
  /** Level from the front; or tilted, one end low; or no way that is looked for here has room. */
  readonly is: 'straight' | 'tilted' | 'none';
  readonly degrees: number;
  /** What is taken above its supports while it is tilted, and what there is. */
  readonly takesMm: number;
  readonly roomMm: number;
}

/** What one steps aside by while carrying a board in. Millimetres. */
const EASE_MM = 3;
const MOST_DEGREES = 80;

/**
 * How wide and how high a board is in an elevation when it is tilted: L cos a + t sin a, and L sin a + t cos a.
 * @param degrees tilt, 0 is level
 */
export function tiltedSpan(longMm: number, thickMm: number, degrees: number): { acrossMm: number; upMm: number } {
  const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)];
  return { acrossMm: longMm * cos + thickMm * sin, upMm: longMm * sin + thickMm * cos };
}

/** The least tilt at which a board passes between two faces; null where none that is looked for does. Degrees. */
export function tiltToPass(longMm: number, thickMm: number, betweenMm: number): number | null {
  if (longMm <= betweenMm) return 0;
  // From the tilt at which it is widest on, it only gets narrower.
  let [low, high] = [(Math.atan2(thickMm, longMm) * 180) / Math.PI, MOST_DEGREES];
  if (tiltedSpan(longMm, thickMm, high).acrossMm > betweenMm) return null;
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    if (tiltedSpan(longMm, thickMm, middle).acrossMm > betweenMm) low = middle;
    else high = middle;
  }
  return high;
}

interface WayInput {
  readonly job: { readonly place: Pick<Job['place'], 'mouth'>; readonly build: Pick<Job['build'], 'supports'> };
  readonly board: Pick<Part, 'shelf' | 'fit' | 'thicknessMm' | 'place'>;
  readonly gaps: readonly Gap[];
  /** The ceiling above the floor mark. */
  readonly ceilingMm: number;
}

/**
 * The way in of a board between two walls. It comes from the front: level where nothing in front of its place is narrower
 * than what has to pass there, else tilted in the elevation, its low end on its support, as far as the narrowest place asks
 * for; then it needs so much room above. Where shelves go in from the bottom up nothing but the ceiling is above; else the
 * next shelf is. Other ways, such as turning it in plan, are not looked for.
 * @returns null for a board that does not run from wall to wall
 */
export function wayIn({ job, board, gaps, ceilingMm }: WayInput): WayIn | null {
  const { fit, thicknessMm } = board;
  if (!fit) return null;
  const narrowest = Math.min((job.place.mouth?.width.mm ?? Infinity) - EASE_MM, ...passed(fit));
  const gap = gaps.find((one) => one.below === board.shelf);
  const upMm = job.build.supports === 'top-down' ? ceilingMm - board.place.upTo : (gap?.clear.mm ?? 0);
  const roomMm = upMm + thicknessMm;
  const longMm = Math.max(fit.backMm, fit.frontMm);
  const degrees = tiltToPass(longMm, thicknessMm, narrowest);
  if (degrees === 0) return { shelf: board.shelf, is: 'straight', degrees, takesMm: thicknessMm, roomMm };
  const takesMm = tiltedSpan(longMm, thicknessMm, degrees ?? MOST_DEGREES).upMm;
  const goes = degrees !== null && takesMm <= roomMm;
  return { shelf: board.shelf, is: goes ? 'tilted' : 'none', degrees: degrees ?? MOST_DEGREES, takesMm, roomMm };
}

/** Distances between the walls where something longer has to pass on its way from the front to its place. Millimetres. */
function passed({ walls: { ps, left, right }, backMm, frontMm }: NonNullable<Part['fit']>): number[] {
  const deep = ps.at(-1)! - ps[0]! || 1;
  const own = ps.map((p) => backMm + ((frontMm - backMm) * (p - ps[0]!)) / deep);
  return ps.flatMap((_, k) => {
    const between = right[k]! - left[k]!;
    return own.slice(0, k).some((mm) => mm > between + 1e-6) ? [between] : [];
  });
}

/** The way in as an instruction. */
export function wayWords({ is, degrees, takesMm, roomMm }: WayIn): Message[] {
  if (is === 'straight') return [message('way.straight')];
  const said = {
    angle: angle(Math.ceil(degrees)),
    takes: about(Math.ceil(takesMm)),
    room: about(Math.floor(roomMm)),
  };
  return [is === 'tilted' ? message('way.tilted', said) : message('way.none', said)];
}

/** A board for which no way in was found, named before it is cut. */
export function wayProblem(way: WayIn): Problem[] {
  if (way.is !== 'none') return [];
  const said = { shelf: count(way.shelf), angle: angle(Math.ceil(way.degrees)), takes: about(Math.ceil(way.takesMm)), room: about(Math.floor(way.roomMm)) }; // prettier-ignore
  return [doubtful({ is: 'shelf', shelf: way.shelf }, message('problem.noWayIn', said))];
}
