import { jointOf } from '../../design/system/system';
import type { Considered } from '../../road/consider';
import type { Fixing } from '../../design/fixing';
import { holeRows } from '../../design/fixing/marks';
import { count, message, nested, text } from '../../base/message';
import type { Plan } from '../../plan';
import type { Tape } from '../../base/quantity';
import { acrossOf, roleOfPart, screwRole } from './pieces';
import type { Point, Role, Scene, Shape } from './scene';

type Piece = Plan['parts'][number];
type Item = Plan['hardware'][number];
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

/** Back to front: what carries, then boards, then what hides them. */
const ORDER: readonly Role[] = ['trim', 'cleat', 'bracket', 'board', 'nosing'];
const sorted = (boxes: readonly Box[]) => ORDER.flatMap((role) => boxes.filter((box) => box.role === role));

/** A brace, seen from the side, runs from its foot out to the arm. */
function sideShape(part: Piece): Shape {
  const { outFrom, outTo, upFrom, upTo } = part.place;
  if (jointOf(part, 'clipped')) {
    const by = Math.min(upTo - upFrom, outTo - outFrom);
    return {
      kind: 'polygon',
      role: roleOfPart(part),
      points: [
        [outFrom, upFrom],
        [outTo - by, upFrom],
        [outTo, upTo],
        [outFrom, upTo],
      ],
    };
  }
  if (part.role !== 'bracket-brace')
    return rect({ left: outFrom, right: outTo, low: upFrom, high: upTo, role: roleOfPart(part) });
  const thick = part.thicknessMm * Math.SQRT2 * 0.7;
  return {
    kind: 'polygon',
    role: 'cleat',
    points: [
      [outFrom, upFrom],
      [outTo, upTo],
      [outTo - thick, upTo],
      [outFrom, upFrom + thick],
    ],
  };
}

/** An angle of sheet metal: its leg on the wall, its arm under the board. */
function bracketSide({ place: { outFrom, outTo, upFrom, upTo } }: Item): Shape {
  const thin = 5;
  return {
    kind: 'polygon',
    role: 'bracket',
    points: [
      [outFrom, upFrom],
      [outFrom + thin, upFrom],
      [outFrom + thin, upTo - thin],
      [outTo, upTo - thin],
      [outTo, upTo],
      [outFrom, upTo],
    ],
  };
}

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
 * @param left the left edge of the shelf, millimetres across
 * @param right its right edge
 */
export function systemPicture({ system, picture }: Considered, left: number, right: number): Scene {
  const { parts, hardware } = cropped(picture);
  const front = [
    ...sorted([
      ...parts.map((part): Box => ({
        ...span(acrossOf(part, left, right)),
        low: part.place.upFrom,
        high: part.place.upTo,
        role: roleOfPart(part),
      })),
      ...hardware.map((one): Box => ({
        ...span(one.across),
        low: one.place.upFrom,
        high: one.place.upTo,
        role: 'bracket',
      })),
    ]).map(rect),
  ];
  const seen = parts.filter((part) => !part.role.endsWith('-right') && !part.id.endsWith('-right'));
  const sides = [...seen.map(sideShape), ...hardware.slice(0, 1).map(bracketSide)];
  const ordered = ORDER.flatMap((role) => sides.filter((side) => side.role === role));
  const [low, high] = [Math.min(0, ...ys(ordered)), Math.max(...ys(ordered), 1)];
  const least = Math.min(...ys(ordered), high);
  const wall: Shape = rect({
    left: -WALL_MM,
    right: 0,
    low: Math.max(low, least - WALL_MM),
    high: high + WALL_MM / 2,
    role: 'wall',
  });
  const all =
    front.length === 0
      ? []
      : [
          ...fitted(front, FIELD.front, FIELD.high, 0).shapes,
          ...fitted([wall, ...ordered], FIELD.side, FIELD.high, FIELD.front + FIELD.apart).shapes,
        ];
  const width = FIELD.front + FIELD.apart + FIELD.side;
  return {
    title: message('scene.support', { system: nested(message(`system.${system}`)) }),
    bounds: { x: 0, y: 0, width, height: FIELD.high },
    shapes: all,
  };
}

/** Of tall units only what is about the shelf is drawn: the whole would be too small to see. */
function cropped({ parts, hardware }: Considered['picture']): Considered['picture'] {
  const board = parts.find((part) => part.role === 'board');
  if (!board) return { parts, hardware };
  const [low, high] = [board.place.upFrom - BELOW_MM, board.place.upTo + ABOVE_MM];
  const within = <T extends Pick<Piece, 'place'>>(one: T): T => ({
    ...one,
    place: { ...one.place, upFrom: Math.max(one.place.upFrom, low), upTo: Math.min(one.place.upTo, high) },
  });
  const inside = <T extends Pick<Piece, 'place'>>(one: T) => one.place.upTo > low && one.place.upFrom < high;
  return { parts: parts.filter(inside).map(within), hardware: hardware.filter(inside).map(within) };
}
const BELOW_MM = 330;
const ABOVE_MM = 120;

const WALL_MM = 40;
const span = ({ fromMm, toMm }: { readonly fromMm: number; readonly toMm: number }) => ({ left: fromMm, right: toMm });
const ys = (shapes: readonly Shape[]) =>
  shapes.flatMap((shape) => ('points' in shape ? shape.points.map(([, y]) => y) : []));

/**
 * One shelf cut through from the side, to scale: the board, what carries and hides it, and its screws. The wall is on
 * the left; figures are the heights of its top and underside, and its depth.
 * @returns null where nothing of the shelf is made
 */
export function sideScene(plan: Plan, shelf: number): Scene | null {
  const parts = plan.parts.filter((part) => part.shelf === shelf);
  const hardware = plan.hardware.filter((one) => one.shelf === shelf);
  const laid = plan.shelves.find((laidShelf) => laidShelf.number === shelf);
  if (parts.length === 0 || !laid) return null;
  const seen = parts.filter((part) => !part.id.endsWith('-right') && !/-(?:[2-9]|\d\d)$/.test(part.id));
  const sides = [...seen.map(sideShape), ...hardware.slice(0, 1).map(bracketSide)];
  const ordered = ORDER.flatMap((role) => sides.filter((side) => side.role === role));
  const all = ordered.flatMap((shape) => ('points' in shape ? shape.points : []));
  const [low, high, far] = [
    Math.min(...all.map(([, y]) => y)),
    Math.max(...all.map(([, y]) => y)),
    Math.max(...all.map(([x]) => x)),
  ];
  const margin = Math.max(far, high - low) * 0.16;
  const ours = plan.fixings.filter((fixing) => fixing.shelf === shelf && fixing.into.kind === 'wall');
  const backs = ours.filter((fixing) => fixing.into.kind === 'wall' && fixing.into.wall === 'back').slice(0, 1);
  const onSide = ours.filter((fixing) => fixing.into.kind === 'wall' && fixing.into.wall === 'left');
  const screws = [...backs.flatMap((fixing) => sideScrews(fixing, parts)), ...onSide.flatMap(sideDots)];
  const top = laid.top.mm;
  const out = far + margin * 0.9;
  return {
    title: message('scene.side', { shelf: count(shelf) }),
    bounds: { x: -margin, y: low - margin, width: far + 3.4 * margin, height: high - low + 2 * margin },
    shapes: [
      rect({ left: -margin, right: 0, low: low - margin, high: high + margin, role: 'wall' }),
      ...ordered,
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
      { kind: 'dimension', role: 'dimension', from: [0, low - margin * 0.45], to: [far, low - margin * 0.45], mm: far },
    ],
  };
}

/** Screws of a joint to the back wall, each at its height: head, shank and how far it goes in. */
function sideScrews({ holes, passMm, liningMm, biteMm, through }: Fixing, parts: readonly Piece[]): Shape[] {
  const face =
    through.kind === 'piece' ? (parts.find((part) => part.id === through.id)?.place.outTo ?? passMm) : passMm;
  const heights = [...new Set(holes.flatMap((hole) => (hole.spot ? [Math.round(hole.spot.upMm)] : [])))];
  return heights.map((up): Shape => ({
    kind: 'path',
    role: 'screw',
    points: [
      [face, up],
      [-liningMm - biteMm, up],
    ],
  }));
}

/** Screws into a side wall, seen end on. */
const sideDots = ({ holes }: Fixing): Shape[] =>
  holes.flatMap((hole) =>
    hole.spot ? [{ kind: 'dot', role: screwRole(hole), at: [hole.spot.alongMm, hole.spot.upMm] } as const] : [],
  );

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
