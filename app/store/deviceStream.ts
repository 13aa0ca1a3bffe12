import type { DeviceValue, Instrument, Job } from '@dormer/core/job/document';
import type { Spot } from '@dormer/core/place/reading';

/** Where and as what a device is held. */
export interface Hold {
  readonly instrument: Instrument;
  readonly spot: Spot;
  readonly job: Pick<Job, 'place' | 'levelLine'>;
  readonly seed: number;
  /** How many times this spot was read before. */
  readonly turn: number;
}

/** Measuring devices as the app sees them: a real one answers the same way as a simulated one. */
export interface Devices {
  /** Sends values until one has settled. @returns what puts the device down */
  hold(hold: Hold, onValue: (value: DeviceValue) => void): () => void;
}

/** Practice devices of the server, by its stream of events. */
export const serverDevices: Devices = {
  hold: ({ instrument, spot, job, seed, turn }, onValue) => {
    if (typeof EventSource === 'undefined') return () => undefined;
    // What hangs on the walls is nothing to the device.
    const place = { ...job.place, studs: [], keepClears: [] };
    const asked = new URLSearchParams({
      spot: JSON.stringify(spot),
      place: JSON.stringify(place),
      levelLine: String(job.levelLine.up.mm),
      seed: String(seed),
      turn: String(turn),
    });
    const source = new EventSource(`/api/devices/practice-${instrument}/values?${asked.toString()}`);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const value = JSON.parse(data) as DeviceValue;
      if (value.settled) source.close();
      onValue(value);
    };
    // A stream that breaks off is not asked for again by itself: the person can type.
    source.onerror = () => source.close();
    return () => source.close();
  },
};
