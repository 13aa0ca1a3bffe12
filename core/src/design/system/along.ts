import { figure, less } from '../../base/figure';
import type { Place } from '../../job';
import { message } from '../../base/message';
import type { Band, Opening } from '../../place/opening';
import { wallKindOf } from '../../place/kinds';
import type { Across, LengthRule } from './system';

// A board against one wall is cut this much short of it, so that it goes home.
const END_MM = 3;

/** A board along a wall that has one end free, or both: as long as the run, less a little at a wall it meets. */
export function alongRun(
  { extent, surfaces }: Pick<Opening, 'extent' | 'surfaces'>,
  boxed: boolean,
): { readonly rule: ((band: Band) => LengthRule) | null; readonly across: Across | null } {
  if (boxed) return { rule: null, across: null };
  const { left, right } = extent;
  const run = figure({ label: message('term.runLength'), mm: right - left });
  const wall = surfaces.includes('left') || surfaces.includes('right');
  const long = wall ? less(run, message('term.endClear'), END_MM) : run;
  const across = {
    fromMm: left + (surfaces.includes('left') ? END_MM : 0),
    toMm: right - (surfaces.includes('right') ? END_MM : 0),
  };
  return { rule: () => ({ kind: 'given', figure: long, rounded: 'down' }), across };
}

/**
 * How far out of true walls of a band leave room across: from the farthest the left one reaches in to the farthest the
 * right one does. Where there is no wall, to the end of the run. Millimetres.
 */
export function insideWalls(
  { extent, surfaces, likely }: Pick<Opening, 'extent' | 'surfaces' | 'likely'>,
  { upFrom, upTo, outFrom, outTo }: Band,
): Across {
  const at = (surface: 'left' | 'right') =>
    [upFrom, upTo].flatMap((up) => [outFrom, outTo].map((out) => likely({ surface, out, up })));
  return {
    fromMm: surfaces.includes('left') ? Math.max(...at('left')) : extent.left,
    toMm: surfaces.includes('right') ? Math.min(...at('right')) : extent.right,
  };
}

/** A band of a wall that must stay clear, across and up, millimetres in the opening's frame. */
interface Zone {
  readonly fromMm: number;
  readonly toMm: number;
  readonly lowMm: number;
  readonly highMm: number;
}

export interface UprightsInput {
  readonly place: Place;
  readonly opening: Pick<Opening, 'extent' | 'surfaces'>;
  /** The heights they take up on the wall. */
  readonly lowMm: number;
  readonly highMm: number;
  /** The most from one to the next. */
  readonly apartMm: number;
  /** How wide each is. */
  readonly wideMm: number;
  readonly zones: readonly Zone[];
}

/** Where uprights on the back wall go, and whether studs said so. */
export interface Uprights {
  readonly acrosses: readonly number[];
  readonly onStuds: boolean;
  /** Studs that were passed over, for something there must stay clear. */
  readonly blocked: number;
  /** Those between or beyond the studs that are noted, where the next one noted is too far. */
  readonly guessed: readonly number[];
}

/**
 * Places for brackets or posts along the back wall, left to right: at studs, as few as keep the distance asked for;
 * where no stud is noted or none is needed, even, half a space in from the ends.
 */
export function uprightsAlong({
  place,
  opening: { extent, surfaces },
  apartMm,
  wideMm,
  zones,
  lowMm,
  highMm,
}: UprightsInput): Uprights {
  const { left, right } = extent;
  // Clear of a side wall, which may lean in; at a free end wholly under the board.
  const beside = (side: 'left' | 'right') => wideMm / 2 + (surfaces.includes(side) ? BESIDE_MM : 0);
  const [least, most] = [left + beside('left'), right - beside('right')];
  const free = (x: number) =>
    x >= least &&
    x <= most &&
    zones.every(
      (zone) =>
        zone.highMm < lowMm || zone.lowMm > highMm || x + wideMm / 2 < zone.fromMm || x - wideMm / 2 > zone.toMm,
    );
  const all = place.studs
    .flatMap((stud) => (stud.wall === 'back' && stud.from.mm < right - left ? [left + stud.from.mm] : []))
    .sort((a, b) => a - b);
  const studs = all.filter(free);
  const kind = wallKindOf(place, 'back');
  const onStuds = (kind === 'lined' || kind === 'studs') && studs.length >= 2;
  if (onStuds) {
    const kept = thinned(studs, apartMm);
    const guessed = filled(kept, left, right, apartMm).map((x) => clearOf(x, free, apartMm / 4));
    return {
      acrosses: [...kept, ...guessed].sort((a, b) => a - b),
      onStuds,
      blocked: all.length - studs.length,
      guessed,
    };
  }
  const length = right - left;
  const count = Math.max(2, Math.ceil(length / apartMm));
  const even = Array.from({ length: count }, (_, i) => left + ((i + 0.5) * length) / count);
  return { acrosses: even.map((x) => clearOf(x, free, length / count / 2)), onStuds: false, blocked: 0, guessed: [] };
}

/** A bracket or post keeps so far from a side wall, millimetres. */
const BESIDE_MM = 15;

/** As few of the studs as keep the distance where they can; the outermost stay. */
function thinned(studs: readonly number[], apartMm: number): number[] {
  const kept = [studs[0] as number];
  studs.forEach((stud, i) => {
    const next = studs[i + 1];
    const last = kept.at(-1) as number;
    if (i > 0 && (next === undefined || next - last > apartMm)) kept.push(stud);
  });
  return kept;
}

/** Even places in stretches that no stud divides: between two, and out to half a space from either end. */
function filled(kept: readonly number[], left: number, right: number, apartMm: number): number[] {
  const [first, last] = [kept[0] as number, kept.at(-1) as number];
  const inner = kept.slice(1).flatMap((to, i) => {
    const from = kept[i] as number;
    const parts = Math.ceil((to - from) / apartMm - 0.25);
    return Array.from({ length: Math.max(parts - 1, 0) }, (_, k) => from + ((to - from) * (k + 1)) / parts);
  });
  const outward = (from: number, sign: 1 | -1, room: number) => {
    const count = Math.max(Math.ceil(room / apartMm - 0.65), 0);
    return Array.from({ length: count }, (_, k) => from + (sign * (k + 1) * room) / (count + 0.5));
  };
  return [...outward(first, -1, first - left), ...inner, ...outward(last, 1, right - last)];
}

const STEP_MM = 5;

/** The nearest place that is free, within a reach; where it is itself where nothing is. */
function clearOf(at: number, free: (x: number) => boolean, reachMm: number): number {
  for (let off = 0; off <= reachMm; off += STEP_MM) {
    const found = [at - off, at + off].find(free);
    if (found !== undefined) return found;
  }
  return at;
}
