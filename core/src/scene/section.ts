import type { Job } from '../job';
import { length, message } from '../message';
import { sectionAt } from '../opening/outline';
import { acrossAt, outAt } from '../place';
import type { Plan } from '../plan';
import { senseWord, spotOf, type Spot } from '../reading';
import { aboveFrame, wallsFromAbove, type AboveFrame } from './fromAbove';
import { readingsBeside, roleOf } from './elevation';
import type { Exaggeration } from './exaggerate';
import type { Point, Scene, Shape } from './scene';
import { dotShapes, stringShapes, type SpotInk } from './spotShapes';

export interface SectionOptions {
  readonly upMm: number;
  readonly exaggeration: Exaggeration;
  readonly wanted?: Spot | null;
}

/** Readings this near to the height of a section are shown in it, millimetres. */
const SHOWN_WITHIN_MM = 80;

/** The opening from above at a height: walls with their uncertainty, and the readings taken about there. */
export function sectionScene(plan: Plan, job: Job, { upMm, exaggeration, wanted }: SectionOptions): Scene {
  const { extent } = plan.opening;
  const frame = aboveFrame(plan.opening, exaggeration, extent.depth);
  const taken = readingsBeside(job, wanted).flatMap((reading) => {
    const spot = spotOf(reading);
    if (!('upMm' in spot) || Math.abs(spot.upMm - upMm) > SHOWN_WITHIN_MM || spot.kind === 'plumb') return [];
    const ink = {
      role: roleOf(plan, reading.id, false),
      value: reading.value,
      sense: senseWord(reading),
      about: { is: 'reading', id: reading.id },
    } as const;
    return sectionSpot(spot, plan, upMm, frame, ink);
  });
  return {
    title: message('scene.section', { up: length(upMm) }),
    bounds: {
      x: frame.edges.left,
      y: frame.edges.bottom,
      width: frame.edges.right - frame.edges.left,
      height: frame.edges.top - frame.edges.bottom,
    },
    shapes: [
      ...wallsFromAbove(plan.opening, upMm, frame),
      ...keepClears(job, upMm, frame),
      ...taken,
      ...(wanted ? sectionSpot(wanted, plan, upMm, frame, { role: 'reading-wanted', value: null }) : []),
    ],
  };
}

/** A spot seen from above: a string where the tape goes, or a dot where it goes up and down. */
function sectionSpot(spot: Spot, plan: Plan, upMm: number, frame: AboveFrame, ink: SpotInk): Shape[] {
  const { extent } = plan.opening;
  const { left, right, depth } = extent;
  const section = sectionAt(plan.opening, upMm);
  /** Where a side wall is drawn at a distance out. */
  const onWall = (side: 'left' | 'right', y: number): Point => {
    const face = section[side];
    if (!face) return [wall(side), -y];
    const [back, front] = [face[0]?.mm ?? 0, face.at(-1)?.mm ?? 0];
    return [frame.sheet(back + ((front - back) * y) / depth, y)[0], -y];
  };
  const small = frame.marginMm;
  const wall = (side: 'left' | 'right') => (side === 'left' ? left : right);
  const inward = (side: 'left' | 'right') => (side === 'left' ? 1 : -1);
  const mid = (left + right) / 2;
  const at = (x: number, y: number): Point => [x, -y];
  const dot = (x: number, y: number) => dotShapes(at(x, y), at(x + small, y), 'start', ink);
  switch (spot.kind) {
    case 'width': {
      const y = outAt(spot.at, extent);
      return stringShapes(onWall('left', y), onWall('right', y), 0.5, ink);
    }
    case 'depth': {
      const x = acrossAt(spot.side, extent);
      return stringShapes(at(x, 0), at(x, depth), 0.6, ink);
    }
    case 'corner':
    case 'square': {
      // The tool lies in the corner: one leg on the back, one on the side wall.
      const leg = Math.min(spot.kind === 'square' ? spot.bladeMm : 250, depth * 0.85, (right - left) * 0.4);
      const off = small * 0.5;
      const [x, to] = [wall(spot.corner), inward(spot.corner)];
      const tip: Point = [onWall(spot.corner, leg)[0] + to * off, -leg];
      const legs: Shape = {
        is: 'path',
        role: ink.role,
        points: [at(x + to * leg, off), [onWall(spot.corner, off)[0] + to * off, -off], tip],
        ...(ink.about ? { about: ink.about } : {}),
      };
      if (!ink.value) return [legs];
      return [legs, ...dotShapes(tip, [tip[0] + to * small, tip[1]], to === 1 ? 'start' : 'end', ink)];
    }
    case 'straightedge': {
      if (spot.run === 'upright')
        return dot(spot.wall === 'back' ? acrossAt(spot.side, extent) : wall(spot.wall), small);
      const half = spot.overMm / 2;
      if (spot.wall === 'back')
        return stringShapes(at(mid - half, small * 0.6), at(mid + half, small * 0.6), 0.35, ink);
      const x = wall(spot.wall) + inward(spot.wall) * small * 0.6;
      return stringShapes(at(x, depth / 2 - half), at(x, depth / 2 + half), 0.5, ink);
    }
    case 'offset': {
      const on = (mm: number): Point => (spot.wall === 'back' ? at(left + mm, 0) : onWall(spot.wall, mm));
      const point = on(spot.onMm);
      const end = spot.wall === 'right';
      const dots = dotShapes(point, [point[0] + (end ? -small : small), point[1]], end ? 'end' : 'start', ink);
      // The line itself while it is wanted: readings off one and the same line would each draw it again.
      return ink.value ? dots : [{ is: 'path', role: ink.role, points: [on(spot.startMm), on(spot.endMm)] }, ...dots];
    }
    case 'diagonal': {
      const to = spot.from === 'left' ? 'right' : 'left';
      return stringShapes(at(wall(spot.from), depth), at(wall(to), 0), 0.4, ink);
    }
    case 'triangle': {
      const [x, to] = [wall(spot.corner), inward(spot.corner)];
      const point = onWall(spot.corner, spot.outMm);
      const legs = [spot.firstMm, spot.secondMm].map((from): Shape => ({
        is: 'path',
        role: ink.role,
        points: [at(x + to * from, 0), point],
        ...(ink.about ? { about: ink.about } : {}),
      }));
      return [...legs, ...dotShapes(point, [point[0] + to * small, point[1]], to === 1 ? 'start' : 'end', ink)];
    }
    case 'height':
    case 'line':
      return dot(acrossAt(spot.side, extent), outAt(spot.at, extent));
    case 'plumb':
      return dot(
        spot.wall === 'back' ? acrossAt(spot.side, extent) : wall(spot.wall),
        spot.wall === 'back' ? 0 : outAt(spot.at, extent),
      );
    case 'level': {
      if (spot.along === 'across')
        return stringShapes(
          at(mid - spot.overMm / 2, outAt(spot.at, extent)),
          at(mid + spot.overMm / 2, outAt(spot.at, extent)),
          0.5,
          ink,
        );
      const x = acrossAt(spot.side, extent);
      return stringShapes(
        at(x, Math.max(depth / 2 - spot.overMm / 2, 0)),
        at(x, depth / 2 + spot.overMm / 2),
        0.5,
        ink,
      );
    }
    case 'face':
      return stringShapes(at(left, outAt(spot.at, extent)), at(right, outAt(spot.at, extent)), 0.5, ink);
  }
}

/** Outlets and the like that lie at the height of the section, as blocks on their walls. */
function keepClears({ place }: Job, upMm: number, { left, right, marginMm }: AboveFrame): Shape[] {
  return place.keepClears
    .filter((one) => upMm >= one.up.mm && upMm <= one.up.mm + one.height.mm)
    .map((one): Shape => {
      const [from, to, thick] = [one.from.mm, one.from.mm + one.width.mm, marginMm * 0.6];
      const box = (x1: number, x2: number, y1: number, y2: number): Point[] => [
        [x1, -y1],
        [x2, -y1],
        [x2, -y2],
        [x1, -y2],
      ];
      const points =
        one.wall === 'back'
          ? box(left + from, left + to, 0, thick)
          : one.wall === 'left'
            ? box(left, left + thick, from, to)
            : box(right - thick, right, from, to);
      return { is: 'polygon', role: 'keep-clear', points };
    });
}
