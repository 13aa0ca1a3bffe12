import type { DeviceValue, Job, ListedDevice } from '@dormer/core/job';
import type { Spot } from '@dormer/core/place/reading';

/** A measuring device, simulated or real, by what it does: held at a spot it sends values until one has settled. */
export interface Device extends ListedDevice {
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
