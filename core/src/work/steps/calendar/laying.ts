import type { BuildWish, StepPlace } from '../../../job';
import { message, nested } from '../../../base/message';
import { doubtful, type Problem } from '../../../base/problem';
import type { Travel } from '../order/network';
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

export interface LayInput {
  readonly left: Outstanding;
  /** The order that was found: the first that can be done is done first. */
  readonly order: readonly string[];
  readonly build: Pick<BuildWish, 'travel'>;
  readonly calendar: CalendarWish;
  /** The present, milliseconds since 1970. */
  readonly nowMs: number;
}

type Said =
  'problem.stepTooLong' | 'problem.movedEarly' | 'problem.movedWindow' | 'problem.noTime' | 'problem.windowMissed';

export const MINUTE_MS = 60_000;

/** State while steps are laid into free time: laid and reserved places, the moment, the person's place. */
export class Laying {
  readonly free: readonly Stretch[];
  readonly travel: Travel;
  readonly laid = new Map<string, Laid>();
  /** Reserved places: steps the person moved, and steps that must follow within a window. */
  readonly reserved = new Map<string, Laid>();
  readonly problems: Problem[] = [];
  readonly nowMs: number;
  private readonly calendar: CalendarWish;
  private readonly left: Outstanding;
  private readonly steps: ReadonlyMap<string, Step>;
  private readonly longestMs: number;
  /** Current moment, and the person's place; null at home. */
  atMs: number;
  place: StepPlace | null = null;

  constructor({ left, build, calendar, nowMs }: LayInput) {
    this.free = freeTime(calendar, nowMs);
    this.travel = travelOf(build);
    this.calendar = calendar;
    this.left = left;
    this.nowMs = nowMs;
    this.atMs = this.free[0]?.fromMs ?? nowMs;
    this.steps = new Map(left.steps.map((step) => [step.id, step]));
    this.longestMs = Math.max(0, ...this.free.map(({ fromMs, toMs }) => toMs - fromMs));
    for (const { step: id, at } of calendar.moved) {
      const step = this.steps.get(id);
      if (!step || at < nowMs) continue;
      this.reserved.set(id, { step: id, fromMs: at, toMs: at + step.minutes * MINUTE_MS, moved: true });
    }
    for (const step of left.steps)
      if (step.minutes * MINUTE_MS > this.longestMs && this.longestMs > 0) this.say('problem.stepTooLong', step);
  }

  step(id: string): Step {
    return this.steps.get(id)!;
  }

  /** Start of the next reserved place; infinite without one. */
  get nextReservedMs(): number {
    return Math.min(Infinity, ...[...this.reserved.values()].map(({ fromMs }) => fromMs));
  }

  say(code: Said, step: Step): void {
    this.problems.push(doubtful({ kind: 'place' }, message(code, { step: nested(step.what) })));
  }

  put(one: Laid, follows: readonly Laid[]): void {
    this.laid.set(one.step, one);
    this.reserved.delete(one.step);
    for (const other of follows) this.reserved.set(other.step, other);
    this.atMs = Math.max(this.atMs, one.toMs);
    this.place = this.step(one.step).place;
  }

  /** A step does not stay where the person put it, and why. */
  unmove(step: Step, why: 'problem.movedEarly' | 'problem.movedWindow'): void {
    this.reserved.delete(step.id);
    this.say(why, step);
  }

  /** From when on a step may be begun; null while something before it has no place yet. */
  readyMs(step: Step): number | null {
    let ready = this.nowMs;
    for (const lag of step.after) {
      const before = this.laid.get(lag.step);
      if (!before) return null;
      ready = Math.max(ready, before.toMs + lag.leastMin * MINUTE_MS);
    }
    for (const { to, leastMin } of this.left.running)
      if (to === step.id) ready = Math.max(ready, this.nowMs + leastMin * MINUTE_MS);
    return ready;
  }

  /** Whether all steps before a reserved one are laid and end in time. */
  laidBefore(kept: Laid): boolean {
    const ready = this.readyMs(this.step(kept.step));
    return ready !== null && ready <= kept.fromMs;
  }

  /**
   * Earliest start of a step within a stretch; null when it does not fit. Loud steps keep out of quiet hours. A step
   * longer than any stretch may run over.
   */
  startIn(step: Step, earliestMs: number, untilMs: number, stretch: Stretch): number | null {
    const long = step.minutes * MINUTE_MS;
    const start = step.loud ? this.outOfQuiet(earliestMs, long) : earliestMs;
    if (start === null) return null;
    if (start + long <= untilMs) return start;
    return long > this.longestMs && start === stretch.fromMs && untilMs === stretch.toMs ? start : null;
  }

  private outOfQuiet(earliestMs: number, long: number): number | null {
    const { zone } = this.calendar;
    let start = earliestMs;
    const touches = (quiet: Stretch) => start < quiet.toMs && start + long > quiet.fromMs;
    for (const quiet of quietTime(this.calendar, wallOf(zone, start).day)) if (touches(quiet)) start = quiet.toMs;
    return quietTime(this.calendar, wallOf(zone, start).day).some(touches) ? null : start;
  }

  /**
   * What must follow within its window, and what must follow that, each in its place; null where one has none, so that
   * the window is not opened yet. A step the person moved out of it is laid like any other.
   */
  windowsAfter(step: Step, fromMs: number, before: readonly Laid[] = []): Laid[] | null {
    const endMs = fromMs + step.minutes * MINUTE_MS;
    const all: Laid[] = [...before, { step: step.id, fromMs, toMs: endMs, moved: false }];
    const known = (id: string) => this.laid.get(id) ?? all.find((laid) => laid.step === id);
    const first = all.length;
    for (const other of this.left.steps) {
      const lag = other.after.find((each) => each.step === step.id && each.mostMin !== null);
      if (!lag) continue;
      if (other.after.some((each) => !known(each.step))) return null;
      const ready = Math.max(...other.after.map((each) => known(each.step)!.toMs + each.leastMin * MINUTE_MS));
      const latest = endMs + lag.mostMin! * MINUTE_MS;
      const own = this.reserved.get(other.id);
      if (own && own.fromMs >= ready && own.fromMs <= latest) continue;
      if (own) this.unmove(other, 'problem.movedWindow');
      const start = this.placeFor(other, ready, latest, all);
      const then = start === null ? null : this.windowsAfter(other, start, all);
      if (start === null || !then) return null;
      all.push({ step: other.id, fromMs: start, toMs: start + other.minutes * MINUTE_MS, moved: false }, ...then);
    }
    return all.slice(first);
  }

  /** The first place for a step between two moments, clear of what is there. */
  private placeFor(step: Step, earliestMs: number, latestMs: number, taken: readonly Stretch[]): number | null {
    const busy = [...taken, ...this.reserved.values()];
    for (const stretch of this.free) {
      if (stretch.toMs <= earliestMs) continue;
      if (stretch.fromMs > latestMs) return null;
      const start = this.clearStart(step, Math.max(earliestMs, stretch.fromMs), stretch, busy);
      if (start !== null && start <= latestMs) return start;
    }
    return null;
  }

  /** First moment in a stretch at which a step overlaps nothing; null when there is none. */
  private clearStart(step: Step, fromMs: number, stretch: Stretch, busy: readonly Stretch[]): number | null {
    const long = step.minutes * MINUTE_MS;
    let start = this.startIn(step, fromMs, stretch.toMs, stretch);
    while (start !== null) {
      const from = start;
      const hit = busy.find((other) => from < other.toMs && from + long > other.fromMs);
      if (!hit) return start;
      start = this.startIn(step, hit.toMs, stretch.toMs, stretch);
    }
    return null;
  }
}
