import { figure, less, type Figure } from '../../base/figure';
import type { PinsWish } from '../../job';
import { count, length, message } from '../../base/message';
import { doubtful, type Problem } from '../../base/problem';
import type { LaidShelf } from './layout';

/** A hole for a shelf pin, the same in both sides. */
export interface PinHole {
  /** Its middle above the floor mark. */
  readonly upMm: number;
  /** From the fixed shelf's nearer face: what is measured when it is drilled. */
  readonly fromFixed: Figure;
  /** The shelf whose underside it bears where that is wanted; null for a hole above or below, to move it. */
  readonly shelf: number | null;
}

/** The holes of one side, from the lowest up. The other side has the same, so that they cannot differ. */
export interface Pins {
  /** The shelf that is fixed, in a groove: holes are measured from it. */
  readonly fixed: number;
  readonly holes: readonly PinHole[];
  /** Both rows from the front edge of a side, millimetres. */
  readonly rowsMm: readonly [number, number];
  readonly diameterMm: number;
  /** How far a side goes, and how deep it is, millimetres. */
  readonly fromMm: number;
  readonly toMm: number;
  readonly depthMm: number;
}

export interface PinsInput {
  readonly wish: PinsWish;
  readonly shelves: readonly LaidShelf[];
  readonly fromMm: number;
  readonly toMm: number;
  readonly depthMm: number;
}

// Wood that must be left between a hole and a groove or an end, millimetres.
const WOOD_MM = 4;

/**
 * The shelf of a case that is screwed fast, so that the sides cannot bow: the one nearest the middle, of those that are
 * held where any are.
 * @returns null without shelves
 */
export function fixedShelf<Shelf extends Pick<LaidShelf, 'top' | 'held'>>(
  shelves: readonly Shelf[],
  { fromMm, toMm }: { readonly fromMm: number; readonly toMm: number },
): Shelf | null {
  const middle = (fromMm + toMm) / 2;
  const held = shelves.filter((shelf) => shelf.held !== null);
  const [fixed] = [...(held.length > 0 ? held : shelves)].sort(
    (a, b) => Math.abs(a.top.mm - middle) - Math.abs(b.top.mm - middle),
  );
  return fixed ?? null;
}

/**
 * Pin holes for shelves in a case. The shelf nearest the middle, or nearest it of those that are held, is fixed in a
 * groove. Each other shelf's main hole lies so far below its wanted underside as a pin has it; more are above and below
 * it by the pitch. A hole that would fall in the groove, off the side or into another is left out.
 */
export function pinHoles({ wish, shelves, fromMm, toMm, depthMm }: PinsInput): {
  readonly pins: Pins | null;
  readonly problems: Problem[];
} {
  const fixed = fixedShelf(shelves, { fromMm, toMm });
  if (!fixed) return { pins: null, problems: [] };
  const clear = wish.diameter.mm / 2 + WOOD_MM;
  const inGroove = (mm: number) => mm > fixed.underside.mm - clear && mm < fixed.top.mm + clear;
  const offSide = (mm: number) => mm < fromMm + clear || mm > toMm - clear;
  const movable = shelves.filter((shelf) => shelf !== fixed);
  const main = movable.map((laidShelf) => ({
    upMm: laidShelf.underside.mm - wish.hangs.mm,
    shelf: laidShelf.number as number | null,
  }));
  const others = main.flatMap(({ upMm }) =>
    Array.from({ length: wish.either }, (_, i) => (i + 1) * wish.pitch.mm).flatMap((by) =>
      [upMm - by, upMm + by].map((mm) => ({ upMm: mm, shelf: null })),
    ),
  );
  const kept: { upMm: number; shelf: number | null }[] = [];
  for (const hole of [...main, ...others]) {
    if (inGroove(hole.upMm) || offSide(hole.upMm)) continue;
    if (kept.every((one) => Math.abs(one.upMm - hole.upMm) >= 2 * clear)) kept.push(hole);
  }
  const lost = main.filter((one) => !kept.includes(one));
  const holes = kept
    .sort((a, b) => a.upMm - b.upMm)
    .map(({ upMm, shelf }): PinHole => {
      const above = upMm > fixed.top.mm;
      const face = figure({ label: message('term.holeUp'), mm: upMm });
      const label = message(above ? 'term.fixedTop' : 'term.fixedUnder', { shelf: count(fixed.number) });
      const from = above
        ? less(face, label, fixed.top.mm)
        : figure({ label, mm: fixed.underside.mm }, { label: message('term.holeUp'), mm: -upMm });
      return { upMm, shelf, fromFixed: from };
    });
  const problems = lost.map((one) =>
    doubtful(
      { kind: 'shelf', shelf: one.shelf as number },
      message('problem.pinInGroove', { shelf: count(one.shelf as number), fixed: count(fixed.number) }),
    ),
  );
  const tooWide =
    2 * wish.setBack.mm >= depthMm
      ? [
          doubtful(
            { kind: 'shelves' },
            message('problem.pinRows', { setBack: length(wish.setBack.mm), depth: length(depthMm) }),
          ),
        ]
      : [];
  return {
    pins: {
      fixed: fixed.number,
      holes,
      rowsMm: [wish.setBack.mm, depthMm - wish.setBack.mm],
      diameterMm: wish.diameter.mm,
      fromMm,
      toMm,
      depthMm,
    },
    problems: [...problems, ...tooWide],
  };
}
