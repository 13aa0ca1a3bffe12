import { usualCoats } from './finish';
import { FINISHES, JOB_VERSION } from './limits';
import { JOB_UNITS } from '../base/quantity';
import { emptyLog, USUAL_KIT, USUAL_ODDS, usualBuild, usualFixing, usualRegion, usualStock, usualWood } from './newJob';
import type { Job } from './schema';

/** Turns a document of one version into the next. It may assume the version it is filed under, nothing more. */
export type Upgrade = (document: Record<string, unknown>) => Record<string, unknown>;

/** Steps by the version they start from. */
export const UPGRADES: Readonly<Record<number, Upgrade>> = {
  // Version 2 says more of the place, what there is to measure with, and knows more kinds of readings.
  1: (document) => {
    const { place } = document;
    if (typeof place !== 'object' || place === null) return document;
    const bare = { side: 'none', back: true, walls: 'lined', own: {}, rough: {}, studs: [], keepClears: [] };
    return { ...document, place: { ...bare, ...place }, kit: [...USUAL_KIT] };
  },
  // Version 3 works out the clearance from the odds; what was typed before becomes the play of a loose fit.
  2: (document) => {
    const { shelves } = document;
    if (typeof shelves !== 'object' || shelves === null) return document;
    const { clearance: play, ...rest } = shelves as Record<string, unknown>;
    return { ...document, shelves: rest, fit: { habit: 'snug', odds: USUAL_ODDS, play, boards: [] }, trials: [] };
  },
  // Version 4 knows what is stored and who reaches for it.
  3: (document) => ({ ...document, things: [], people: [] }),
  // Version 5 keeps what was said of every support system, and knows of wood, loads, fixings and tools.
  4: (document) => {
    const { support, units } = document;
    const bare = {
      ...document,
      tools: 'power',
      wood: usualWood(),
      load: { use: 'listed' },
      fixing: usualFixing(JOB_UNITS.find((jobUnit) => jobUnit === units) ?? 'mm'),
    };
    if (typeof support !== 'object' || support === null) return bare;
    const { cleat, cleatClearance, nosing } = support as Record<string, Record<string, unknown>>;
    const said = {
      cleatThickness: cleat?.thickness,
      cleatHeight: cleat?.height,
      cleatShort: cleatClearance,
      nosingThickness: nosing?.thickness,
      nosingHeight: nosing?.height,
    };
    return { ...bare, support: { system: 'three-side-cleats', own: { 'three-side-cleats': said } } };
  },
  // Version 6 knows what is bought and how it is cut.
  5: (document) => ({
    ...document,
    stock: usualStock(JOB_UNITS.find((jobUnit) => jobUnit === document.units) ?? 'mm'),
  }),
  // Version 7 knows how the work is gone about, and what happened.
  6: (document) => ({ ...document, build: usualBuild(), log: emptyLog() }),
  // Version 8 remembers which pieces are cut when cutting is over.
  7: (document) => {
    const { stock } = document;
    return typeof stock === 'object' && stock !== null ? { ...document, stock: { ...stock, cut: [] } } : document;
  },
  // Version 9 uses the key `kind` in every union. Some used `is`; the edges of the space for shelves used `from`.
  8: (document) => {
    const renamed = renamedKinds(document) as Record<string, unknown>;
    const { shelves } = renamed;
    if (typeof shelves !== 'object' || shelves === null) return renamed;
    const { bottom, top } = shelves as Record<string, Record<string, unknown>>;
    return { ...renamed, shelves: { ...shelves, bottom: renamedKey(bottom, 'from'), top: renamedKey(top, 'from') } };
  },
  // Version 10 holds the region of the work. Before, only the stock had one.
  9: (document) => {
    const { stock, format, version, id, name, units, tape, ...rest } = document;
    const { region: sizes, ...kept } = (typeof stock === 'object' && stock ? stock : {}) as Record<string, unknown>;
    const unit = JOB_UNITS.find((jobUnit) => jobUnit === units) ?? 'mm';
    const region = sizes === 'inch' ? 'us' : sizes === 'metric' ? 'uk' : usualRegion(unit);
    const bare = { format, version, id, name, units, tape, region, ...rest };
    return stock === undefined ? bare : { ...bare, stock: typeof stock === 'object' && stock ? kept : stock };
  },
  // Version 11 may part an opening into bays. A job without them has one.
  10: (document) => document,
  // Version 12 lists the coats of a finish. Before, a finish had a name and a number of coats.
  11: (document) => {
    const { stock } = document;
    if (typeof stock !== 'object' || stock === null || !('finish' in stock)) return document;
    const { finish, coats, ...rest } = stock as Record<string, unknown>;
    const named = FINISHES.find((one) => one === finish) ?? 'paint';
    return { ...document, stock: { ...rest, coats: usualCoats(named, typeof coats === 'number' ? coats : 2) } };
  },
};

/** Returns a value with every key `is` renamed to `kind`, at any depth. */
export function renamedKinds(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(renamedKinds);
  if (typeof value !== 'object' || value === null) return value;
  const deep = Object.entries(value).map(([key, inner]) => [key, renamedKinds(inner)] as const);
  return renamedKey(Object.fromEntries(deep), 'is');
}

/** Renames one key of an object to `kind`, keeping the order of keys; returns other values unchanged. */
function renamedKey<Value>(value: Value, was: string): Value | Record<string, unknown> {
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key === was ? 'kind' : key, inner]));
}

/**
 * Walks a document up to a version, one step at a time, and stamps each version it reaches. A document without a usable
 * version number, or with no step from it, is left as it is for the schema to judge.
 * @param upgrades the step from each version to the next, by the version it starts from
 * @param target the version to reach
 */
export function upgradeDocument(
  document: Record<string, unknown>,
  upgrades: Readonly<Record<number, Upgrade>>,
  target: number,
): Record<string, unknown> {
  let current = document;
  while (typeof current.version === 'number' && current.version < target) {
    const from = current.version;
    const step = upgrades[from];
    if (!step) return current;
    current = { ...step(current), version: from + 1 };
  }
  return current;
}

/** A job that was one when it was kept, by whatever version kept it, in the current version. */
export function currentJob(kept: Job): Job {
  return upgradeDocument(kept as unknown as Record<string, unknown>, UPGRADES, JOB_VERSION) as unknown as Job;
}
