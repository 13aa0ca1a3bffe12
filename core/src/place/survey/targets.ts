import { choice, count, length, message, type Message } from '../../base/message';
import { acrossAt, outAt, type Extent, type PlaceSpec } from '../kinds';
import { at, minus, overChord, type Functional } from './functional';
import type { Survey } from './survey';

/** A board that is to go in: how high, and how far out it reaches. */
export interface Wanted {
  /** The shelf's number; null for a level that only stands for the opening. */
  readonly shelf: number | null;
  readonly upMm: number;
  readonly outMm: number;
}

/** Something the boards depend on, and how well it should be known. */
export interface Target {
  readonly terms: Functional;
  /** Known to this it is known well enough. Standard deviation, millimetres. */
  readonly enoughMm: number;
  /** What knowing it counts for, a board's own measure being 1. */
  readonly counts: number;
  readonly words: Message;
  readonly shelf: number | null;
}

/** How well each kind of thing should be known. Standard deviations, millimetres. */
const ENOUGH_MM = { width: 1, end: 1.6, back: 2, depth: 2.5, ceiling: 5, floor: 8, plumb: 8 } as const;
/** What the place is like on the whole counts for this much of what a board depends on. */
const OF_THE_PLACE = 0.1;
/** Once it is known where boards go, its height and its levels tell little about them. */
const ONCE_PLANNED = 0.0001;

/**
 * What the planned boards depend on: for each the width at back and front, how far each end runs out of square, and
 * the bow of the back; for the place its depth, its height and its levels. In places with one side wall, that end.
 */
export function targetsFor(survey: Survey, wanted: readonly Wanted[]): Target[] {
  const { extent, surfaces, spec } = survey;
  const boards = wanted.length > 0 ? wanted : levelsOf(spec, extent);
  const has = (...names: readonly (typeof surfaces)[number][]) => names.every((name) => surfaces.includes(name));
  const sides = (['left', 'right'] as const).filter((side) => has(side));
  const targets = boards.flatMap(({ upMm: z, outMm, shelf }): Target[] => {
    const of = (terms: Functional, enoughMm: number, words: Message) => ({ terms, enoughMm, words, shelf, counts: 1 });
    const width = (y: number, place: 'back' | 'front') =>
      of(minus(at('right', y, z), at('left', y, z)), ENOUGH_MM.width, widthWords(shelf, z, place));
    const mid = (extent.left + extent.right) / 2;
    return [
      ...(has('left', 'right') ? [width(0, 'back'), width(outMm, 'front')] : []),
      ...sides.map((side) => of(minus(at(side, outMm, z), at(side, 0, z)), ENOUGH_MM.end, endWords(shelf, z, side))),
      ...(has('back')
        ? [
            of(
              overChord(at('back', extent.left, z), at('back', mid, z), at('back', extent.right, z)),
              ENOUGH_MM.back,
              backWords(shelf, z),
            ),
          ]
        : []),
    ];
  });
  return [...targets, ...placeTargets(survey, has, wanted.length > 0)];
}

function widthWords(shelf: number | null, up: number, place: 'back' | 'front'): Message {
  if (shelf === null) return message('target.widthAt', { up: length(up), at: choice(place) });
  return message('target.width', { shelf: count(shelf), at: choice(place) });
}

function endWords(shelf: number | null, up: number, side: 'left' | 'right'): Message {
  if (shelf === null) return message('target.endAt', { up: length(up), side: choice(side) });
  return message('target.end', { shelf: count(shelf), side: choice(side) });
}

function backWords(shelf: number | null, up: number): Message {
  if (shelf === null) return message('target.backAt', { up: length(up) });
  return message('target.back', { shelf: count(shelf) });
}

function placeTargets(
  { extent }: Survey,
  has: (...names: readonly Survey['surfaces'][number][]) => boolean,
  planned: boolean,
): Target[] {
  const targets: Target[] = [];
  const whole = (words: Message, enoughMm: number, terms: Functional, counts = OF_THE_PLACE) =>
    targets.push({ terms, enoughMm, words, shelf: null, counts });
  const levels = planned ? ONCE_PLANNED : OF_THE_PLACE;
  const [y, mid] = [outAt('front', extent), (extent.left + extent.right) / 2];
  const z = extent.height / 2;
  if (has('front', 'back'))
    whole(message('target.depth'), ENOUGH_MM.depth, minus(at('front', mid, z), at('back', mid, z)));
  for (const side of ['left', 'right'] as const) {
    const x = acrossAt(side, extent);
    if (has('ceiling', 'floor')) {
      const words = message('target.ceiling', { side: choice(side) });
      whole(words, ENOUGH_MM.ceiling, minus(at('ceiling', x, y), at('floor', x, y)), levels);
    }
  }
  if (has('floor')) {
    const [l, r] = [acrossAt('left', extent), acrossAt('right', extent)];
    whole(message('target.floor'), ENOUGH_MM.floor, minus(at('floor', r, y), at('floor', l, y)), levels);
  }
  for (const wall of ['left', 'right'] as const) {
    if (!has(wall)) continue;
    const words = message('target.plumb', { wall: choice(wall) });
    whole(words, ENOUGH_MM.plumb, minus(at(wall, y, 0.9 * extent.height), at(wall, y, 0.1 * extent.height)));
  }
  return targets;
}

/** Levels that stand for the opening while no shelf is planned: low, middle and high, five for a box. */
export function levelsOf(spec: PlaceSpec, { height, depth }: Extent): Wanted[] {
  const shares = spec.takes === 'box' ? [0.04, 0.27, 0.5, 0.73, 0.96] : [0.2, 0.5, 0.8];
  return shares.map((share) => ({ shelf: null, upMm: share * height, outMm: depth }));
}
