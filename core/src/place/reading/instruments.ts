import type { Instrument, Reading, ReadingKind } from '../../job';

interface KindTools {
  /** What it can be taken with, the usual thing first, and the standard deviation of one reading with it. */
  readonly sd: Partial<Record<Instrument, number>>;
}

// Standard deviations of one careful reading, in the reading's own unit: millimetres, degrees for a corner.
const TOOLS: { readonly [Kind in ReadingKind]: KindTools } = {
  width: { sd: { tape: 1.0, laser: 0.6, sticks: 0.7 } },
  depth: { sd: { tape: 1.0, laser: 0.8 } },
  height: { sd: { tape: 1.5, laser: 0.8, sticks: 1.0 } },
  corner: { sd: { gauge: 0.2, bevel: 0.3 } },
  square: { sd: { square: 1.0 } },
  plumb: { sd: { level: 0.8, 'digital-level': 0.6 } },
  level: { sd: { level: 0.8, 'digital-level': 0.6 } },
  straightedge: { sd: { straightedge: 0.5, string: 0.7 } },
  // By a straightedge or string, or traced on card and read from the drawing.
  offset: { sd: { straightedge: 0.8, string: 0.9 } },
  diagonal: { sd: { tape: 1.2, laser: 1.0, sticks: 0.9 } },
  face: { sd: { tape: 1.2, laser: 1.0, sticks: 0.9 } },
  triangle: { sd: { tape: 1.0 } },
  line: { sd: { tape: 0.8, laser: 0.8 } },
};

/** What a kind of reading can be taken with, the usual thing first. */
export function instrumentsFor(kind: ReadingKind): Instrument[] {
  return Object.keys(TOOLS[kind].sd) as Instrument[];
}

/** The instrument a reading was taken with: as it says, or the usual one of its kind. */
export function instrumentOf(reading: Pick<Reading, 'kind' | 'with'>): Instrument {
  return reading.with ?? (instrumentsFor(reading.kind)[0] as Instrument);
}

/**
 * The standard deviation of one reading with an instrument. An instrument that is not usual for the kind of reading
 * counts as precise as the usual one.
 * @returns millimetres, or degrees for a corner
 */
export function usualSd(kind: ReadingKind, instrument: Instrument): number {
  const { sd } = TOOLS[kind];
  return sd[instrument] ?? (Object.values(sd)[0] as number);
}

/** What of a kit a kind of reading can be taken with; null when nothing in it will do. */
export function fromKit(kind: ReadingKind, kit: readonly Instrument[]): Instrument | null {
  return instrumentsFor(kind).find((instrument) => kit.includes(instrument)) ?? null;
}
