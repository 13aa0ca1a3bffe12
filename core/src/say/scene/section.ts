import type { Job } from '../../job';
import { length, message } from '../../base/message';
import { outerCorners } from '../../design/body/corners';
import type { Vector } from '../../design/body/vector';
import type { Plan } from '../../plan';
import { senseWord, spotOf, type Spot } from '../../place/reading';
import { aboveFrame, wallsFromAbove, type AboveFrame } from './fromAbove';
import { readingsBeside, roleOf } from './elevation';
import type { Exaggeration } from './exaggerate';
import type { Point, Scene, Shape } from './scene';
import { roleOfPart } from './pieces';
import { hullOf } from './hull';
import { standingOf, wallsBeside } from './seenInPlace';
import { sectionSpot } from './sectionSpots';

export interface SectionOptions {
  readonly upMm: number;
  readonly exaggeration: Exaggeration;
  readonly wanted?: Spot | null;
  /** Whether what is built is shown, where it reaches that height. */
  readonly built?: boolean;
}

/** Readings this near to the height of a section are shown in it, millimetres. */
const SHOWN_WITHIN_MM = 80;

/** The opening from above at a height: walls with their uncertainty, and the readings taken about there. */
export function sectionScene(plan: Plan, job: Job, { upMm, exaggeration, wanted, built }: SectionOptions): Scene {
  const { extent } = plan.opening;
  const frame = aboveFrame(plan.opening, exaggeration, extent.depth);
  const taken = readingsBeside(job, wanted).flatMap((reading) => {
    const spot = spotOf(reading);
    if (!('upMm' in spot) || Math.abs(spot.upMm - upMm) > SHOWN_WITHIN_MM || spot.kind === 'plumb') return [];
    const ink = {
      role: roleOf(plan, reading.id, false),
      value: reading.value,
      sense: senseWord(reading),
      about: { kind: 'reading', id: reading.id },
    } as const;
    return sectionSpot(spot, plan.opening, upMm, frame, ink);
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
      ...(built ? piecesAt(plan, upMm, frame) : []),
      ...keepClears(job, upMm, frame),
      ...taken,
      ...(wanted ? sectionSpot(wanted, plan.opening, upMm, frame, { role: 'reading-wanted', value: null }) : []),
    ],
  };
}

/** What lies this near to a wall goes with that where it is drawn farther out than it is. Millimetres. */
const BESIDE_MM = 90;

/** Every piece that reaches a height, seen from above: boards first, sticks over them. */
function piecesAt(plan: Plan, upMm: number, { sheet }: AboveFrame): Shape[] {
  const drawn = (unit: string) => {
    const walls = wallsBeside(plan, standingOf(unit));
    return ([x, y]: Vector): Point => {
      const near = walls.map((at) => at(y, upMm)).find((mm) => Math.abs(x - mm) < BESIDE_MM);
      return [near === undefined ? x : x + sheet({ across: near, out: y })[0] - near, -y];
    };
  };
  const shapes = plan.body.pieces.flatMap((piece): Shape[] => {
    const corners = outerCorners(piece.solid);
    const ups = corners.map(([, , z]) => z);
    if (Math.min(...ups) > upMm || Math.max(...ups) < upMm) return [];
    const about = piece.shelf > 0 ? ({ about: { kind: 'shelf', shelf: piece.shelf } } as const) : {};
    return [{ kind: 'polygon', role: roleOfPart(piece), ...about, points: hullOf(corners.map(drawn(piece.unit))) }];
  });
  return (['trim', 'board', 'cleat', 'nosing'] as const).flatMap((role) =>
    shapes.filter((shape) => shape.role === role),
  );
}

/** Outlets and the like that lie at the height of the section, as blocks on their walls. */
function keepClears({ place }: Job, upMm: number, { left, right, marginMm }: AboveFrame): Shape[] {
  return place.keepClears
    .filter((keepClear) => upMm >= keepClear.up.mm && upMm <= keepClear.up.mm + keepClear.height.mm)
    .map((keepClear): Shape => {
      const [from, to, thick] = [keepClear.from.mm, keepClear.from.mm + keepClear.width.mm, marginMm * 0.6];
      const box = (x1: number, x2: number, y1: number, y2: number): Point[] => [
        [x1, -y1],
        [x2, -y1],
        [x2, -y2],
        [x1, -y2],
      ];
      const points =
        keepClear.wall === 'back'
          ? box(left + from, left + to, 0, thick)
          : keepClear.wall === 'left'
            ? box(left, left + thick, from, to)
            : box(right - thick, right, from, to);
      return { kind: 'polygon', role: 'keep-clear', points };
    });
}
