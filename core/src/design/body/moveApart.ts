import type { Fixing, Hole } from '../fixing';
import type { Fastening } from '../system';
import { comeWithin, needsApart, type Segment } from './segments';
import { lineOf, type Line, type LinesInput } from './screws';
import { add, times, type Vector } from './vector';
import { sharedAlong } from './share';

/** A screw may be moved this far along its piece so that it meets no other, in such steps. Millimetres. */
const MOST_MM = 90;
const STEP_MM = 5;
/** A moved screw keeps this far from the ends of its piece, millimetres. */
const FROM_END_MM = 12;
/** Moved screws of one joint stay this far apart, millimetres. */
const OF_A_JOINT_MM = 25;

interface Driven extends Line {
  readonly fixing: Fixing;
  readonly at: number;
  readonly segment: Segment;
  readonly pieces: readonly string[];
}

/** The screws of one bay, with the place as it is there. */
interface ScrewsOfBay extends Omit<LinesInput, 'standing'> {
  readonly fastenings: readonly Fastening[];
}

interface Input extends Pick<LinesInput, 'standing'> {
  readonly bays: readonly ScrewsOfBay[];
}

/**
 * Screws of all joints so placed that none meets another within a piece: of two that would meet, one that stands in a
 * row is moved along it. A screw in a stud stays in it, and one whose place is given stays there.
 */
export function movedApart(input: Input): Fixing[][] {
  const ways = new Map(
    input.bays.flatMap(({ fastenings }) => fastenings.map((fastening) => [fastening.id, wayOf(fastening)] as const)),
  );
  const fixings = input.bays.flatMap((bay) => bay.fixings);
  const holes = new Map(fixings.map((fixing) => [fixing.id, [...fixing.holes]]));
  const driven = input.bays.flatMap((bay) =>
    bay.fixings.flatMap((fixing) =>
      fixing.holes.flatMap((hole, at) => drivenAt(fixing, hole, at, { ...bay, standing: input.standing }) ?? []),
    ),
  );
  const inPiece = new Map<string, Set<number>>();
  driven.forEach(({ pieces }, i) => pieces.forEach((id) => inPiece.set(id, (inPiece.get(id) ?? new Set()).add(i))));
  const besides = driven.map(({ pieces }) => [...new Set(pieces.flatMap((id) => [...(inPiece.get(id) ?? [])]))]);
  const meets = (one: Driven, other: Driven) =>
    comeWithin(one.segment, other.segment, needsApart(one.fixing.screw, other.fixing.screw));
  const movable = ({ fixing, at }: Driven): boolean =>
    (ways.get(fixing.id) ?? null) !== null && fixing.holes[at]?.into !== 'stud';
  for (let i = 0; i < driven.length; i += 1) {
    for (const k of besides[i] as number[]) {
      if (k <= i || !meets(driven[i] as Driven, driven[k] as Driven)) continue;
      const moved = [k, i].find((one) => movable(driven[one] as Driven) && moveOne(one));
      if (moved === i) break;
    }
  }
  return input.bays.map((bay) => bay.fixings.map((fixing) => ({ ...fixing, holes: holes.get(fixing.id) as Hole[] })));

  /** Moves one screw to the nearest place where it meets none; false where there is none. */
  function moveOne(i: number): boolean {
    const one = driven[i] as Driven;
    const standing = input.standing.get(one.fixing.through.kind === 'wall' ? '' : one.fixing.through.id);
    const own = holes.get(one.fixing.id) as Hole[];
    const hole = own[one.at] as Hole;
    if (!standing) return false;
    const acrossIt = ways.get(one.fixing.id) === 'across';
    const axis = acrossIt ? standing.solid.frame.across : standing.solid.frame.along;
    const from = acrossIt ? hole.acrossMm : hole.alongMm;
    const stretch = stretchOf(one, acrossIt);
    for (let off = STEP_MM; off <= MOST_MM; off += STEP_MM)
      for (const by of [off, -off]) {
        const to = from + by;
        if (to < stretch.fromMm + FROM_END_MM || to > stretch.toMm - FROM_END_MM) continue;
        const crowds = own.some((other, n) => n !== one.at && tooNear(other, hole, to, acrossIt));
        if (crowds) continue;
        const next = shifted(one, times(axis, by));
        if ((besides[i] as number[]).some((k) => k !== i && meets(next, driven[k] as Driven))) continue;
        driven[i] = next;
        own[one.at] = movedHole(hole, by, acrossIt);
        return true;
      }
    return false;
  }

  function stretchOf({ fixing: { through, into } }: Driven, acrossIt: boolean): { fromMm: number; toMm: number } {
    const id = through.kind === 'wall' ? '' : through.id;
    const standing = input.standing.get(id);
    if (acrossIt) return { fromMm: 0, toMm: standing?.solid.widthMm ?? 0 };
    const over = into.kind === 'piece' ? sharedAlong(input.standing, id, into.id) : null;
    return over ?? { fromMm: 0, toMm: standing?.solid.lengthMm ?? 0 };
  }
}

/** Which way the screws of a joint may be moved on their piece; null where their places are given. */
function wayOf({ through, into, spread }: Fastening): 'along' | 'across' | null {
  if (through.kind !== 'piece') return null;
  if (spread.kind === 'along') return 'along';
  if (spread.kind === 'from-end') return 'across';
  const [first] = spread.at;
  if (!first || spread.at.length < 2 || into.kind === 'wall') return null;
  // In one row they may be moved along it.
  if (spread.at.every(({ alongMm }) => alongMm === first.alongMm)) return 'across';
  return spread.at.every(({ acrossMm }) => acrossMm === first.acrossMm) ? 'along' : null;
}

/** Whether another hole of the joint is too near to where one is moved to. */
const tooNear = (other: Hole, hole: Hole, to: number, acrossIt: boolean): boolean =>
  acrossIt
    ? Math.abs(other.acrossMm - to) < OF_A_JOINT_MM && other.alongMm === hole.alongMm
    : Math.abs(other.alongMm - to) < OF_A_JOINT_MM && other.acrossMm === hole.acrossMm;

function movedHole(hole: Hole, by: number, acrossIt: boolean): Hole {
  if (acrossIt) return { ...hole, acrossMm: hole.acrossMm + by };
  const spot = hole.spot && { ...hole.spot, alongMm: hole.spot.alongMm + by };
  return { ...hole, alongMm: hole.alongMm + by, spot };
}

function drivenAt(fixing: Fixing, hole: Hole, at: number, input: LinesInput): Driven | null {
  const line = lineOf(fixing, hole, input);
  if (!line) return null;
  const { through, into } = fixing;
  const pieces = [...(through.kind === 'wall' ? [] : [through.id]), ...(into.kind === 'piece' ? [into.id] : [])];
  return { ...line, fixing, at, segment: segmentOf(line, fixing.screw.lengthMm), pieces };
}

const segmentOf = ({ head, along }: Line, lengthMm: number): Segment => [head, add(head, times(along, lengthMm))];

function shifted(one: Driven, by: Vector): Driven {
  const line = { head: add(one.head, by), along: one.along };
  return { ...one, ...line, segment: segmentOf(line, one.fixing.screw.lengthMm) };
}
