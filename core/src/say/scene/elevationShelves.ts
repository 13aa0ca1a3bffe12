import { about as roughly, count, message } from '../../base/message';
import type { Plan } from '../../plan';
import { NO_SHELF } from '../../design/system/system';
import type { Frame } from './elevationFrame';
import { acrossOf, roleOfPart, screwShapes } from './pieces';
import type { Point, Role, Shape } from './scene';

/** Boards with what carries them, clear gaps, the level line and the pole. */
export function shelfShapes(plan: Plan, frame: Frame, stored: boolean, strength = false): Shape[] {
  const { left, right } = frame;
  const ofShelves = plan.parts.filter((part) => part.shelf !== NO_SHELF || part.across);
  const parts = ofShelves.flatMap((part): Shape[] => {
    const about = part.shelf === NO_SHELF ? null : ({ kind: 'shelf', shelf: part.shelf } as const);
    const said = about ? { about } : {};
    const { upFrom, upTo } = part.place;
    const role = roleOfPart(part);
    const box = (from: number, to: number): Shape => ({
      kind: 'polygon',
      role,
      ...said,
      points: [
        [from, upFrom],
        [to, upFrom],
        [to, upTo],
        [from, upTo],
      ],
    });
    if (part.fit) {
      const { seat, backMm, left: l, right: r } = part.fit;
      const [start, stop] = [seat.acrossMm, seat.acrossMm + backMm];
      // A board is seen by its front edge; a piece on edge by its face.
      const [low, high] = part.role === 'board' || part.role === 'skin' ? [1, 1] : [0, 1];
      const at = (x: number, out: number, share: number, up: number): Point => [frame.across(x + out * share), up];
      const points = [
        at(start, -l.outMm, low, upFrom),
        at(stop, r.outMm, low, upFrom),
        at(stop, r.outMm, high, upTo),
        at(start, -l.outMm, high, upTo),
      ];
      return [{ kind: 'polygon', role, ...said, points }];
    }
    // In a corner, from its side wall as far along the back as it comes; a rail along the side wall by its end.
    if (plan.parts.some((one) => one.shelf === part.shelf && one.corner)) {
      const leftward = plan.opening.sections[0]?.left !== null;
      const along = part.corner ? part.corner.backMm : part.role === 'rail-side' ? part.thicknessMm : part.length.mm;
      const [from, to] = leftward ? [left, left + along] : [right - along, right];
      return [box(frame.across(from), frame.across(to))];
    }
    // What stands somewhere along the wall is not crooked: it is drawn where it is.
    const { fromMm, toMm } = acrossOf(part, left, right);
    return [box(fromMm, toMm)];
  });
  const brackets = plan.hardware.map((hardware): Shape => {
    const { fromMm, toMm } = hardware.across;
    const { upFrom, upTo } = hardware.place;
    const points: Point[] = [
      [fromMm, upFrom],
      [toMm, upFrom],
      [toMm, upTo],
      [fromMm, upTo],
    ];
    return {
      kind: 'polygon',
      role: 'bracket',
      ...(hardware.shelf === NO_SHELF ? {} : { about: { kind: 'shelf', shelf: hardware.shelf } as const }),
      points,
    };
  });
  const drawn = new Set(plan.parts.map((part) => part.shelf));
  const bare = plan.shelves
    .filter((shelf) => !drawn.has(shelf.number))
    .map((shelf): Shape => ({
      kind: 'polygon',
      role: 'stopped',
      about: { kind: 'shelf', shelf: shelf.number },
      points: [
        [left, shelf.underside.mm],
        [right, shelf.underside.mm],
        [right, shelf.top.mm],
        [left, shelf.top.mm],
      ],
    }));
  const order: readonly Role[] = ['trim', 'cleat', 'bracket', 'board', 'nosing'];
  const sorted = order.flatMap((role) => [...parts, ...brackets].filter((shape) => shape.role === role));
  return [
    ...levelLineShapes(plan, frame),
    ...sorted,
    ...bare,
    ...(strength ? [...sagShapes(plan, frame), ...screwShapes(plan)] : []),
    ...tiltedShapes(plan, frame),
    ...railShapes(plan, frame),
    // Where it is about what holds, clear gaps would only be in the way.
    ...(strength ? [] : gapShapes(plan, frame, stored)),
    ...poleShapes(plan, frame),
  ];
}

function levelLineShapes(plan: Plan, frame: Frame): Shape[] {
  const up = plan.levelLineUpMm;
  if (up <= 0 || up >= frame.heightMm) return [];
  const end = poleAcross(frame) + frame.poleMm;
  return [
    {
      kind: 'path',
      role: 'level-line',
      points: [
        [frame.left, up],
        [end, up],
      ],
    },
  ];
}

/** So much larger than it is, a sag that is seen at arm’s length is seen in the drawing too. */
export const SAG_DRAWN = 20;
// Less than this is no sag to speak of.
const SAID_FROM_MM = 0.2;
// However much a shelf sags, it is not drawn through the next.
const SAG_MOST_MM = 160;

/** The front edges as they hang after years, drawn larger, each with its figure. */
function sagShapes(plan: Plan, { across }: Frame): Shape[] {
  return plan.strengths.flatMap(({ shelf, front, sag }): Shape[] => {
    const part = plan.parts.find((one) => one.shelf === shelf && one.role === 'board');
    const laid = plan.shelves.find((laidShelf) => laidShelf.number === shelf);
    if (!part || !laid || front.length < 2) return [];
    const { fromMm, toMm } = acrossOf(part, plan.opening.extent.left, plan.opening.extent.right);
    const ends = part.fit ? [across(fromMm), across(toMm)] : [fromMm, toMm];
    const length = front.at(-1)?.[0] ?? 1;
    const drawn = (x: number) => (ends[0] as number) + (((ends[1] as number) - (ends[0] as number)) * x) / length;
    const about = { kind: 'shelf', shelf } as const;
    const most = Math.max(...front.map(([, mm]) => mm), 1e-9);
    const factor = Math.min(SAG_DRAWN, SAG_MOST_MM / most);
    const points = front.map(([x, mm]): Point => [drawn(x), laid.underside.mm - mm * factor]);
    // In the middle of the board, wherever it sags: at its ends the figure would lie over a wall.
    const middle = points[points.length >> 1] as Point;
    return [
      { kind: 'path', role: 'sag', points, about },
      ...(sag.lastingMm < SAID_FROM_MM
        ? []
        : [
            {
              kind: 'label',
              role: 'sag',
              at: middle,
              anchor: 'middle',
              words: message('scene.sags', { sag: roughly(sag.lastingMm) }),
              withinMm: Math.abs((ends[1] as number) - (ends[0] as number)),
              about,
            } as const,
          ]),
    ];
  });
}

/** A tilted shelf by its front edge, and a line where its rear lies behind. */
function tiltedShapes(plan: Plan, { left, right, across }: Frame): Shape[] {
  const [from, to] = [across(left), across(right)];
  return plan.tilted.flatMap(({ front, frontUnder, rear, number }): Shape[] => [
    {
      kind: 'path',
      role: 'wall-behind',
      points: [
        [from, rear.mm],
        [to, rear.mm],
      ],
    },
    {
      kind: 'polygon',
      role: 'board',
      points: [
        [from, frontUnder.mm],
        [to, frontUnder.mm],
        [to, front.mm],
        [from, front.mm],
      ],
    },
    {
      kind: 'label',
      role: 'shelf-name',
      at: [(from + to) / 2, (front.mm + rear.mm) / 2],
      anchor: 'middle',
      words: message('scene.tilted', { shelf: count(number) }),
    },
  ]);
}

/** The closet rail, from wall to wall. */
function railShapes({ rail }: Plan, { left, right, across }: Frame): Shape[] {
  if (!rail) return [];
  const [from, to, up] = [across(left), across(right), rail.up.mm];
  return [
    {
      kind: 'path',
      role: 'closet-rail',
      points: [
        [from, up],
        [to, up],
      ],
    },
    {
      kind: 'label',
      role: 'shelf-name',
      at: [(from + to) / 2, up],
      anchor: 'middle',
      words: message('scene.rail'),
      mm: up,
    },
  ];
}

/**
 * Clear gaps as dimension strings: in the middle of the opening, or near its right wall where things stand on shelves.
 */
function gapShapes(plan: Plan, { middleMm, left, right }: Frame, stored: boolean): Shape[] {
  const x = stored && plan.contents ? right - (right - left) * 0.06 : middleMm;
  const topOf = (shelf: number | null) => plan.shelves.find((laidShelf) => laidShelf.number === shelf)?.top.mm ?? null;
  return plan.gaps
    .filter((gap) => gap.clear.mm > 0)
    .map((gap): Shape => {
      const upper = plan.shelves.find((shelf) => shelf.number === gap.above)?.underside.mm;
      const lower = topOf(gap.below) ?? (upper ?? 0) - gap.clear.mm;
      return {
        kind: 'dimension',
        role: 'dimension',
        from: [x, lower],
        to: [x, lower + gap.clear.mm],
        mm: gap.clear.mm,
        share: 0.5,
      };
    });
}

/**
 * Where the pole stands beside the opening.
 * @returns millimetres across, in the frame of the opening
 */
export const poleAcross = (frame: Frame) => frame.middleMm + frame.outerMm + frame.poleMm * 0.6;

/** The pole beside the opening: a stick stood on the floor mark with every shelf's top as a running dimension. */
function poleShapes(plan: Plan, frame: Frame): Shape[] {
  const left = poleAcross(frame);
  const right = left + frame.poleMm;
  const stick: Shape = {
    kind: 'polygon',
    role: 'pole',
    points: [
      [left, 0],
      [right, 0],
      [right, frame.heightMm],
      [left, frame.heightMm],
    ],
  };
  const blocked = plan.blocked.map(({ fromMm, toMm }): Shape => {
    const [low, high] = [Math.max(fromMm, 0), Math.min(toMm, frame.heightMm)];
    return {
      kind: 'polygon',
      role: 'blocked',
      points: [
        [left, low],
        [right, low],
        [right, high],
        [left, high],
      ],
    };
  });
  const marks = plan.shelves.flatMap((shelf): Shape[] => {
    const about = { kind: 'shelf', shelf: shelf.number } as const;
    const { mm } = shelf.top;
    return [
      {
        kind: 'path',
        role: 'floor-mark',
        points: [
          [left, mm],
          [right, mm],
        ],
        about,
      },
      { kind: 'label', role: 'dimension', at: [right + frame.poleMm * 0.8, mm], anchor: 'start', mm, about },
    ];
  });
  return [stick, ...blocked, ...marks];
}
