import { figure, less, plus, type Figure } from '../../base/figure';
import type { BoxWish } from '../../job';
import { message, type Message } from '../../base/message';
import type { Band, CavityBox } from '../../place/opening';
import { NO_SHELF, type Across, type Fastening, type LongEdge, type PartSpec } from './system';

/** Beside the box itself: what its boards and its trim are. Lengths in millimetres. */
export interface BoxBoards {
  /** How its corners are held. */
  readonly corners: NonNullable<BoxWish['corners']>;
  /** Thickness of the box's boards. */
  readonly wallMm: number;
  readonly trim: BoxWish['trim'];
  /** Thickness of the trim. */
  readonly trimThickMm: number;
}

/** Depth of the boards of a box: all of it but the panel over their rear edges. Millimetres, not negative. */
export const boxBoardsDeep = ({ depth, backMm }: CavityBox): number => Math.max((depth?.mm ?? 0) - backMm, 0);

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
          acrossMm: deep * share,
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

const PANEL_PINS_MM = 150;

/** Pins through the panel over the back of a box into the rear edges of all four of its boards. */
export function boxPanelPins(box: CavityBox, { wallMm }: BoxBoards): Fastening[] {
  const deep = boxBoardsDeep(box);
  if (box.backMm <= 0 || deep <= 0) return [];
  const [high, wide] = [box.height.mm, box.width.mm];
  const upright = pinsOver(high, wallMm).map((alongMm) => ({ alongMm, acrossMm: wallMm / 2 }));
  const level = pinsOver(wide, wallMm).map((acrossMm) => ({ alongMm: wallMm / 2, acrossMm }));
  const edges = {
    'box-left': upright,
    'box-right': upright.map((at) => ({ ...at, acrossMm: wide - at.acrossMm })),
    'box-bottom': level,
    'box-top': level.map((at) => ({ ...at, alongMm: high - at.alongMm })),
  };
  return Object.entries(edges).map(([into, at]) => ({
    id: `box-back/${into}`,
    shelf: NO_SHELF,
    through: { kind: 'piece', id: 'box-back' },
    into: { kind: 'piece', id: into, grain: 'edge', haveMm: deep },
    with: 'pin',
    passMm: box.backMm,
    spread: { kind: 'given', at },
    carries: null,
    leverMm: 0,
  }));
}

/** Places of pins along an edge, clear of the corners where boards meet. Millimetres. */
function pinsOver(longMm: number, wallMm: number): number[] {
  const count = Math.max(2, Math.ceil(longMm / PANEL_PINS_MM));
  const clear = longMm - 4 * wallMm;
  return Array.from({ length: count }, (_, i) => 2 * wallMm + ((i + 0.5) * clear) / count);
}

/** Trim pinned to the front edges of the box all round, over the middle of what it covers of each. */
export function boxTrimPins(box: CavityBox, { wallMm, trim, trimThickMm }: BoxBoards): Fastening[] {
  const deep = boxBoardsDeep(box);
  if (deep <= 0) return [];
  const reveal = trim.reveal.mm;
  // From the trim's inner edge: the wall shows by the reveal, the rest of it is under the trim.
  const covers = Math.min(wallMm - reveal, trim.width.mm);
  const inMm = (covers > 0 ? covers : trim.width.mm) / 2;
  return TRIMMED.map(({ id, into, inner }): Fastening => ({
    id: `${id}/${into}`,
    shelf: NO_SHELF,
    through: { kind: 'piece', id },
    into: { kind: 'piece', id: into, grain: 'edge', haveMm: deep },
    with: 'pin',
    passMm: trimThickMm,
    spread: {
      kind: 'along',
      acrossMm: [inner === 'upper' ? trim.width.mm - inMm : inMm],
      everyMm: 300,
      least: 2,
    },
    carries: null,
    leverMm: 0,
  }));
}
const TRIMMED = [
  { id: 'trim-left', into: 'box-left', inner: 'upper' },
  { id: 'trim-right', into: 'box-right', inner: 'lower' },
  { id: 'trim-head', into: 'box-top', inner: 'lower' },
  { id: 'trim-foot', into: 'box-bottom', inner: 'upper' },
] as const;

/**
 * The boards of a square box and the trim about its face. The sides run the whole height, top and bottom stand
 * between them. The trim is mitred at its corners: along its long edge each piece is the box's clear opening, twice
 * the reveal by which it stands back from the box's edge, and twice its own width.
 */
export function boxAndTrim(box: CavityBox, { wallMm, trim, trimThickMm }: BoxBoards): PartSpec[] {
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
  const out = trim.reveal.mm + trim.width.mm;
  const [foot, head] = [box.seat.upMm + wallMm - out, box.seat.upMm + box.height.mm - wallMm + out];
  const outer: Across = { fromMm: left + wallMm - out, toMm: right - wallMm + out };
  const { width: trimMm } = trim;
  const trimmed = (
    { id, label, name }: Pick<PartSpec, 'id' | 'label' | 'name'>,
    clear: Figure,
    longEdge: LongEdge,
    place: Pick<PartSpec, 'across' | 'upright'> & Pick<Band, 'upFrom' | 'upTo'>,
  ): PartSpec => {
    const { upFrom, upTo, ...lies } = place;
    const reveals = plus(clear, message('term.reveals'), 2 * trim.reveal.mm);
    return {
      ...lies,
      id,
      label,
      name,
      shelf: NO_SHELF,
      role: 'trim',
      thicknessMm: trimThickMm,
      width: figure({ label: message('term.trimWidth'), mm: trimMm.mm }),
      place: { ...front, upFrom, upTo },
      // One cut short is lost, one a hair long hides in the reveal.
      length: { kind: 'given', figure: plus(reveals, message('term.trimWidths'), 2 * trimMm.mm), rounded: 'up' },
      joints: [{ kind: 'mitred', longEdge }],
    };
  };
  return [
    side('box-left', 'BL', message('part.box.left')),
    side('box-right', 'BR', message('part.box.right')),
    end('box-top', 'BT', message('part.box.top'), box.height.mm - wallMm),
    end('box-bottom', 'BB', message('part.box.bottom'), 0),
    ...(box.backMm > 0 ? [backPanel(box, wide, high)] : []),
    trimmed({ id: 'trim-left', label: 'TL', name: message('part.trim.left') }, inside(high), 'lower', {
      upright: true,
      across: { fromMm: outer.fromMm, toMm: outer.fromMm + trimMm.mm },
      upFrom: foot,
      upTo: head,
    }),
    trimmed({ id: 'trim-right', label: 'TR', name: message('part.trim.right') }, inside(high), 'upper', {
      upright: true,
      across: { fromMm: outer.toMm - trimMm.mm, toMm: outer.toMm },
      upFrom: foot,
      upTo: head,
    }),
    trimmed({ id: 'trim-head', label: 'TT', name: message('part.trim.head') }, inside(wide), 'upper', {
      across: outer,
      upFrom: head - trimMm.mm,
      upTo: head,
    }),
    trimmed({ id: 'trim-foot', label: 'TB', name: message('part.trim.foot') }, inside(wide), 'lower', {
      across: outer,
      upFrom: foot,
      upTo: foot + trimMm.mm,
    }),
  ];
}

/** The panel over the back of a box: as wide and as high as all of it. */
function backPanel({ backMm, seat, width, height }: CavityBox, wide: Figure, high: Figure): PartSpec {
  return {
    shelf: NO_SHELF,
    id: 'box-back',
    role: 'back-panel',
    name: message('part.backPanel'),
    label: 'BK',
    thicknessMm: backMm,
    width: wide,
    place: { upFrom: seat.upMm, upTo: seat.upMm + height.mm, outFrom: 0, outTo: backMm },
    across: { fromMm: seat.acrossMm, toMm: seat.acrossMm + width.mm },
    upright: true,
    length: { kind: 'given', figure: high, rounded: 'down' },
  };
}

/** A size of the box as one term, with the readings it rests on. */
function outside(size: Figure | null, code: 'term.boxWidth' | 'term.boxHeight' | 'term.boxDepth'): Figure {
  const readings = [...new Set(size?.terms.flatMap((term) => term.readings ?? []))];
  return figure({ label: message(code), mm: size?.mm ?? 0, readings });
}
