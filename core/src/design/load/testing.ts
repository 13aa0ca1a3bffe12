import { newJob, withSystem, type Job, type PlaceKind, type SystemName } from '../../job';
import { roughParts } from '../fit/rough';
import type { Part } from '../fit';
import { placeFixings, type Fixing } from '../fixing';
import { layOut } from '../layout';
import { openingOf, type Opening } from '../../place/opening';
import { surveyOf } from '../../place/survey';
import { applySystems, roomsOf, type Applied } from '../system';

// For tests only: what a system makes of a plain job, each piece as long as a square opening has it.

const readings = (at: Job, wideMm: number, deepMm: number, highMm: number): Job['readings'] => {
  const mm = (value: number) => ({ mm: value, typed: String(value), unit: 'mm' as const });
  const spots = [200, 1200, 2200];
  const kept = { verdict: 'kept' as const };
  return [
    ...spots.flatMap((up) =>
      (['front', 'back'] as const).map((out) => ({
        kind: 'width' as const,
        id: `w-${out}-${up}`,
        at: out,
        up: mm(up),
        value: mm(wideMm),
        ...kept,
      })),
    ),
    ...(['left', 'right'] as const).map((side) => ({
      kind: 'depth' as const,
      id: `d-${side}`,
      side,
      up: mm(1200),
      value: mm(deepMm),
      ...kept,
    })),
    ...(['left', 'right'] as const).map((side) => ({
      kind: 'height' as const,
      id: `h-${side}`,
      side,
      at: 'front' as const,
      value: mm(highMm),
      ...kept,
    })),
  ].filter(() => at.place.kind !== 'corner');
};

/** A plain job in millimetres: 1000 wide, 400 deep, 2400 high; shelves at 500, 1000 and 1500, 18 thick, 300 deep. */
export function plainJob(system: SystemName, change: Partial<Job> = {}, kind: PlaceKind = 'alcove'): Job {
  const start = newJob({ id: 'plain', name: 'Plain', kind, units: 'mm' });
  const mm = (value: number) => ({ mm: value, typed: String(value), unit: 'mm' as const });
  const job: Job = {
    ...start,
    readings: readings(start, 1000, 400, 2400),
    place: { ...start.place, rough: { width: mm(1000), depth: mm(400), height: mm(2400) } },
    shelves: {
      ...start.shelves,
      way: 'typed',
      heights: [500, 1000, 1500].map((up, i) => ({ id: `h${i}`, up: mm(up) })),
      depth: mm(300),
      thickness: mm(18),
    },
  };
  return { ...withSystem(job, job.support.system, system), ...change };
}

/** What was said of one system. */
export const saying = (job: Job, said: Readonly<Record<string, unknown>>): Job => ({
  ...job,
  support: { ...job.support, own: { ...job.support.own, [job.support.system]: said } },
});

export const mm = (value: number) => ({ mm: value, typed: String(value), unit: 'mm' as const });

const openings = new Map<string, Opening>();

/** The opening of a job; plain ones are solved once. */
export function openingFor(job: Job): Opening {
  const key = JSON.stringify([
    job.readings,
    job.place.kind,
    job.place.side,
    job.place.back,
    job.place.walls,
    job.place.own,
    job.place.rough,
  ]);
  const found = openings.get(key) ?? openingOf(surveyOf(job));
  openings.set(key, found);
  return found;
}

export interface Made extends Applied {
  readonly job: Job;
  readonly opening: Opening;
  readonly pieces: readonly Part[];
  readonly fixings: readonly Fixing[];
  readonly codes: readonly string[];
  /** Length of a piece by its id, millimetres. */
  readonly long: (id: string) => number | undefined;
  readonly wide: (id: string) => number | undefined;
}

/** A job laid out, supported and fixed, without looking at how crooked its opening is. */
export function made(job: Job): Made {
  const opening = openingFor(job);
  const { shelves, gaps, outer: space } = layOut({ job, opening, ...roomsOf(job, opening, null) });
  const applied = applySystems({ job, opening, shelves, gaps, space, box: null });
  const pieces = roughParts(applied.parts, opening, job);
  const placed = placeFixings({
    fastenings: applied.fastenings,
    parts: pieces,
    hardware: applied.hardware,
    opening,
    job,
  });
  const part = (id: string) => pieces.find((piece) => piece.id === id);
  const codes = [...applied.problems, ...placed.problems].map((problem) => problem.message.code);
  return {
    ...applied,
    job,
    opening,
    pieces,
    fixings: placed.fixings,
    codes,
    long: (id) => part(id)?.length.mm,
    wide: (id) => part(id)?.width.mm,
  };
}
