import type { JobUnit, TypedLength } from '../base/quantity';
import { formatLength, parseLength, styleFor, usualTape } from '../base/quantity';
import { usualCurrency } from './newJob';
import type { Further, Job, Region } from './schema';
import { askedOf, type SystemName } from './supports';

/** A change to a job that makes its shelves stiffer or its joints stronger. Millimetres. */
export type Change =
  | { readonly kind: 'nosing'; readonly system: SystemName; readonly heightMm: number }
  | { readonly kind: 'thickness'; readonly mm: number }
  | { readonly kind: 'material'; readonly id: string }
  | { readonly kind: 'apart'; readonly mm: number }
  | { readonly kind: 'screws'; readonly system: SystemName; readonly count: number }
  | { readonly kind: 'system'; readonly from: SystemName; readonly to: SystemName }
  /** Several that only together are enough. */
  | { readonly kind: 'all'; readonly changes: readonly Change[] };

/** A length that was worked out, as a person of the unit would type it. */
export function lengthOf(mm: number, units: JobUnit): TypedLength {
  const typed = formatLength(mm, styleFor(units, usualTape(units)));
  const read = parseLength(typed, { unit: units });
  return read.ok ? read.value : { mm, typed: String(mm), unit: 'mm' };
}

/** The job in another region, with the money that goes with it where that was the usual one. */
export function withRegion(job: Job, region: Region): Job {
  const currency = job.stock.currency === usualCurrency(job.region) ? usualCurrency(region) : job.stock.currency;
  return { ...job, region, stock: { ...job.stock, currency } };
}

/** The job with a change made; what else was said of its supports stays. */
export function withChange(job: Job, change: Change): Job {
  const { support, units } = job;
  const said = (system: SystemName, more: object): Job => ({
    ...job,
    support: { ...support, own: { ...support.own, [system]: { ...support.own[system], ...more } } },
  });
  switch (change.kind) {
    case 'nosing': {
      const height = { nosingHeight: lengthOf(change.heightMm, units) };
      return said(change.system, change.system === 'three-side-cleats' ? height : { nosing: true, ...height });
    }
    case 'thickness':
      return { ...job, shelves: { ...job.shelves, thickness: lengthOf(change.mm, units) } };
    case 'material':
      return { ...job, wood: { ...job.wood, boards: change.id } };
    case 'apart':
      return said('brackets', { apart: lengthOf(change.mm, units) });
    case 'screws':
      return said(change.system, { screws: change.count });
    case 'system':
      return withSystem(job, change.from, change.to);
    case 'all':
      return change.changes.reduce(withChange, job);
  }
}

/** The job with one system in place of another, for all shelves that had that one; what was said of each is kept. */
export function withSystem(job: Job, from: SystemName, to: SystemName): Job {
  const { support } = job;
  const shelves = support.shelves?.map((shelf) => (shelf.system === from ? { ...shelf, system: to } : shelf));
  return {
    ...job,
    support: { ...support, system: support.system === from ? to : support.system, ...(shelves ? { shelves } : {}) },
  };
}

/** The job with one thing that a system asks answered. */
export function withAnswer(job: Job, system: SystemName, key: string, value: unknown): Job {
  const { support } = job;
  return {
    ...job,
    support: { ...support, own: { ...support.own, [system]: { ...support.own[system], [key]: value } } },
  };
}

/** The job with something of its own for one shelf; what is undefined is as for all shelves again. */
export function withShelfSupport(
  job: Job,
  shelf: number,
  change: { readonly system?: SystemName | undefined; readonly depth?: TypedLength | undefined },
): Job {
  const { shelves = [], ...support } = job.support;
  const before = shelves.find((one) => one.shelf === shelf);
  const own = Object.fromEntries(
    Object.entries({ ...before, ...change, shelf }).filter(([, one]) => one !== undefined),
  ) as NonNullable<Job['support']['shelves']>[number];
  const others = shelves.filter((one) => one.shelf !== shelf);
  const all = Object.keys(own).length > 1 ? [...others, own].sort((a, b) => a.shelf - b.shelf) : others;
  return { ...job, support: all.length > 0 ? { ...support, shelves: all } : support };
}

/** The job with its dividers and holes changed; one with none at all says nothing of them. */
export function withFurther(job: Job, how: (before: Further) => Further): Job {
  const { further, ...rest } = job;
  const after = how(further ?? { dividers: [], holes: [] });
  return after.dividers.length + after.holes.length > 0 || after.rod ? { ...rest, further: after } : rest;
}

/** So near a thickness, it is the same board that is meant. Millimetres. */
const SAME_BOARD_MM = 1.3;

/**
 * The job with a thickness measured on what was bought: whatever was planned of that thickness is now planned of the
 * measured one, and heights, grooves and deductions follow.
 * @param section what was measured, as the catalogue calls it
 * @param wasMm how thick it was taken to be
 */
export function withMeasured(job: Job, section: string, wasMm: number, thickness: TypedLength): Job {
  const { stock, support, shelves, otherShelves, bays } = job;
  const before = (mm: number) => Math.abs(mm - wasMm) <= SAME_BOARD_MM;
  const asked = support.system;
  const said = { ...askedOf(job, asked) } as Record<string, unknown>;
  const own = Object.entries(said).flatMap(([key, value]) =>
    /thickness$/i.test(key) && isLength(value) && before(value.mm) ? [[key, thickness] as const] : [],
  );
  const boards = (wish: Job['shelves']) => (before(wish.thickness.mm) ? { ...wish, thickness } : wish);
  return {
    ...job,
    shelves: boards(shelves),
    ...(otherShelves ? { otherShelves: boards(otherShelves) } : {}),
    ...(bays
      ? { bays: bays.map((bay) => (bay.kind === 'main' ? bay : { ...bay, shelves: boards(bay.shelves) })) }
      : {}),
    support:
      own.length > 0
        ? { ...support, own: { ...support.own, [asked]: { ...support.own[asked], ...Object.fromEntries(own) } } }
        : support,
    stock: {
      ...stock,
      measured: [...stock.measured.filter((one) => one.item !== section), { item: section, thickness }],
    },
  };
}

const isLength = (value: unknown): value is TypedLength =>
  typeof value === 'object' && value !== null && 'mm' in value && 'typed' in value;
