import { figure, type Figure } from '../../base/figure';
import type { Message } from '../../base/message';
import type { Extent } from '../kinds';
import type { Joint, Opening, SurfacePoint } from './opening';

/**
 * What an opening ends at on one side: the wall itself; the upright face of a piece that stands there, at `mm` across
 * the opening at the back and so much farther to the right for each millimetre out; or nothing, for a case that stands
 * free of what is beside it.
 */
export type Edge =
  | { readonly kind: 'wall' }
  | { readonly kind: 'face'; readonly mm: number; readonly slope: number; readonly sdMm: number }
  | { readonly kind: 'open'; readonly mm: number };

export interface Edges {
  readonly left: Edge;
  readonly right: Edge;
}

/** The part of an opening between two edges. A wall between them is where the survey has it; a face is upright. */
export function openingBetween(opening: Opening, edges: Edges): Opening {
  const side = (surface: SurfacePoint['surface']): Edge =>
    surface === 'left' || surface === 'right' ? edges[surface] : { kind: 'wall' };
  const extent: Extent = {
    ...opening.extent,
    left: edges.left.kind === 'wall' ? opening.extent.left : edges.left.mm,
    right: edges.right.kind === 'wall' ? opening.extent.right : edges.right.mm,
  };
  const surfaces = [
    ...(['left', 'right'] as const).filter(
      (wall) => edges[wall].kind === 'face' || (edges[wall].kind === 'wall' && opening.surfaces.includes(wall)),
    ),
    ...opening.surfaces.filter((surface) => surface !== 'left' && surface !== 'right'),
  ];
  const jointly =
    (of: Pick<Opening, 'jointly'>): Opening['jointly'] =>
    (points) =>
      withFaces(
        points,
        points.map(({ surface }) => side(surface)),
        of,
      );
  const likely: Opening['likely'] = (point) => {
    const edge = side(point.surface);
    return edge.kind === 'face' ? onFace(edge, point) : opening.likely(point);
  };
  return {
    nominal: { ...opening.nominal, widthMm: extent.right - extent.left },
    extent,
    surfaces,
    position: (point) => {
      const edge = side(point.surface);
      return edge.kind === 'face' ? { mm: onFace(edge, point), sdMm: edge.sdMm } : opening.position(point);
    },
    likely,
    jointly: jointly(opening),
    between: (from, to, label) =>
      side(from.surface).kind === 'wall' && side(to.surface).kind === 'wall'
        ? opening.between(from, to, label)
        : apart(
            likely(to) - likely(from),
            label,
            [from, to].filter((at) => side(at.surface).kind === 'wall'),
            opening,
          ),
    ahead: (spot, instrument) => ({ extent, surfaces, jointly: jointly(opening.ahead(spot, instrument)) }),
    clearDepth: opening.clearDepth,
    clearHeight: opening.clearHeight,
  };
}

/** Where a face is at a point on it, millimetres across the opening. */
const onFace = ({ mm, slope }: Extract<Edge, { kind: 'face' }>, point: SurfacePoint): number =>
  mm + slope * ('out' in point ? point.out : 0);

/** A distance to a face, with the readings that say where the wall across from it is. */
function apart(mm: number, label: Message, walls: readonly SurfacePoint[], opening: Opening): Figure {
  const [at] = walls;
  const across =
    at && 'out' in at && 'up' in at && opening.surfaces.includes('left') && opening.surfaces.includes('right');
  const whole =
    across && opening.between({ ...at, surface: 'left' }, { ...at, surface: 'right' }, label).terms[0]?.readings;
  return figure({ label, mm: Number(mm.toFixed(1)), ...(whole ? { readings: whole } : {}) });
}

/** Points on walls as the survey has them; those of one face move together, and with nothing else. */
function withFaces(points: readonly SurfacePoint[], edges: readonly Edge[], of: Pick<Opening, 'jointly'>): Joint {
  const known = points.flatMap((point, i) => (edges[i]?.kind === 'face' ? [] : [point]));
  if (known.length === points.length) return of.jointly(points);
  const { meanMm, covarianceMm2 } = of.jointly(known);
  let next = 0;
  const row = edges.map((edge) => (edge.kind === 'face' ? -1 : next++));
  const covered = (i: number, j: number): number => {
    const [a, b] = [row[i] as number, row[j] as number];
    if (a >= 0 && b >= 0) return covarianceMm2[a]?.[b] as number;
    const [edge, other] = [edges[i], edges[j]];
    return edge?.kind === 'face' && edge === other ? edge.sdMm ** 2 : 0;
  };
  return {
    meanMm: edges.map((edge, i) =>
      edge.kind === 'face' ? onFace(edge, points[i] as SurfacePoint) : (meanMm[row[i] as number] as number),
    ),
    covarianceMm2: points.map((_, i) => points.map((__, j) => covered(i, j))),
  };
}
