import { figure } from '../../base/figure';
import { usualCorner, type Job } from '../../job';
import type { LaidShelf } from '../layout';
import { message } from '../../base/message';
import type { Band, Opening } from '../../place/opening';
import * as pieces from './pieces';
import type { Fastening, Hold, PartSpec } from './system';

interface CornerInput {
  readonly shelf: LaidShelf;
  readonly input: {
    readonly opening: Opening;
    readonly job: Pick<Job, 'corner' | 'units'>;
    readonly wish: { readonly thickness: { readonly mm: number } };
    readonly depthOf: (shelf: number) => number;
  };
  /** What goes along both walls: cleats below the board, or rails within a shelf that slides over them. */
  readonly stick: { readonly thicknessMm: number; readonly heightMm: number } & (
    | { readonly role: 'cleat'; readonly screwedDown: boolean }
    /** `underMm`: below the shelf's top, right under the upper skin. `setBackMm`: short of the front edge. */
    | { readonly role: 'rail'; readonly underMm: number; readonly setBackMm: number }
  );
}

interface CorneredShelf {
  readonly parts: PartSpec[];
  readonly hold: Hold;
  readonly fastenings: Fastening[];
}

/**
 * A shelf in a corner with a stick along each of its two walls. The one along the back runs into the corner, the one
 * along the side begins at its face; both stop short of the front edge.
 */
export function corneredShelf({ shelf: { number, top, underside }, input, stick }: CornerInput): CorneredShelf {
  const { wish, depthOf, opening, job } = input;
  const thicknessMm = wish.thickness.mm;
  const depthMm = depthOf(number);
  const side = opening.surfaces.includes('left') ? 'left' : 'right';
  const sideMm = (job.corner ?? usualCorner(job.units)).side.mm;
  const band: Band = { upFrom: underside.mm, upTo: top.mm, outFrom: 0, outTo: depthMm };
  const upTo = stick.role === 'cleat' ? underside.mm : top.mm - stick.underMm;
  const upFrom = upTo - stick.heightMm;
  const under: Band = { ...band, upFrom, upTo };
  const width = figure({
    label: message(stick.role === 'cleat' ? 'term.cleatHeight' : 'term.railHeight'),
    mm: stick.heightMm,
  });
  const along = (role: 'rail-back' | 'rail-side', letter: string): PartSpec => ({
    shelf: number,
    id: `S${number}-${role}`,
    role,
    name: message(
      stick.role === 'rail'
        ? role === 'rail-back'
          ? 'part.rail.back'
          : 'part.rail.side'
        : role === 'rail-back'
          ? 'part.backCleat'
          : 'part.sideCleat',
    ),
    label: `${number}${letter}`,
    thicknessMm: stick.thicknessMm,
    width,
    place: role === 'rail-back' ? { ...under, outTo: stick.thicknessMm } : { ...under, outFrom: stick.thicknessMm },
    length: { kind: 'corner', band: under, ...(stick.role === 'rail' ? { setBackMm: stick.setBackMm } : {}) },
  });
  const half = stick.thicknessMm / 2;
  const [back, other] = [`S${number}-rail-back`, `S${number}-rail-side`];
  const toWall = (part: string, wall: 'left' | 'back' | 'right') =>
    pieces.stickToWall({ shelf: number, part, wall, thicknessMm: stick.thicknessMm, heightMm: stick.heightMm });
  const corner = { from: 'left', inMm: 0 } as const;
  return {
    parts: [cornerBoard(number, thicknessMm, depthMm, band), along('rail-back', 'B'), along('rail-side', 'W')],
    hold: {
      shelf: number,
      board: `S${number}-board`,
      rests: [
        { by: back, from: { at: corner, outMm: half }, to: { at: { from: 'left', inMm: depthMm }, outMm: half } },
        pieces.restAcross(other, { from: 'left', inMm: half }, stick.thicknessMm, sideMm),
      ],
      ribs: [],
    },
    fastenings: [
      toWall(back, 'back'),
      toWall(other, side),
      ...(stick.role === 'rail' || !stick.screwedDown
        ? []
        : [
            pieces.boardDown({
              shelf: number,
              part: back,
              thicknessMm,
              haveMm: stick.heightMm,
              spread: { kind: 'along', acrossMm: [half], everyMm: 300, least: 2 },
            }),
          ]),
    ],
  };
}

/** The board of a corner, whose shape its walls give it. */
export function cornerBoard(number: number, thicknessMm: number, depthMm: number, band: Band): PartSpec {
  return {
    shelf: number,
    id: `S${number}-board`,
    role: 'board',
    name: message('part.board'),
    label: `${number}S`,
    thicknessMm,
    width: figure({ label: message('term.shelfDepth'), mm: depthMm }),
    place: band,
    length: { kind: 'corner', band },
  };
}
