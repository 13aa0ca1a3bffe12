import { about as roughly, count, message } from '../../base/message';
import type { Plan } from '../../plan';
import { NO_SHELF } from '../../design/system/system';
import type { Frame } from './elevationFrame';
import { outerCorners } from '../../design/body/corners';
import { roleOfPart, screwShapes } from './pieces';
import { seenFromFront, standingOf } from './seenInPlace';
import type { Point, Role, Shape } from './scene';

/** Boards with what carries them, clear gaps, the level line and the pole. */
export function shelfShapes(plan: Plan, frame: Frame, stored: boolean, strength = false): Shape[] {
  const { left, right } = frame;
  const about = (shelf: number) => (shelf === NO_SHELF ? {} : ({ about: { kind: 'shelf', shelf } } as const));
  const parts = plan.body.pieces.map((piece): Shape => {
    const points = seenFromFront(piece.solid, plan, frame, standingOf(piece.unit));
    return { kind: 'polygon', role: roleOfPart(piece), ...about(piece.shelf), points };
  });
  const brackets = plan.body.fittings.map(({ shelf, solid }): Shape => {
    const points = seenFromFront(solid, plan, frame, 'along');
    return { kind: 'polygon', role: 'bracket', ...about(shelf), points };
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
    ...(strength ? [] : gapShapes(plan, stored)),
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
    const board = plan.body.pieces.find(({ id }) => id === part?.id);
    const laid = plan.shelves.find((laidShelf) => laidShelf.number === shelf);
    if (!part || !board || !laid || front.length < 2) return [];
    const xs = outerCorners(board.solid).map(([x]) => x);
    const ends = [Math.min(...xs), Math.max(...xs)].map((x) => (part.fit ? across(x) : x));
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

/** The names of tilted shelves. */
function tiltedShapes(plan: Plan, { left, right }: Frame): Shape[] {
  return plan.tilted.map(({ front, rear, number }): Shape => ({
    kind: 'label',
    role: 'shelf-name',
    at: [(left + right) / 2, (front.mm + rear.mm) / 2],
    anchor: 'middle',
    words: message('scene.tilted', { shelf: count(number) }),
  }));
}

/** The closet rail of each bay, from face to face. */
function railShapes({ bays }: Plan, { across }: Frame): Shape[] {
  return bays.flatMap(({ rail, fromMm, toMm }): Shape[] => {
    if (!rail) return [];
    const [from, to, up] = [across(fromMm), across(toMm), rail.up.mm];
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
        withinMm: to - from,
      },
    ];
  });
}

/**
 * Clear gaps as dimension strings: in the middle of their bay, or near its right face where things stand on shelves.
 */
function gapShapes(plan: Plan, stored: boolean): Shape[] {
  const shelfOf = (number: number | null) => plan.shelves.find((shelf) => shelf.number === number);
  return plan.bays.flatMap(({ shelves, main, fromMm, toMm, space }) => {
    const x = stored && main && plan.contents ? toMm - (toMm - fromMm) * 0.06 : (fromMm + toMm) / 2;
    const ours = plan.gaps.filter(
      ({ below, above, clear }) => clear.mm > 0 && [below, above].some((one) => one !== null && shelves.includes(one)),
    );
    return ours.map(({ below, above, clear }): Shape => {
      const upper = shelfOf(above)?.underside.mm;
      const lower = shelfOf(below)?.top.mm ?? (upper === undefined ? space.fromMm : upper - clear.mm);
      return {
        kind: 'dimension',
        role: 'dimension',
        from: [x, lower],
        to: [x, lower + clear.mm],
        mm: clear.mm,
        share: 0.5,
      };
    });
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
