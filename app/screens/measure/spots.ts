import type { Reading, ReadingKind } from '@dormer/core/job/document';
import { asTyped, usualTape, type TypedLength } from '@dormer/core/quantity';
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

/** The height a reading was taken at, as typed; null for one that has none. */
export function lengthOfSpot(reading: Reading | null): TypedLength | null {
  return reading && 'up' in reading ? reading.up : null;
}

interface Taken {
  readonly id: string;
  readonly value: TypedLength;
  /** The spot's height as typed; made from the spot when it was advised. */
  readonly up: TypedLength | null;
}

/** The reading of a value at a spot. */
export function readingAt(spot: Spot, { id, value, up }: Taken): Reading {
  const height = (mm: number) => up ?? asTyped(mm, value.unit, usualTape(value.unit));
  switch (spot.kind) {
    case 'width':
      return { kind: 'width', id, at: spot.at, up: height(spot.upMm), value };
    case 'depth':
      return { kind: 'depth', id, side: spot.side, up: height(spot.upMm), value };
    case 'height':
      return { kind: 'height', id, side: spot.side, at: spot.at, value };
  }
}
