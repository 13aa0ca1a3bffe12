import { figure, less, plus } from '../figure';
import { usualLength, type Job } from '../job';
import type { Rail, Tilted } from '../layout';
import { count, message } from '../message';
import type { Band, Opening } from '../opening';
import * as pieces from './pieces';
import { NO_SHELF, type Fastening, type Hardware, type PartSpec } from './system';

interface Extras {
  readonly parts: readonly PartSpec[];
  readonly hardware: readonly Hardware[];
  readonly fastenings: readonly Fastening[];
}

const NONE: Extras = { parts: [], hardware: [], fastenings: [] };

interface TiltedInput {
  readonly tilted: readonly Tilted[];
  readonly job: Pick<Job, 'shelves' | 'tilted' | 'units'>;
  readonly opening: Pick<Opening, 'surfaces'>;
}

/**
 * Tilted shelves: a board that lies loose on a sloping cleat at either wall and lifts out, and a strip along its lower
 * edge that stands up and stops what would slide off. A cleat is as long as the board is deep along its slope, less
 * what it stops short of the front.
 */
export function tiltedExtras({ tilted, job, opening }: TiltedInput): Extras {
  if (tilted.length === 0 || !opening.surfaces.includes('left') || !opening.surfaces.includes('right')) return NONE;
  const length = (mm: number, inches: string) => usualLength(mm, inches, job.units).mm;
  const [cleatThick, cleatHigh, short] = [length(20, '3/4'), length(45, '1 1/2'), length(20, '3/4')];
  const [stripThick, stop] = [length(15, '1/2'), length(20, '3/4')];
  const thicknessMm = job.shelves.thickness.mm;
  const all = tilted.map((one): Extras => {
    const depthMm = job.tilted?.find((wish) => wish.id === one.id)?.depth.mm ?? 0;
    const id = `T${one.number}`;
    const n = count(one.number);
    const common = { shelf: NO_SHELF } as const;
    const depth = figure({ label: message('term.tiltedDepth'), mm: depthMm });
    const long = less(depth, message('term.cleatSetBack'), short);
    const board: Band = { upFrom: one.frontUnder.mm, upTo: one.rear.mm, outFrom: 0, outTo: one.run.mm };
    const strip: Band = {
      upFrom: one.frontUnder.mm,
      upTo: one.front.mm + stop,
      outFrom: one.run.mm,
      outTo: one.run.mm + stripThick,
    };
    const loose = { label: message('term.play'), mm: LOOSE_MM };
    const under: Band = {
      upFrom: one.frontUnder.mm - cleatHigh,
      upTo: one.rearUnder.mm,
      outFrom: 0,
      outTo: one.run.mm,
    };
    const cleat = (side: 'left' | 'right'): PartSpec => ({
      ...common,
      id: `${id}-side-cleat-${side}`,
      role: `side-cleat-${side}`,
      name: message(`part.tiltedCleat.${side}`, { shelf: n }),
      label: `${id}${side === 'left' ? 'L' : 'R'}`,
      thicknessMm: cleatThick,
      width: figure({ label: message('term.cleatHeight'), mm: cleatHigh }),
      place: under,
      tiltDegrees: one.degrees,
      length: { is: 'given', figure: long, rounded: 'down' },
    });
    return {
      parts: [
        {
          ...common,
          id: `${id}-board`,
          role: 'tilted-board',
          name: message('part.tiltedBoard', { shelf: n }),
          label: `${id}S`,
          thicknessMm,
          width: depth,
          place: board,
          tiltDegrees: one.degrees,
          length: { is: 'between-walls', band: board, stance: 'flat', least: loose },
        },
        cleat('left'),
        cleat('right'),
        {
          ...common,
          id: `${id}-stop-strip`,
          role: 'stop-strip',
          name: message('part.stopStrip', { shelf: n }),
          label: `${id}N`,
          thicknessMm: stripThick,
          width: plus(
            figure({ label: message('term.shelfThickness'), mm: thicknessMm }),
            message('term.stopStands'),
            stop,
          ),
          place: strip,
          length: { is: 'between-walls', band: strip, stance: 'on-edge', least: loose },
        },
      ],
      hardware: [],
      fastenings: [
        ...(['left', 'right'] as const).map((wall) => ({
          ...pieces.stickToWall({
            shelf: NO_SHELF,
            part: `${id}-side-cleat-${wall}`,
            wall,
            thicknessMm: cleatThick,
            heightMm: cleatHigh,
          }),
          carries: null,
        })),
        {
          id: `${id}-stop-strip/board`,
          shelf: NO_SHELF,
          through: { is: 'piece', id: `${id}-stop-strip` },
          into: { is: 'piece', id: `${id}-board`, grain: 'edge', haveMm: depthMm },
          with: 'pin',
          passMm: stripThick,
          spread: { is: 'along', acrossMm: [thicknessMm / 2], everyMm: 200, least: 2 },
          carries: null,
          leverMm: 0,
        },
      ],
    };
  });
  return { parts: all.flatMap((one) => one.parts), hardware: [], fastenings: all.flatMap((one) => one.fastenings) };
}

/** A loose shelf lifts out with so much play, both ends together. */
const LOOSE_MM = 4;

interface RailInput {
  readonly rail: Rail | null;
  readonly opening: Pick<Opening, 'surfaces' | 'extent'>;
}

const ROD_MM = 30;
/** A socket is a plate so large, and takes the rod so deep. */
const SOCKET = { highMm: 60, plateMm: 5, intoMm: 12 } as const;

/** The rod of a closet from wall to wall, in a socket at either end, both at hanger depth. */
export function railExtras({ rail, opening: { surfaces, extent } }: RailInput): Extras {
  if (!rail || !surfaces.includes('left') || !surfaces.includes('right')) return NONE;
  const [up, out] = [rail.up.mm, rail.out.mm];
  const band: Band = {
    upFrom: up - ROD_MM / 2,
    upTo: up + ROD_MM / 2,
    outFrom: out - ROD_MM / 2,
    outTo: out + ROD_MM / 2,
  };
  const plates = [{ label: message('term.socketPlates'), mm: -2 * SOCKET.plateMm }];
  const rod: PartSpec = {
    shelf: NO_SHELF,
    id: 'closet-rod',
    role: 'closet-rod',
    name: message('part.rod'),
    label: 'R',
    thicknessMm: ROD_MM,
    width: figure({ label: message('term.rodDiameter'), mm: ROD_MM }),
    place: band,
    length: {
      is: 'between-walls',
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
    through: { is: 'hardware', id: `socket-${wall}` },
    into: { is: 'wall', wall },
    with: 'screw',
    passMm: SOCKET.plateMm,
    spread: { is: 'given', at: [8, SOCKET.highMm - 8].map((alongMm) => ({ alongMm, acrossMm: SOCKET.highMm / 2 })) },
    carries: null,
    leverMm: 0,
  });
  return { parts: [rod], hardware: [socket('left'), socket('right')], fastenings: [screws('left'), screws('right')] };
}

/** A rod is cut short by so much, so that it drops into its open socket. */
const ROD_PLAY_MM = 3;
