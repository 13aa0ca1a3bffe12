import { figure, less, toTape, type Figure, type Term } from '../../base/figure';
import type { Job } from '../../job';
import { length, message, type Message } from '../../base/message';
import { doubtful, type Problem } from '../../base/problem';
import { TAPE_STEP_MM, type Tape } from '../../base/quantity';
import type { Rail } from './garments';
import type { Station } from './stations';

export type { LevelThere, MarkedPart, Station } from './stations';

/** A line to draw on the wall. */
export interface WallMark {
  readonly shelf: number;
  readonly what: 'shelf-top' | 'cleat-top' | 'bracket-top' | 'rail';
  /** Height above the floor mark, on the level datum. */
  readonly up: Figure;
  /** The same from the pencilled level line: above it positive, below it negative. */
  readonly fromLevelLine: Figure;
}

/** What to measure for a mark at a station: up from the floor there, and down from the ceiling there. */
export interface FromThere {
  readonly fromFloor: Figure | null;
  readonly fromCeiling: Figure | null;
}

/**
 * A level mark by what is measured from floor or ceiling where one stands. A floor that lies lower there than at the
 * floor mark makes the mark so much higher above it.
 */
export function fromThere(mark: WallMark, { floor, ceiling }: Station, tape: Tape): FromThere {
  const told = (one: Figure) => toTape(one, tape, 'nearest');
  const taken = (one: Figure): Term[] => one.terms.map((term) => ({ ...term, mm: -term.mm }));
  const up = { label: message('term.markUp'), mm: mark.up.mm };
  return {
    fromFloor: floor && told(figure(up, ...taken(floor.at))),
    fromCeiling: ceiling && told(less(ceiling.at, up.label, up.mm)),
  };
}

/** The middle of a closet rail, where its sockets go: a mark of the shelf above it. */
export function railMarks(rail: Rail | null, shelf: number, levelLineUpMm: number): WallMark[] {
  if (!rail) return [];
  const up = figure({ label: message('term.rail'), mm: rail.up.mm });
  return [{ shelf, what: 'rail', up: rail.up, fromLevelLine: less(up, message('term.levelLine'), levelLineUpMm) }];
}

/** Running dimensions up the pole: every mark above the floor mark, from the lowest up. */
export function runningMarks(marks: readonly WallMark[]): WallMark[] {
  return [...marks].sort((a, b) => a.up.mm - b.up.mm || a.shelf - b.shelf);
}

/** How the level line is to be carried round, by what there is to do it with; what to do while there is none. */
export function levelLineWords({ levelLine, kit }: Pick<Job, 'levelLine' | 'kit'>): Message {
  const { carried, up } = levelLine;
  if (carried && carried !== 'none') return message(`level.carried.${carried}`, { up: length(up.mm) });
  const laser = kit.includes('laser');
  return message(laser ? 'level.none.laser' : 'level.none.level', { up: length(up.mm) });
}

/**
 * A level line that did not come back to where it began, or that is to be higher than the opening.
 * @param highMm how high the opening is; null while nobody measured it
 */
export function levelLineProblems(
  { levelLine, tape }: Pick<Job, 'levelLine' | 'tape'>,
  highMm: number | null,
): Problem[] {
  const by = levelLine.closing?.mm ?? 0;
  const about = { kind: 'shelves' } as const;
  const above = highMm !== null && levelLine.up.mm >= highMm;
  const lengths = { up: length(levelLine.up.mm), height: length(highMm ?? 0) };
  return [
    ...(by > TAPE_STEP_MM[tape] ? [doubtful(about, message('problem.levelClosing', { by: length(by) }))] : []),
    ...(above ? [doubtful(about, message('problem.lineAbove', lengths))] : []),
  ];
}
