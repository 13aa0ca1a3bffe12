import type { Stretch } from '../design/bay';
import {
  blockPlace,
  depthOf,
  uprightBlocks,
  uprightBoard,
  type BlockPlace,
  type PartSpec,
  type UprightWish,
} from '../design/system';
import { shelvesWanted, type BayWish, type DesignJob, type SystemName } from '../job';
import type { Opening } from '../place/opening';
import { faceOf, type BayFace, type BayRoad } from './bayRoad';

/** An upright between a bay and the next, with the faces it turns to them. */
export interface Upright {
  readonly wish: UprightWish;
  /** The face to the bay on its left, which is that bay's right one; and the other way round. */
  readonly left: BayFace | null;
  readonly right: BayFace | null;
}

/** An upright ends so far below the ceiling, millimetres. */
const BELOW_CEILING_MM = 5;
/** What stands on posts or frames of its own holds an upright, too: there is no room for blocks behind them. */
const STANDING: ReadonlySet<SystemName> = new Set(['housed-posts', 'framed-bench', 'ladder-frames']);

interface Parting {
  readonly job: DesignJob;
  readonly bays: readonly BayWish[];
  readonly stretches: readonly Stretch[];
  readonly opening: Opening;
  /** Bays, counted from 0, to the right of which an upright stands. */
  readonly parted: readonly number[];
}

/** Uprights by the bay on their left, counted from 0. */
export function uprightsOf({ job, bays, stretches, opening, parted }: Parting): ReadonlyMap<number, Upright> {
  const ceilingMm = opening.clearHeight()?.narrowest.mm ?? null;
  return new Map(
    parted.map((i, nth) => {
      const [left, right] = [stretches[i] as Stretch, stretches[i + 1] as Stretch];
      const beside = [bays[i] as BayWish, bays[i + 1] as BayWish];
      const tops = beside.map(({ shelves: { top } }) => (top.kind === 'height' ? top.up.mm : 0));
      const across = { fromMm: left.toMm, toMm: right.fromMm };
      const wish: UprightWish = {
        nth: nth + 1,
        thicknessMm: right.fromMm - left.toMm,
        depthMm: Math.max(...beside.flatMap(deep)),
        footMm: floorAt(opening, (across.fromMm + across.toMm) / 2),
        topMm: ceilingMm === null ? Math.max(...tops, opening.extent.height) : ceilingMm - BELOW_CEILING_MM,
        across,
        skirting: opening.surfaces.includes('back') ? job.place.skirting : undefined,
      };
      const board = uprightBoard(wish);
      const face = (side: 'left' | 'right') => faceOf(board, side, [board], opening);
      return [i, { wish, left: face('left'), right: face('right') }] as const;
    }),
  );
}

/** Depths of the shelves of a bay, millimetres. */
const deep = ({ shelves, support, firstShelf }: BayWish): number[] =>
  Array.from({ length: Math.max(shelvesWanted(shelves), 1) }, (_, i) => depthOf({ shelves, support }, firstShelf + i));

/** How high the floor lies there at its highest from back to front, millimetres. */
function floorAt(opening: Opening, across: number): number {
  if (!opening.surfaces.includes('floor')) return 0;
  const ups = [0, opening.extent.depth].map((out) => opening.likely({ surface: 'floor', across, out }));
  return Math.round(10 * Math.max(...ups)) / 10;
}

/** Puts each upright and its blocks with the bay whose back wall the blocks are on. */
export function withUprights(
  roads: readonly BayRoad[],
  uprights: ReadonlyMap<number, Upright>,
  job: DesignJob,
): BayRoad[] {
  const all = [...roads];
  for (const [i, { wish }] of uprights) {
    const side = STANDING.has((all[i] as BayRoad).job.support.system) ? 'right' : 'left';
    const at = side === 'left' ? i : i + 1;
    const road = all[at] as BayRoad;
    const walled = road.opening.surfaces.includes('back') && !STANDING.has(road.job.support.system);
    const ups = walled ? blockHeights(road, blockPlace(wish, side, job.units)) : [];
    const blocks = uprightBlocks(wish, ups, side, job.units);
    all[at] = {
      ...road,
      specs: [...road.specs, uprightBoard(wish), ...blocks.parts],
      fastenings: [...road.fastenings, ...blocks.fastenings],
    };
  }
  return all;
}

/** Where blocks go on the back wall: the lowest and the highest place on a shelf, near the floor or the top. */
function blockHeights({ layout, specs, hardware, job: { place } }: BayRoad, block: BlockPlace): number[] {
  const { footMm, topMm, highMm } = block;
  const skirtedMm = Math.max(footMm, place.skirting?.height.mm ?? 0);
  const meets = (upMm: number, { place: at, across }: Pick<PartSpec, 'place' | 'across'>): boolean =>
    at.outFrom < block.thickMm &&
    at.upFrom < upMm + highMm - SAME_MM &&
    at.upTo > upMm + SAME_MM &&
    (!across || (across.fromMm < block.across.toMm && across.toMm > block.across.fromMm));
  const free = [...layout.shelves.map(({ top }) => top.mm), skirtedMm + LOW_MM, topMm - LOW_MM - highMm]
    .filter((mm) => mm >= skirtedMm && mm + highMm <= topMm)
    .filter((mm) => ![...specs, ...hardware].some((one) => meets(mm, one)))
    .sort((a, b) => a - b);
  const [low, high] = [free[0], free.at(-1)];
  if (low === undefined || high === undefined) return [];
  return high - low > highMm ? [low, high] : [low];
}

/** What a block on a shelf and the shelf share, millimetres. */
const SAME_MM = 0.05;
/** A block with no shelf to lie on is so far above the skirting, or below the top. Millimetres. */
const LOW_MM = 100;
