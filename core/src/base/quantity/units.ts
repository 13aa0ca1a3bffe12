/** Units a job can be kept in; a bare number is read in the job's unit. */
export const JOB_UNITS = ['mm', 'cm', 'in'] as const;
export type JobUnit = (typeof JOB_UNITS)[number];

export type LengthUnit = JobUnit | 'm' | 'ft';

/** The inch is exactly 25.4 mm (international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;

/** Millimetres in one of each unit; exact by definition. */
export const MM_PER: Readonly<Record<LengthUnit, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  ft: 12 * MM_PER_INCH,
};

/** No room has a reading over this; a larger figure is a slip of the finger. Millimetres. */
export const LONGEST_MM = 30_000;

/** Whether a unit belongs to feet and inches. */
export function isImperial(unit: LengthUnit): boolean {
  return unit === 'in' || unit === 'ft';
}
