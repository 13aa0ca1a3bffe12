import { usualTape, type JobUnit, type TypedLength } from '../base/quantity';
import { JOB_FORMAT, JOB_VERSION } from './limits';
import { usualCoats } from './finish';
import { askedOf, type SystemName } from './supports';
import { usualLength } from './usual';
import type { BoxWish, CornerWish, Instrument, Job, PinsWish, Place, PlaceKind, Region } from './schema';

export interface NewJobOptions {
  readonly id: string;
  readonly name: string;
  readonly kind: PlaceKind;
  readonly units: JobUnit;
  /** Where the work is; without it as the units suggest. */
  readonly region?: Region;
}

/** What nearly everyone has to measure with. */
export const USUAL_KIT: readonly Instrument[] = ['tape', 'level', 'square', 'straightedge'];

/**
 * What each kind of place usually is, before anything is known of one; whether a box goes into it, and what its shelves
 * are carried by.
 */
const USUAL: Readonly<
  Record<PlaceKind, Pick<Place, 'side' | 'back' | 'walls'> & { readonly box: boolean; readonly system: SystemName }>
> = {
  alcove: { side: 'none', back: true, walls: 'lined', box: false, system: 'three-side-cleats' },
  cavity: { side: 'none', back: true, walls: 'studs', box: true, system: 'pinned-case' },
  corner: { side: 'left', back: true, walls: 'lined', box: false, system: 'three-side-cleats' },
  span: { side: 'none', back: false, walls: 'panel', box: false, system: 'side-screwed' },
  run: { side: 'none', back: true, walls: 'lined', box: false, system: 'brackets' },
};

/** A place of a kind before anything is known of it. */
export function newPlace(kind: PlaceKind): Place {
  const { side, back, walls } = USUAL[kind];
  return { kind, side, back, walls, own: {}, rough: {}, studs: [], keepClears: [] };
}

/** How surely a board is to go in, percent, before anyone says otherwise. */
export const USUAL_ODDS = 97;

/** The shape of corner shelves before one is chosen. */
export function usualCorner(units: JobUnit): CornerWish {
  return { shape: 'triangle', side: usualLength(300, '12', units), arm: usualLength(150, '6', units) };
}

/** Rows of pin holes of a job: as they are wished, or as they usually are, as far from the edges as its case asks. */
export function pinsOf(job: Pick<Job, 'units' | 'tools' | 'pins' | 'support'>): PinsWish {
  const usual = (mm: number, typed: string) => usualLength(mm, typed, job.units);
  return (
    job.pins ?? {
      pitch: usual(32, '1 1/4'),
      setBack: askedOf(job, 'pinned-case').pinSetBack,
      diameter: usual(5, '1/4'),
      hangs: usual(3, '1/8'),
      either: 2,
    }
  );
}

/** The box of a cavity before anything is wished of it. */
export function usualBox(units: JobUnit): BoxWish {
  return { odds: 97, trim: { width: usualLength(60, '2 1/2', units), reveal: usualLength(5, '3/16', units) } };
}

/** Thickness of a panel over the back of a box before anyone says otherwise. */
export const usualBoxBack = (units: JobUnit): TypedLength => usualLength(6, '1/4', units);

/** Thickness of face trim before anyone says otherwise. */
export const usualTrimThickness = (units: JobUnit): TypedLength => usualLength(12, '1/2', units);

/** What boards and sticks are made of before anyone says otherwise. */
export const usualWood = (): Job['wood'] => ({ boards: 'pine', sticks: 'pine', own: [] });

/** How things are fixed to walls before anyone says otherwise. */
export const usualFixing = (units: JobUnit): Job['fixing'] => ({
  lining: usualLength(12.5, '1/2', units),
  panel: usualLength(18, '3/4', units),
  anchors: true,
});

/** The usual region of a unit. */
export const usualRegion = (units: JobUnit): Region => (units === 'in' ? 'us' : 'uk');

/** The money of a region. */
export const usualCurrency = (region: Region): string => (region === 'us' ? '$' : '£');

/** What is bought and how it is cut, before anyone says otherwise. */
export const usualStock = (units: JobUnit, region = usualRegion(units)): Job['stock'] => ({
  currency: usualCurrency(region),
  kerf: usualLength(3, '1/8', units),
  squaring: usualLength(10, '1/2', units),
  edges: usualLength(5, '1/4', units),
  keep: usualLength(300, '12', units),
  own: [],
  measured: [],
  prices: [],
  leave: [],
  have: [],
  ticked: [],
  cut: [],
  useRack: true,
  coats: usualCoats('paint', 2),
});

/** How the work is gone about, before anyone says otherwise. */
export const usualBuild = (): Job['build'] => ({
  supports: 'top-down',
  finish: 'before',
  cut: 'all',
  hold: 'glue',
  help: false,
  travel: { workshop: 5, shop: 30 },
  prepare: { clear: false, holes: 0, open: false, paint: false },
  waits: [],
  minutes: [],
  own: [],
  done: [],
  skipped: [],
  packed: [],
});

/** Nothing has happened yet. */
export const emptyLog = (): Job['log'] => ({ entries: [], fits: [], next: '' });

/**
 * A new job: no readings, three shelves with equal gaps between floor and ceiling, on what is usual in such a place.
 * @example newJob({ id: 'a1', name: 'Pantry', kind: 'alcove', units: 'mm' })
 */
export function newJob({ id, name, kind, units, region = usualRegion(units) }: NewJobOptions): Job {
  const length = (mm: number, inches: string) => usualLength(mm, inches, units);
  return {
    format: JOB_FORMAT,
    version: JOB_VERSION,
    id,
    name,
    units,
    tape: usualTape(units),
    region,
    place: newPlace(kind),
    notes: '',
    levelLine: { up: USUAL[kind].box ? length(300, '12') : length(1000, '48') },
    kit: [...USUAL_KIT],
    readings: [],
    shelves: {
      way: 'equal-gaps',
      count: 3,
      bottom: { kind: 'floor' },
      top: { kind: 'ceiling' },
      heights: [],
      thickness: length(18, '3/4'),
      depth: length(300, '12'),
    },
    things: [],
    people: [],
    support: { system: USUAL[kind].system, own: {} },
    tools: 'power',
    wood: usualWood(),
    load: { use: 'listed' },
    fixing: usualFixing(units),
    fit: { habit: 'snug', odds: USUAL_ODDS, play: length(5, '3/16'), boards: [] },
    stock: usualStock(units, region),
    build: usualBuild(),
    log: emptyLog(),
    trials: [],
    ...(kind === 'corner' ? { corner: usualCorner(units) } : {}),
    ...(USUAL[kind].box ? { box: usualBox(units) } : {}),
  };
}
