import { LIMITS, shelvesWanted, type Job, type Way } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { asTyped, snapToTape, type TypedLength } from '@dormer/core/base/quantity';

export type Shelf = Plan['shelves'][number];
type Heights = Job['shelves']['heights'];
type NewId = () => string;

const withShelves = (job: Job, change: Partial<Job['shelves']>): Job => ({
  ...job,
  shelves: { ...job.shelves, ...change },
});

/** A height on a mark of the job's tape, as typed. */
export function markOf(mm: number, { units, tape }: Job): TypedLength {
  return asTyped(snapToTape(mm, tape, 'nearest'), units, tape);
}

/** Whether a shelf's own height can be changed: one that lies on something, or is lined up with it, follows that. */
export const movable = (shelf: Shelf): boolean => shelf.held === null || shelf.held === 'locked';

/** The shelves as they lie now, as typed heights: where a person goes on by hand. What was typed stays as typed. */
function byHand(job: Job, shelves: readonly Shelf[], newId: NewId): { height: Heights[number]; number: number }[] {
  return shelves.filter(movable).map((shelf) => {
    const known = job.shelves.heights.find((height) => height.id === shelf.id);
    return { number: shelf.number, height: known ?? { id: newId(), up: markOf(shelf.top.mm, job) } };
  });
}

/** Heights decided another way. Shelves that stay do so, and there are as many in all as before. */
export function wayChanged(job: Job, shelves: readonly Shelf[], way: Way, newId: NewId): Job {
  if (way === job.shelves.way) return job;
  if (way === 'typed') return withShelves(job, { way, heights: byHand(job, shelves, newId).map((one) => one.height) });
  const locked = job.shelves.heights.filter((height) => height.locked);
  const count = Math.min(shelvesWanted(job.shelves), LIMITS.shelves);
  return withShelves(job, { way, count, heights: locked });
}

/** A shelf moved by hand. From then on every height is typed, but for a locked one: that moves by itself. */
export function moved(job: Job, shelves: readonly Shelf[], number: number, up: TypedLength, newId: NewId): Job {
  const shelf = shelves.find((laidShelf) => laidShelf.number === number);
  if (!shelf || !movable(shelf)) return job;
  if (shelf.id !== null) {
    const heights = job.shelves.heights.map((height) => (height.id === shelf.id ? { ...height, up } : height));
    return withShelves(job, { heights });
  }
  const all = byHand(job, shelves, newId);
  const heights = all.map((one) => (one.number === number ? { ...one.height, up } : one.height));
  return withShelves(job, { way: 'typed', heights });
}

/** A shelf that stays where it is from now on, or may move again. */
export function locked(job: Job, shelves: readonly Shelf[], number: number, on: boolean, newId: NewId): Job {
  const shelf = shelves.find((laidShelf) => laidShelf.number === number);
  if (!shelf || !movable(shelf)) return job;
  const { heights, way } = job.shelves;
  const known = heights.find((height) => height.id === shelf.id);
  if (!known) {
    if (!on) return job;
    return withShelves(job, { heights: [...heights, { id: newId(), up: markOf(shelf.top.mm, job), locked: true }] });
  }
  // Worked out again, a shelf needs no height of its own.
  if (!on && way !== 'typed') return withShelves(job, { heights: heights.filter((height) => height !== known) });
  const { locked: _before, ...rest } = known;
  return withShelves(job, {
    heights: heights.map((height) => (height === known ? (on ? { ...rest, locked: true } : rest) : height)),
  });
}

/** One shelf more: where heights are typed, in the middle of the widest gap. */
export function added(job: Job, plan: Pick<Plan, 'shelves' | 'gaps' | 'opening'> | null, newId: NewId): Job {
  const { way, count, heights, thickness } = job.shelves;
  if ((plan?.shelves.length ?? 0) >= LIMITS.shelves || heights.length >= LIMITS.shelves) return job;
  if (way !== 'typed') return withShelves(job, { count: Math.min(count + 1, LIMITS.shelves) });
  const widest = plan?.gaps.reduce<Plan['gaps'][number] | null>(
    (best, gap) => (gap.clear.mm > (best?.clear.mm ?? 0) ? gap : best),
    null,
  );
  const above = plan?.shelves.find((shelf) => shelf.number === widest?.above)?.underside.mm;
  const below = plan?.shelves.find((shelf) => shelf.number === widest?.below)?.top.mm;
  const clear = widest?.clear.mm ?? FIRST_UP_MM * 2;
  const from = below ?? (above === undefined ? 0 : above - clear);
  const up = from + (clear + thickness.mm) / 2;
  return withShelves(job, { heights: [...heights, { id: newId(), up: markOf(up, job) }] });
}

const FIRST_UP_MM = 350;

/** One shelf fewer: this one. */
export function removed(job: Job, shelves: readonly Shelf[], number: number): Job {
  const shelf = shelves.find((laidShelf) => laidShelf.number === number);
  if (!shelf || shelf.held === 'seated') return job;
  const { way, count, heights, aligned = [] } = job.shelves;
  return withShelves(job, {
    count: way === 'typed' ? count : Math.max(count - 1, 0),
    heights: heights.filter((height) => height.id !== shelf.id),
    ...(shelf.held === 'aligned' ? { aligned: aligned.filter((one) => one.id !== shelf.id) } : {}),
  });
}
