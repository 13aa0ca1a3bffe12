import { figure, plus, type Figure } from '../../base/figure';
import type { Aligned, Job, KeepClear, ShelvesWish } from '../../job';
import { choice, message, text } from '../../base/message';
import { doubtful, type Problem } from '../../base/problem';
import type { Rail } from './garments';

/** Where the space for shelves begins. */
export interface Bottom {
  readonly at: Figure;
  /** The lowest shelf lies on it. */
  readonly seats: boolean;
  /** Things may stand on it. */
  readonly stands: boolean;
}

/** Where the space for shelves begins: the floor, a height, a base, or above a closet rail. */
export function bottomOf({ bottom }: ShelvesWish, rail: Rail | null): Bottom {
  if (rail) return { at: rail.shelfUnderside, seats: true, stands: false };
  switch (bottom.kind) {
    case 'base':
      return { at: figure({ label: message('term.base'), mm: bottom.up.mm }), seats: true, stands: false };
    case 'height':
      return { at: figure({ label: message('term.bottomTyped'), mm: bottom.up.mm }), seats: false, stands: false };
    default:
      return { at: figure({ label: message('term.bottomFloor'), mm: 0 }), seats: false, stands: true };
  }
}

/** Where it ends: the ceiling, null where that is not known, or a height. */
export function topOf({ top }: ShelvesWish, ceiling: Figure | null): Figure | null {
  return top.kind === 'height' ? figure({ label: message('term.topTyped'), mm: top.up.mm }) : ceiling;
}

/** A shelf that stays where it is, however the others are spaced. */
export interface Held {
  readonly top: Figure;
  readonly held: 'locked' | 'aligned' | 'seated';
  /** The id of its height or of what it is lined up with; null for one that lies on the bottom boundary. */
  readonly id: string | null;
}

/** Shelves that stay: on the bottom boundary, locked, or lined up with something there. */
export function heldShelves(
  wish: ShelvesWish,
  bottom: Bottom,
  job: Pick<Job, 'place' | 'levelLine'>,
): { readonly held: Held[]; readonly problems: Problem[] } {
  const thickness = wish.thickness.mm;
  const over = (from: Figure) => plus(from, message('term.plusThickness'), thickness);
  const problems: Problem[] = [];
  const seated: Held[] = bottom.seats ? [{ top: over(bottom.at), held: 'seated', id: null }] : [];
  const locked = wish.heights.flatMap((height): Held[] =>
    height.locked
      ? [{ top: figure({ label: message('term.lockedHeight'), mm: height.up.mm }), held: 'locked', id: height.id }]
      : [],
  );
  const aligned = (wish.aligned ?? []).flatMap((one): Held[] => {
    const there = thereAt(one, job);
    if (!there) {
      problems.push(doubtful({ kind: 'shelves' }, message('problem.alignedGone')));
      return [];
    }
    return [{ top: one.face === 'top' ? there : over(there), held: 'aligned', id: one.id }];
  });
  return { held: [...seated, ...locked, ...aligned].sort((a, b) => a.top.mm - b.top.mm), problems };
}

/** The height of something there; null where it is there no more. */
function thereAt({ to }: Aligned, { place, levelLine }: Pick<Job, 'place' | 'levelLine'>): Figure | null {
  const there = (
    mm: number | undefined,
    what: KeepClear['what'] | Exclude<Aligned['to']['kind'], 'keep-clear' | 'mark'>,
  ) => (mm === undefined ? null : figure({ label: message('term.linedUp', { to: choice(what) }), mm }));
  switch (to.kind) {
    case 'level-line':
      return there(levelLine.up.mm, to.kind);
    case 'skirting':
      return there(place.skirting?.height.mm, to.kind);
    case 'rail':
      return there(place.rail && place.rail.up.mm + (to.edge === 'top' ? place.rail.height.mm : 0), to.kind);
    case 'mouth':
      return there(place.mouth?.height?.mm, to.kind);
    case 'keep-clear': {
      const one = place.keepClears.find(({ id }) => id === to.id);
      return there(one && one.up.mm + (to.edge === 'top' ? one.height.mm : 0), one?.what ?? 'other');
    }
    case 'mark':
      return figure({ label: message('term.linedUpMark', { name: text(to.name) }), mm: to.up.mm });
  }
}
