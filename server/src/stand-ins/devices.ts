import type { Instrument, Job } from '@dormer/core/job';
import type { Spot } from '@dormer/core/reading';

/** One value a device sends while it is held at a spot. */
export interface DeviceValue {
  /** Millimetres, or degrees from a gauge; signed where the spot has a sense. */
  readonly value: number;
  readonly unit: 'mm' | 'degrees';
  /** Whether it has come to rest: the value to keep. */
  readonly settled: boolean;
}

/** A measuring device, simulated or real, by what it does: held at a spot it sends values until one has settled. */
export interface Device {
  readonly id: string;
  readonly instrument: Instrument;
  /** Said wherever its readings are shown. */
  readonly simulated: boolean;
  /** Whether it can read a spot. */
  reads(spot: Spot): boolean;
  /** Values while it is held there, the last one settled. Ends early when the signal is aborted. */
  hold(spot: Spot, place: DevicePlace, signal: AbortSignal): AsyncIterable<DeviceValue>;
}

/** What a device is held in: a real one is in the room itself, a simulated one has to be told. */
export type DevicePlace = Pick<Job, 'place' | 'levelLine'> & {
  /** Which made-up room. */
  readonly seed: number;
  /** How many times this spot has been read before: the next reading differs. */
  readonly turn: number;
};
