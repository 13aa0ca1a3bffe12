import { MM_PER_INCH, type JobUnit } from './units';

/** The finest mark a person works to. */
export const TAPES = ['1mm', '0.5mm', '1/16in', '1/32in'] as const;
export type Tape = (typeof TAPES)[number];

/** Distance between two of the finest marks of each tape, millimetres. */
export const TAPE_STEP_MM: Readonly<Record<Tape, number>> = {
  '1mm': 1,
  '0.5mm': 0.5,
  '1/16in': MM_PER_INCH / 16,
  '1/32in': MM_PER_INCH / 32,
};

/** The tape a person most likely holds who works in this unit. */
export function usualTape(unit: JobUnit): Tape {
  return unit === 'in' ? '1/16in' : '0.5mm';
}

// A length this close to a mark is on the mark: far below any tape, far above rounding of doubles.
const ON_THE_MARK = 1e-6;

/**
 * A length moved to a mark of the tape.
 * @param mm length, millimetres, any sign
 * @param way `down` and `up` are the safe directions for what must go in and for what must cover
 * @returns millimetres, on a mark
 * @example snapToTape(1127.4, '1mm', 'down') // 1127
 */
export function snapToTape(mm: number, tape: Tape, way: 'nearest' | 'down' | 'up'): number {
  const step = TAPE_STEP_MM[tape];
  const marks = mm / step;
  const nearest = Math.round(marks);
  if (way === 'nearest' || Math.abs(marks - nearest) < ON_THE_MARK) return nearest * step;
  return (way === 'down' ? Math.floor(marks) : Math.ceil(marks)) * step;
}
