import { snapToTape, type Tape } from '../../base/quantity';
import { metAt, nearestFree, type Blocked } from './keepClear';

/** What a shelf is dragged among. Heights above the floor mark, millimetres. */
export interface DragAmong {
  readonly shelves: readonly {
    readonly number: number;
    readonly top: { readonly mm: number };
    readonly underside: { readonly mm: number };
  }[];
  readonly blocked: readonly Blocked[];
  readonly thicknessMm: number;
  /** As high as a top may come. */
  readonly mostMm: number;
  readonly tape: Tape;
}

/** Where a dragged shelf comes to lie. */
export interface Dragged {
  readonly topMm: number;
  /** Clear below it and above it; to the floor mark, and to as high as a top may come, where no shelf is. */
  readonly belowMm: number;
  readonly aboveMm: number;
  /** What it was kept out of. */
  readonly refusedBy: Blocked | null;
}

/**
 * Where a shelf comes to lie that is pulled to a height: on a mark of the tape, between its neighbours, and out of what
 * must stay clear, on the side it is pulled to.
 */
export function dragTo(among: DragAmong, number: number, wishedMm: number): Dragged {
  const { shelves, blocked, thicknessMm, mostMm, tape } = among;
  const below = shelves.find((shelf) => shelf.number === number - 1)?.top.mm ?? 0;
  const above = shelves.find((shelf) => shelf.number === number + 1)?.underside.mm ?? mostMm;
  const [least, most] = [snapToTape(below + thicknessMm, tape, 'up'), snapToTape(above, tape, 'down')];
  const between = Math.min(Math.max(snapToTape(wishedMm, tape, 'nearest'), least), Math.max(most, least));
  const [met] = metAt(between, blocked);
  let topMm = between;
  if (met) {
    const { belowMm, aboveMm } = nearestFree(between, blocked, { leastMm: least, mostMm: most, tape });
    const nearest = [belowMm, aboveMm]
      .filter((one) => one !== null)
      .sort((a, b) => Math.abs(a - wishedMm) - Math.abs(b - wishedMm));
    topMm = nearest[0] ?? between;
  }
  return { topMm, belowMm: topMm - thicknessMm - below, aboveMm: above - topMm, refusedBy: met ?? null };
}
