import type { BuildWish, StepPlace } from '../../job';
import { message, nested } from '../../message';
import { doubtful, type Problem } from '../../problem';
import type { Outstanding } from '../outstanding';
import type { Step } from '../step';
import { travelOf } from '../trips';
import { freeTime, quietTime, type CalendarWish, type Stretch } from './free';
import { wallOf } from './zoned';

/** A step in the calendar. Milliseconds since 1970. */
export interface Laid extends Stretch {
  readonly step: string;
  /** The person put it there. */
  readonly moved: boolean;
}

/** The work laid into real dates. */
export interface LaidOut {
  readonly laid: readonly Laid[];
  /** When all is done; null where that is never, or nothing is left. */
  readonly doneMs: number | null;
  readonly problems: readonly Problem[];
}

export interface LayInput {
  readonly left: Outstanding;
  /** The order that was found: the first that can be done is done first. */
  readonly order: readonly string[];
  readonly build: Pick<BuildWish, 'travel'>;
  readonly calendar: CalendarWish;
  /** The present, milliseconds since 1970. */
  readonly nowMs: number;
}

const MINUTE_MS = 60_000;
/** So long one rather waits at a place than goes elsewhere. Minutes. */
const PATIENCE_MIN = 30;

/**
 * Steps laid into free time, one person doing one after another: of those that can be begun, one where one is already
 * before one elsewhere, then by the order that was found. Each stretch of free time begins at home. What is loud stays
 * out of quiet hours; a step that opens a window is begun only when what must follow has its place within it; what the
 * person moved stays where it was put.
 */
export function layOut({ left, order, build, calendar, nowMs }: LayInput): LaidOut {
  const free = freeTime(calendar, nowMs);
  const rank = new Map(order.map((id, i) => [id, i]));
  const by = new Map(left.steps.map((one) => [one.id, one]));
  const travel = travelOf(build);
  const problems: Problem[] = [];
  const laid = new Map<string, Laid>();
  const reserved = new Map<string, Laid>();
  const longestMs = Math.max(0, ...free.map((one) => one.toMs - one.fromMs));
  const say = (
    code:
      'problem.stepTooLong' | 'problem.movedEarly' | 'problem.movedWindow' | 'problem.noTime' | 'problem.windowMissed',
    step: Step,
  ) => problems.push(doubtful({ is: 'place' }, message(code, { step: nested(step.what) })));

  for (const { step: id, at } of calendar.moved) {
    const step = by.get(id);
    if (step && at >= nowMs)
      reserved.set(id, { step: id, fromMs: at, toMs: at + step.minutes * MINUTE_MS, moved: true });
  }
  for (const step of left.steps)
    if (step.minutes * MINUTE_MS > longestMs && longestMs > 0) say('problem.stepTooLong', step);

  let place: StepPlace | null = null;
  let t = free[0]?.fromMs ?? nowMs;
  let slot = 0;
  while (laid.size < left.steps.length) {
    const due = [...reserved.values()]
      .filter((one) => one.fromMs <= t && laidBefore(one))
      .sort((a, b) => a.fromMs - b.fromMs)[0];
    if (due) {
      const step = by.get(due.step)!;
      const follows = due.moved ? windowsAfter(step, due.fromMs) : [];
      if (!follows) unmove(step, 'problem.movedWindow');
      else put(due, follows);
      continue;
    }
    const late = [...reserved.values()].find((one) => one.fromMs <= t);
    if (late) {
      // What must come before it is not done by then: it is laid like any other.
      unmove(by.get(late.step)!, 'problem.movedEarly');
      continue;
    }
    while (free[slot] && free[slot]!.toMs <= t) {
      slot += 1;
      place = null;
    }
    const current = free[slot];
    const nextReserved = Math.min(Infinity, ...[...reserved.values()].map((one) => one.fromMs));
    if (!current) {
      if (nextReserved < Infinity) {
        t = nextReserved;
        continue;
      }
      break;
    }
    t = Math.max(t, current.fromMs);
    if (t >= nextReserved) continue;
    const until = Math.min(current.toMs, nextReserved);
    const found = best(t, until, current);
    if (found) {
      put(found.laid, found.follows);
      continue;
    }
    t = nextReserved < current.toMs ? nextReserved : current.toMs;
  }
  for (const step of left.steps) if (!laid.has(step.id)) say('problem.noTime', step);
  for (const { to, mostMin } of left.running) {
    const own = laid.get(to);
    if (mostMin !== null && mostMin >= 0 && own && own.fromMs > nowMs + mostMin * MINUTE_MS)
      say('problem.windowMissed', by.get(to)!);
  }
  const all = [...laid.values()].sort((a, b) => a.fromMs - b.fromMs);
  return {
    laid: all,
    doneMs: all.length < left.steps.length || all.length === 0 ? null : Math.max(...all.map((one) => one.toMs)),
    problems,
  };

  function put(one: Laid, follows: readonly Laid[]): void {
    laid.set(one.step, one);
    reserved.delete(one.step);
    for (const other of follows) reserved.set(other.step, other);
    t = Math.max(t, one.toMs);
    place = by.get(one.step)!.place;
  }

  /** Whether all that must come before a step is laid, and over in time for it. */
  function laidBefore(one: Laid): boolean {
    const ready = readyMs(by.get(one.step)!);
    return ready !== null && ready <= one.fromMs;
  }

  /** From when on a step may be begun; null while something before it has no place yet. */
  function readyMs(step: Step): number | null {
    let ready = nowMs;
    for (const lag of step.after) {
      const before = laid.get(lag.step);
      if (!before) return null;
      ready = Math.max(ready, before.toMs + lag.leastMin * MINUTE_MS);
    }
    for (const lag of left.running) if (lag.to === step.id) ready = Math.max(ready, nowMs + lag.leastMin * MINUTE_MS);
    return ready;
  }

  function best(fromMs: number, untilMs: number, current: Stretch): { laid: Laid; follows: Laid[] } | null {
    const can = left.steps.flatMap((step) => {
      if (laid.has(step.id) || reserved.has(step.id)) return [];
      const ready = readyMs(step);
      if (ready === null) return [];
      const way = place === null ? 0 : travel(place, step.place) * MINUTE_MS;
      const start = startIn(step, Math.max(fromMs + way, ready), untilMs, current);
      if (start === null) return [];
      const end = start + step.minutes * MINUTE_MS;
      const follows = windowsAfter(step, start);
      if (!follows) return [];
      const deadline = Math.min(
        Infinity,
        ...left.running
          .filter((lag) => lag.to === step.id && lag.mostMin !== null)
          .map((lag) => nowMs + lag.mostMin! * MINUTE_MS),
      );
      return [
        {
          laid: { step: step.id, fromMs: start, toMs: end, moved: false },
          follows,
          deadline,
          here: place === null || step.place === place,
          rank: rank.get(step.id) ?? Infinity,
        },
      ];
    });
    const soon = Math.min(Infinity, ...can.map((one) => one.laid.fromMs));
    const patient = can.filter(
      (one) => one.laid.fromMs <= Math.max(soon, one.here ? fromMs + PATIENCE_MIN * MINUTE_MS : soon),
    );
    const [first] = patient.sort(
      (a, b) =>
        a.deadline - b.deadline || Number(b.here) - Number(a.here) || a.rank - b.rank || a.laid.fromMs - b.laid.fromMs,
    );
    return first ?? null;
  }

  /**
   * When a step is begun within a stretch, at the earliest; null where it does not fit. One that fits nowhere may run
   * over.
   */
  function startIn(step: Step, earliestMs: number, untilMs: number, current: Stretch): number | null {
    const long = step.minutes * MINUTE_MS;
    let start = earliestMs;
    if (step.loud) {
      const { day } = wallOf(calendar.zone, start);
      for (const quiet of quietTime(calendar, day))
        if (start < quiet.toMs && start + long > quiet.fromMs) start = quiet.toMs;
      for (const quiet of quietTime(calendar, wallOf(calendar.zone, start).day))
        if (start < quiet.toMs && start + long > quiet.fromMs) return null;
    }
    if (start + long <= untilMs) return start;
    return long > longestMs && start === current.fromMs && untilMs === current.toMs ? start : null;
  }

  /**
   * What must follow within its window, and what must follow that, each in its place; null where one has none, so that
   * the window is not opened yet. A step the person moved out of it is laid like any other.
   */
  function windowsAfter(step: Step, fromMs: number, before: readonly Laid[] = []): Laid[] | null {
    const endMs = fromMs + step.minutes * MINUTE_MS;
    const all: Laid[] = [...before, { step: step.id, fromMs, toMs: endMs, moved: false }];
    const known = (id: string) => laid.get(id) ?? all.find((one) => one.step === id);
    const first = all.length;
    for (const other of left.steps) {
      const lag = other.after.find((one) => one.step === step.id && one.mostMin !== null);
      if (!lag) continue;
      if (other.after.some((one) => !known(one.step))) return null;
      const ready = Math.max(...other.after.map((one) => known(one.step)!.toMs + one.leastMin * MINUTE_MS));
      const latest = endMs + lag.mostMin! * MINUTE_MS;
      const own = reserved.get(other.id);
      if (own && own.fromMs >= ready && own.fromMs <= latest) continue;
      if (own) unmove(other, 'problem.movedWindow');
      const start = placeFor(other, ready, latest, all);
      if (start === null) return null;
      const then = windowsAfter(other, start, all);
      if (!then) return null;
      all.push({ step: other.id, fromMs: start, toMs: start + other.minutes * MINUTE_MS, moved: false }, ...then);
    }
    return all.slice(first);
  }

  /** A step does not stay where the person put it, and why. */
  function unmove(step: Step, why: 'problem.movedEarly' | 'problem.movedWindow'): void {
    reserved.delete(step.id);
    say(why, step);
  }

  /** The first place for a step between two moments, clear of what is there. */
  function placeFor(step: Step, earliestMs: number, latestMs: number, taken: readonly Stretch[]): number | null {
    const busy = [...taken, ...reserved.values()];
    for (const current of free) {
      if (current.toMs <= earliestMs) continue;
      if (current.fromMs > latestMs) return null;
      let start: number | null = startIn(step, Math.max(earliestMs, current.fromMs), current.toMs, current);
      for (let clash = true; start !== null && clash;) {
        const from: number = start;
        const hit = busy.find((one) => from < one.toMs && from + step.minutes * MINUTE_MS > one.fromMs);
        clash = hit !== undefined;
        if (hit) start = startIn(step, hit.toMs, current.toMs, current);
      }
      if (start !== null && start <= latestMs) return start;
    }
    return null;
  }
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
  const lay = (lost: readonly string[]) => layOut({ ...input, calendar: { ...calendar, lost: [...lost] } }).doneMs;
  const others = calendar.lost.filter((one) => one !== day);
  return { withMs: lay(others), withoutMs: lay([...others, day]) };
}
