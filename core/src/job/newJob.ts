import { parseLength, usualTape, type JobUnit, type TypedLength } from '../quantity';
import { JOB_FORMAT, JOB_VERSION } from './limits';
import type { Job, PlaceKind } from './schema';

export interface NewJobOptions {
  readonly id: string;
  readonly name: string;
  readonly kind: PlaceKind;
  readonly units: JobUnit;
}

/** Starting values of a job in one unit, as a person of that unit would say them. */
interface Habit {
  readonly thickness: string;
  readonly depth: string;
  readonly clearance: string;
  readonly cleat: readonly [thickness: string, height: string];
  readonly cleatClearance: string;
  readonly nosing: readonly [thickness: string, height: string];
  readonly levelLine: string;
}

const METRIC: Habit = {
  thickness: '18 mm',
  depth: '300 mm',
  clearance: '3 mm',
  cleat: ['20 mm', '45 mm'],
  cleatClearance: '4 mm',
  nosing: ['20 mm', '65 mm'],
  levelLine: '1000 mm',
};

const HABITS: Readonly<Record<JobUnit, Habit>> = {
  mm: METRIC,
  cm: METRIC,
  in: {
    thickness: '3/4',
    depth: '12',
    clearance: '1/8',
    cleat: ['3/4', '1 1/2'],
    cleatClearance: '1/8',
    nosing: ['3/4', '2 1/2'],
    levelLine: '48',
  },
};

/** A length written in code the way a person would type it; a text that cannot be read is a programmer's error. */
export function typedLength(typed: string, unit: JobUnit): TypedLength {
  const read = parseLength(typed, { unit });
  if (!read.ok) throw new Error(`not a length: ${typed}`);
  return read.value;
}

/** A new job: no readings, three shelves with equal gaps between floor and ceiling, on three-side cleats. */
export function newJob({ id, name, kind, units }: NewJobOptions): Job {
  const habit = HABITS[units];
  const length = (typed: string) => typedLength(inUnit(typed, units), units);
  return {
    format: JOB_FORMAT,
    version: JOB_VERSION,
    id,
    name,
    units,
    tape: usualTape(units),
    place: { kind },
    notes: '',
    levelLine: { up: length(habit.levelLine) },
    readings: [],
    shelves: {
      way: 'equal-gaps',
      count: 3,
      bottom: { from: 'floor' },
      top: { from: 'ceiling' },
      heights: [],
      thickness: length(habit.thickness),
      depth: length(habit.depth),
      clearance: length(habit.clearance),
    },
    support: {
      system: 'three-side-cleats',
      cleat: { thickness: length(habit.cleat[0]), height: length(habit.cleat[1]) },
      cleatClearance: length(habit.cleatClearance),
      nosing: { thickness: length(habit.nosing[0]), height: length(habit.nosing[1]) },
    },
  };
}

/** `18 mm` is `18` to a person of millimetres and `1.8` to one of centimetres. */
function inUnit(typed: string, unit: JobUnit): string {
  if (unit === 'in') return typed;
  const mm = Number.parseFloat(typed);
  return String(unit === 'cm' ? mm / 10 : mm);
}
