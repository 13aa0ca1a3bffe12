import type { Trial } from '../../job';
import { snapToTape, type Tape } from '../../base/quantity';
import { lieOf, liesFor, type End } from './ends';
import { MOVED_MM } from './between';
import { seatAtBest } from './moves';
import type { Pocket } from './pocket';

/** What to take off one place of an end of a board that binds. */
export interface Shave {
  readonly end: 'left' | 'right';
  readonly at: 'back' | 'middle' | 'front';
  readonly mm: number;
}

/** A board that was cut and tried. */
export interface Tried {
  /** As it is cut now. */
  readonly cut: Trial['cut'];
  readonly shaves: readonly Shave[];
}

/** What came of trying a board; null for one that was not tried. Notes of what it was before it was shaved are over. */
export function triedOf(pocket: Pocket, trials: readonly Trial[], tape: Tape): Tried | null {
  const cut = trials.at(-1)?.cut;
  if (!cut) return null;
  return {
    cut,
    shaves: shavesFor(
      pocket,
      trials.filter((trial) => sameCut(trial.cut, cut)),
      tape,
    ),
  };
}

/** Whether two boards are cut the same. */
const sameCut = (a: Trial['cut'], b: Trial['cut']) => a.back === b.back && a.left === b.left && a.right === b.right;

/**
 * Where a board as it was cut is over, by the walls as they are held to be after its trial: of every drawn pair of
 * walls the place where it lies best, and how far its ends reach into the walls there, on average. What binds is told
 * up to a mark of the tape, since wood that is left on binds again.
 */
export function shavesFor(pocket: Pocket, trials: readonly Trial[], tape: Tape): Shave[] {
  const last = trials.at(-1);
  if (!last || !trials.some((trial) => trial.kind === 'tight')) return [];
  const { ps, drawn } = pocket;
  const { back, depth, left, right } = last.cut;
  const end = (side: 'left' | 'right', x: (p: number) => number): End => ({
    side,
    style: 'angled',
    offsetMm: last.cut[side],
    undercut: 0,
    line: { at: x(0), slope: 0 },
    profile: Float64Array.from(ps, x),
  });
  const ends = {
    left: end('left', (p) => -back / 2 - (left * p) / depth),
    right: end('right', (p) => back / 2 + (right * p) / depth),
  };
  const lies = liesFor(pocket);
  const over = { left: new Float64Array(ps.length), right: new Float64Array(ps.length) };
  for (const walls of drawn) {
    const { tight, seen } = lieOf(pocket, walls, ends.left, ends.right, lies);
    const { shift, turn } = seatAtBest(ps, tight, seen, (2 * MOVED_MM) / back, back / 2);
    ps.forEach((p, i) => {
      const where = shift - turn * p;
      over.left[i] = (over.left[i] as number) + Math.max((tight.left[i] as number) - where, 0) / drawn.length;
      over.right[i] = (over.right[i] as number) + Math.max(where - (tight.right[i] as number), 0) / drawn.length;
    });
  }
  const places = { back: 0, middle: ps.length >> 1, front: ps.length - 1 } as const;
  const binding = trials.filter((trial) => trial.kind === 'tight');
  return binding.map(({ end: side, at }) => ({
    end: side,
    at,
    mm: Math.max(snapToTape(over[side][places[at]] as number, tape, 'up'), snapToTape(0.01, tape, 'up')),
  }));
}
