import { figure, plus, toTape, type Figure } from '../../base/figure';
import type { Garment, ShelvesWish } from '../../job';
import { length, message } from '../../base/message';
import { doubtful, type Problem } from '../../base/problem';
import type { Tape } from '../../base/quantity';

/** From the middle of the rail to the lowest hem of what hangs on it, with its hanger, millimetres. */
export const HANGING_MM: Readonly<Record<Garment, number>> = {
  'folded-trousers': 800,
  children: 750,
  shirts: 1000,
  jackets: 1100,
  coats: 1400,
  dresses: 1650,
};

/** A hanger with what is on it is so deep; a rail stands in the middle of that, millimetres. */
export const HANGER_DEPTH_MM = 560;

/** A closet rail and where it goes. */
export interface Rail {
  /** Its middle above the floor mark. */
  readonly up: Figure;
  /** Its middle from the back wall. */
  readonly out: Figure;
  /** The underside of the shelf above it. */
  readonly shelfUnderside: Figure;
}

/**
 * A rail as it is wished: so high, or as high as what hangs on it asks for. The shelf above it leaves room for hooks to
 * be lifted off. Sockets go at half a hanger's depth, or in the middle of an opening that has not so much.
 * @param depthMm depth of the opening
 */
export function railOf(bottom: ShelvesWish['bottom'], depthMm: number, tape: Tape): Rail | null {
  if (bottom.kind !== 'rail' && bottom.kind !== 'garments') return null;
  const up =
    bottom.kind === 'rail'
      ? figure({ label: message('term.railTyped'), mm: bottom.up.mm })
      : toTape(
          plus(
            figure({ label: message(`term.hang.${bottom.hang}`), mm: HANGING_MM[bottom.hang] }),
            message('term.clearOfFloor'),
            bottom.floor.mm,
          ),
          tape,
          'up',
        );
  const rail = figure({ label: message('term.rail'), mm: up.mm });
  return {
    up,
    out: figure({ label: message('term.halfHanger'), mm: Math.min(HANGER_DEPTH_MM, depthMm) / 2 }),
    shelfUnderside: plus(rail, message('term.railClear'), bottom.clear.mm),
  };
}

/** An opening too shallow for hangers. */
export function hangerProblems(rail: Rail | null, depthMm: number): Problem[] {
  if (!rail || depthMm >= HANGER_DEPTH_MM) return [];
  const lengths = { needed: length(HANGER_DEPTH_MM), depth: length(depthMm) };
  return [doubtful({ kind: 'shelves' }, message('problem.hangerDepth', lengths))];
}
