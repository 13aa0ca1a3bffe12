import { outerCorners } from '../../design/body/corners';
import { add, times } from '../../design/body/vector';
import type { Considered } from '../../road/consider';
import type { Fixing } from '../../design/fixing';
import { holeRows } from '../../design/fixing/marks';
import { count, message, nested, text } from '../../base/message';
import type { Plan } from '../../plan';
import type { Tape } from '../../base/quantity';
import { screwRole } from './pieces';
import { shelfSeen, type Seen } from './seenShelf';
import type { Point, Role, Scene, Shape } from './scene';

interface Box {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
  readonly role: Role;
}

const rect = ({ left, right, low, high, role }: Box): Shape => ({
  kind: 'polygon',
  role,
  points: [
    [left, low],
    [right, low],
    [right, high],
    [left, high],
  ],
});

interface Fitted {
  readonly shapes: readonly Shape[];
  readonly width: number;
}

/** Shapes moved and scaled into a field so wide and so high, standing in its middle. */
function fitted(shapes: readonly Shape[], fieldWidth: number, fieldHeight: number, at: number): Fitted {
  const points = shapes.flatMap((shape) => ('points' in shape ? shape.points : []));
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const scale = Math.min(fieldWidth / Math.max(x1 - x0, 1), fieldHeight / Math.max(y1 - y0, 1));
  const [left, low] = [at + (fieldWidth - (x1 - x0) * scale) / 2, (fieldHeight - (y1 - y0) * scale) / 2];
  const move = ([x, y]: Point): Point => [left + (x - x0) * scale, low + (y - y0) * scale];
  return {
    shapes: shapes.map((shape) => ('points' in shape ? { ...shape, points: shape.points.map(move) } : shape)),
    width: fieldWidth,
  };
}

const FIELD = { front: 150, side: 90, high: 70, apart: 14 } as const;

/**
 * A support system as a small picture: one shelf from the front, and cut through from the side. Not to one scale.
 */
export function systemPicture({ system, picture }: Considered): Scene {
  const about = heightsAbout(picture);
  const [front, side] = [shelfSeen(picture, 'front', about), shelfSeen(picture, 'side', about)].map((seen) =>
    seen.map(polygon),
  ) as [Shape[], Shape[]];
  const [least, most] = [Math.min(...ys(side)), Math.max(...ys(side))];
  const wall = rect({ left: -WALL_MM, right: 0, low: least - WALL_MM, high: most + WALL_MM / 2, role: 'wall' });
  const all =
    front.length === 0
      ? []
      : [
          ...fitted(front, FIELD.front, FIELD.high, 0).shapes,
          ...fitted([wall, ...side], FIELD.side, FIELD.high, FIELD.front + FIELD.apart).shapes,
        ];
  const width = FIELD.front + FIELD.apart + FIELD.side;
  return {
    title: message('scene.support', { system: nested(message(`system.${system}`)) }),
    bounds: { x: 0, y: 0, width, height: FIELD.high },
    shapes: all,
  };
}

const polygon = ({ role, points }: Seen): Shape => ({ kind: 'polygon', role, points });

/** Of tall units only what is about the shelf is drawn: the whole would be too small to see. */
function heightsAbout({ pieces }: Considered['picture']): [fromMm: number, toMm: number] {
  const board = pieces.find((piece) => piece.role === 'board');
  if (!board) return [-Infinity, Infinity];
  const ups = outerCorners(board.solid).map(([, , z]) => z);
  return [Math.min(...ups) - BELOW_MM, Math.max(...ups) + ABOVE_MM];
}
const BELOW_MM = 330;
const ABOVE_MM = 120;

const WALL_MM = 40;
const ys = (shapes: readonly Shape[]) =>
  shapes.flatMap((shape) => ('points' in shape ? shape.points.map(([, y]) => y) : []));

/**
 * One shelf cut through from the side, to scale: the board, what carries and hides it, and its screws. The wall is on
 * the left; figures are the heights of its top and underside, and its depth.
 * @returns null where nothing of the shelf is made
 */
export function sideScene(plan: Plan, shelf: number): Scene | null {
  const ours = <T extends { readonly shelf: number }>(all: readonly T[]) => all.filter((one) => one.shelf === shelf);
  const laid = plan.shelves.find((laidShelf) => laidShelf.number === shelf);
  const seen = shelfSeen({ pieces: ours(plan.body.pieces), fittings: ours(plan.body.fittings) }, 'side');
  if (seen.length === 0 || !laid) return null;
  const all = seen.flatMap(({ points }) => points);
  const [low, high, far] = [
    Math.min(...all.map(([, y]) => y)),
    Math.max(...all.map(([, y]) => y)),
    Math.max(...all.map(([x]) => x)),
  ];
  const margin = Math.max(far, high - low) * 0.16;
  const screws = wallScrews(plan, shelf);
  const deep = Math.max(...ours(plan.parts).map((part) => part.place.outTo));
  const top = laid.top.mm;
  const out = far + margin * 0.9;
  return {
    title: message('scene.side', { shelf: count(shelf) }),
    bounds: { x: -margin, y: low - margin, width: far + 3.4 * margin, height: high - low + 2 * margin },
    shapes: [
      rect({ left: -margin, right: 0, low: low - margin, high: high + margin, role: 'wall' }),
      ...seen.map(polygon),
      ...screws,
      {
        kind: 'path',
        role: 'floor-mark',
        points: [
          [far, top],
          [out + margin * 0.5, top],
        ],
      },
      { kind: 'label', role: 'dimension', at: [out, top], anchor: 'start', mm: top },
      {
        kind: 'dimension',
        role: 'dimension',
        from: [0, low - margin * 0.45],
        to: [far, low - margin * 0.45],
        mm: deep,
      },
    ],
  };
}

/** Screws of a shelf into its walls, where the body has them: those of the back along their length, others end on. */
function wallScrews({ body, fixings }: Plan, shelf: number): Shape[] {
  const heights = new Set<number>();
  return fixings.flatMap(({ id, into, holes, shelf: own }): Shape[] => {
    if (own !== shelf || into.kind !== 'wall' || into.wall === 'right') return [];
    const driven = body.screws.filter((screw) => screw.fixing === id);
    if (into.wall === 'left')
      return driven.map(({ head: [, out, up] }, i): Shape => {
        return { kind: 'dot', role: screwRole({ into: holes[i]?.into ?? 'stud' }), at: [out, up] };
      });
    return driven.flatMap(({ head: [x, out, up], along, lengthMm }): Shape[] => {
      // Those of one row lie behind one another.
      const row = Math.round(up);
      if (heights.has(row)) return [];
      heights.add(row);
      const [, tipOut, tipUp] = add([x, out, up], times(along, lengthMm));
      return [
        {
          kind: 'path',
          role: 'screw',
          points: [
            [out, up],
            [tipOut, tipUp],
          ],
        },
      ];
    });
  });
}

/**
 * One piece with its holes: running dimensions from one end along its edge, and how far up they are. A flat one is seen
 * from above with its front at the foot, as everywhere.
 */
export function drillScene(fixing: Fixing, lengthMm: number, widthMm: number, tape: Tape, flat: boolean): Scene {
  const margin = Math.max(lengthMm * 0.06, widthMm * 0.5);
  const holes: Shape[] = fixing.holes.map(({ alongMm, acrossMm, into }) => ({
    kind: 'dot',
    at: [alongMm, flat ? widthMm - acrossMm : acrossMm],
    role: screwRole({ into }),
  }));
  const alongs = [...new Set(holeRows(fixing, tape).flatMap((row) => row.alongs))];
  const ticks: Shape[] = alongs.flatMap((mm): Shape[] => [
    {
      kind: 'path',
      role: 'dimension',
      points: [
        [mm, -margin * 0.15],
        [mm, -margin * 0.45],
      ],
    },
    { kind: 'label', role: 'dimension', at: [mm, -margin * 0.75], anchor: 'middle', mm },
  ]);
  return {
    title: message('scene.drill', { label: text(fixing.label) }),
    bounds: { x: -margin, y: -margin * 1.2, width: lengthMm + 2 * margin, height: widthMm + margin * 1.8 },
    shapes: [
      rect({ left: 0, right: lengthMm, low: 0, high: widthMm, role: 'board' }),
      ...holes,
      {
        kind: 'path',
        role: 'dimension',
        points: [
          [0, -margin * 0.3],
          [lengthMm, -margin * 0.3],
        ],
      },
      ...ticks,
    ],
  };
}
