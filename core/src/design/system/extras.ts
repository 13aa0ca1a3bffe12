import type { Fastening, Hardware, PartSpec } from './system';

/** Parts put up in addition to the shelves. */
export interface Extras {
  readonly parts: readonly PartSpec[];
  readonly hardware: readonly Hardware[];
  readonly fastenings: readonly Fastening[];
}

export const NO_EXTRAS: Extras = { parts: [], hardware: [], fastenings: [] };
