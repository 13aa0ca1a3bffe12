import { figure } from '../../base/figure';
import { askedOf, type DesignJob, type SystemName } from '../../job';
import type { Gap, LaidShelf, Layout, LayoutInput, Space } from '../layout';
import { count, message } from '../../base/message';
import { stop } from '../../base/problem';
import type { CavityBox, Opening } from '../../place/opening';
import type { Joint, Standing, Suit, System, SystemInput, SystemResult } from './system';
import { depthOf, plannedAt, SYSTEMS, systemOf, systemsUsed, underOf } from './table';

interface ApplyInput {
  readonly job: DesignJob;
  readonly opening: Opening;
  readonly shelves: readonly LaidShelf[];
  readonly gaps: readonly Gap[];
  readonly space: Layout['outer'];
  readonly box: CavityBox | null;
}

/** What the systems of a job make of its shelves, all together. */
export interface Applied extends Omit<SystemResult, 'order' | 'standing' | 'boxSides'> {
  readonly boxSides: readonly Joint[];
  readonly standing: readonly Standing[];
  readonly order: readonly { readonly system: SystemName; readonly steps: SystemResult['order'] }[];
  /** Shelves whose system is not worked out at such a place. */
  readonly bare: readonly LaidShelf[];
}

function inputFor<Name extends SystemName>(
  name: Name,
  { job, opening, gaps, space, box }: ApplyInput,
  shelves: readonly LaidShelf[],
): SystemInput<Name> {
  return {
    wish: job.shelves,
    asked: askedOf(job, name),
    job,
    opening,
    shelves,
    depthOf: (shelf) => depthOf(job, shelf),
    gaps,
    space,
    box,
    levelLineUpMm: job.levelLine.up.mm,
  };
}

function run<Name extends SystemName>(name: Name, input: ApplyInput, shelves: readonly LaidShelf[]): SystemResult {
  const { plan, unit } = SYSTEMS[name];
  const result = plan(inputFor(name, input, shelves) as never);
  const whole = unit && input.box ? 'box' : unit;
  return whole ? { ...result, parts: result.parts.map((part) => ({ unit: whole, ...part })) } : result;
}

/** Lays out the parts of every system that is used, each for its own shelves. */
export function applySystems(input: ApplyInput): Applied {
  const { job, shelves } = input;
  const used = systemsUsed(job).filter((name) => plannedAt(name, job.place));
  const all = used.map((name) => ({
    name,
    ours: shelves.filter((shelf) => systemOf(job.support, shelf.number) === name),
  }));
  // A case takes up the whole place: the second of two has no room.
  const cases = all.filter(({ name, ours }) => !input.box && SYSTEMS[name].unit === 'case' && ours.length > 0);
  const roomless = new Set(
    cases
      .filter(({ name }) => name !== job.support.system)
      .slice(cases.some(({ name }) => name === job.support.system) ? 0 : 1),
  );
  const results = all
    .filter((one) => !roomless.has(one))
    .map(({ name, ours }) => ({ name, ours, result: run(name, input, ours) }));
  const crowded = [...roomless].flatMap(({ ours }) =>
    ours.map(({ number }) =>
      stop({ kind: 'shelf', shelf: number }, message('problem.twoCases', { shelf: count(number) })),
    ),
  );
  const marks = results.flatMap((result) => result.result.marks);
  const cautions = results.flatMap((result) => result.result.cautions);
  return {
    parts: results.flatMap((result) => result.result.parts),
    hardware: results.flatMap((result) => result.result.hardware),
    holds: results.flatMap((result) => result.result.holds),
    fastenings: results.flatMap((result) => result.result.fastenings),
    boxSides: results.flatMap((result) => result.result.boxSides ?? []),
    standing: results.flatMap((result) => result.result.standing ?? []),
    problems: [...results.flatMap((result) => result.result.problems), ...crowded],
    marks: [...marks].sort((a, b) => a.shelf - b.shelf),
    cautions: cautions.filter(
      (caution, i) => cautions.findIndex((other) => other.message.code === caution.message.code) === i,
    ),
    order: results.map(({ name, result }) => ({ system: name, steps: result.order })),
    bare: shelves.filter((shelf) => !plannedAt(systemOf(job.support, shelf.number), job.place)),
  };
}

/** What a layout has to know of the supports its shelves will have. */
export type Rooms = Required<Pick<LayoutInput, 'inside' | 'depthOf' | 'under' | 'besideMm'>>;

/**
 * The room for shelves and what stands on them, by the job's system: in a case, between its own boards.
 * @param first the number of the lowest shelf
 */
export function roomsOf(job: DesignJob, opening: Opening, box: CavityBox | null, first = 1): Rooms {
  const name = job.support.system;
  const under = underOf(job);
  const own = (shelf: number) => (shelf === 0 ? job.shelves.depth.mm : depthOf(job, shelf));
  if (!plannedAt(name, job.place)) return { under, inside: () => null, depthOf: own, besideMm: 0 };
  const { inside, standsOn, beside } = SYSTEMS[name] as System<SystemName>;
  const count = Math.max(job.shelves.count, job.shelves.heights.length, 1);
  const shelves = Array.from({ length: count }, (_, i): LaidShelf => {
    return { number: first + i, top: figure(), underside: figure(), held: null, id: null };
  });
  const asking = (space: Space) => inputFor(name, { job, opening, box, shelves, gaps: [], space }, shelves);
  const nowhere: Space = { fromMm: 0, toMm: null };
  return {
    under,
    besideMm: beside?.(asking(nowhere)) ?? 0,
    inside: (outer) => inside?.(asking(outer)) ?? null,
    depthOf: (shelf) => (standsOn ? standsOn(asking(nowhere), shelf) : own(shelf)),
  };
}

/** What speaks for and against a system for the shelves of a job. */
export function suitOf(name: SystemName, input: ApplyInput): Suit {
  return SYSTEMS[name].suit(inputFor(name, input, input.shelves) as never);
}
