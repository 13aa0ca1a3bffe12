import { figure, less, type Figure } from '../../base/figure';
import { message, type Message } from '../../base/message';
import type { CavityBox } from '../../place/opening';
import { behindBoards, boxBoardsDeep, type BoxBoards } from './boxBoards';
import { boxPanel } from './boxPanel';
import { boxTrim } from './boxTrim';
import { NO_SHELF, type Fastening, type PartSpec } from './system';

/** Screws through both sides of a box, and the shims behind them, into the studs: at every shim. */
export function boxScrews(box: CavityBox, wallMm: number): Fastening[] {
  const { shims, seat } = box;
  const deep = boxBoardsDeep(box);
  if (deep <= 0) return [];
  return (['left', 'right'] as const).flatMap((side): Fastening[] => {
    const ours = shims.filter((shim) => shim.side === side);
    if (ours.length === 0) return [];
    const at = ours.map((shim) => ({
      alongMm: shim.upMm - seat.upMm,
      acrossMm: behindBoards(box) + deep * (shim.at === 'back' ? 0.25 : 0.75),
    }));
    return [
      {
        id: `box-${side}/wall`,
        shelf: NO_SHELF,
        through: { kind: 'piece', id: `box-${side}` },
        into: { kind: 'wall', wall: side },
        with: 'screw',
        passMm: wallMm + Math.max(0, ...ours.map((shim) => shim.shimMm)),
        spread: { kind: 'given', at },
        carries: null,
        leverMm: 0,
      },
    ];
  });
}

/**
 * Screws, or pins, through both sides of a box into the ends of its top and bottom: clear of the screws through its
 * shims.
 */
export function boxCorners(box: CavityBox, { wallMm, corners }: BoxBoards): Fastening[] {
  const { height } = box;
  const deep = boxBoardsDeep(box);
  if (deep <= 0 || height.mm <= 2 * wallMm) return [];
  return (['left', 'right'] as const).flatMap((side) =>
    (['bottom', 'top'] as const).map((end): Fastening => ({
      id: `box-${side}/box-${end}`,
      shelf: NO_SHELF,
      through: { kind: 'piece', id: `box-${side}` },
      into: { kind: 'piece', id: `box-${end}`, grain: 'end', haveMm: null },
      with: corners === 'pinned' ? 'pin' : 'screw',
      passMm: wallMm,
      spread: {
        kind: 'given',
        at: (corners === 'pinned' ? PIN_SHARES : CORNER_SHARES).map((share) => ({
          alongMm: end === 'bottom' ? wallMm / 2 : height.mm - wallMm / 2,
          acrossMm: behindBoards(box) + deep * share,
        })),
      },
      carries: null,
      leverMm: 0,
    })),
  );
}
/** Where screws into the ends of its boards are across a box's depth: away from those through the shims. */
export const CORNER_SHARES = [0.36, 0.64] as const;
/** Pins hold less than screws: there are twice as many. */
const PIN_SHARES = [0.14, 0.38, 0.62, 0.86] as const;

/**
 * The boards of a square box and the trim about its face. The sides run the whole height, top and bottom stand
 * between them. The trim is mitred at its corners: along its long edge each piece is the box's clear opening, twice
 * the reveal by which it stands back from the box's edge, and twice its own width.
 */
export function boxAndTrim(box: CavityBox, boards: BoxBoards): PartSpec[] {
  const { wallMm } = boards;
  if (!box.depth || boxBoardsDeep(box) <= 0 || box.width.mm <= 2 * wallMm || box.height.mm <= 2 * wallMm) return [];
  const [wide, high] = [outside(box.width, 'term.boxWidth'), outside(box.height, 'term.boxHeight')];
  const inside = (size: Figure) => less(size, message('term.boxWalls'), 2 * wallMm);
  const deep = box.depth.mm;
  const within = { outFrom: box.backMm, outTo: deep };
  const width = less(outside(box.depth, 'term.boxDepth'), message('term.lessBackPanel'), box.backMm);
  const wall = { shelf: NO_SHELF, thicknessMm: wallMm, width } as const;
  const [left, right] = [box.seat.acrossMm, box.seat.acrossMm + box.width.mm];
  const side = (id: 'box-left' | 'box-right', label: string, name: Message): PartSpec => ({
    ...wall,
    ...(box.rebated
      ? {
          width: outside(box.depth, 'term.boxDepth'),
          joints: [{ kind: 'rebated', deepMm: wallMm / 2, wideMm: box.backMm }],
        }
      : {}),
    across: id === 'box-left' ? { fromMm: left, toMm: left + wallMm } : { fromMm: right - wallMm, toMm: right },
    upright: true,
    id,
    role: 'box-side',
    name,
    label,
    place: {
      outFrom: box.rebated ? 0 : box.backMm,
      outTo: deep,
      upFrom: box.seat.upMm,
      upTo: box.seat.upMm + box.height.mm,
    },
    length: { kind: 'given', figure: high, rounded: 'down' },
  });
  const end = (id: string, label: string, name: Message, upFrom: number): PartSpec => ({
    ...wall,
    id,
    role: 'box-end',
    name,
    label,
    place: { ...within, upFrom: box.seat.upMm + upFrom, upTo: box.seat.upMm + upFrom + wallMm },
    across: { fromMm: left + wallMm, toMm: right - wallMm },
    length: { kind: 'given', figure: inside(wide), rounded: 'down' },
  });
  return [
    side('box-left', 'BL', message('part.box.left')),
    side('box-right', 'BR', message('part.box.right')),
    end('box-top', 'BT', message('part.box.top'), box.height.mm - wallMm),
    end('box-bottom', 'BB', message('part.box.bottom'), 0),
    ...(box.backMm > 0 ? [boxPanel(box, wide, high, wallMm)] : []),
    ...boxTrim(box, { wide: inside(wide), high: inside(high), deep }, boards),
  ];
}

/** A size of the box as one term, with the readings it rests on. */
function outside(size: Figure | null, code: 'term.boxWidth' | 'term.boxHeight' | 'term.boxDepth'): Figure {
  const readings = [...new Set(size?.terms.flatMap((term) => term.readings ?? []))];
  return figure({ label: message(code), mm: size?.mm ?? 0, readings });
}
