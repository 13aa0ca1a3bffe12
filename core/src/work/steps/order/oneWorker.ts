/** A step one worker has to do: not before `head`, and so much has to follow it. Minutes. */
export interface Piece {
  readonly head: number;
  readonly minutes: number;
  readonly tail: number;
}

/**
 * The shortest time in which one worker gets through some steps with heads and tails, if steps could be broken off and
 * taken up again: Jackson's preemptive schedule (Carlier 1982), a bound from below for steps that are done in one go.
 * Minutes. Empty: 0.
 */
export function oneWorkerBound(pieces: readonly Piece[]): number {
  const waiting = [...pieces].sort((a, b) => a.head - b.head);
  const open: { left: number; tail: number }[] = [];
  let now = 0;
  let end = 0;
  let next = 0;
  while (next < waiting.length || open.length > 0) {
    if (open.length === 0) now = Math.max(now, waiting[next]!.head);
    for (; next < waiting.length && waiting[next]!.head <= now + 1e-9; next += 1) {
      open.push({ left: waiting[next]!.minutes, tail: waiting[next]!.tail });
    }
    // Of what can be done, that after which the most has to follow.
    let best = 0;
    for (let i = 1; i < open.length; i += 1) if (open[i]!.tail > open[best]!.tail) best = i;
    const step = open[best]!;
    const until = next < waiting.length ? waiting[next]!.head : Infinity;
    const spent = Math.min(step.left, until - now);
    now += spent;
    step.left -= spent;
    if (step.left <= 1e-9) {
      end = Math.max(end, now + step.tail);
      open[best] = open[open.length - 1]!;
      open.pop();
    }
  }
  return end;
}
