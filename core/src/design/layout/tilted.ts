import { figure, plus, type Figure } from '../../base/figure';
import type { TiltedWish } from '../../job';
import { angle, count, length, message } from '../../base/message';
import { doubtful, stop, type Problem } from '../../base/problem';

/** A shelf that slopes down to the front, with what is marked for it on the side walls. */
export interface Tilted {
  readonly id: string;
  /** From 1, the lowest first. */
  readonly number: number;
  readonly degrees: number;
  /** Its upper edges above the floor mark. */
  readonly front: Figure;
  readonly rear: Figure;
  /** Its lower edges: where its cleats' tops are marked. */
  readonly frontUnder: Figure;
  readonly rearUnder: Figure;
  /** How far out its upper face runs, level. */
  readonly run: Figure;
  /** The depth it needs, from the back wall to its front edge. */
  readonly needs: Figure;
  /**
   * Clear space square to its face up to the next tilted shelf; null for the highest, or where that slopes otherwise.
   */
  readonly clear: Figure | null;
}

export interface TiltedInput {
  readonly wishes: readonly TiltedWish[];
  readonly thicknessMm: number;
  /** Depth of the opening. */
  readonly depthMm: number;
}

/**
 * Tilted shelves by plane trigonometry. A board D deep along its slope, so many degrees down to the front: it rises
 * D sin to the rear and runs D cos; its square-cut rear lower edge stands T sin farther back than its upper one, so
 * that it needs D cos + T sin of depth. Two of one slope whose fronts lie H apart leave H cos - T between them.
 */
export function tiltedShelves({ wishes, thicknessMm, depthMm }: TiltedInput): {
  readonly tilted: Tilted[];
  readonly problems: Problem[];
} {
  const sorted = [...wishes].sort((a, b) => a.front.mm - b.front.mm);
  const tilted = sorted.map((wish, i): Tilted => {
    const turn = (wish.degrees * Math.PI) / 180;
    const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
    const front = figure({ label: message('term.tiltedFront'), mm: wish.front.mm });
    const slope = message('term.tiltedRise', { depth: length(wish.depth.mm), angle: angle(wish.degrees) });
    const rear = plus(front, slope, wish.depth.mm * sin);
    const under = (one: Figure) =>
      plus(one, message('term.tiltedThickness', { thickness: length(thicknessMm) }), -thicknessMm * cos);
    const run = figure({
      label: message('term.tiltedRun', { depth: length(wish.depth.mm), angle: angle(wish.degrees) }),
      mm: wish.depth.mm * cos,
    });
    const next = sorted[i + 1];
    const apart = next ? next.front.mm - wish.front.mm : 0;
    const clear =
      next?.degrees === wish.degrees
        ? figure(
            {
              label: message('term.tiltedApart', { apart: length(apart), angle: angle(wish.degrees) }),
              mm: apart * cos,
            },
            { label: message('term.lessThickness'), mm: -thicknessMm },
          )
        : null;
    return {
      id: wish.id,
      number: i + 1,
      degrees: wish.degrees,
      front,
      rear,
      frontUnder: under(front),
      rearUnder: under(rear),
      run,
      needs: plus(run, message('term.tiltedHeel'), thicknessMm * sin),
      clear,
    };
  });
  const problems = tilted.flatMap((one): Problem[] => {
    const about = { kind: 'shelves' } as const;
    const shelf = count(one.number);
    const deep =
      one.needs.mm > depthMm
        ? [
            doubtful(
              about,
              message('problem.tiltedDeep', { shelf, needs: length(one.needs.mm), depth: length(depthMm) }),
            ),
          ]
        : [];
    const low = one.frontUnder.mm < 0 ? [stop(about, message('problem.tiltedLow', { shelf }))] : [];
    const shut = one.clear && one.clear.mm <= 0 ? [stop(about, message('problem.tiltedShut', { shelf }))] : [];
    return [...low, ...deep, ...shut];
  });
  return { tilted, problems };
}
