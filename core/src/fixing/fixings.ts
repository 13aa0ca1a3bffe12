import type { Figure } from '../figure';
import type { Part } from '../fit';
import type { Job } from '../job';
import { count, length, message, text } from '../message';
import type { Opening } from '../opening';
import { wallKindOf } from '../place';
import { doubtful, stop, type Problem } from '../problem';
import { zonesOn, type Fastening, type FixedWall, type Hardware } from '../system';
import { holesFor, plugHole, screwFor, type HoleSizes, type PlugHole, type Screw, type Way } from './screws';
import { clearOfAll, evenly, nearestFreeSpot, usable } from './spots';

/** What a screw bites into. */
export type Bites = 'stud' | 'panel' | 'plug' | 'anchor' | 'wood';

/** One hole. Millimetres. */
export interface Hole {
  /** Along the piece from its left (rear, lower) end, and across it from its lower (rear, left) edge. */
  readonly alongMm: number;
  readonly acrossMm: number;
  readonly into: Bites;
  /** The stud behind it, by id. */
  readonly stud: string | null;
  /**
   * On the wall: along it from where it begins (its left end, a side wall its back corner), and above the floor mark.
   */
  readonly spot: { readonly alongMm: number; readonly upMm: number } | null;
}

/** One joint with its screws, each in its place. */
export interface Fixing {
  readonly id: string;
  readonly shelf: number;
  readonly through: Fastening['through'];
  readonly into: Fastening['into'];
  /** What is pencilled on the piece that is drilled; empty for a bracket or a wall. */
  readonly label: string;
  readonly screw: Screw;
  /** Passes, lining and bite: they add up to the screw. */
  readonly length: Figure;
  readonly biteMm: number;
  readonly liningMm: number;
  readonly passMm: number;
  readonly sizes: HoleSizes;
  /** The hole in the wall for each plug; null where none is needed. */
  readonly plug: PlugHole | null;
  readonly holes: readonly Hole[];
  readonly carries: string | null;
  readonly leverMm: number;
  /** Its heads are on the underside of a board. */
  readonly heads?: 'below';
  /** It is drilled through its edge: across is over its thickness. */
  readonly edge?: true;
}

export interface Fixings {
  readonly fixings: readonly Fixing[];
  readonly problems: readonly Problem[];
}

interface PlaceInput {
  readonly fastenings: readonly Fastening[];
  readonly parts: readonly Part[];
  readonly hardware: readonly Hardware[];
  readonly opening: Pick<Opening, 'extent' | 'surfaces'>;
  readonly job: Pick<Job, 'place' | 'fixing' | 'units'>;
}

/** How deep a screw bites into a stud, and into masonry: 30 to 40 mm is enough. */
const STUD_BITE_MM = 35;
const PLUG_BITE_MM = 45;
// What a stud leaves on either side of its middle for a screw to hit.
const STUD_HALF_MM = 12;
const STUD_DEEP_MM = 70;
/** A stud further from an end than this leaves that end loose. */
const NEAR_END_MM = 150;

/** Puts every screw of every joint in its place; joints whose piece is not made are left out. */
export function placeFixings(input: PlaceInput): Fixings {
  const problems: Problem[] = [];
  const fixings = input.fastenings.flatMap((one): Fixing[] => {
    const placed = placeOne(one, input);
    if (!placed) return [];
    problems.push(...placed.problems);
    return placed.fixing ? [placed.fixing] : [];
  });
  return { fixings, problems };
}

/** A piece or a bracket as it is drilled: how long, and where on its wall it begins. */
interface Drilled {
  readonly label: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  /**
   * Along the wall where its length begins (where its left edge is, for an upright), and how high its lower edge is.
   */
  readonly startMm: number;
  readonly lowMm: number;
  readonly upright: boolean;
  /** How far it falls to the front, radians; its rear upper edge is at the top of its band. */
  readonly falls: number;
  readonly highMm: number;
}

function placeOne(one: Fastening, input: PlaceInput): { fixing: Fixing | null; problems: Problem[] } | null {
  const { parts, hardware, job, opening } = input;
  if (one.into.is === 'piece' && !parts.some((part) => part.id === (one.into as { id: string }).id)) return null;
  const part = one.through.is === 'piece' ? parts.find(({ id }) => id === (one.through as { id: string }).id) : null;
  const item =
    one.through.is === 'hardware' ? hardware.find(({ id }) => id === (one.through as { id: string }).id) : null;
  if (part === undefined || item === undefined) return null;
  const wall = one.into.is === 'wall' ? one.into.wall : null;
  const drilled = part
    ? drilledPart(part, wall, one.edge ?? false, opening)
    : item
      ? drilledItem(item, wall, opening.extent.left)
      : null;
  const about = one.shelf > 0 ? ({ is: 'shelf', shelf: one.shelf } as const) : ({ is: 'support' } as const);
  const name = drilled?.label ? message('fixing.piece', { label: text(drilled.label) }) : message('fixing.bracket');
  const { holes, problems } = wall && drilled ? wallHoles(one, wall, drilled, input) : pieceHoles(one, drilled);
  const said = problems.map((problem) => problem(about, name));
  const chosen = screwOf(one, holes, job);
  if (!chosen) {
    const pass = length(one.passMm);
    return {
      fixing: null,
      problems: [...said, stop(about, message('problem.noScrew', { piece: { is: 'message', message: name }, pass }))],
    };
  }
  if (holes.length === 0) return { fixing: null, problems: said };
  const fixing: Fixing = {
    id: one.id,
    shelf: one.shelf,
    through: one.through,
    into: one.into,
    label: drilled?.label ?? '',
    screw: chosen.screw,
    length: chosen.length,
    biteMm: chosen.biteMm,
    liningMm: chosen.liningMm,
    passMm: one.passMm,
    sizes: holesFor(chosen.screw, job.units),
    plug: holes.some((hole) => hole.into === 'plug') ? plugHole(chosen.screw, chosen.biteMm, job.units) : null,
    holes,
    carries: one.carries,
    leverMm: one.leverMm,
    ...(one.edge ? { edge: true } : {}),
    ...(one.heads ? { heads: one.heads } : {}),
  };
  return { fixing, problems: said };
}

function drilledPart(
  part: Part,
  wall: FixedWall | null,
  edge: boolean,
  { extent: { left, right }, surfaces }: PlaceInput['opening'],
): Drilled {
  const { place, across, upright = false, label, width, thicknessMm } = part;
  // What lies along the back of a corner on the right ends in that corner.
  const starts = part.role === 'rail-back' && !part.fit && !surfaces.includes('left') ? right - part.length.mm : left;
  const along =
    wall === 'back' || wall === null ? (across?.fromMm ?? part.fit?.seat.acrossMm ?? starts) - left : place.outFrom;
  return {
    label,
    lengthMm: part.fit?.backMm ?? part.length.mm,
    widthMm: edge ? thicknessMm : width.mm,
    startMm: along,
    lowMm: place.upFrom,
    upright,
    falls: ((part.tiltDegrees ?? 0) * Math.PI) / 180,
    highMm: place.upTo,
  };
}

function drilledItem({ place, across }: Hardware, wall: FixedWall | null, left: number): Drilled {
  const [from, to] =
    wall === 'left' || wall === 'right' ? [place.outFrom, place.outTo] : [across.fromMm - left, across.toMm - left];
  return {
    label: '',
    lengthMm: place.upTo - place.upFrom,
    widthMm: to - from,
    startMm: from,
    lowMm: place.upFrom,
    upright: true,
    falls: 0,
    highMm: place.upTo,
  };
}

/** Where a hole of a piece comes to lie on its wall: along it from where it begins, and above the floor mark. */
function spotOn(
  { upright, startMm, lowMm, highMm, widthMm, falls }: Drilled,
  alongMm: number,
  acrossMm: number,
): { alongMm: number; upMm: number } {
  if (upright) return { alongMm: startMm + acrossMm, upMm: lowMm + alongMm };
  if (falls === 0) return { alongMm: startMm + alongMm, upMm: lowMm + acrossMm };
  // Along the slope from its rear upper corner, and square down from its upper edge.
  const [sin, cos, down] = [Math.sin(falls), Math.cos(falls), widthMm - acrossMm];
  return { alongMm: startMm + alongMm * cos - down * sin, upMm: highMm - alongMm * sin - down * cos };
}

type Said = (about: Problem['about'], piece: ReturnType<typeof message>) => Problem;

/** Holes that go into a wall: at its studs where it has any, else spread. */
function wallHoles(
  one: Fastening,
  wall: FixedWall,
  drilled: Drilled,
  { job }: PlaceInput,
): { holes: Hole[]; problems: Said[] } {
  const { place, fixing } = job;
  const kind = wallKindOf(place, wall);
  const zones = zonesOn(place, wall);
  const studs = place.studs.filter((stud) => stud.wall === wall);
  const spotOf = (alongMm: number, acrossMm: number) => spotOn(drilled, alongMm, acrossMm);
  const studAt = (alongMm: number) => studs.find((stud) => Math.abs(stud.from.mm - alongMm) <= STUD_HALF_MM) ?? null;
  const hole = (alongMm: number, acrossMm: number): Hole => {
    const spot = spotOf(alongMm, acrossMm);
    const stud = kind === 'lined' ? studAt(spot.alongMm) : null;
    const into =
      kind === 'lined' ? (stud ? 'stud' : 'anchor') : kind === 'plaster' ? 'plug' : kind === 'panel' ? 'panel' : 'stud';
    return { alongMm, acrossMm, into, stud: stud?.id ?? null, spot };
  };
  const free = (alongMm: number, acrossMm: number) => {
    const spot = spotOf(alongMm, acrossMm);
    const housed = (one.avoidMm ?? []).some(
      (band) => spot.upMm > band.fromMm - HOUSED_MM && spot.upMm < band.toMm + HOUSED_MM,
    );
    return !housed && clearOfAll(zones, spot.alongMm, spot.upMm);
  };
  const { spread } = one;
  if (spread.is !== 'along') {
    const given = spread.is === 'given' ? spread.at : [];
    const holes = given.filter((at) => free(at.alongMm, at.acrossMm)).map((at) => hole(at.alongMm, at.acrossMm));
    const anchored = holes.filter((at) => at.into !== 'anchor' || fixing.anchors);
    return {
      holes: anchored,
      problems: tooFew(anchored, 2, given.length - holes.length, kind === 'lined' && !fixing.anchors),
    };
  }
  const stretch = usable(drilled.lengthMm, one.shortMm);
  // An upright has its screws on the line of the stud behind it.
  const rows =
    drilled.upright && kind === 'lined'
      ? uprightRows(
          studs.map((stud) => stud.from.mm),
          drilled,
          spread.acrossMm,
        )
      : spread.acrossMm;
  const rowFree = (alongMm: number) => rows.every((acrossMm) => free(alongMm, acrossMm));
  const atStuds =
    kind === 'lined' && !drilled.upright
      ? studPlaces(
          studs.map((stud) => stud.from.mm),
          drilled,
          stretch,
        )
      : null;
  let [places, lost]: [number[], number] = [[], 0];
  if (atStuds) {
    places = atStuds.filter(rowFree);
    lost = atStuds.length - places.length;
    if (fixing.anchors) places = withEnds(places, stretch, spread.least, rowFree);
  } else if (
    kind !== 'lined' ||
    fixing.anchors ||
    rows.every((acrossMm) => studAt(spotOf(stretch.fromMm, acrossMm).alongMm))
  ) {
    const wanted = evenly(stretch, spread.everyMm, spread.least);
    const found: number[] = [];
    for (const at of wanted) {
      const near = nearestFreeSpot(
        at,
        stretch,
        (mm) => rowFree(mm) && found.every((other) => Math.abs(other - mm) >= APART_MM),
      );
      if (near === null) lost += 1;
      else found.push(near);
    }
    places = found.sort((a, b) => a - b);
  }
  const holes = places.flatMap((alongMm) => rows.map((acrossMm) => hole(alongMm, acrossMm)));
  return { holes, problems: tooFew(holes, spread.least, lost, kind === 'lined' && !fixing.anchors) };
}

// A screw keeps so far from a housing cut into the piece it passes, and from the next.
const HOUSED_MM = 15;
const APART_MM = 20;

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
function studPlaces(
  studs: readonly number[],
  { startMm, falls }: Drilled,
  { fromMm, toMm }: { fromMm: number; toMm: number },
): number[] {
  return studs
    .map((mm) => (mm - startMm) / Math.cos(falls))
    .filter((mm) => mm >= fromMm - STUD_HALF_MM && mm <= toMm + STUD_HALF_MM)
    .map((mm) => Math.min(Math.max(mm, fromMm), toMm))
    .sort((a, b) => a - b);
}

/** With an anchor near each end that no stud is near, and as many as make the least there must be. */
function withEnds(
  places: readonly number[],
  stretch: { readonly fromMm: number; readonly toMm: number },
  least: number,
  free: (mm: number) => boolean,
): number[] {
  const all = [...places];
  for (const end of [stretch.fromMm, stretch.toMm]) {
    if (all.some((mm) => Math.abs(mm - end) <= NEAR_END_MM)) continue;
    const found = nearestFreeSpot(end, stretch, free);
    if (found !== null && all.every((mm) => Math.abs(mm - found) >= APART_MM)) all.push(found);
  }
  while (all.length < least) {
    const sorted = [stretch.fromMm, ...all.sort((a, b) => a - b), stretch.toMm];
    const gaps = sorted
      .slice(1)
      .map((mm, i) => ({ middle: (mm + (sorted[i] as number)) / 2, size: mm - (sorted[i] as number) }));
    const widest = gaps.reduce((a, b) => (b.size > a.size ? b : a));
    const found = nearestFreeSpot(
      widest.middle,
      stretch,
      (mm) => free(mm) && all.every((other) => Math.abs(other - mm) >= APART_MM),
    );
    if (found === null) break;
    all.push(found);
  }
  return all.sort((a, b) => a - b);
}

function tooFew(holes: readonly Hole[], least: number, lost: number, studsOnly: boolean): Said[] {
  const said: Said[] = [];
  const pieceOf = (piece: ReturnType<typeof message>) => ({ is: 'message', message: piece }) as const;
  if (holes.length < 2) {
    const code = studsOnly ? 'problem.noStudNoAnchor' : 'problem.noPlaceForScrews';
    said.push((about, piece) => stop(about, message(code, { piece: pieceOf(piece), count: count(holes.length) })));
  } else if (holes.length < least || lost > 0) {
    said.push((about, piece) =>
      doubtful(about, message('problem.fewerScrews', { piece: pieceOf(piece), count: count(holes.length) })),
    );
  }
  return said;
}

/** Holes through one piece, or through a wall from behind, into another piece. */
function pieceHoles(
  { spread, shortMm, through }: Fastening,
  drilled: Drilled | null,
): { holes: Hole[]; problems: Said[] } {
  const hole = (alongMm: number, acrossMm: number): Hole => ({
    alongMm,
    acrossMm,
    into: 'wood',
    stud: null,
    spot: through.is === 'wall' ? { alongMm, upMm: acrossMm } : null,
  });
  if (spread.is === 'given') return { holes: spread.at.map((at) => hole(at.alongMm, at.acrossMm)), problems: [] };
  if (!drilled) return { holes: [], problems: [] };
  if (spread.is === 'along') {
    const places = evenly(usable(drilled.lengthMm, shortMm), spread.everyMm, spread.least);
    return { holes: places.flatMap((at) => spread.acrossMm.map((acrossMm) => hole(at, acrossMm))), problems: [] };
  }
  const { fromMm, toMm } = usable(spread.toMm - spread.fromMm);
  const alongMm = spread.end === 'left' ? spread.inMm : drilled.lengthMm - spread.inMm;
  const row = evenly({ fromMm: spread.fromMm + fromMm, toMm: spread.fromMm + toMm }, spread.everyMm, spread.least);
  return { holes: row.map((acrossMm) => hole(alongMm, acrossMm)), problems: [] };
}

/** End grain holds badly: a screw goes deeper into it. */
const BITE_MM = { side: 25, edge: 30, end: 45 } as const;

function screwOf(one: Fastening, holes: readonly Hole[], { place, fixing, units }: PlaceInput['job']) {
  const { into, passMm } = one;
  const way = ((): Way => {
    if (into.is === 'piece')
      return {
        passMm,
        liningMm: 0,
        biteMm: one.with === 'pin' ? 20 : BITE_MM[into.grain],
        haveMm: into.haveMm ?? Infinity,
      };
    const kind = wallKindOf(place, into.wall);
    if (kind === 'lined') return { passMm, liningMm: fixing.lining.mm, biteMm: STUD_BITE_MM, haveMm: STUD_DEEP_MM };
    if (kind === 'plaster') return { passMm, liningMm: 0, biteMm: PLUG_BITE_MM, haveMm: Infinity };
    if (kind === 'panel') return { passMm, liningMm: 0, biteMm: STUD_BITE_MM, haveMm: fixing.panel.mm };
    return { passMm, liningMm: 0, biteMm: STUD_BITE_MM, haveMm: STUD_DEEP_MM };
  })();
  const duty = one.with !== 'screw' ? one.with : into.is === 'wall' || one.through.is === 'wall' ? 'wall' : 'wood';
  const chosen = screwFor(duty, way, units);
  return chosen && { ...chosen, liningMm: way.liningMm, holes };
}
