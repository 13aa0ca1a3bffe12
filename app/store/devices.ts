import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { useEffect, useState } from 'react';
import type { DeviceValue, Instrument, Job } from '@dormer/core/job/document';
import { instrumentsFor, type Spot } from '@dormer/core/reading';
import { useAppSelector } from './hooks';
import { selectLink } from './selectors';

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

/** Instruments at hand, the made-up room they read, and the kit they took the place of. */
export interface Link {
  readonly seed: number;
  readonly instruments: readonly Instrument[];
  readonly kitBefore: readonly Instrument[];
}

export interface DevicesState {
  /** By job: what reads a made-up room for one must not read it for another. */
  readonly links: Readonly<Record<string, Link | undefined>>;
}

const slice = createSlice({
  name: 'devices',
  initialState: { links: {} } as DevicesState,
  reducers: {
    linked: (state, { payload }: PayloadAction<{ job: string; link?: Link }>): DevicesState => ({
      links: { ...state.links, [payload.job]: payload.link },
    }),
  },
});

export const { linked } = slice.actions;
export const devicesReducer = slice.reducer;

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

/** A value that a device shows, and the device it comes from. */
export interface Shown extends DeviceValue {
  readonly instrument: Instrument;
}

/**
 * What the linked device shows while it is held at a spot; null where there is none, or none can read it.
 * @param turn how many times the spot was read before
 */
export function useHeldDevice(devices: Devices, spot: Spot | null, job: Hold['job'], turn: number): Shown | null {
  const link = useAppSelector(selectLink);
  const [shown, setShown] = useState<{ key: string; shown: Shown } | null>(null);
  const instrument = spot && link?.instruments.find((one) => instrumentsFor(spot.kind).includes(one));
  const key = spot && link && instrument ? `${instrument}|${link.seed}|${turn}|${JSON.stringify(spot)}` : null;
  useEffect(() => {
    if (!key || !spot || !link || !instrument) return;
    return devices.hold({ instrument, spot, job, seed: link.seed, turn }, (value) =>
      setShown({ key, shown: { ...value, instrument } }),
    );
    // The key says it all: the job changes with every reading, the room does not.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return shown && shown.key === key ? shown.shown : null;
}
