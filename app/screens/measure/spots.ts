import type { Job, Reading, ReadingKind } from '@dormer/core/job/document';
import { formatLength, parseLength, styleFor, type TypedLength } from '@dormer/core/quantity';
import type { Spot } from '@dormer/core/survey';

export const KINDS: readonly ReadingKind[] = ['width', 'depth', 'height'];

/** The same spot for another kind of reading, keeping what both have. */
export function withKind(spot: Spot, kind: ReadingKind, upMm: number): Spot {
  const up = 'upMm' in spot ? spot.upMm : upMm;
  const at = 'at' in spot ? spot.at : 'front';
  const side = 'side' in spot ? spot.side : 'left';
  switch (kind) {
    case 'width':
      return { kind, at, upMm: up };
    case 'depth':
      return { kind, side, upMm: up };
    case 'height':
      return { kind, side, at };
  }
}

/** A length that was advised, not typed, as a person of the job's unit would have typed it. */
export function lengthOf(mm: number, job: Job): TypedLength {
  const { units, tape } = job;
  const typed = formatLength(mm, styleFor(units, tape));
  const read = parseLength(typed, { unit: units, sign: 'any' });
  return read.ok ? read.value : { mm, typed: `${mm} mm`, unit: units };
}

/** The height a reading was taken at, as typed; null for one that has none. */
export function lengthOfSpot(reading: Reading | null): TypedLength | null {
  return reading && 'up' in reading ? reading.up : null;
}

interface Taken {
  readonly id: string;
  readonly value: TypedLength;
  /** The spot's height as typed; made from the spot when it was advised. */
  readonly up: TypedLength | null;
  readonly job?: Job;
}

/** The reading of a value at a spot. */
export function readingAt(spot: Spot, { id, value, up }: Taken): Reading {
  const height = (mm: number) => up ?? madeUp(mm, value);
  switch (spot.kind) {
    case 'width':
      return { kind: 'width', id, at: spot.at, up: height(spot.upMm), value };
    case 'depth':
      return { kind: 'depth', id, side: spot.side, up: height(spot.upMm), value };
    case 'height':
      return { kind: 'height', id, side: spot.side, at: spot.at, value };
  }
}

function madeUp(mm: number, like: TypedLength): TypedLength {
  const { unit } = like;
  const typed = formatLength(mm, styleFor(unit, unit === 'in' ? '1/16in' : '0.5mm'));
  const read = parseLength(typed, { unit });
  return read.ok ? read.value : { mm, typed: `${mm} mm`, unit };
}
