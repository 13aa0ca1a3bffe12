import type { Trial } from '../../job';
import { MM_PER_INCH } from '../../base/quantity';
import { at, sum, times } from './functional';
import type { Solved } from './solve';

/** What the survey makes of a note of a trial fit. */
export interface TrialCheck {
  readonly id: string;
  /** `used`: it counts. `asked`: it contradicts the readings, and changes nothing until the person has confirmed it. */
  readonly state: 'used' | 'asked';
  /** What the readings would have it be, millimetres; null where they say nothing of it. */
  readonly expectedMm: number | null;
  /** What it was meant to be, where one slip of the finger explains it, millimetres. */
  readonly meantMm: number | null;
}

/** A gap is seen to about this, millimetres. */
export const SEEN_SD_MM = 0.6;
/** A gap so small is no contradiction worth a question, millimetres. */
const LEAST_ASKED_MM = 2;

/** How far a note is off, in standard deviations, and what was expected in its place. */
export interface TrialOff {
  readonly id: string;
  readonly w: number;
  readonly expectedMm: number;
  readonly sdMm: number;
}

/**
 * A gap that is wider than all the play its board has there by the readings: opening less board, which is what both its
 * gaps come to together.
 */
export function widerThanPlay(trial: Trial, readings: Pick<Solved, 'ask'>): TrialOff | null {
  if (trial.kind !== 'gap' || trial.value.mm < LEAST_ASKED_MM) return null;
  const { cut, value } = trial;
  const out = { back: 0, middle: cut.depth / 2, front: cut.depth }[trial.at];
  const apart = readings.ask(sum(at('right', out, cut.up), times(-1, at('left', out, cut.up))));
  const playMm = apart.mean - cut.back - ((cut.left + cut.right) * out) / cut.depth;
  const sdMm = Math.hypot(apart.sd, SEEN_SD_MM);
  return { id: trial.id, w: (value.mm - playMm) / sdMm, expectedMm: Math.max(playMm / 2, 0), sdMm };
}

/** A note that is explained by a slip lies this near to what is expected, in standard deviations. */
const NEAR = 2.5;

/** What was meant, where a forgotten point, a centimetre or an inch too much explains what was noted. Millimetres. */
export function meantBy(
  { value }: Pick<Trial, 'value'>,
  { expectedMm, sdMm }: Pick<TrialOff, 'expectedMm' | 'sdMm'>,
): number | null {
  const { mm, unit } = value;
  const slips = unit === 'in' ? [mm - MM_PER_INCH, mm / 10] : [mm / 10, mm - 10, mm - 100];
  const near = slips.filter((slip) => slip >= 0 && Math.abs(slip - expectedMm) < NEAR * sdMm);
  return near.sort((a, b) => Math.abs(a - expectedMm) - Math.abs(b - expectedMm))[0] ?? null;
}
