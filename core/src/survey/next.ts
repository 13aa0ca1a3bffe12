import type { Reading, SpotOut } from '../job';
import { count, message, type Message } from '../message';
import { MM_PER_INCH, type JobUnit } from '../quantity';
import { spotOf, type Spot } from './describe';

/** A reading worth taking, and why. */
export interface Suggestion {
  readonly spot: Spot;
  readonly why: Message;
}

/** A width this near to a shelf speaks for it. Millimetres. */
export const NEAR_SHELF_MM = 100;

const MIDDLE_UP: Readonly<Record<JobUnit, number>> = { mm: 1200, cm: 1200, in: 48 * MM_PER_INCH };
const NICE_STEP: Readonly<Record<JobUnit, number>> = { mm: 10, cm: 10, in: MM_PER_INCH };

export interface SuggestOptions {
  readonly readings: readonly Reading[];
  readonly units: JobUnit;
  /** Tops of the planned shelves above the floor mark, lowest first, millimetres. */
  readonly shelfTopsMm: readonly number[];
}

/**
 * The readings still worth taking, best first: one of each kind before anything else, then a width at the
 * back and the front near every planned shelf, then depths and heights at both sides.
 * A fixed order of good sense, not an estimate of worth.
 */
export function suggestReadings({ readings, units, shelfTopsMm }: SuggestOptions): Suggestion[] {
  const middle = MIDDLE_UP[units];
  const has = (spot: Spot) => readings.some((one) => covers(spotOf(one), spot));
  const first: Suggestion[] = [
    { spot: { kind: 'width', at: 'back', upMm: middle }, why: message('reading.why.first') },
    { spot: { kind: 'height', side: 'left', at: 'front' }, why: message('reading.why.height') },
    { spot: { kind: 'depth', side: 'left', upMm: middle }, why: message('reading.why.depth') },
    { spot: { kind: 'width', at: 'front', upMm: middle }, why: message('reading.why.width') },
  ];
  const atShelves = shelfTopsMm.flatMap((top, index) =>
    (['back', 'front'] as const).map((at: SpotOut): Suggestion => ({
      spot: { kind: 'width', at, upMm: nice(top, units) },
      why: message('reading.why.nearShelf', { shelf: count(index + 1) }),
    })),
  );
  const second: Suggestion[] = [
    { spot: { kind: 'depth', side: 'right', upMm: middle }, why: message('reading.why.depth') },
    { spot: { kind: 'height', side: 'right', at: 'front' }, why: message('reading.why.height') },
  ];
  const anyOfKind = (kind: Spot['kind']) => readings.some((one) => one.kind === kind);
  const basics = first.filter(({ spot }) =>
    spot.kind === 'width' ? !hasWidthAt(readings, spot.at) : !anyOfKind(spot.kind),
  );
  return [...basics, ...[...atShelves, ...second].filter(({ spot }) => !has(spot))];
}

function hasWidthAt(readings: readonly Reading[], at: SpotOut): boolean {
  return readings.some((one) => one.kind === 'width' && one.at === at);
}

function covers(taken: Spot, wanted: Spot): boolean {
  if (taken.kind === 'width' && wanted.kind === 'width') {
    return taken.at === wanted.at && Math.abs(taken.upMm - wanted.upMm) <= NEAR_SHELF_MM;
  }
  if (taken.kind === 'depth' && wanted.kind === 'depth') return taken.side === wanted.side;
  if (taken.kind === 'height' && wanted.kind === 'height') return taken.side === wanted.side;
  return false;
}

function nice(mm: number, units: JobUnit): number {
  const step = NICE_STEP[units];
  return Math.round(mm / step) * step;
}
