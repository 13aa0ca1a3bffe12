import { length, message, type Message } from '../../../base/message';
import { snapToTape } from '../../../base/quantity';
import type { Setting } from '../setting';
import type { Change } from './contentsIs';

// A boundary is moved by halves of what is left to try, so many times.
const HALVINGS = 5;

/**
 * The smallest changes with which everything goes in: shelves fewer or more, the space taken further up, or further
 * down. Each is tried; none is guessed.
 * @param worksWith whether everything goes in with a change
 */
export function wayOut(
  setting: Setting,
  topMm: number,
  shelves: number,
  worksWith: (change: Change) => boolean,
): Message[] {
  const { input, bottom, held, overTopMm } = setting;
  const { job, opening } = input;
  const now: Change = { shelves, bottomMm: bottom.at.mm, topMm };
  const ways: Message[] = [];
  for (const by of [-1, 1, -2, 2]) {
    const number = shelves + by;
    if (number < Math.max(held.length, 1) || ways.length > 0) continue;
    if (worksWith({ ...now, shelves: number })) ways.push(message(WORDS[by as keyof typeof WORDS]));
  }
  const ceiling = opening.clearHeight()?.narrowest.mm ?? topMm;
  const up = least(ceiling - overTopMm - topMm, job, (by) => worksWith({ ...now, topMm: topMm + by }));
  if (up !== null) ways.push(message('wayOut.topUp', { by: length(up) }));
  const down =
    bottom.stands || bottom.seats
      ? null
      : least(bottom.at.mm, job, (by) => worksWith({ ...now, bottomMm: bottom.at.mm - by }));
  if (down !== null) ways.push(message('wayOut.bottomDown', { by: length(down) }));
  return ways;
}

const WORDS = { '-1': 'wayOut.oneFewer', 1: 'wayOut.oneMore', '-2': 'wayOut.twoFewer', 2: 'wayOut.twoMore' } as const;

/** The least move of at most so much that works, on a mark of the tape; null where none does. */
function least(mostMm: number, { tape }: Setting['input']['job'], works: (byMm: number) => boolean): number | null {
  const most = snapToTape(mostMm, tape, 'down');
  if (most <= 0 || !works(most)) return null;
  let [low, high] = [0, most];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = snapToTape((low + high) / 2, tape, 'up');
    if (middle >= high) break;
    if (works(middle)) high = middle;
    else low = middle;
  }
  return high;
}
