import { message, length, type Message } from '../message';
import { snapToTape, TAPE_STEP_MM, type Tape } from '../quantity';

/** One labelled amount that goes into a figure; negative for what is taken off. */
export interface Term {
  readonly label: Message;
  readonly mm: number;
  /** The readings this amount rests on, by id. */
  readonly readings?: readonly string[];
}

/** A derived dimension with how it came about: its terms add up to it. Millimetres. */
export interface Figure {
  readonly mm: number;
  readonly terms: readonly Term[];
}

/**
 * A figure from its terms. Its value is their sum, so that the two cannot disagree.
 * @returns millimetres, with the terms
 * @example figure({ label: opening, mm: 1127 }, { label: clearance, mm: -3 }).mm // 1124
 */
export function figure(...terms: readonly Term[]): Figure {
  return { mm: terms.reduce((sum, term) => sum + term.mm, 0), terms };
}

/** The figure with a further term; an amount of nothing is left unsaid. */
export function plus(start: Figure, label: Message, mm: number): Figure {
  return mm === 0 ? start : figure(...start.terms, { label, mm });
}

/** The figure with an amount taken off. */
export function less(start: Figure, label: Message, mm: number): Figure {
  return plus(start, label, -mm);
}

/** The figure moved to a mark of the tape, the move being a term of its own. */
export function toTape(start: Figure, tape: Tape, way: 'nearest' | 'down' | 'up'): Figure {
  const step = length(TAPE_STEP_MM[tape]);
  const code = ({ down: 'term.roundedDown', up: 'term.roundedUp', nearest: 'term.roundedToTape' } as const)[way];
  const label = message(code, { step });
  const moved = snapToTape(start.mm, tape, way) - start.mm;
  return Math.abs(moved) < 1e-9 ? start : plus(start, label, moved);
}

/** Ids of every reading a figure rests on, each once. */
export function readingsBehind(one: Figure): string[] {
  return [...new Set(one.terms.flatMap((term) => term.readings ?? []))];
}
