import type { Part } from '../fit';
import type { Job } from '../../job';
import { length, message, nested, text } from '../../base/message';
import type { Opening } from '../../place/opening';
import { wallKindOf } from '../../place/kinds';
import { stop, type Problem } from '../../base/problem';
import type { Fastening, Hardware } from '../system';
import { drilledItem, drilledPart, type Drilled } from './drilled';
import type { Fixing, Hole } from './fixing';
import { holesFor, plugHole, screwFor, type Way } from './screws';
import { evenly, usable, type Stretch } from './spots';
import { wallHoles, type HolesOfJoint } from './wallHoles';

export interface Fixings {
  readonly fixings: readonly Fixing[];
  readonly problems: readonly Problem[];
}

interface PlaceInput {
  readonly fastenings: readonly Fastening[];
  readonly parts: readonly Part[];
  readonly hardware: readonly Hardware[];
  readonly opening: Pick<Opening, 'extent' | 'surfaces'>;
  /** The stretch of one piece over which another lies on it; null where it does not, or that is not known. */
  readonly shared?: (through: string, into: string) => Stretch | null;
  readonly job: Pick<Job, 'place' | 'fixing' | 'units'>;
}

/** How deep a screw bites into a stud, and into masonry: 30 to 40 mm is enough. */
const STUD_BITE_MM = 35;
const PLUG_BITE_MM = 45;
const STUD_DEEP_MM = 70;
/** End grain holds badly: a screw goes deeper into it. */
const BITE_MM = { side: 25, edge: 30, end: 45 } as const;
const PIN_BITE_MM = 20;

/** Puts every screw of every joint in its place; joints whose piece is not made are left out. */
export function placeFixings(input: PlaceInput): Fixings {
  const problems: Problem[] = [];
  const fixings = input.fastenings.flatMap((fastening): Fixing[] => {
    const drilled = drilledOf(fastening, input);
    if (drilled === undefined) return [];
    const placed = placeFixing(fastening, drilled, input);
    problems.push(...placed.problems);
    return placed.fixing ? [placed.fixing] : [];
  });
  return { fixings, problems };
}

/** Finds the piece or bracket a joint is drilled through: null for a wall, undefined when a piece is not made. */
function drilledOf({ through, into, edge }: Fastening, input: PlaceInput): Drilled | null | undefined {
  const { parts, hardware, opening } = input;
  if (into.kind === 'piece' && !parts.some(({ id }) => id === into.id)) return undefined;
  const wall = into.kind === 'wall' ? into.wall : null;
  if (through.kind === 'piece') {
    const part = parts.find(({ id }) => id === through.id);
    return part && drilledPart(part, wall, edge ?? false, opening);
  }
  if (through.kind === 'wall') return null;
  const item = hardware.find(({ id }) => id === through.id);
  return item && drilledItem(item, wall, opening.extent.left);
}

function placeFixing(
  fastening: Fastening,
  drilled: Drilled | null,
  { job, shared }: PlaceInput,
): { fixing: Fixing | null; problems: Problem[] } {
  const { shelf, into, passMm } = fastening;
  const about = shelf > 0 ? ({ kind: 'shelf', shelf } as const) : ({ kind: 'support' } as const);
  const name = drilled?.label ? message('fixing.piece', { label: text(drilled.label) }) : message('fixing.bracket');
  const wall = into.kind === 'wall' ? into.wall : null;
  const { holes, problems } =
    wall && drilled ? wallHoles(fastening, wall, drilled, job) : pieceHoles(fastening, drilled, shared);
  const said = problems.map((problem) => problem(about, name));
  const chosen = screwOf(fastening, job);
  if (!chosen) {
    const noScrew = stop(about, message('problem.noScrew', { piece: nested(name), pass: length(passMm) }));
    return { fixing: null, problems: [...said, noScrew] };
  }
  if (holes.length === 0) return { fixing: null, problems: said };
  const fixing: Fixing = {
    id: fastening.id,
    shelf,
    through: fastening.through,
    into,
    label: drilled?.label ?? '',
    screw: chosen.screw,
    length: chosen.length,
    biteMm: chosen.biteMm,
    liningMm: chosen.liningMm,
    passMm,
    sizes: holesFor(chosen.screw, job.units),
    plug: holes.some((hole) => hole.into === 'plug') ? plugHole(chosen.screw, chosen.biteMm, job.units) : null,
    holes,
    carries: fastening.carries,
    leverMm: fastening.leverMm,
    ...(fastening.edge ? { edge: true } : {}),
    ...(fastening.heads ? { heads: fastening.heads } : {}),
  };
  return { fixing, problems: said };
}

/** Holes through one piece, or through a wall from behind, into another piece. */
function pieceHoles(
  { spread, shortMm, through, into }: Fastening,
  drilled: Drilled | null,
  shared: PlaceInput['shared'],
): HolesOfJoint {
  const hole = (alongMm: number, acrossMm: number): Hole => ({
    alongMm,
    acrossMm,
    into: 'wood',
    stud: null,
    spot: through.kind === 'wall' ? { alongMm, upMm: acrossMm } : null,
  });
  if (spread.kind === 'given') return { holes: spread.at.map((at) => hole(at.alongMm, at.acrossMm)), problems: [] };
  if (!drilled) return { holes: [], problems: [] };
  if (spread.kind === 'along') {
    const over = through.kind === 'piece' && into.kind === 'piece' ? shared?.(through.id, into.id) : null;
    const stretch = over ? within(over) : usable(drilled.lengthMm, shortMm);
    const places = evenly(stretch, spread.everyMm, spread.least);
    return { holes: places.flatMap((at) => spread.acrossMm.map((acrossMm) => hole(at, acrossMm))), problems: [] };
  }
  const { fromMm, toMm } = usable(spread.toMm - spread.fromMm);
  // Over the middle of what it lies on there, wherever its own end is.
  const under = through.kind === 'piece' && into.kind === 'piece' ? shared?.(through.id, into.id) : null;
  const told = spread.end === 'left' ? spread.inMm : drilled.lengthMm - spread.inMm;
  const alongMm = under ? (under.fromMm + under.toMm) / 2 : told;
  const row = evenly({ fromMm: spread.fromMm + fromMm, toMm: spread.fromMm + toMm }, spread.everyMm, spread.least);
  return { holes: row.map((acrossMm) => hole(alongMm, acrossMm)), problems: [] };
}

/** Of a stretch what keeps from its ends as a screw does. */
function within({ fromMm, toMm }: Stretch): Stretch {
  const usual = usable(toMm - fromMm);
  return { fromMm: fromMm + usual.fromMm, toMm: fromMm + usual.toMm };
}

function screwOf(fastening: Fastening, job: PlaceInput['job']) {
  const { into, through } = fastening;
  const way = wayOf(fastening, job);
  const walled = into.kind === 'wall' || through.kind === 'wall';
  const duty = fastening.with !== 'screw' ? fastening.with : walled ? 'wall' : 'wood';
  const chosen = screwFor(duty, way, job.units);
  return chosen && { ...chosen, liningMm: way.liningMm };
}

/** Thicknesses a screw passes and bites into, by the kind of wall. */
function wayOf(fastening: Fastening, { place, fixing }: PlaceInput['job']): Way {
  const { into, passMm } = fastening;
  if (into.kind === 'piece') {
    const biteMm = fastening.with === 'pin' ? PIN_BITE_MM : BITE_MM[into.grain];
    return { passMm, liningMm: 0, biteMm, haveMm: into.haveMm ?? Infinity };
  }
  switch (wallKindOf(place, into.wall)) {
    case 'lined':
      return { passMm, liningMm: fixing.lining.mm, biteMm: STUD_BITE_MM, haveMm: STUD_DEEP_MM };
    case 'plaster':
      return { passMm, liningMm: 0, biteMm: PLUG_BITE_MM, haveMm: Infinity };
    case 'panel':
      return { passMm, liningMm: 0, biteMm: STUD_BITE_MM, haveMm: fixing.panel.mm };
    default:
      return { passMm, liningMm: 0, biteMm: STUD_BITE_MM, haveMm: STUD_DEEP_MM };
  }
}
