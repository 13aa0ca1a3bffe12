import type { Job } from '../../job';
import { count, message } from '../../base/message';
import { wallKindOf } from '../../place/kinds';
import { doubtful, stop, type Problem } from '../../base/problem';
import { zonesOn, type Fastening, type FixedWall } from '../system';
import { spotOn, type Drilled } from './drilled';
import type { Bites, Hole } from './fixing';
import { clearOfAll, evenly, nearestFreeSpot, usable } from './spots';

/** Makes a problem of a joint from the shelf and the name of the piece. */
export type SaidOfJoint = (about: Problem['about'], piece: ReturnType<typeof message>) => Problem;

export interface HolesOfJoint {
  readonly holes: Hole[];
  readonly problems: SaidOfJoint[];
}

/** Half the width of a stud that a screw can hit. Millimetres (assumed). */
const STUD_HALF_MM = 12;
/** A stud further from an end than this leaves that end loose. */
const NEAR_END_MM = 150;
/** A screw keeps so far from a housing cut into the piece it passes, and from the next. */
const HOUSED_MM = 15;
const APART_MM = 20;

interface Stretch {
  readonly fromMm: number;
  readonly toMm: number;
}

/** A piece against its wall: which holes are possible, and what each would meet. */
interface AtWall {
  /** Whether screws hold in its studs alone, lined or bare, and these are noted. */
  readonly studded: boolean;
  readonly anchors: boolean;
  readonly drilled: Drilled;
  /** Middles of studs, along the wall. Millimetres. */
  readonly studsMm: readonly number[];
  readonly hole: (alongMm: number, acrossMm: number) => Hole;
  readonly isFree: (alongMm: number, acrossMm: number) => boolean;
  readonly isAtStud: (alongMm: number, acrossMm: number) => boolean;
}

const BITES = { plaster: 'plug', panel: 'panel', studs: 'stud' } as const satisfies Readonly<Record<string, Bites>>;

function atWall(
  fastening: Fastening,
  wall: FixedWall,
  drilled: Drilled,
  { place, fixing }: Pick<Job, 'place' | 'fixing'>,
): AtWall {
  const kind = wallKindOf(place, wall);
  const zones = zonesOn(place, wall);
  const studs = place.studs.filter((stud) => stud.wall === wall);
  const studAt = (alongMm: number) => studs.find((stud) => Math.abs(stud.from.mm - alongMm) <= STUD_HALF_MM) ?? null;
  // The faces of a cavity are studs themselves; of any other wall of bare studs these are noted.
  const studded = kind === 'lined' || (kind === 'studs' && (studs.length > 0 || place.kind !== 'cavity'));
  const hole = (alongMm: number, acrossMm: number): Hole => {
    const spot = spotOn(drilled, alongMm, acrossMm);
    const stud = studded ? studAt(spot.alongMm) : null;
    const into = kind === 'lined' || studded ? (stud ? 'stud' : 'anchor') : BITES[kind];
    return { alongMm, acrossMm, into, stud: stud?.id ?? null, spot };
  };
  const isFree = (alongMm: number, acrossMm: number) => {
    const spot = spotOn(drilled, alongMm, acrossMm);
    const housed = (fastening.avoidMm ?? []).some(
      (band) => spot.upMm > band.fromMm - HOUSED_MM && spot.upMm < band.toMm + HOUSED_MM,
    );
    return !housed && clearOfAll(zones, spot.alongMm, spot.upMm);
  };
  return {
    studded,
    // Between bare studs there is nothing for one to hold in.
    anchors: kind === 'lined' && fixing.anchors,
    drilled,
    studsMm: studs.map((stud) => stud.from.mm),
    hole,
    isFree,
    isAtStud: (alongMm, acrossMm) => studAt(spotOn(drilled, alongMm, acrossMm).alongMm) !== null,
  };
}

/** Holes that go into a wall: at its studs where it has any, else spread. */
export function wallHoles(
  fastening: Fastening,
  wall: FixedWall,
  drilled: Drilled,
  job: Pick<Job, 'place' | 'fixing'>,
): HolesOfJoint {
  const at = atWall(fastening, wall, drilled, job);
  const { spread } = fastening;
  const studsOnly = at.studded && !at.anchors;
  if (spread.kind !== 'along') {
    const given = spread.kind === 'given' ? spread.at : [];
    const holes = given
      .filter(({ alongMm, acrossMm }) => at.isFree(alongMm, acrossMm))
      .map(({ alongMm, acrossMm }) => at.hole(alongMm, acrossMm));
    const held = holes.filter(({ into }) => into !== 'anchor' || at.anchors);
    return { holes: held, problems: tooFew(held, { least: 2, lost: given.length - holes.length, studsOnly }) };
  }
  const stretch = usable(drilled.lengthMm, fastening.shortMm);
  // An upright has its screws on the line of the stud behind it.
  const rows = drilled.upright && at.studded ? uprightRows(at.studsMm, drilled, spread.acrossMm) : spread.acrossMm;
  const { places, lost } = placesAlong(at, stretch, rows, spread);
  const holes = places.flatMap((alongMm) => rows.map((acrossMm) => at.hole(alongMm, acrossMm)));
  return { holes, problems: tooFew(holes, { least: spread.least, lost, studsOnly }) };
}

/** Places of screws along a piece: at studs (plus anchors if allowed), or spread evenly on other walls. */
function placesAlong(
  at: AtWall,
  stretch: Stretch,
  rows: readonly number[],
  { everyMm, least }: { readonly everyMm: number; readonly least: number },
): { places: number[]; lost: number } {
  const { studded, anchors, drilled } = at;
  const rowFree = (alongMm: number) => rows.every((acrossMm) => at.isFree(alongMm, acrossMm));
  if (studded && !drilled.upright) {
    const studs = studPlaces(at.studsMm, drilled, stretch);
    const free = studs.filter(rowFree);
    const places = anchors ? withEnds(free, stretch, least, rowFree) : free;
    return { places, lost: studs.length - free.length };
  }
  const holds = !studded || anchors || rows.every((acrossMm) => at.isAtStud(stretch.fromMm, acrossMm));
  return holds ? spreadAlong(evenly(stretch, everyMm, least), stretch, rowFree) : { places: [], lost: 0 };
}

/** Takes each wanted place, or the nearest free one. */
function spreadAlong(wanted: readonly number[], stretch: Stretch, rowFree: (mm: number) => boolean) {
  const places: number[] = [];
  let lost = 0;
  for (const mm of wanted) {
    const near = nearestFreeSpot(mm, stretch, (other) => rowFree(other) && isApart(other, places));
    if (near === null) lost += 1;
    else places.push(near);
  }
  return { places: places.sort((a, b) => a - b), lost };
}

const isApart = (mm: number, others: readonly number[]) => others.every((other) => Math.abs(other - mm) >= APART_MM);

function uprightRows(
  studs: readonly number[],
  { startMm, widthMm }: Drilled,
  rows: readonly number[],
): readonly number[] {
  const edge = Math.min(10, widthMm / 4);
  const behind = studs
    .map((mm) => mm - startMm)
    .find((mm) => mm >= edge - STUD_HALF_MM && mm <= widthMm - edge + STUD_HALF_MM);
  return behind === undefined ? rows : [Math.min(Math.max(behind, edge), widthMm - edge)];
}

/** Where studs are behind a piece, along it: one just beyond its last place for a screw is met at that. */
function studPlaces(studs: readonly number[], { startMm, falls }: Drilled, { fromMm, toMm }: Stretch): number[] {
  return studs
    .map((mm) => (mm - startMm) / Math.cos(falls))
    .filter((mm) => mm >= fromMm - STUD_HALF_MM && mm <= toMm + STUD_HALF_MM)
    .map((mm) => Math.min(Math.max(mm, fromMm), toMm))
    .sort((a, b) => a - b);
}

/** With an anchor near each end that no stud is near, and as many as make the least there must be. */
function withEnds(places: readonly number[], stretch: Stretch, least: number, free: (mm: number) => boolean): number[] {
  const all = [...places];
  for (const end of [stretch.fromMm, stretch.toMm]) {
    if (all.some((mm) => Math.abs(mm - end) <= NEAR_END_MM)) continue;
    const found = nearestFreeSpot(end, stretch, free);
    if (found !== null && isApart(found, all)) all.push(found);
  }
  while (all.length < least) {
    const sorted = [stretch.fromMm, ...all.sort((a, b) => a - b), stretch.toMm];
    const gaps = sorted.slice(1).map((mm, i) => {
      const before = sorted[i] as number;
      return { middle: (mm + before) / 2, size: mm - before };
    });
    const widest = gaps.reduce((a, b) => (b.size > a.size ? b : a));
    const found = nearestFreeSpot(widest.middle, stretch, (mm) => free(mm) && isApart(mm, all));
    if (found === null) break;
    all.push(found);
  }
  return all.sort((a, b) => a - b);
}

interface Count {
  readonly least: number;
  /** Wanted places with no free spot near. */
  readonly lost: number;
  readonly studsOnly: boolean;
}

function tooFew(holes: readonly Hole[], { least, lost, studsOnly }: Count): SaidOfJoint[] {
  const counted = (piece: ReturnType<typeof message>) =>
    ({ piece: { kind: 'message', message: piece }, count: count(holes.length) }) as const;
  if (holes.length < 2) {
    const code = studsOnly ? 'problem.noStudNoAnchor' : 'problem.noPlaceForScrews';
    return [(about, piece) => stop(about, message(code, counted(piece)))];
  }
  if (holes.length >= least && lost === 0) return [];
  return [(about, piece) => doubtful(about, message('problem.fewerScrews', counted(piece)))];
}
