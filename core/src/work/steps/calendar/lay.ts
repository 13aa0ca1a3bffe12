import type { Problem } from '../../../base/problem';
import type { Step } from '../step';
import type { Stretch } from './free';
import { Laying, MINUTE_MS, type Laid, type LayInput } from './laying';

export type { Laid, LayInput };

/** The work laid into real dates. */
export interface LaidOut {
  readonly laid: readonly Laid[];
  /** When all is done; null where that is never, or nothing is left. */
  readonly doneMs: number | null;
  readonly problems: readonly Problem[];
}

/** Longest wait at a place before going elsewhere. Minutes (assumed). */
const PATIENCE_MIN = 30;

/**
 * Steps laid into free time, one person doing one after another: of those that can be begun, one where one is already
 * before one elsewhere, then by the order that was found. Each stretch of free time begins at home. What is loud stays
 * out of quiet hours; a step that opens a window is begun only when what must follow has its place within it; what the
 * person moved stays where it was put.
 */
export function layIntoCalendar(input: LayInput): LaidOut {
  const { left, nowMs } = input;
  const laying = new Laying(input);
  let slot = 0;
  while (laying.laid.size < left.steps.length) {
    if (keptNow(laying)) continue;
    for (; laying.free[slot] && laying.free[slot]!.toMs <= laying.atMs; slot += 1) laying.place = null;
    const stretch = laying.free[slot];
    const { nextReservedMs } = laying;
    if (!stretch) {
      if (nextReservedMs === Infinity) break;
      laying.atMs = nextReservedMs;
      continue;
    }
    laying.atMs = Math.max(laying.atMs, stretch.fromMs);
    if (laying.atMs >= nextReservedMs) continue;
    const untilMs = Math.min(stretch.toMs, nextReservedMs);
    const found = bestNext(input, laying, untilMs, stretch);
    if (found) laying.put(found.laid, found.follows);
    else laying.atMs = untilMs;
  }
  for (const step of left.steps) if (!laying.laid.has(step.id)) laying.say('problem.noTime', step);
  for (const { to, mostMin } of left.running) {
    const own = laying.laid.get(to);
    if (mostMin !== null && mostMin >= 0 && own && own.fromMs > nowMs + mostMin * MINUTE_MS)
      laying.say('problem.windowMissed', laying.step(to));
  }
  const all = [...laying.laid.values()].sort((a, b) => a.fromMs - b.fromMs);
  const never = all.length < left.steps.length || all.length === 0;
  return { laid: all, doneMs: never ? null : Math.max(...all.map(({ toMs }) => toMs)), problems: laying.problems };
}

/**
 * Lays the step reserved for this moment, or releases its place.
 * @returns whether a step was reserved
 */
function keptNow(laying: Laying): boolean {
  const kept = [...laying.reserved.values()].filter(({ fromMs }) => fromMs <= laying.atMs);
  const [due] = kept.filter((one) => laying.laidBefore(one)).sort((a, b) => a.fromMs - b.fromMs);
  if (due) {
    const step = laying.step(due.step);
    const follows = due.moved ? laying.windowsAfter(step, due.fromMs) : [];
    if (follows) laying.put(due, follows);
    else laying.unmove(step, 'problem.movedWindow');
    return true;
  }
  const [late] = kept;
  if (!late) return false;
  // What must come before it is not done by then: it is laid like any other.
  laying.unmove(laying.step(late.step), 'problem.movedEarly');
  return true;
}

interface Possible {
  readonly laid: Laid;
  readonly follows: Laid[];
  /** Moment its window closes; infinite without a window. */
  readonly deadline: number;
  /** Whether the person is at its place already. */
  readonly here: boolean;
  readonly rank: number;
}

/** Chooses the next step in a stretch of free time; null when no step can begin. */
function bestNext(input: LayInput, laying: Laying, untilMs: number, stretch: Stretch): Possible | null {
  const rank = new Map(input.order.map((id, i) => [id, i]));
  const can = input.left.steps.flatMap((step) => possible(step, input, laying, untilMs, stretch) ?? []);
  const ranked = can.map((next) => ({ ...next, rank: rank.get(next.laid.step) ?? Infinity }));
  const soonMs = Math.min(Infinity, ...can.map(({ laid }) => laid.fromMs));
  const patientMs = laying.atMs + PATIENCE_MIN * MINUTE_MS;
  const [first] = ranked
    .filter(({ laid, here }) => laid.fromMs <= Math.max(soonMs, here ? patientMs : soonMs))
    .sort(
      (a, b) =>
        a.deadline - b.deadline || Number(b.here) - Number(a.here) || a.rank - b.rank || a.laid.fromMs - b.laid.fromMs,
    );
  return first ?? null;
}

/** Places a step in a stretch; null when the step cannot begin there. */
function possible(
  step: Step,
  { left, nowMs }: LayInput,
  laying: Laying,
  untilMs: number,
  stretch: Stretch,
): Omit<Possible, 'rank'> | null {
  const { place } = laying;
  if (laying.laid.has(step.id) || laying.reserved.has(step.id)) return null;
  const ready = laying.readyMs(step);
  if (ready === null) return null;
  const way = place === null ? 0 : laying.travel(place, step.place) * MINUTE_MS;
  const start = laying.startIn(step, Math.max(laying.atMs + way, ready), untilMs, stretch);
  const follows = start === null ? null : laying.windowsAfter(step, start);
  if (start === null || !follows) return null;
  const closing = left.running.flatMap(({ to, mostMin }) =>
    to === step.id && mostMin !== null ? [nowMs + mostMin * MINUTE_MS] : [],
  );
  return {
    laid: { step: step.id, fromMs: start, toMs: start + step.minutes * MINUTE_MS, moved: false },
    follows,
    deadline: Math.min(Infinity, ...closing),
    here: place === null || step.place === place,
  };
}

/**
 * What a lost day costs: when all is done with that day, and without it. Milliseconds since 1970; null where that is
 * never.
 */
export function withoutDay(
  input: LayInput,
  day: string,
): { readonly withMs: number | null; readonly withoutMs: number | null } {
  const { calendar } = input;
  const doneMs = (lost: readonly string[]) =>
    layIntoCalendar({ ...input, calendar: { ...calendar, lost: [...lost] } }).doneMs;
  const others = calendar.lost.filter((date) => date !== day);
  return { withMs: doneMs(others), withoutMs: doneMs([...others, day]) };
}
