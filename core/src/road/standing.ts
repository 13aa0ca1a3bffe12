import { count, message, text } from '../base/message';
import { doubtful, type Problem } from '../base/problem';
import type { Placed } from '../design/body';
import type { BuiltBody } from './body';
import type { Capacity, Contents, LeftOut, Stored } from '../design/layout';
import { stancesOf } from '../design/layout/contents/kinds';
import type { Across, PartRole } from '../design/system';
import type { Thing } from '../job';

/** Things of a job as they stand between the pieces of its body, and what has no place there. */
export interface StandingThings {
  readonly contents: Contents;
  readonly problems: readonly Problem[];
}

interface Place extends Pick<BuiltBody, 'body' | 'standing'> {
  readonly things: readonly Thing[];
  /** Left end of the space for things, across the opening, where the contents name none. Millimetres. */
  readonly leftMm: number;
  /** How deep things may stand where no board tells it, millimetres. */
  readonly depthMm: number;
}

/** What a thing may touch without being in it, millimetres. */
const TOUCH_MM = 1;

/**
 * Moves what is stored along its shelf, past every piece that stands on the shelf or reaches into the space above: a
 * divider, a post, the side of a case. Piles of one kind are parted where something stands between them.
 * @param contents as the heights place them
 */
export function standingThings(contents: Contents, place: Place): StandingThings {
  const boxes = place.body.pieces.flatMap(({ id, shelf, role }) =>
    (place.standing.get(id)?.placed.each ?? []).map((at) => ({ shelf, role, at })),
  );
  const startMm = contents.acrossMm ?? place.leftMm;
  const shelves = contents.capacity.map((capacity): Shelf => {
    const { shelf, lengthMm } = capacity;
    const ours = contents.stored.filter((one) => one.shelf === shelf);
    const blocked = ours.map((one) => blockedFor(one, boxes, startMm, place));
    const isFree = ours.every((one, i) =>
      (blocked[i] as Across[]).every((range) => overlap(range, runOf(one)) <= TOUCH_MM),
    );
    return isFree
      ? { capacity, stored: ours, out: [] }
      : parted(ours, blocked, { fromMm: 0, toMm: lengthMm }, capacity);
  });
  const moved = shelves.some((shelf, i) => shelf.capacity !== contents.capacity[i]);
  if (!moved) return { contents, problems: [] };
  const out = shelves.flatMap((shelf) => shelf.out);
  const weights = new Map(place.things.map(({ id, weight }) => [id, weight.kg]));
  const loaded = ({ capacity, stored }: Shelf): Capacity => ({
    ...capacity,
    kg: stored.reduce((sum, one) => sum + one.count * (weights.get(one.thing) ?? 0), 0),
  });
  return {
    contents: {
      ...contents,
      stored: shelves.flatMap(({ stored }) => stored),
      capacity: shelves.map(loaded),
      leftOut: [
        ...contents.leftOut,
        ...out.map((one): LeftOut => ({ thing: one.thing, count: one.count, why: message('out.beside') })),
      ],
    },
    problems: out.map(hasNoPlace),
  };
}

/** A shelf with what stands on it, and what has no place there. */
interface Shelf {
  readonly capacity: Capacity;
  readonly stored: readonly Stored[];
  readonly out: readonly Stored[];
}

function hasNoPlace({ shelf, name, count: n }: Stored): Problem {
  const said = { shelf: count(shelf), name: text(name), count: count(n) };
  return doubtful(shelf > 0 ? { kind: 'shelf', shelf } : { kind: 'shelves' }, message('problem.thingsBeside', said));
}

interface Box {
  readonly shelf: number;
  readonly role: PartRole;
  readonly at: Placed['bounds'];
}

/** Stretches of a shelf where things of a kind, flush with its front, would be in a piece. */
function blockedFor(one: Stored, boxes: readonly Box[], startMm: number, { things, depthMm }: Place): Across[] {
  const boards = boxes.filter(({ shelf, role }) => one.shelf > 0 && shelf === one.shelf && BOARDS.has(role));
  const frontMm = boards.length > 0 ? Math.max(...boards.map(({ at }) => at.most[1])) : depthMm;
  const thing = things.find(({ id }) => id === one.thing);
  const stance = thing && stancesOf(thing).find(({ lie, layers }) => lie === one.lie && layers === one.layers);
  const backMm = frontMm - (stance?.depthMm ?? depthMm);
  const isIn = ({ at: { least, most } }: Box) =>
    least[1] < frontMm - TOUCH_MM &&
    most[1] > backMm + TOUCH_MM &&
    least[2] < one.upMm + one.highMm - TOUCH_MM &&
    most[2] > one.upMm + TOUCH_MM;
  return boxes.filter(isIn).map(({ at }) => ({ fromMm: at.least[0] - startMm, toMm: at.most[0] - startMm }));
}

/** What things stand on. */
const BOARDS: ReadonlySet<PartRole> = new Set(['board', 'slat', 'mesh']);

/** Things of a shelf put one kind after another into what is free of it. */
function parted(ours: readonly Stored[], blocked: readonly Across[][], whole: Across, capacity: Capacity): Shelf {
  const stored: Stored[] = [];
  const out: Stored[] = [];
  ours.forEach((one, i) => {
    const free = freeBetween(whole, [...(blocked[i] as Across[]), ...stored.map(runOf)]);
    const { placed, left } = placedIn(one, free);
    stored.push(...placed);
    if (left > 0) out.push({ ...one, count: left });
  });
  const lengthMm = freeBetween(whole, blocked.flat()).reduce((sum, range) => sum + range.toMm - range.fromMm, 0);
  const usedMm = stored.reduce((sum, { runsMm }) => sum + runsMm, 0);
  return { capacity: { ...capacity, lengthMm, usedMm, leftMm: Math.max(lengthMm - usedMm, 0) }, stored, out };
}

const runOf = ({ fromMm, runsMm }: Stored): Across => ({ fromMm, toMm: fromMm + runsMm });

const overlap = (one: Across, other: Across): number =>
  Math.min(one.toMm, other.toMm) - Math.max(one.fromMm, other.fromMm);

/** What of a length is free, from left to right. */
function freeBetween(whole: Across, blocked: readonly Across[]): Across[] {
  const free: Across[] = [];
  let fromMm = whole.fromMm;
  for (const range of [...blocked].sort((a, b) => a.fromMm - b.fromMm)) {
    if (range.fromMm > fromMm) free.push({ fromMm, toMm: Math.min(range.fromMm, whole.toMm) });
    fromMm = Math.max(fromMm, range.toMm);
  }
  if (fromMm < whole.toMm) free.push({ fromMm, toMm: whole.toMm });
  return free.filter((range) => range.toMm - range.fromMm > 0);
}

/** Puts the piles of one kind into free stretches, as they come. */
function placedIn(one: Stored, free: readonly Across[]): { placed: Stored[]; left: number } {
  const eachMm = one.runsMm / one.piles;
  const placed: Stored[] = [];
  let left = one.count;
  for (const { fromMm, toMm } of free) {
    const piles = Math.min(Math.floor((toMm - fromMm + TOUCH_MM / 2) / eachMm), Math.ceil(left / one.layers));
    if (piles <= 0) continue;
    const here = Math.min(piles * one.layers, left);
    left -= here;
    placed.push({ ...one, count: here, piles, fromMm, runsMm: piles * eachMm });
    if (left === 0) break;
  }
  return { placed, left };
}
