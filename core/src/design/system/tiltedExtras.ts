import { figure, less, plus, type Figure } from '../../base/figure';
import { usualLength, type Job } from '../../job';
import type { Tilted } from '../layout';
import { count, message } from '../../base/message';
import type { Band, Opening } from '../../place/opening';
import { NO_EXTRAS, type Extras } from './extras';
import * as pieces from './pieces';
import { NO_SHELF, type Fastening, type PartSpec } from './system';

interface TiltedInput {
  readonly tilted: readonly Tilted[];
  readonly job: Pick<Job, 'shelves' | 'tilted' | 'units'>;
  readonly opening: Pick<Opening, 'surfaces'>;
}

/** Usual sections of a tilted shelf's pieces, by the job's units. Millimetres. */
interface Sizes {
  readonly cleatThick: number;
  readonly cleatHigh: number;
  /** Distance a cleat stops short of the front. */
  readonly short: number;
  readonly stripThick: number;
  /** Height of the strip above the board. */
  readonly stop: number;
  readonly thicknessMm: number;
}

/** A loose shelf lifts out with so much play, both ends together. */
const LOOSE_MM = 4;

/**
 * Tilted shelves: a board that lies loose on a sloping cleat at either wall and lifts out, and a strip along its lower
 * edge that stands up and stops what would slide off. A cleat is as long as the board is deep along its slope, less
 * what it stops short of the front.
 */
export function tiltedExtras({ tilted, job, opening }: TiltedInput): Extras {
  if (tilted.length === 0 || !opening.surfaces.includes('left') || !opening.surfaces.includes('right'))
    return NO_EXTRAS;
  const usual = (mm: number, inches: string) => usualLength(mm, inches, job.units).mm;
  const sizes: Sizes = {
    cleatThick: usual(20, '3/4'),
    cleatHigh: usual(45, '1 1/2'),
    short: usual(20, '3/4'),
    stripThick: usual(15, '1/2'),
    stop: usual(20, '3/4'),
    thicknessMm: job.shelves.thickness.mm,
  };
  const depthOf = ({ id }: Tilted) => job.tilted?.find((wish) => wish.id === id)?.depth.mm ?? 0;
  return {
    parts: tilted.flatMap((shelf) => piecesOf(shelf, depthOf(shelf), sizes)),
    hardware: [],
    fastenings: tilted.flatMap((shelf) => fasteningsOf(shelf, depthOf(shelf), sizes)),
  };
}

function piecesOf(shelf: Tilted, depthMm: number, sizes: Sizes): PartSpec[] {
  const id = `T${shelf.number}`;
  const n = count(shelf.number);
  const depth = figure({ label: message('term.tiltedDepth'), mm: depthMm });
  // Square-cut and turned, a cleat's lower rear corner stands farther back than its upper one.
  const heel = sizes.cleatHigh * Math.tan((shelf.degrees * Math.PI) / 180);
  const long = less(less(depth, message('term.cleatHeel'), heel), message('term.cleatSetBack'), sizes.short);
  const [upFrom, run] = [shelf.frontUnder.mm, shelf.run.mm];
  const board: Band = { upFrom, upTo: shelf.rear.mm, outFrom: 0, outTo: run };
  const strip: Band = { upFrom, upTo: shelf.front.mm + sizes.stop, outFrom: run, outTo: run + sizes.stripThick };
  const loose = { label: message('term.play'), mm: LOOSE_MM };
  const thickness = figure({ label: message('term.shelfThickness'), mm: sizes.thicknessMm });
  return [
    {
      shelf: NO_SHELF,
      id: `${id}-board`,
      role: 'tilted-board',
      name: message('part.tiltedBoard', { shelf: n }),
      label: `${id}S`,
      thicknessMm: sizes.thicknessMm,
      width: depth,
      place: board,
      tiltDegrees: shelf.degrees,
      length: { kind: 'between-walls', band: board, stance: 'flat', least: loose },
    },
    cleatOf(shelf, 'left', long, heel, sizes),
    cleatOf(shelf, 'right', long, heel, sizes),
    {
      shelf: NO_SHELF,
      id: `${id}-stop-strip`,
      role: 'stop-strip',
      name: message('part.stopStrip', { shelf: n }),
      label: `${id}N`,
      thicknessMm: sizes.stripThick,
      width: plus(thickness, message('term.stopStands'), sizes.stop),
      place: strip,
      tiltDegrees: shelf.degrees,
      length: { kind: 'between-walls', band: strip, stance: 'on-edge', least: loose },
    },
  ];
}

/** A sloping cleat on a side wall. */
function cleatOf(
  shelf: Tilted,
  side: 'left' | 'right',
  long: Figure,
  heelMm: number,
  { cleatThick, cleatHigh }: Sizes,
): PartSpec {
  const turn = (shelf.degrees * Math.PI) / 180;
  const id = `T${shelf.number}`;
  return {
    shelf: NO_SHELF,
    id: `${id}-side-cleat-${side}`,
    role: `side-cleat-${side}`,
    name: message(`part.tiltedCleat.${side}`, { shelf: count(shelf.number) }),
    label: `${id}${side === 'left' ? 'L' : 'R'}`,
    thicknessMm: cleatThick,
    width: figure({ label: message('term.cleatHeight'), mm: cleatHigh }),
    place: {
      upFrom: shelf.frontUnder.mm - cleatHigh,
      upTo: shelf.rearUnder.mm - heelMm * Math.sin(turn),
      outFrom: heelMm * Math.cos(turn),
      outTo: shelf.run.mm,
    },
    tiltDegrees: shelf.degrees,
    length: { kind: 'given', figure: long, rounded: 'down' },
  };
}

function fasteningsOf({ number }: Tilted, depthMm: number, sizes: Sizes): Fastening[] {
  const id = `T${number}`;
  const { cleatThick: thicknessMm, cleatHigh: heightMm } = sizes;
  const cleats = (['left', 'right'] as const).map((wall) => ({
    ...pieces.stickToWall({ shelf: NO_SHELF, part: `${id}-side-cleat-${wall}`, wall, thicknessMm, heightMm }),
    carries: null,
  }));
  const strip: Fastening = {
    id: `${id}-stop-strip/board`,
    shelf: NO_SHELF,
    through: { kind: 'piece', id: `${id}-stop-strip` },
    into: { kind: 'piece', id: `${id}-board`, grain: 'edge', haveMm: depthMm },
    with: 'pin',
    passMm: sizes.stripThick,
    spread: { kind: 'along', acrossMm: [sizes.thicknessMm / 2], everyMm: 200, least: 2 },
    carries: null,
    leverMm: 0,
  };
  return [...cleats, strip];
}
