import { useEffect, useState } from 'react';
import type { DeviceValue, Instrument } from '@dormer/core/job/document';
import { instrumentsFor, type Spot } from '@dormer/core/place/reading';
import { useLatest } from '../platform/useLatest';
import type { Devices, Hold } from './deviceStream';
import { useAppSelector } from './hooks';
import { selectLink } from './selectors';

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
  const instrument = spot && link?.instruments.find((tool) => instrumentsFor(spot.kind).includes(tool));
  // The key says it all: the job changes with every reading, the room does not.
  const key = spot && link && instrument ? `${instrument}|${link.seed}|${turn}|${JSON.stringify(spot)}` : null;
  const hold = useLatest((held: string) => {
    if (!spot || !link || !instrument) return undefined;
    return devices.hold({ instrument, spot, job, seed: link.seed, turn }, (value) =>
      setShown({ key: held, shown: { ...value, instrument } }),
    );
  });
  useEffect(() => (key ? hold(key) : undefined), [key, hold]);
  return shown && shown.key === key ? shown.shown : null;
}
