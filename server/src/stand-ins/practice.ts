import { setTimeout as wait } from 'node:timers/promises';
import type { DeviceValue, Instrument } from '@dormer/core/job';
import { crookedRoom, chanceAt, trueValues } from '@dormer/core/rigs/practice';
import { instrumentsFor, usualSd, type Spot } from '@dormer/core/place/reading';
import type { Device, DevicePlace } from './devices';

const EVERY_MS = 90;
const BEFORE_REST = 4;

/** Simulated devices that read a hidden crooked room chosen by its seed, each with its usual error. */
export const PRACTICE_DEVICES: readonly Device[] = (['laser', 'gauge', 'digital-level'] as const).map(practiceDevice);

function practiceDevice(instrument: Instrument): Device {
  return {
    id: `practice-${instrument}`,
    instrument,
    simulated: true,
    reads: (spot) => instrumentsFor(spot.kind).includes(instrument),
    hold: (spot, place, signal) => values(instrument, spot, place, signal),
  };
}

async function* values(
  instrument: Instrument,
  spot: Spot,
  place: DevicePlace,
  signal: AbortSignal,
): AsyncGenerator<DeviceValue> {
  const room = crookedRoom({ place: place.place, seed: place.seed, size: sizeOf(place) });
  const [truth = 0] = trueValues(room, spot, place.levelLine.up.mm);
  const chance = chanceAt(place.seed + 1009 * place.turn, spot);
  const sd = usualSd(spot.kind, instrument);
  const rest = truth + sd * chance.normal();
  const unit = spot.kind === 'corner' ? 'degrees' : 'mm';
  // The hand shakes before it is still.
  for (let i = 0; i < BEFORE_REST && !signal.aborted; i += 1) {
    yield { value: told(rest + 2 * sd * chance.normal()), unit, settled: false };
    await wait(EVERY_MS, undefined, { signal }).catch(() => undefined);
  }
  if (!signal.aborted) yield { value: told(rest), unit, settled: true };
}

/** Devices tell tenths. */
const told = (value: number) => Number(value.toFixed(1)) + 0;

/** The room is about as large as was said of the place. */
function sizeOf({ place }: DevicePlace) {
  const { width, depth, height } = place.rough;
  return width && depth && height ? { widthMm: width.mm, depthMm: depth.mm, heightMm: height.mm } : undefined;
}
