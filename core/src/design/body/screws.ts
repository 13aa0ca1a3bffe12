import { wallKindOf } from '../../place/kinds';
import type { Job } from '../../job';
import type { Fixing, Hole } from '../fixing';
import type { FixedWall } from '../system';
import { near } from './apart';
import { lineThrough, type Bounds, type Stretch } from './convex';
import { STUD_MM, type BodyRoom } from './room';
import { placedOf, pointOf, type Axis, type Placed, type Solid } from './solid';
import { add, dot, minus, times, unit, type Vector } from './vector';
import type { LikelyWalls } from '../../place/opening';

/** What a stretch of a screw is in: a piece or a fitting by its id, or something of a wall. */
export type Inside =
  | { readonly kind: 'piece' | 'fitting'; readonly id: string }
  | { readonly kind: 'stud'; readonly id: string | null }
  | { readonly kind: 'lining' | 'masonry' | 'panel' | 'hollow' };

/** So much of a screw, from its head, is in one thing. Millimetres. */
export interface Stage extends Stretch {
  readonly in: Inside;
}

/** A screw, pin or pocket screw where it is driven. Millimetres in the frame of the opening. */
export interface BodyScrew {
  readonly id: string;
  /** The joint it is of. */
  readonly fixing: string;
  readonly shelf: number;
  readonly kind: 'screw' | 'pin' | 'pocket';
  readonly head: Vector;
  /** From its head to its tip, of length 1. */
  readonly along: Vector;
  readonly lengthMm: number;
  readonly diameterMm: number;
  /** What it goes through and into, from its head to its tip; what lies between two of them is air. */
  readonly way: readonly Stage[];
}

/** A piece or fitting with its convex bodies in place. */
export interface Stander {
  readonly kind: 'piece' | 'fitting';
  readonly id: string;
  readonly solid: Solid;
  readonly placed: Placed;
  /** What its holes are told from, in its own coordinates. */
  readonly zero: readonly [number, number];
}

/** What a screw's line goes by. */
export interface LinesInput {
  readonly fixings: readonly Fixing[];
  readonly standing: ReadonlyMap<string, Stander>;
  readonly opening: LikelyWalls;
  readonly job: Pick<Job, 'place' | 'fixing'>;
}

interface ScrewsInput extends LinesInput {
  readonly room: BodyRoom;
}

/** Slope of a pocket: what jigs and guides drill. Degrees. */
const POCKET_DEGREES = 15;

/** Every screw of every joint as a line, with what it passes and what it bites into. */
export function screwsOf(input: ScrewsInput): BodyScrew[] {
  const studs = input.room.things
    .filter((thing) => thing.what === 'stud')
    .map((thing) => ({ ...thing, placed: placedOf(thing.solid) }));
  return input.fixings.flatMap((fixing) =>
    fixing.holes.flatMap((hole, i): BodyScrew[] => {
      const line = lineOf(fixing, hole, input);
      if (!line) return [];
      const { lengthMm } = fixing.screw;
      return [
        {
          id: `${fixing.id}#${i + 1}`,
          fixing: fixing.id,
          shelf: fixing.shelf,
          kind: fixing.screw.kind,
          ...line,
          lengthMm,
          diameterMm: fixing.screw.diameterMm,
          way: wayOf(line, lengthMm, fixing, studs, input),
        },
      ];
    }),
  );
}

/** A line from a screw's head on. */
export interface Line {
  readonly head: Vector;
  readonly along: Vector;
}

/** Where a screw is driven and which way; null where the piece it goes through has no solid. */
export function lineOf(fixing: Fixing, hole: Hole, input: LinesInput): Line | null {
  const { through } = fixing;
  if (through.kind === 'wall') return fromBehind(through.wall, hole, input);
  const standing = input.standing.get(through.id);
  if (!standing) return null;
  if (through.kind === 'hardware') return throughFitting(fixing, hole, standing, input);
  if (fixing.screw.kind === 'pocket') return pocket(fixing, hole, standing);
  const { solid, zero } = standing;
  const axis: Axis = fixing.edge ? 'across' : 'through';
  const middle: Vector = fixing.edge
    ? [hole.alongMm + zero[0], solid.widthMm / 2, hole.acrossMm]
    : [hole.alongMm + zero[0], hole.acrossMm + zero[1], solid.thicknessMm / 2];
  const at = pointOf(solid.frame, middle);
  const along = towards(fixing, at, solid.frame[axis], input);
  return { head: entry(standing, at, along), along };
}

/** Through a wall from behind it, at a place told along the wall and up. */
function fromBehind(wall: FixedWall, { alongMm, acrossMm }: Hole, { opening, job }: LinesInput): Line {
  const panel = wallKindOf(job.place, wall) === 'panel' ? job.fixing.panel.mm : 0;
  if (wall === 'back') {
    const across = opening.extent.left + alongMm;
    return {
      head: [across, opening.likely({ surface: wall, across, up: acrossMm }) - panel, acrossMm],
      along: [0, 1, 0],
    };
  }
  const inward = wall === 'left' ? 1 : -1;
  const x = opening.likely({ surface: wall, out: alongMm, up: acrossMm });
  return { head: [x - inward * panel, alongMm, acrossMm], along: [inward, 0, 0] };
}

/** Through a plate of a bracket or a socket: into its wall, or up into the board that lies on it. */
function throughFitting({ into }: Fixing, { alongMm, acrossMm }: Hole, { solid }: Stander, input: LinesInput): Line {
  const { frame } = solid;
  const face = pointOf(frame, [alongMm, acrossMm, 0]);
  const behind = times(frame.through, -1);
  // A socket on the side of a case looks along the back; a bracket looks out from it.
  const intoSide = into.kind === 'piece' && Math.abs(frame.through[0]) > Math.abs(frame.through[1]);
  if (into.kind === 'wall' || intoSide) {
    const along = into.kind === 'wall' && dot(frame.through, intoRoom(into.wall)) < 0 ? frame.through : behind;
    return { head: add(face, times(along, -plateAt(input, solid, face, along))), along };
  }
  const top = pointOf(frame, [solid.lengthMm, acrossMm, alongMm]);
  return { head: add(top, times(frame.along, -plateAt(input, solid, top, frame.along))), along: frame.along };
}

const intoRoom = (wall: FixedWall): Vector => (wall === 'left' ? [1, 0, 0] : wall === 'right' ? [-1, 0, 0] : [0, 1, 0]);

/** How thick a fitting is behind a point of its face. */
function plateAt({ standing }: LinesInput, solid: Solid, at: Vector, along: Vector): number {
  const found = [...standing.values()].find((one) => one.solid === solid);
  const parts = (found?.placed.parts ?? []).flatMap(({ body }) => lineThrough(body, at, times(along, -1)) ?? []);
  return Math.max(0, ...parts.filter(({ fromMm }) => fromMm < SEEN_MM).map(({ toMm }) => toMm));
}

/** A pocket screw leaves the end of its piece in the middle of its thickness, on a slope. */
function pocket(fixing: Fixing, { alongMm, acrossMm }: Hole, { solid, zero }: Stander): Line {
  const { frame, lengthMm, thicknessMm } = solid;
  const atFinish = alongMm + zero[0] > lengthMm / 2;
  const way = times(frame.along, atFinish ? 1 : -1);
  const exit = pointOf(frame, [atFinish ? lengthMm : 0, acrossMm + zero[1], thicknessMm / 2]);
  const turn = (POCKET_DEGREES * Math.PI) / 180;
  const along = unit(add(times(way, Math.cos(turn)), times(frame.through, Math.sin(turn))));
  return { head: add(exit, times(along, -fixing.passMm)), along };
}

/** Which way along a line the joint's other piece, or its wall, is. */
function towards({ into, heads, screw }: Fixing, at: Vector, direction: Vector, input: LinesInput): Vector {
  const back = times(direction, -1);
  if (into.kind === 'wall') return dot(direction, intoRoom(into.wall)) < 0 ? direction : back;
  const up = direction[2] > 0 ? direction : back;
  if (heads === 'below') return up;
  const target = input.standing.get(into.id);
  const reach = (way: Vector) => {
    const stretches = target ? throughPlaced(target.placed, at, way) : [];
    const [first] = stretches.filter(({ toMm }) => toMm > SEEN_MM).map(({ fromMm }) => fromMm);
    return first ?? Infinity;
  };
  const [on, off] = [reach(direction), reach(back)];
  // A board in a housing has wood above and below: screw it down.
  if (Math.abs(on - off) < HOUSED_MM) return times(up, -1);
  if (Math.min(on, off) <= screw.lengthMm || !target) return on < off ? direction : back;
  // Where it meets it neither way, it is driven towards its middle: a screw that misses is found to.
  const { least, most } = target.placed.bounds;
  const middle = times(add(least, most), 0.5);
  return dot(direction, minus(middle, at)) > 0 ? direction : back;
}

/** Largest difference between the gaps above and below a board in a housing, millimetres. */
const HOUSED_MM = 3;
/** Less than this along a line is no stretch, millimetres. */
const SEEN_MM = 0.05;

/** Where a line enters a piece. */
function entry({ placed }: Stander, at: Vector, along: Vector): Vector {
  const [first] = throughPlaced(placed, at, along);
  return add(at, times(along, first?.fromMm ?? 0));
}

/** The stretches of a line within a solid, joined where its bodies meet, from its start on. */
export function throughPlaced({ parts }: Placed, start: Vector, along: Vector): Stretch[] {
  const all = parts.flatMap(({ body }) => lineThrough(body, start, along) ?? []).sort((a, b) => a.fromMm - b.fromMm);
  const joined: Stretch[] = [];
  for (const stretch of all) {
    const last = joined.at(-1);
    if (last && stretch.fromMm <= last.toMm + SEEN_MM)
      joined[joined.length - 1] = { fromMm: last.fromMm, toMm: Math.max(last.toMm, stretch.toMm) };
    else joined.push(stretch);
  }
  return joined;
}

type Stud = BodyRoom['things'][number] & { readonly placed: Placed };

function wayOf(line: Line, lengthMm: number, fixing: Fixing, studs: readonly Stud[], input: ScrewsInput): Stage[] {
  const tip = add(line.head, times(line.along, lengthMm));
  const bounds: Bounds = {
    least: line.head.map((mm, k) => Math.min(mm, tip[k] as number)) as unknown as Vector,
    most: line.head.map((mm, k) => Math.max(mm, tip[k] as number)) as unknown as Vector,
  };
  const held = (stretch: Stretch): Stretch => ({
    fromMm: Math.max(stretch.fromMm, 0),
    toMm: Math.min(stretch.toMm, lengthMm),
  });
  const stages: Stage[] = [];
  for (const { kind, id, placed } of input.standing.values()) {
    if (!near(placed.bounds, bounds, 0)) continue;
    for (const stretch of throughPlaced(placed, line.head, line.along).map(held))
      if (stretch.toMm - stretch.fromMm > SEEN_MM) stages.push({ in: { kind, id }, ...stretch });
  }
  const wall =
    fixing.into.kind === 'wall' ? fixing.into.wall : fixing.through.kind === 'wall' ? fixing.through.wall : null;
  if (wall) stages.push(...wallStages(wall, line, lengthMm, studs, input));
  return stages.sort((a, b) => a.fromMm - b.fromMm);
}

/** What a screw meets behind the face of a wall, or before it where it is driven from behind. */
function wallStages(
  wall: FixedWall,
  line: Line,
  lengthMm: number,
  studs: readonly Stud[],
  input: ScrewsInput,
): Stage[] {
  const { job } = input;
  const atMm = faceAt(wall, line, input);
  const kind = wallKindOf(job.place, wall);
  const stages: Stage[] = [];
  const stage = (inside: Inside, fromMm: number, toMm: number) => {
    const stretch = { fromMm: Math.max(fromMm, 0), toMm: Math.min(toMm, lengthMm) };
    if (stretch.toMm - stretch.fromMm > SEEN_MM) stages.push({ in: inside, ...stretch });
  };
  if (kind === 'panel') {
    const panel = job.fixing.panel.mm;
    // From inside the cabinet it comes to the face last.
    const out = dot(line.along, intoRoom(wall)) > 0;
    stage({ kind: 'panel' }, out ? atMm - panel : atMm, out ? atMm : atMm + panel);
    return stages;
  }
  if (kind === 'plaster') {
    stage({ kind: 'masonry' }, atMm, lengthMm);
    return stages;
  }
  const lining = kind === 'lined' ? job.fixing.lining.mm : 0;
  stage({ kind: 'lining' }, atMm, atMm + lining);
  const ours = studs.filter((stud) => stud.wall === wall);
  // The faces of a cavity are studs themselves where none are noted behind them.
  if (kind === 'studs' && ours.length === 0 && job.place.kind === 'cavity') {
    stage({ kind: 'stud', id: null }, atMm, atMm + STUD_MM.deep);
    return stages;
  }
  const hit = ours.flatMap((stud) =>
    throughPlaced(stud.placed, line.head, line.along).map((stretch) => ({ stud, stretch })),
  );
  const [first] = hit;
  if (first)
    stage({ kind: 'stud', id: first.stud.id }, Math.max(first.stretch.fromMm, atMm + lining), first.stretch.toMm);
  else stage({ kind: 'hollow' }, atMm + lining, lengthMm);
  return stages;
}

/** How far along a screw the face of its wall is. */
function faceAt(wall: FixedWall, { head, along }: Line, { opening }: ScrewsInput): number {
  let at = 0;
  for (let i = 0; i < 3; i += 1) {
    const [x, y, z] = add(head, times(along, at));
    const face =
      wall === 'back'
        ? opening.likely({ surface: wall, across: x, up: z })
        : opening.likely({ surface: wall, out: y, up: z });
    const axis = wall === 'back' ? 1 : 0;
    const speed = along[axis];
    if (Math.abs(speed) < 1e-6) return at;
    at = (face - head[axis]) / speed;
  }
  return at;
}
