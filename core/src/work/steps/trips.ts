import type { Part } from '../../design/fit';
import { neededFor, type Fixing, type Needed } from '../../design/fixing';
import type { BuildWish, StepPlace } from '../../job';
import { duration, message, nested, text, type Message } from '../../base/message';
import { doubtful, type Problem } from '../../base/problem';
import type { Hardware } from '../../design/system';
import type { Travel } from './order/network';
import { asWritten, orderSteps, type Ordering, type Timed } from './order/orderSteps';
import { outstanding } from './outstanding';
import type { PrintedSheet, Step, StepTool } from './step';

/** Steps at one place, one after another, before one goes elsewhere. */
export interface Trip {
  /** Stable while its steps are being done: that of its last. */
  readonly key: string;
  readonly number: number;
  readonly place: StepPlace;
  readonly steps: readonly Timed[];
  readonly packing: Packing;
}

/** What is taken along on a trip. */
export interface Packing {
  readonly tools: readonly StepTool[];
  /** Pieces that were made elsewhere. */
  readonly parts: readonly Pick<Part, 'id' | 'label' | 'name' | 'shelf'>[];
  readonly needed: readonly Needed[];
  readonly materials: readonly Message[];
  readonly sheets: readonly PrintedSheet[];
}

/** What is left to do, in the best order that was found, trip by trip. Plain data. */
export interface Trips extends Omit<Ordering, 'tooShort'> {
  readonly trips: readonly Trip[];
  /** What the order as the steps are written would take. */
  readonly naive: { readonly changes: number; readonly elapsedMin: number };
  readonly problems: readonly Problem[];
}

export interface TripsInput {
  readonly build: Pick<BuildWish, 'travel' | 'done' | 'skipped'>;
  readonly plan: {
    readonly build: { readonly steps: readonly Step[] };
    readonly parts: readonly Part[];
    readonly hardware: readonly Hardware[];
    readonly fixings: readonly Fixing[];
  };
  /** The present, milliseconds since 1970. */
  readonly nowMs: number;
  readonly nodes?: number;
}

/** Minutes on the way: the shop lies beyond, whether one comes from the workshop or from the place. */
export const travelOf =
  ({ travel }: Pick<BuildWish, 'travel'>): Travel =>
  (from, to) =>
    from === to ? 0 : from === 'shop' || to === 'shop' ? travel.shop : travel.workshop;

/**
 * The steps that are left, ordered for the fewest changes of place and then to be over soonest, with what each trip
 * takes along.
 */
export function tripsFor({ build, plan, nowMs, nodes }: TripsInput): Trips {
  const left = outstanding(plan.build.steps, build, nowMs);
  const travel = travelOf(build);
  // A window that is over already is said, and no order is asked to keep it.
  const closed = left.running.filter((one) => one.mostMin !== null && one.mostMin < 0);
  const running = left.running.map((one) => (closed.includes(one) ? { ...one, mostMin: null } : one));
  const input = { travel, at: left.at, running, ...(nodes === undefined ? {} : { nodes }) };
  const { tooShort, ...ordering } = orderSteps({ ...input, steps: left.steps });
  const naive = asWritten({ ...input, steps: left.steps });
  const by = new Map(plan.build.steps.map((step) => [step.id, step]));
  const name = (id: string): Message => by.get(id)?.what ?? message('step.own', { what: text(id) });
  return {
    ...ordering,
    naive,
    trips: tripsIn(ordering.steps, by, plan),
    problems: [
      ...closed.map((one) =>
        doubtful(
          { kind: 'place' },
          message('problem.windowClosed', {
            from: nested(name(one.step)),
            to: nested(name(one.to)),
            most: duration(
              (one.mostMin ?? 0) + (nowMs - (build.done.find((tick) => tick.step === one.step)?.at ?? nowMs)) / 60_000,
            ),
          }),
        ),
      ),
      ...tooShort.map((one) =>
        doubtful(
          { kind: 'place' },
          message(one.proven ? 'problem.waitTooShort' : 'problem.waitNotKept', {
            from: nested(one.from === 'now:' ? lastOf(one.to) : name(one.from)),
            to: nested(name(one.to)),
            most: duration(one.mostMin),
            needed: duration(one.neededMin),
          }),
        ),
      ),
    ],
  };

  /** The step whose wait is under way and ends at another. */
  function lastOf(to: string): Message {
    const one = running.find((lag) => lag.to === to && lag.mostMin !== null);
    return name(one?.step ?? to);
  }
}

function tripsIn(order: readonly Timed[], by: ReadonlyMap<string, Step>, plan: TripsInput['plan']): Trip[] {
  const trips: { place: StepPlace; steps: Timed[] }[] = [];
  for (const one of order) {
    const place = by.get(one.step)!.place;
    const current = trips.at(-1);
    if (current?.place === place) current.steps.push(one);
    else trips.push({ place, steps: [one] });
  }
  return trips.map(({ place, steps }, i) => ({
    key: steps.at(-1)!.step,
    number: i + 1,
    place,
    steps,
    packing: packingOf(
      steps.map((step) => by.get(step.step)!),
      place,
      plan,
    ),
  }));
}

function packingOf(
  steps: readonly Step[],
  place: StepPlace,
  { parts, hardware, fixings }: TripsInput['plan'],
): Packing {
  const once = <T>(all: readonly T[]): T[] => [...new Map(all.map((one) => [JSON.stringify(one), one])).values()];
  const handled = new Set(steps.flatMap((step) => step.parts));
  const driven = new Set(steps.flatMap((step) => step.fixings));
  const fixed = new Set(
    steps.flatMap((step) => (step.kind === 'support' || step.id === 'rod' ? [step.shelf ?? 0] : [])),
  );
  const bought = place === 'site' ? hardware.filter((one) => fixed.has(one.shelf)) : [];
  return {
    tools: once(steps.flatMap((step) => step.tools)),
    parts:
      place === 'site'
        ? parts.filter((part) => handled.has(part.id)).map(({ id, label, name, shelf }) => ({ id, label, name, shelf }))
        : [],
    needed: neededFor(
      fixings.filter((fixing) => driven.has(fixing.id)),
      bought,
    ),
    materials: once(steps.flatMap((step) => step.materials)),
    sheets: once(steps.flatMap((step) => step.sheets)),
  };
}
