import { figure } from '../../base/figure';
import type { Rail } from '../layout';
import { rodOf, type Job } from '../../job';
import { message } from '../../base/message';
import type { Band, Opening } from '../../place/opening';
import { NO_EXTRAS, type Extras } from './extras';
import { NO_SHELF, type Fastening, type Hardware, type PartSpec } from './system';

interface RailInput {
  readonly rail: Rail | null;
  readonly opening: Pick<Opening, 'surfaces' | 'extent'>;
  readonly job: Pick<Job, 'region' | 'further'>;
}

/** A socket is a plate so large, and takes the rod so deep. */
const SOCKET = { highMm: 48, plateMm: 5, intoMm: 12 } as const;

/** The rod of a closet from wall to wall, in a socket at either end, both at hanger depth. */
export function railExtras({ rail, opening: { surfaces, extent }, job }: RailInput): Extras {
  if (!rail || !surfaces.includes('left') || !surfaces.includes('right')) return NO_EXTRAS;
  const [up, out] = [rail.up.mm, rail.out.mm];
  const { diameterMm } = rodOf(job);
  const band: Band = {
    upFrom: up - diameterMm / 2,
    upTo: up + diameterMm / 2,
    outFrom: out - diameterMm / 2,
    outTo: out + diameterMm / 2,
  };
  const plates = [{ label: message('term.socketPlates'), mm: -2 * SOCKET.plateMm }];
  const rod: PartSpec = {
    shelf: NO_SHELF,
    id: 'closet-rod',
    role: 'closet-rod',
    name: message('part.rod'),
    label: 'R',
    thicknessMm: diameterMm,
    width: figure({ label: message('term.rodDiameter'), mm: diameterMm }),
    place: band,
    length: {
      kind: 'between-walls',
      band,
      stance: 'on-edge',
      least: { label: message('term.rodPlay'), mm: ROD_PLAY_MM },
      between: plates,
    },
  };
  const socket = (side: 'left' | 'right'): Hardware => ({
    id: `socket-${side}`,
    shelf: NO_SHELF,
    what: 'socket',
    name: message('hardware.socket'),
    ratedKg: 0,
    place: {
      upFrom: up - SOCKET.highMm / 2,
      upTo: up + SOCKET.highMm / 2,
      outFrom: out - SOCKET.highMm / 2,
      outTo: out + SOCKET.highMm / 2,
    },
    across:
      side === 'left'
        ? { fromMm: extent.left, toMm: extent.left + SOCKET.intoMm }
        : { fromMm: extent.right - SOCKET.intoMm, toMm: extent.right },
  });
  const screws = (wall: 'left' | 'right'): Fastening => ({
    id: `socket-${wall}/wall`,
    shelf: NO_SHELF,
    through: { kind: 'hardware', id: `socket-${wall}` },
    into: { kind: 'wall', wall },
    with: 'screw',
    passMm: SOCKET.plateMm,
    spread: { kind: 'given', at: [8, SOCKET.highMm - 8].map((alongMm) => ({ alongMm, acrossMm: SOCKET.highMm / 2 })) },
    carries: null,
    leverMm: 0,
  });
  return { parts: [rod], hardware: [socket('left'), socket('right')], fastenings: [screws('left'), screws('right')] };
}

/** A rod is cut short by so much, so that it drops into its open socket. */
const ROD_PLAY_MM = 3;
