import { figure, less, plus, type Figure } from '../../base/figure';
import type { BoxWish } from '../../job';
import { message, type Message } from '../../base/message';
import type { CavityBox } from '../../place/opening';
import { NO_SHELF, type Fastening, type PartSpec } from './system';

/** Beside the box itself: what its boards and its trim are. Lengths in millimetres. */
export interface BoxBoards {
  /** Thickness of the box's boards. */
  readonly wallMm: number;
  readonly trim: BoxWish['trim'];
  /** Thickness of the trim. */
  readonly trimThickMm: number;
}

/** Screws through both sides of a box, and the shims behind them, into the studs: at every shim. */
export function boxScrews({ shims, seat, depth }: CavityBox, wallMm: number): Fastening[] {
  const deep = depth?.mm ?? 0;
  if (deep <= 0) return [];
  return (['left', 'right'] as const).flatMap((side): Fastening[] => {
    const ours = shims.filter((shim) => shim.side === side);
    if (ours.length === 0) return [];
    const at = ours.map((shim) => ({
      alongMm: shim.upMm - seat.upMm,
      acrossMm: deep * (shim.at === 'back' ? 0.25 : 0.75),
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
 * The boards of a square box and the trim about its face. The sides run the whole height, top and bottom stand
 * between them. The trim is mitred at its corners: along its long edge each piece is the box's clear opening, twice
 * the reveal by which it stands back from the box's edge, and twice its own width.
 */
export function boxAndTrim(box: CavityBox, { wallMm, trim, trimThickMm }: BoxBoards): PartSpec[] {
  if (box.width.mm <= 2 * wallMm || box.height.mm <= 2 * wallMm) return [];
  const [wide, high] = [outside(box.width, 'term.boxWidth'), outside(box.height, 'term.boxHeight')];
  const inside = (size: Figure) => less(size, message('term.boxWalls'), 2 * wallMm);
  const deep = box.depth?.mm ?? 0;
  const within = { outFrom: 0, outTo: deep };
  const wall = { shelf: NO_SHELF, thicknessMm: wallMm, width: outside(box.depth, 'term.boxDepth') } as const;
  const [left, right] = [box.seat.acrossMm, box.seat.acrossMm + box.width.mm];
  const side = (id: 'box-left' | 'box-right', label: string, name: Message): PartSpec => ({
    ...wall,
    across: id === 'box-left' ? { fromMm: left, toMm: left + wallMm } : { fromMm: right - wallMm, toMm: right },
    upright: true,
    id,
    role: 'box-side',
    name,
    label,
    place: { ...within, upFrom: box.seat.upMm, upTo: box.seat.upMm + box.height.mm },
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
  const front = { outFrom: deep, outTo: deep + trimThickMm };
  const trimmed = (id: string, label: string, name: Message, clear: Figure, upFrom: number, upTo: number): PartSpec => {
    const reveals = plus(clear, message('term.reveals'), 2 * trim.reveal.mm);
    return {
      shelf: NO_SHELF,
      id,
      role: 'trim',
      name,
      label,
      thicknessMm: trimThickMm,
      width: figure({ label: message('term.trimWidth'), mm: trim.width.mm }),
      place: { ...front, upFrom, upTo },
      // One cut short is lost, one a hair long hides in the reveal.
      length: { kind: 'given', figure: plus(reveals, message('term.trimWidths'), 2 * trim.width.mm), rounded: 'up' },
      joint: { kind: 'mitred' },
    };
  };
  const out = trim.reveal.mm + trim.width.mm;
  const [foot, head] = [wallMm - out, box.height.mm - wallMm + out];
  const boards = box.depth
    ? [
        side('box-left', 'BL', message('part.box.left')),
        side('box-right', 'BR', message('part.box.right')),
        end('box-top', 'BT', message('part.box.top'), box.height.mm - wallMm),
        end('box-bottom', 'BB', message('part.box.bottom'), 0),
      ]
    : [];
  return [
    ...boards,
    trimmed('trim-left', 'TL', message('part.trim.left'), inside(high), foot, head),
    trimmed('trim-right', 'TR', message('part.trim.right'), inside(high), foot, head),
    trimmed('trim-head', 'TT', message('part.trim.head'), inside(wide), head - trim.width.mm, head),
    trimmed('trim-foot', 'TB', message('part.trim.foot'), inside(wide), foot, foot + trim.width.mm),
  ];
}

/** A size of the box as one term, with the readings it rests on. */
function outside(size: Figure | null, code: 'term.boxWidth' | 'term.boxHeight' | 'term.boxDepth'): Figure {
  const readings = [...new Set(size?.terms.flatMap((term) => term.readings ?? []))];
  return figure({ label: message(code), mm: size?.mm ?? 0, readings });
}
