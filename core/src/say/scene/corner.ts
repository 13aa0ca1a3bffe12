import { about, angle, count, message } from '../../base/message';
import type { Plan } from '../../plan';
import { clamp, type Exaggeration } from './exaggerate';
import { holeShapes } from './pieces';
import type { Point, Scene, Shape } from './scene';

type Corner = NonNullable<Plan['parts'][number]['corner']>;

/**
 * One corner shelf from above, pushed home: both walls as far off its edges as they most likely stand (drawn so many
 * times too large), its outline, its angle, its legs and its front. The back wall is at the top of the sheet.
 * @returns null where there is no such shelf
 */
export function cornerScene(plan: Plan, shelfNumber: number, factor: Exaggeration): Scene | null {
  const part = plan.parts.find((one) => one.shelf === shelfNumber && one.role === 'board');
  if (!part?.corner) return null;
  const { corner } = part;
  const inward = corner.side === 'left' ? 1 : -1;
  const [u, v] = legs(corner);
  const at = (along: readonly [number, number], mm: number): [number, number] => [along[0] * mm, along[1] * mm];
  const size = Math.max(corner.backMm, corner.sideMm);
  const margin = size * 0.12;
  const sheet = ([x, y]: readonly [number, number]): Point => [x, -y];
  // Away from the room: behind the back wall, beyond the side wall.
  const behind: [number, number] = [0, -1];
  const beyond: [number, number] = [-inward * Math.abs(v[1]), inward * v[0] * Math.sign(v[1])];
  const most = margin * 0.8;
  const wall = (leg: [number, number], away: [number, number], off: Corner['off']['back'], reach: number): Point[] => [
    ...off.map(({ alongMm, mm }) => {
      const [x, y] = at(leg, alongMm);
      const by = Math.min(mm * factor, most);
      return sheet([x + away[0] * by, y + away[1] * by]);
    }),
    sheet(at(leg, reach)),
  ];
  /** What a wall is known to, either side of where it most likely stands. */
  const band = (leg: [number, number], away: [number, number], off: Corner['off']['back']): Shape => {
    const line = (sign: 1 | -1) =>
      off.map(({ alongMm, mm, sureMm }) => {
        const [x, y] = at(leg, alongMm);
        const by = clamp((mm + sign * sureMm) * factor, -most, most);
        return sheet([x + away[0] * by, y + away[1] * by]);
      });
    return { kind: 'polygon', role: 'uncertain-band', points: [...line(1), ...line(-1).reverse()] };
  };
  const [backReach, sideReach] = [corner.backMm + margin, corner.sideMm + margin];
  const thick = (face: Point[], away: [number, number]): Point[] => [
    ...face,
    ...[...face].reverse().map(([x, y]): Point => [x + away[0] * margin, y - away[1] * margin]),
  ];
  const xs = corner.outline.map(([x]) => x);
  const [left, right] = [Math.min(...xs, 0) - 2 * margin, Math.max(...xs, 0) + 2 * margin];
  const deep = Math.max(...corner.outline.map(([, y]) => y));
  const string = (from: readonly [number, number], to: readonly [number, number], mm: number): Shape => ({
    kind: 'dimension',
    role: 'dimension',
    from: sheet(from),
    to: sheet(to),
    mm,
    share: 0.5,
  });
  const inset = size * 0.06;
  const front = frontEnds(corner);
  return {
    title: message('scene.board', { shelf: count(shelfNumber) }),
    bounds: { x: left, y: -deep - 2 * margin, width: right - left, height: deep + 4 * margin },
    shapes: [
      { kind: 'polygon', role: 'wall', points: thick(wall(u, behind, corner.off.back, backReach), behind) },
      { kind: 'polygon', role: 'wall', points: thick(wall(v, beyond, corner.off.side, sideReach), beyond) },
      band(u, behind, corner.off.back),
      band(v, beyond, corner.off.side),
      {
        kind: 'polygon',
        role: 'board',
        about: { kind: 'shelf', shelf: shelfNumber },
        points: corner.outline.map(sheet),
      },
      ...holeShapes(part, sheet),
      string([0, inset], [inward * corner.backMm, inset], corner.backMm),
      string([inward * inset, 0], [v[0] * corner.sideMm + inward * inset, v[1] * corner.sideMm], corner.sideMm),
      ...(front && corner.frontMm !== null ? [string(...front, corner.frontMm)] : []),
      {
        kind: 'label',
        role: 'shelf-name',
        at: sheet([inward * size * 0.2, size * 0.16]),
        anchor: 'middle',
        words: message('sheet.angle', { angle: angle(corner.cutDegrees) }),
      },
      {
        kind: 'label',
        role: corner.neatOdds >= 50 ? 'gap-hidden' : 'gap-seen',
        at: sheet([inward * size * 0.32, size * 0.3]),
        anchor: 'middle',
        words: message('scene.gap', { gap: about(corner.worst.toMm) }),
      },
    ],
  };
}

/** Directions along the back and along the side wall. */
function legs({ side, cutDegrees }: Corner): [[number, number], [number, number]] {
  const turn = (cutDegrees * Math.PI) / 180;
  const inward = side === 'left' ? 1 : -1;
  return [
    [inward, 0],
    [inward * Math.cos(turn), Math.sin(turn)],
  ];
}

/** The two ends of a straight front edge. */
function frontEnds({ shape, outline }: Corner): [readonly [number, number], readonly [number, number]] | null {
  const [a, b] = shape === 'triangle' ? [outline[1], outline[2]] : shape === 'clipped' ? [outline[2], outline[3]] : [];
  return a && b ? [a, b] : null;
}
