import type { BayWish, DesignJob, Place } from '../../job';
import type { Edge, Edges, Opening } from '../../place/opening';

/**
 * The job as it is for one bay: its shelves, its support, and the place as seen from between its two edges. Things and
 * tilted shelves are those of the main bay.
 * @param panelMm thickness of the pieces it has for walls, millimetres
 */
export function bayJob(
  job: DesignJob,
  bay: BayWish,
  edges: Edges,
  opening: Opening,
  panelMm: number | null,
): DesignJob {
  const { bays: _all, tilted, ...rest } = job;
  const { fixing } = job;
  return {
    ...rest,
    shelves: bay.shelves,
    support: bay.support,
    things: bay.main ? job.things : [],
    ...(bay.main && tilted ? { tilted } : {}),
    place: placeBetween(job.place, edges, opening),
    fixing: panelMm === null ? fixing : { ...fixing, panel: { ...fixing.panel, mm: panelMm } },
  };
}

/**
 * A place between two edges: a face is a panel without studs, skirting or outlets; what is on the back wall is told
 * from the left edge, and only what lies between the two.
 */
function placeBetween(place: Place, { left, right }: Edges, { extent, surfaces }: Opening): Place {
  const fromMm = left.kind === 'wall' ? extent.left : left.mm;
  const toMm = right.kind === 'wall' ? extent.right : right.mm;
  const shiftMm = fromMm - extent.left;
  const walled = {
    left: isWalled(left, surfaces.includes('left')),
    right: isWalled(right, surfaces.includes('right')),
  };
  const { side, kind } = sidesOf(place, walled);
  const edge = { left, right };
  const own = { ...place.own };
  for (const wall of ['left', 'right'] as const) if (edge[wall].kind === 'face') own[wall] = 'panel';
  const there = <One extends Place['studs'][number] | Place['keepClears'][number]>(one: One): One[] => {
    if (one.wall !== 'back') return edge[one.wall].kind === 'wall' ? [one] : [];
    const atMm = one.from.mm - shiftMm;
    const wideMm = 'width' in one ? one.width.mm : 0;
    if (atMm + wideMm < 0 || atMm > toMm - fromMm) return [];
    return [{ ...one, from: { ...one.from, mm: atMm } }];
  };
  return {
    ...place,
    kind,
    side,
    own,
    studs: place.studs.flatMap(there),
    keepClears: place.keepClears.flatMap(there),
  };
}

const isWalled = (edge: Edge, there: boolean): boolean => edge.kind === 'face' || (edge.kind === 'wall' && there);

/** The kind of place that has such sides: between two, along one, or free at both ends. */
function sidesOf(place: Place, { left, right }: { left: boolean; right: boolean }): Pick<Place, 'kind' | 'side'> {
  if (left && right) return place.kind === 'span' ? { kind: 'span', side: 'none' } : { kind: 'alcove', side: 'none' };
  return { kind: 'run', side: left ? 'left' : right ? 'right' : 'none' };
}
