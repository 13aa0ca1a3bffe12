import type { Job, KeepClear } from '../../job';
import { choice, count, length, message, nested } from '../../base/message';
import { marginOf } from '../../place/kinds/margins';
import { doubtful, stop, type Problem } from '../../base/problem';
import { snapToTape, type Tape } from '../../base/quantity';

/** What a shelf takes up below its board at each wall, and in front of it, millimetres. */
export interface Under {
  readonly backMm: number;
  readonly sideMm: number;
  /** What hangs into the space below as one reaches in: a nosing, or cleats where those hang lower. */
  readonly hangsMm: number;
}

/** Nothing below the board. */
export const NOTHING_UNDER: Under = { backMm: 0, sideMm: 0, hangsMm: 0 };

/**
 * Heights no shelf's top may have, both ends without: its board or what carries it would be in the way. Millimetres.
 */
export interface Blocked {
  /** The keep-clear's id; `rail` for a chair rail. */
  readonly id: string;
  readonly what: KeepClear['what'];
  /** Whether a shelf there must not be at all, or has to be notched around it. */
  readonly grave: boolean;
  readonly fromMm: number;
  readonly toMm: number;
  /** Below this only what carries the shelf is free of it: from here up to `toMm` its cleats meet it, not the board. */
  readonly boardToMm: number;
}

/** What a board can be notched around or set against, if it must. */
const NOTCHED: readonly KeepClear['what'][] = ['pipe', 'hole', 'hardware', 'trim', 'window-bar', 'other'];

interface Board {
  readonly thicknessMm: number;
  readonly depthMm: number;
  readonly under: Under;
}

// A row of shelf holes is in the way of screws, not of boards.
const rowOfHoles = ({ what, width, height }: KeepClear) => what === 'hole' && height.mm > ROW * width.mm;
const ROW = 10;

/**
 * The heights a shelf's top may not have, from the lowest up. A board touches the back wall all along, and a side wall
 * as far out as it is deep; a thing on a side wall farther out is clear of it.
 */
export function blockedTops(place: Job['place'], { thicknessMm, depthMm, under }: Board): Blocked[] {
  const band = (id: string, what: KeepClear['what'], from: number, to: number, supportMm: number): Blocked => ({
    id,
    what,
    grave: !NOTCHED.includes(what),
    fromMm: from,
    toMm: to + thicknessMm + supportMm,
    boardToMm: to + thicknessMm,
  });
  const clears = place.keepClears.flatMap((keepClear): Blocked[] => {
    const margin = marginOf(keepClear);
    if (keepClear.wall !== 'back' && keepClear.from.mm - margin >= depthMm) return [];
    if (rowOfHoles(keepClear)) return [];
    const support = keepClear.wall === 'back' ? under.backMm : under.sideMm;
    return [
      band(
        keepClear.id,
        keepClear.what,
        keepClear.up.mm - margin,
        keepClear.up.mm + keepClear.height.mm + margin,
        support,
      ),
    ];
  });
  const { rail } = place;
  const chair = rail
    ? [band('rail', 'trim', rail.up.mm, rail.up.mm + rail.height.mm, Math.max(under.backMm, under.sideMm))]
    : [];
  return [...clears, ...chair].sort((a, b) => a.fromMm - b.fromMm);
}

const CLOSE_MM = 1e-6;

/** What a top at a height meets: the gravest first. */
export function metAt(topMm: number, blocked: readonly Blocked[]): Blocked[] {
  return blocked
    .filter((one) => topMm > one.fromMm + CLOSE_MM && topMm < one.toMm - CLOSE_MM)
    .sort((a, b) => Number(b.grave) - Number(a.grave));
}

/** Between which heights a free one is looked for, and the tape it is to be marked with. Millimetres. */
export interface Within {
  readonly leastMm: number;
  readonly mostMm: number;
  readonly tape: Tape;
}

/**
 * The nearest marks of the tape below and above a height that are free of everything; null where there is none within.
 */
export function nearestFree(topMm: number, blocked: readonly Blocked[], { leastMm, mostMm, tape }: Within) {
  const walk = (way: 'fromMm' | 'toMm', snap: 'down' | 'up'): number => {
    let at = topMm;
    for (let i = 0; i <= blocked.length; i += 1) {
      const [met] = metAt(at, blocked);
      if (!met) break;
      at = snapToTape(met[way], tape, snap);
    }
    return at;
  };
  const [belowMm, aboveMm] = [walk('fromMm', 'down'), walk('toMm', 'up')];
  return {
    belowMm: belowMm >= leastMm - CLOSE_MM ? belowMm : null,
    aboveMm: aboveMm <= mostMm + CLOSE_MM ? aboveMm : null,
  };
}

/** A shelf whose board or support meets a keep-clear, with the nearest heights that are free. */
export function meetsKeepClear(
  shelf: { readonly number: number; readonly topMm: number },
  blocked: readonly Blocked[],
  free: ReturnType<typeof nearestFree>,
): Problem[] {
  return metAt(shelf.topMm, blocked).map((met) => {
    const about = { kind: 'shelf', shelf: shelf.number } as const;
    const what = { shelf: count(shelf.number), what: choice(met.what) };
    const part = shelf.topMm < met.boardToMm ? 'board' : 'support';
    const { belowMm, aboveMm } = free;
    const heights =
      belowMm !== null && aboveMm !== null
        ? message('free.both', { below: length(belowMm), above: length(aboveMm) })
        : belowMm !== null
          ? message('free.below', { below: length(belowMm) })
          : aboveMm !== null
            ? message('free.above', { above: length(aboveMm) })
            : message('free.none');
    const words = message(`problem.meets.${part}`, { ...what, free: nested(heights) });
    return met.grave ? stop(about, words) : doubtful(about, words);
  });
}
