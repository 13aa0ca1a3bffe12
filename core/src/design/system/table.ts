import { askedOf, type Job, type SystemName } from '../../job';
import { SYSTEM_NAMES } from '../../job/supports';
import { specOf } from '../../place/kinds';
import type { Under } from '../layout';
import { brackets } from './brackets';
import { endCleats } from './endCleats';
import { floatingRails } from './floatingRails';
import { framedBench } from './framedBench';
import { housedCase } from './housedCase';
import { housedPosts } from './housedPosts';
import { ladderFrames } from './ladderFrames';
import { pinnedCase } from './pinnedCase';
import { screwedTower } from './screwedTower';
import { sideScrewed } from './sideScrewed';
import type { System } from './system';
import { threeSideCleats } from './threeSideCleats';

/** Every support system by name. A further one is a further line. */
export const SYSTEMS: { readonly [Name in SystemName]: System<Name> } = {
  'three-side-cleats': threeSideCleats,
  'end-cleats': endCleats,
  'housed-posts': housedPosts,
  brackets,
  'side-screwed': sideScrewed,
  'floating-rails': floatingRails,
  'housed-case': housedCase,
  'pinned-case': pinnedCase,
  'screwed-tower': screwedTower,
  'framed-bench': framedBench,
  'ladder-frames': ladderFrames,
};

/** Whether a system's parts can be worked out at a place. */
export const plannedAt = (system: SystemName, { kind }: Pick<Job['place'], 'kind'>): boolean =>
  SYSTEMS[system].places.includes(kind);

/** The system of one shelf: its own, or that of all. */
export function systemOf({ system, shelves = [] }: Job['support'], shelf: number): SystemName {
  return shelves.find((one) => one.shelf === shelf)?.system ?? system;
}

/** The systems that are used by any shelf, in the order of the table. */
export function systemsUsed({ support: { system, shelves = [] } }: Pick<Job, 'support'>): SystemName[] {
  const used = new Set([system, ...shelves.flatMap((shelf) => shelf.system ?? [])]);
  return SYSTEM_NAMES.filter((systemName) => used.has(systemName));
}

/** Depth of a shelf with its nosing, millimetres: its own, or that of all. */
export function depthOf({ shelves: { depth }, support }: Pick<Job, 'shelves' | 'support'>, shelf: number): number {
  return support.shelves?.find((one) => one.shelf === shelf)?.depth?.mm ?? depth.mm;
}

/** What shelves take up below their boards, by what carries them: what the heights have to leave room for. */
export function underOf(job: Pick<Job, 'shelves' | 'support' | 'units' | 'tools' | 'place'>): Under {
  const { takes } = specOf(job.place);
  const of = <Name extends SystemName>(name: Name): Under => {
    const asked = askedOf(job, name);
    // A box has no lipping, whatever was asked of shelves elsewhere.
    return SYSTEMS[name].under(job.shelves, takes === 'box' ? { ...asked, nosing: false } : asked) as Under;
  };
  const all = systemsUsed(job)
    .filter((name) => plannedAt(name, job.place))
    .map(of);
  const most = (which: keyof Under) => Math.max(0, ...all.map((one) => one[which]));
  return { backMm: most('backMm'), sideMm: most('sideMm'), hangsMm: most('hangsMm') };
}
