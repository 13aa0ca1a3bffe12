import type { Figure } from '../../base/figure';
import type { Job } from '../../job';
import { length, message, text, type Message } from '../../base/message';
import type { Opening, SurfacePoint } from '../../place/opening';
import { floorMark } from '../../place/kinds/extent';
import type { FloorPoint } from '../../place/kinds/point';

/** A height of floor or ceiling, and two standard deviations of it, millimetres. */
export interface LevelThere {
  /** Above the floor mark. */
  readonly at: Figure;
  readonly sureMm: number;
}

/** A place at a wall where one marks: how floor and ceiling stand there to the floor mark. */
export interface Station {
  readonly id: string;
  /** `face`: the side of a case or of an upright between bays. */
  readonly wall: 'left' | 'back' | 'right' | 'face';
  readonly name: Message;
  /** Numbers of the shelves that are marked there. */
  readonly shelves: readonly number[];
  /** Null where there is no floor, or no ceiling, or nothing is known of it. */
  readonly floor: LevelThere | null;
  readonly ceiling: LevelThere | null;
}

/** A part of the opening one marks in: all of it, or one bay. Millimetres across the opening. */
export interface MarkedPart {
  /** Begins the ids of its stations; empty for the whole opening. */
  readonly id: string;
  readonly fromMm: number;
  readonly toMm: number;
  /** What is at either side: a wall, a piece by its label, or nothing to mark on. */
  readonly left: MarkedSide;
  readonly right: MarkedSide;
  /** Numbers of its shelves. */
  readonly shelves: readonly number[];
}
type MarkedSide = { readonly kind: 'wall' | 'none' } | { readonly kind: 'piece'; readonly label: string };

/** Known worse than this, a floor or a ceiling is not measured from, millimetres. */
const UNKNOWN_MM = 60;

/**
 * The places one marks at in a part of an opening, in the order one walks past them: its left side from the front, the
 * back at each stud, or left, in the middle and right where none is found, and its right side from the back.
 * @param outMm how far out the shelves come: where the front mark on a side is
 */
export function stationsOf(opening: Opening, { studs }: Job['place'], outMm: number, part: MarkedPart): Station[] {
  const { surfaces, extent } = opening;
  const { fromMm, toMm, shelves } = part;
  const prefix = part.id === '' ? '' : `${part.id}-`;
  const there = (id: string, wall: Station['wall'], name: Message, at: FloorPoint): Station => {
    return { id: prefix + id, wall, name, shelves, ...levelsAt(opening, at) };
  };
  const onSide = (side: 'left' | 'right', at: 'front' | 'back', what: MarkedSide): Station[] => {
    const point = { across: side === 'left' ? fromMm : toMm, out: at === 'front' ? outMm : 0 };
    if (what.kind === 'piece')
      return [there(`${side}-${at}`, 'face', message(`station.face.${at}`, { piece: text(what.label) }), point)];
    return what.kind === 'wall' ? [there(`${side}-${at}`, side, message(`station.${side}.${at}`), point)] : [];
  };
  const onBack = studs
    .map(({ id, wall, from }) => ({ id, wall, from, across: extent.left + from.mm }))
    .filter(({ wall, across }) => wall === 'back' && across > fromMm - ON_EDGE_MM && across < toMm + ON_EDGE_MM)
    .sort((a, b) => a.across - b.across);
  const even = [0.1, 0.5, 0.9].map((share) => fromMm + (toMm - fromMm) * share);
  const along =
    onBack.length > 0
      ? onBack.map(({ id, from, across }) => {
          return [`stud-${id}`, message('station.stud', { from: length(from.mm) }), across] as const;
        })
      : (['left', 'middle', 'right'] as const).map((where, i) => {
          const across = even[i] as number;
          const from = { from: length(across - extent.left) };
          const name = part.id === '' ? message(`station.back.${where}`) : message('station.back.at', from);
          return [`back-${where}`, name, across] as const;
        });
  return [
    ...onSide('left', 'front', part.left),
    ...onSide('left', 'back', part.left),
    ...(surfaces.includes('back') ? along : []).map(([id, name, across]) =>
      there(id, 'back', name, { across, out: 0 }),
    ),
    ...onSide('right', 'back', part.right),
    ...onSide('right', 'front', part.right),
  ];
}
/** A stud behind the edge of a bay is marked in both, millimetres. */
const ON_EDGE_MM = 1;

function levelsAt(opening: Opening, at: FloorPoint): Pick<Station, 'floor' | 'ceiling'> {
  const mark: SurfacePoint = { surface: 'floor', ...floorMark(opening.extent) };
  const level = (surface: 'floor' | 'ceiling', label: Message): LevelThere | null => {
    if (!opening.surfaces.includes(surface) || !opening.surfaces.includes('floor')) return null;
    const here = { surface, ...at };
    const sureMm = 2 * opening.position(here).sdMm;
    return sureMm > UNKNOWN_MM ? null : { at: opening.between(mark, here, label), sureMm };
  };
  return { floor: level('floor', message('term.floorThere')), ceiling: level('ceiling', message('term.ceilingThere')) };
}
