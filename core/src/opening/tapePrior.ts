/** Standard deviations of one reading with a tape, millimetres. Planning values for careful use. */
export const TAPE_SD_MM = { width: 1.0, depth: 1.0, height: 1.5 } as const;

/** How walls may run between readings: start values for a lined stud wall. */
const NOT_PLUMB = 0.006; // mm per mm
const NOT_SQUARE = 0.02; // mm per mm
const BOW_MM = 3;
const BOW_LENGTH_MM = 700;

/** Standard deviation of one wall's position this far up or down from where it was read, millimetres. */
export function wallDriftSdMm(distanceMm: number): number {
  return Math.hypot(NOT_PLUMB * distanceMm, bowSdMm(distanceMm));
}

/** Standard deviation of one wall's position this far out or in from where it was read, millimetres. */
export function cornerDriftSdMm(distanceMm: number): number {
  return Math.hypot(NOT_SQUARE * distanceMm, bowSdMm(distanceMm));
}

/** Correlation of a wall's departures at two points this far apart. */
export function bowCorrelation(distanceMm: number): number {
  return Math.exp(-(distanceMm ** 2) / (2 * BOW_LENGTH_MM ** 2));
}

function bowSdMm(distanceMm: number): number {
  return BOW_MM * Math.sqrt(2 * (1 - bowCorrelation(distanceMm)));
}
