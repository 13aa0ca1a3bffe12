import type { Instrument, Place, ReadingKind } from '../../job';
import type { Extent } from '../kinds';
import { MM_PER_INCH, type JobUnit } from '../../base/quantity';
import { fromKit, type Spot } from '../reading';
import { surfacesOf } from './statements';
import type { Survey } from './survey';

export interface CandidateOptions {
  readonly survey: Survey;
  readonly place: Place;
  readonly units: JobUnit;
  readonly kit: readonly Instrument[];
  /** Heights at which boards are planned, millimetres above the floor mark. */
  readonly heightsMm: readonly number[];
}

/** A spot that could be read, and what with. */
export interface Candidate {
  readonly spot: Spot;
  readonly with: Instrument;
  /** How much trouble it is, one tape reading being one. */
  readonly trouble: number;
}

// Trouble of taking each kind of reading: a square has to be fetched and set, a diagonal walked.
const TROUBLE: Readonly<Record<ReadingKind, number>> = {
  width: 1,
  depth: 1,
  height: 1.1,
  corner: 1.2,
  square: 1.2,
  plumb: 1.2,
  level: 1.2,
  straightedge: 1.3,
  offset: 1.3,
  diagonal: 1.5,
  face: 1.5,
  triangle: 2,
  line: 1,
};

const NICE_MM: Readonly<Record<JobUnit, number>> = { mm: 10, cm: 10, in: MM_PER_INCH };
/** Lengths of tools a person of the unit has: square's blade, level, straightedge at most. */
const TOOLS_MM: Readonly<Record<JobUnit, { blade: number; level: number; straightedge: readonly number[] }>> = {
  mm: { blade: 400, level: 1200, straightedge: [1800, 1000, 600, 300] },
  cm: { blade: 400, level: 1200, straightedge: [1800, 1000, 600, 300] },
  in: {
    blade: 16 * MM_PER_INCH,
    level: 48 * MM_PER_INCH,
    straightedge: [72 * MM_PER_INCH, 48 * MM_PER_INCH, 24 * MM_PER_INCH, 12 * MM_PER_INCH],
  },
};
const MOST_HEIGHTS = 12;
const NEAR_MM = 40;

type Side = 'left' | 'right';
const SIDES = ['left', 'right'] as const;
const ALONG = ['left', 'middle', 'right'] as const;

/** Geometry the spots are chosen from. Millimetres. */
interface Situation {
  readonly extent: Extent;
  /** Side walls of the place. */
  readonly sides: readonly Side[];
  readonly heights: readonly number[];
  readonly tools: Tools;
  /** Height of a level's lower end on a wall. */
  readonly footMm: number;
  /** Length of floor a level covers. */
  readonly floorMm: number;
  readonly nearlySquare: boolean;
}

/** Every reading that makes sense in the place and can be taken with the kit: some 50 to 200. */
export function candidates(options: CandidateOptions): Candidate[] {
  const { survey, kit } = options;
  const { surfaces, spec } = survey;
  const situation = situationOf(options);
  return spec.readings.flatMap((kind) => {
    const instrument = fromKit(kind, kit);
    if (!instrument) return [];
    return SPOTS[kind](situation)
      .filter((spot) => surfacesOf(spot, survey.setting).every((name) => surfaces.includes(name)))
      .map((spot) => ({ spot, with: instrument, trouble: TROUBLE[kind] }));
  });
}

function situationOf({ survey, place, units, heightsMm }: CandidateOptions): Situation {
  const { extent, surfaces, spec } = survey;
  const nice = (mm: number) => Math.round(mm / NICE_MM[units]) * NICE_MM[units];
  const read = survey.readings.flatMap((reading) =>
    'up' in reading && reading.kind !== 'plumb' ? [reading.up.mm] : [],
  );
  // Where a reading was taken near by, the next is taken at the very same height.
  const level = (mm: number) => read.find((up) => Math.abs(up - mm) <= NEAR_MM) ?? nice(mm);
  const tools = toolsFor(units, extent);
  const lowest = place.skirting ? place.skirting.height.mm + 20 : 0.08 * extent.height;
  return {
    extent,
    sides: SIDES.filter((side) => surfaces.includes(side)),
    heights: heightsFor(heightsMm, extent, level).filter((up) => reachable(up, place, extent)),
    tools,
    footMm: nice(Math.max(lowest, (extent.height - tools.level) / 2)),
    floorMm: Math.min(tools.level, nice((extent.right - extent.left) * 0.9)),
    nearlySquare: spec.nearlySquare,
  };
}

const levelEdge = (wall: Side | 'back', upMm: number, overMm: number): Spot => ({
  kind: 'straightedge',
  wall,
  run: 'level',
  at: 'front',
  side: 'middle',
  upMm,
  overMm,
});

/** Spots worth asking for, by kind of reading. */
const SPOTS: { readonly [Kind in ReadingKind]: (situation: Situation) => Spot[] } = {
  width: ({ heights }) =>
    heights.flatMap((upMm) => (['back', 'front'] as const).map((at): Spot => ({ kind: 'width', at, upMm }))),
  depth: ({ heights }) => ALONG.flatMap((side) => sparse(heights).map((upMm): Spot => ({ kind: 'depth', side, upMm }))),
  height: () => ALONG.flatMap((side) => (['front', 'back'] as const).map((at): Spot => ({ kind: 'height', side, at }))),
  corner: ({ sides, heights }) =>
    sides.flatMap((corner) => heights.map((upMm): Spot => ({ kind: 'corner', corner, upMm }))),
  square: ({ sides, heights, tools }) =>
    sides.flatMap((corner) => heights.map((upMm): Spot => ({ kind: 'square', corner, upMm, bladeMm: tools.blade }))),
  plumb: ({ sides, footMm, tools }) => {
    const held = (wall: Side | 'back', at: 'front' | 'back'): Spot => ({
      kind: 'plumb',
      wall,
      at,
      side: 'middle',
      upMm: footMm,
      overMm: tools.level,
    });
    return [...sides.flatMap((wall) => [held(wall, 'front'), held(wall, 'back')]), held('back', 'front')];
  },
  level: ({ floorMm }) => [
    { kind: 'level', of: 'floor', along: 'across', at: 'front', side: 'middle', overMm: floorMm },
  ],
  straightedge: ({ sides, heights, tools, nearlySquare }) => [
    ...heights.map((upMm) => levelEdge('back', upMm, tools.straightedge)),
    // In a corner, the side wall carries a board's edge as much as the back does.
    ...(nearlySquare ? [] : sides.flatMap((wall) => heights.map((upMm) => levelEdge(wall, upMm, tools.sideEdge)))),
  ],
  // Never asked for: what a tracing brings, or a person of their own accord.
  offset: () => [],
  diagonal: ({ heights }) =>
    sparse(heights).flatMap((upMm) => SIDES.map((from): Spot => ({ kind: 'diagonal', from, upMm }))),
  face: () => SIDES.map((from): Spot => ({ kind: 'face', from, at: 'front' })),
  triangle: ({ sides, heights, tools: { leg } }) =>
    sides.flatMap((corner) =>
      sparse(heights).map((upMm): Spot => ({
        kind: 'triangle',
        corner,
        upMm,
        firstMm: 0,
        secondMm: leg,
        outMm: leg,
      })),
    ),
  line: () => ALONG.map((side): Spot => ({ kind: 'line', side, at: 'front' })),
};

/** Low, middle and high of a list that is longer than that. */
function sparse(heights: readonly number[]): number[] {
  if (heights.length <= 3) return [...heights];
  return [heights[0] as number, heights[heights.length >> 1] as number, heights.at(-1) as number];
}

/** Heights to read at: those of the boards, at most a dozen, and never nearer to one another than is useful. */
function heightsFor(boards: readonly number[], extent: Extent, nice: (mm: number) => number): number[] {
  const wanted = [...new Set(boards.map(nice))].sort((a, b) => a - b);
  const spread =
    wanted.length <= MOST_HEIGHTS
      ? wanted
      : Array.from(
          { length: MOST_HEIGHTS },
          (_, i) => wanted[Math.round((i * (wanted.length - 1)) / (MOST_HEIGHTS - 1))] as number,
        );
  return spread.filter((up) => up >= 0 && up <= extent.height);
}

/** Whether a tape lies on the bare wall at a height: not on the skirting or a rail, not in floor or ceiling. */
function reachable(up: number, { skirting, rail }: Place, { height }: Extent): boolean {
  if (up > height - 5) return false;
  if (skirting && up < skirting.height.mm) return false;
  return !rail || up < rail.up.mm || up > rail.up.mm + rail.height.mm;
}

type Tools = ReturnType<typeof toolsFor>;

function toolsFor(units: JobUnit, { left, right, depth, height }: Extent) {
  const { blade, level, straightedge } = TOOLS_MM[units];
  const step = NICE_MM[units];
  const whole = (mm: number) => Math.max(Math.floor(mm / step) * step, step);
  const longest = (room: number) => straightedge.find((one) => one <= room) ?? whole(room * 0.9);
  return {
    blade: Math.min(blade, whole(depth * 0.9)),
    level: Math.min(level, whole(height * 0.8)),
    straightedge: longest(right - left),
    sideEdge: longest(depth),
    leg: Math.min(whole(400), whole((right - left) * 0.8), whole(depth * 0.8)),
  };
}
