import { perOwner } from '../base/memory';
import { count, length, message } from '../base/message';
import { doubtful, stop, type Problem } from '../base/problem';
import { bayJob, stretchesOf, type Stretch } from '../design/bay';
import { depthOf, plannedAt, SYSTEMS } from '../design/system';
import { askedOf, baysOf, shelvesWanted, type Asked, type BayWish, type DesignJob } from '../job';
import type { Extent } from '../place/kinds';
import { openingBetween, type Edge, type Edges, type Opening } from '../place/opening';
import { faceOf, type BayFace, type BayRoad } from './bayRoad';
import { namedFor } from './named';
import { asFarAsParts, placeOf, type Surveyed } from './parts';
import { uprightsOf, withUprights } from './uprights';

/** All bays of a job, the main one first, and what is wrong with how they part the opening. */
export interface Roads {
  readonly all: readonly [BayRoad, ...BayRoad[]];
  readonly problems: readonly Problem[];
}

/** Openings of bays, so that what is known of their walls is worked out once. */
const openings = perOwner<Opening, Opening>(20);

/** The pieces of every bay of a job. Bays that do not go into the opening are left out, and it is said why. */
export function roadsOf(job: DesignJob, place: Surveyed = placeOf(job)): Roads {
  const bays = baysOf(job);
  const { opening } = place;
  const { left, right } = opening.extent;
  if (bays.length === 1) return { all: [wholeRoad(job, place)], problems: [] };
  const about = { kind: 'shelves' } as const;
  const alone = (problem: Problem): Roads => ({ all: [wholeRoad(job, place)], problems: [problem] });
  if (job.place.kind === 'corner' || job.place.kind === 'cavity')
    return alone(stop(about, message('problem.baysNotHere')));
  const betweenMm = bays.slice(1).map((bay, i) => partedBy([bays[i] as BayWish, bay], job));
  const stretches = stretchesOf(bays, freeOf(bays, job, opening), betweenMm);
  if (!stretches) return alone(stop(about, message('problem.baysTooWide', { width: length(right - left) })));
  const cases = new Map(
    bays.flatMap((bay, i) =>
      isCase(bay) ? [[bay.id, caseRoad(job, bay, stretches[i] as Stretch, place)] as const] : [],
    ),
  );
  const parted = bays.slice(1).flatMap((bay, i) => (isCase(bay) || isCase(bays[i] as BayWish) ? [] : [i]));
  const uprights = uprightsOf({ job, bays, stretches, opening, parted });
  const roads = bays.map((bay, i): BayRoad => {
    const made = cases.get(bay.id);
    if (made) return made;
    const [before, after] = [bays[i - 1], bays[i + 1]].map((one) => cases.get(one?.id ?? ''));
    const left = before ? sideOf(before, 'right') : (uprights.get(i - 1)?.right ?? null);
    const right = after ? sideOf(after, 'left') : (uprights.get(i)?.left ?? null);
    const ends = { first: i === 0, last: i === bays.length - 1 };
    return bayRoad(job, bay, { stretch: stretches[i] as Stretch, faces: { left, right }, ...ends }, place);
  });
  const ordered = withUprights(roads, uprights, job).sort((a, b) => a.bay.firstShelf - b.bay.firstShelf);
  return { all: ordered as [BayRoad, ...BayRoad[]], problems: ordered.flatMap(pastFaces) };
}

/** What lies between two bays, millimetres: a little air between cases, nothing beside one, or an upright board. */
function partedBy(two: readonly BayWish[], { shelves }: DesignJob): number {
  const cases = two.filter(isCase).length;
  return cases === 2 ? AIR_MM : cases === 1 ? 0 : shelves.thickness.mm;
}
/** Cases side by side stand so far apart that neither rubs the other, millimetres. */
const AIR_MM = 2;

const isCase = ({ support: { system } }: BayWish): boolean =>
  SYSTEMS[system].unit === 'case' && plannedAt(system, { kind: 'run' });

/** A job that is not parted. */
function wholeRoad(job: DesignJob, place: Surveyed): BayRoad {
  const { left, right } = place.opening.extent;
  const { bays: _none, ...whole } = job;
  return {
    ...asFarAsParts(whole, place),
    bay: { id: 'main', name: '', main: true, position: 1, firstShelf: 1 },
    stretch: { fromMm: left, toMm: right },
    faces: { left: null, right: null },
  };
}

/** A case that stands beside other bays: as wide as its bay, free of what is beside it. */
function caseRoad(job: DesignJob, bay: BayWish, stretch: Stretch, place: Surveyed): BayRoad {
  const edges: Edges = { left: { kind: 'open', mm: stretch.fromMm }, right: { kind: 'open', mm: stretch.toMm } };
  const { system, own } = bay.support;
  const asked = askedOfCase(bay, job);
  const mostMm = asked.sideThickness.mm - asked.trimReveal.mm - MARK_MM;
  const wide = asked.trim && asked.trimWidth.mm > mostMm;
  const narrowMm = Math.max(mostMm, Math.min(LEAST_TRIM_MM, asked.sideThickness.mm));
  const trimWidth = wide ? { ...asked.trimWidth, mm: narrowMm } : asked.trimWidth;
  const revealMm = Math.min(asked.trimReveal.mm, asked.sideThickness.mm - trimWidth.mm);
  const trimReveal = wide ? { ...asked.trimReveal, mm: revealMm } : asked.trimReveal;
  const said = { ...own, [system]: { ...own[system], play: NO_PLAY, trimWidth, trimReveal } };
  const standing = { ...bay, support: { ...bay.support, own: said } };
  const road = made(job, standing, { stretch, edges, faces: { left: null, right: null } }, place);
  if (!wide) return road;
  const narrower = doubtful({ kind: 'support' }, message('problem.trimBesideBay', { width: length(trimWidth.mm) }));
  return { ...road, system: { ...road.system, problems: [...road.system.problems, narrower] } };
}

/** What every case is asked, whichever it is. */
type AskedOfCase = Pick<Asked<'housed-case'>, 'sideThickness' | 'play' | 'trim' | 'trimWidth' | 'trimReveal'>;
const askedOfCase = ({ support }: BayWish, { units, tools }: DesignJob): AskedOfCase =>
  askedOf({ support, units, tools }, support.system as 'housed-case');

/** Trim ends so far inside the side it covers: it is cut to marks of the tape. Millimetres. */
const MARK_MM = 1;
/** Trim is no narrower than this, millimetres. */
const LEAST_TRIM_MM = 5;

const NO_PLAY = { mm: 0, typed: '0', unit: 'mm' } as const;

/** Where bays begin and end: at the walls, or where a case beside a wall stands clear of that and of its skirting. */
function freeOf(bays: readonly BayWish[], job: DesignJob, { surfaces, extent, likely }: Opening): Extent {
  const reach = (wall: 'left' | 'right') =>
    [0, extent.height / 2, extent.height].flatMap((up) =>
      [0, extent.depth].map((out) => likely({ surface: wall, up, out })),
    );
  const clearMm = (bay: BayWish): number => askedOfCase(bay, job).play.mm / 2 + (job.place.skirting?.thickness.mm ?? 0);
  const [first, last] = [bays[0] as BayWish, bays.at(-1) as BayWish];
  return {
    ...extent,
    left: isCase(first) && surfaces.includes('left') ? Math.max(...reach('left')) + clearMm(first) : extent.left,
    right: isCase(last) && surfaces.includes('right') ? Math.min(...reach('right')) - clearMm(last) : extent.right,
  };
}

/** A bay between walls and the sides of cases. */
function bayRoad(
  job: DesignJob,
  bay: BayWish,
  {
    stretch,
    faces,
    first,
    last,
  }: Pick<BayRoad, 'stretch' | 'faces'> & { readonly first: boolean; readonly last: boolean },
  place: Surveyed,
): BayRoad {
  const edge = (side: 'left' | 'right'): Edge => {
    if (side === 'left' ? first : last) return { kind: 'wall' };
    // Where the case beside it is not made, the bay ends where that would stand.
    const { acrossMm: mm = side === 'left' ? stretch.fromMm : stretch.toMm, slope = 0 } = faces[side] ?? {};
    return { kind: 'face', mm, slope, sdMm: SET_OUT_SD_MM };
  };
  return made(job, bay, { stretch, edges: { left: edge('left'), right: edge('right') }, faces }, place);
}

/** A case is set out by the tape and stands plumb: its sides are where they should be to so much. Millimetres. */
const SET_OUT_SD_MM = 0.5;

function made(
  job: DesignJob,
  bay: BayWish,
  { stretch, edges, faces }: { stretch: Stretch; edges: Edges; faces: BayRoad['faces'] },
  { survey, opening }: Surveyed,
): BayRoad {
  const panels = [faces.left, faces.right].flatMap((face) => (face ? [face.thicknessMm] : []));
  const own = bayJob(job, bay, edges, opening, panels.length > 0 ? Math.min(...panels) : null);
  const between = openings(opening, edges, () => openingBetween(opening, edges));
  const road = namedFor(bay, asFarAsParts(own, { survey, opening: between }, bay.firstShelf));
  const { id, name, main, position, firstShelf } = bay;
  const { left, right } = between.extent;
  const empty = shelvesWanted(bay.shelves) === 0 && !main;
  const problems = road.layout.problems.filter(({ message: { code } }) => !empty || code !== 'problem.noShelves');
  const contents = road.layout.contents;
  const acrossMm = contents?.acrossMm ?? (edges.left.kind === 'wall' ? null : left);
  return {
    ...road,
    layout: { ...road.layout, problems, contents: contents && { ...contents, acrossMm } },
    bay: { id, name, main, position, firstShelf },
    stretch: edges.left.kind === 'open' ? stretch : { fromMm: left, toMm: right },
    faces,
  };
}

/** The side of a case that closes the bay beside it; null where the case is not made. */
function sideOf({ specs, opening }: BayRoad, side: 'left' | 'right'): BayFace | null {
  const panel = specs.find(({ role }) => role === `case-side-${side}`);
  const unit = specs.filter((one) => one.unit === panel?.unit);
  return panel ? faceOf(panel, side, unit, opening) : null;
}

/** Shelves that would be fixed to a case or an upright above its top, or in front of it. */
function pastFaces({ faces, layout, job }: BayRoad): Problem[] {
  const all = [faces.left, faces.right].flatMap((face) => (face ? [face.place] : []));
  const highest = Math.min(...all.map(({ upTo }) => upTo));
  const deepest = Math.min(...all.map(({ outTo }) => outTo));
  return layout.shelves.flatMap(({ number, top }): Problem[] => {
    const about = { kind: 'shelf', shelf: number } as const;
    const shelf = count(number);
    if (top.mm > highest) return [stop(about, message('problem.aboveCase', { shelf, top: length(highest) }))];
    const deep = depthOf(job, number);
    if (deep <= deepest + SAME_MM) return [];
    return [doubtful(about, message('problem.deeperThanCase', { shelf, by: length(deep - deepest) }))];
  });
}

/** Depths that differ by less are the same, millimetres. */
const SAME_MM = 0.5;
