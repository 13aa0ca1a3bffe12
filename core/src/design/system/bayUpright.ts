import { figure } from '../../base/figure';
import { usualLength, type Place } from '../../job';
import type { JobUnit } from '../../base/quantity';
import { count, message } from '../../base/message';
import { NO_SHELF, type Across, type Fastening, type PartSpec } from './system';

/** An upright board between two bays. Millimetres in the frame of the opening. */
export interface UprightWish {
  /** Which of the uprights it is, from the left, from 1. */
  readonly nth: number;
  readonly thicknessMm: number;
  readonly depthMm: number;
  readonly footMm: number;
  readonly topMm: number;
  readonly across: Across;
  /** The skirting of the back wall; undefined where there is none. */
  readonly skirting: Place['skirting'];
}

/** The id of an upright, which stands as a unit of its own: its blocks are on the wall. */
const unitOf = (nth: number): string => `upright-${nth}`;

/** A board from the floor to just below the ceiling, notched over the skirting behind it. */
export function uprightBoard({ nth, thicknessMm, depthMm, footMm, topMm, across, skirting }: UprightWish): PartSpec {
  return {
    id: unitOf(nth),
    shelf: NO_SHELF,
    role: 'bay-upright',
    name: message('part.bayUpright', { count: count(nth) }),
    label: `U${nth}`,
    thicknessMm,
    width: figure({ label: message('term.deepestBeside'), mm: depthMm }),
    place: { upFrom: footMm, upTo: topMm, outFrom: 0, outTo: depthMm },
    across,
    upright: true,
    length: {
      kind: 'given',
      figure: figure({ label: message('term.floorToTop'), mm: topMm - footMm }),
      rounded: 'down',
    },
    joints: skirting ? [{ kind: 'notched', deepMm: skirting.thickness.mm, highMm: skirting.height.mm }] : [],
    unit: unitOf(nth),
  };
}

/** A block behind an upright is so long; its screws keep so far from its edges. Millimetres. */
const BLOCK_MM = 120;
const EDGE_MM = 12;

/** Where a block may be on the back wall, and its section. Millimetres. */
export interface BlockPlace {
  readonly thickMm: number;
  readonly highMm: number;
  readonly across: Across;
  readonly footMm: number;
  readonly topMm: number;
}

/**
 * Where blocks may be on the back wall.
 * @param side the side of the upright they are on
 */
export function blockPlace({ across, footMm, topMm }: UprightWish, side: 'left' | 'right', units: JobUnit): BlockPlace {
  const { fromMm, toMm } = across;
  return {
    thickMm: usualLength(27, '1', units).mm,
    highMm: usualLength(45, '1 3/4', units).mm,
    across: side === 'left' ? { fromMm: fromMm - BLOCK_MM, toMm: fromMm } : { fromMm: toMm, toMm: toMm + BLOCK_MM },
    footMm,
    topMm,
  };
}

/**
 * Blocks on the back wall to which an upright is screwed, beside it in one of its bays.
 * @param ups the lower edge of each block above the floor mark, millimetres
 * @param side the side of the upright they are on
 */
export function uprightBlocks(
  wish: UprightWish,
  ups: readonly number[],
  side: 'left' | 'right',
  units: JobUnit,
): { readonly parts: PartSpec[]; readonly fastenings: Fastening[] } {
  const { nth, footMm, thicknessMm } = wish;
  const { thickMm, highMm, across } = blockPlace(wish, side, units);
  const blocks = ups.map((upMm, i): PartSpec => {
    return {
      id: `${unitOf(nth)}-block-${i + 1}`,
      shelf: NO_SHELF,
      role: 'upright-block',
      name: message('part.uprightBlock'),
      label: `U${nth}B`,
      thicknessMm: thickMm,
      width: figure({ label: message('term.blockHeight'), mm: highMm }),
      place: { upFrom: upMm, upTo: upMm + highMm, outFrom: 0, outTo: thickMm },
      across,
      length: { kind: 'given', figure: figure({ label: message('term.blockLength'), mm: BLOCK_MM }), rounded: 'down' },
    };
  });
  const fastenings = blocks.flatMap(({ id, place }): Fastening[] => [
    {
      id: `${id}/wall`,
      shelf: NO_SHELF,
      through: { kind: 'piece', id },
      into: { kind: 'wall', wall: 'back' },
      with: 'screw',
      passMm: thickMm,
      spread: { kind: 'along', acrossMm: [highMm / 2], everyMm: BLOCK_MM, least: 2 },
      carries: null,
      leverMm: 0,
    },
    {
      id: `${unitOf(nth)}/${id}`,
      shelf: NO_SHELF,
      through: { kind: 'piece', id: unitOf(nth) },
      into: { kind: 'piece', id, grain: 'end', haveMm: null },
      with: 'screw',
      passMm: thicknessMm,
      spread: {
        kind: 'given',
        at: [EDGE_MM, highMm - EDGE_MM].map((up) => ({
          alongMm: place.upFrom + up - footMm,
          acrossMm: thickMm / 2,
        })),
      },
      carries: null,
      leverMm: 0,
    },
  ]);
  return { parts: blocks, fastenings };
}
