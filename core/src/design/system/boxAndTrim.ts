import { figure, less, plus, toTape, type Figure } from '../../base/figure';
import type { Tape } from '../../base/quantity';
import type { BoxWish } from '../../job';
import { message, type Message } from '../../base/message';
import type { CavityBox } from '../../place/opening';
import { NO_SHELF, type Across, type Fastening, type Joint, type LongEdge, type PartSpec } from './system';

/** Beside the box itself: what its boards and its trim are. Lengths in millimetres. */
export interface BoxBoards {
  /** How its corners are held. */
  readonly corners: NonNullable<BoxWish['corners']>;
  /** Thickness of the box's boards. */
  readonly wallMm: number;
  readonly trim: BoxWish['trim'];
  /** Thickness of the trim. */
  readonly trimThickMm: number;
  /** What lengths are cut to. */
  readonly tape: Tape;
}

/** Depth of the boards of a box: all of it but the panel over their rear edges. Millimetres, not negative. */
export const boxBoardsDeep = ({ depth, backMm }: CavityBox): number => Math.max((depth?.mm ?? 0) - backMm, 0);

/** How far out the boards before a box's panel begin, on a side that is as deep as the box. Millimetres. */
export const behindBoards = ({ rebated, backMm }: CavityBox): number => (rebated ? backMm : 0);

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

const PANEL_PINS_MM = 150;

/** How far a panel in a rebate ends inside of the box's outer width, on each side. Millimetres. */
const panelIn = ({ rebated }: CavityBox, wallMm: number): number => (rebated ? wallMm / 2 + PANEL_PLAY_MM / 2 : 0);
const PANEL_PLAY_MM = 2;

/**
 * Pins through the panel at the back of a box into the rear edges of all four of its boards.
 * @param sides what is cut into the sides: no pin is driven where a shelf is let in
 */
export function boxPanelPins(box: CavityBox, { wallMm }: BoxBoards, sides: readonly Joint[] = []): Fastening[] {
  const deep = boxBoardsDeep(box);
  if (box.backMm <= 0 || deep <= 0) return [];
  const inMm = panelIn(box, wallMm);
  const [high, wide] = [box.height.mm, box.width.mm - 2 * inMm];
  const upright = pinsOver(high, wallMm).map((mm) => ({
    alongMm: besideHousings(mm, sides),
    acrossMm: (wallMm - inMm) / 2,
  }));
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

/** A place along a side, or the nearest one below a housing that is cut there. Millimetres. */
function besideHousings(mm: number, sides: readonly Joint[]): number {
  const [from] = sides.flatMap((joint) =>
    joint.kind === 'housed'
      ? joint.atMm.filter((at) => mm > at - BESIDE_HOUSING_MM && mm < at + joint.wideMm + BESIDE_HOUSING_MM)
      : [],
  );
  return from === undefined ? mm : from - BESIDE_HOUSING_MM;
}
const BESIDE_HOUSING_MM = 8;

/** Trim pinned to the front edges of the box all round, over the middle of what it covers of each. */
export function boxTrimPins(box: CavityBox, { wallMm, trim, trimThickMm }: BoxBoards): Fastening[] {
  const deep = boxBoardsDeep(box);
  if (deep <= 0) return [];
  const reveal = trim.reveal.mm;
  // From the trim's inner edge: the wall shows by the reveal, the rest of it is under the trim.
  const covers = Math.min(wallMm - reveal, trim.width.mm);
  const inMm = (covers > 0 ? covers : trim.width.mm) / 2;
  const trimmed = TRIMMED.filter(({ id }) => trim.foot !== false || id !== 'trim-foot');
  return trimmed.map(({ id, into, inner }): Fastening => ({
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
    ...(box.backMm > 0 ? [backPanel(box, wide, high, wallMm)] : []),
    ...trimOf(box, { wide: inside(wide), high: inside(high), deep }, boards),
  ];
}

interface Clear {
  /** The box's clear opening. */
  readonly wide: Figure;
  readonly high: Figure;
  readonly deep: number;
}

/**
 * Trim about the face of a box: all round, mitred at every corner; or at both sides and the top, its uprights square
 * at the bottom of the box.
 */
function trimOf(
  box: CavityBox,
  { wide, high, deep }: Clear,
  { wallMm, trim, trimThickMm, tape }: BoxBoards,
): PartSpec[] {
  const { width: wishedMm, reveal } = trim;
  const isFooted = trim.foot !== false;
  const [left, right] = [box.seat.acrossMm, box.seat.acrossMm + box.width.mm];
  const pointed = (from: Figure, times: 1 | 2) =>
    plus(
      plus(from, message(times === 2 ? 'term.reveals' : 'term.reveal'), times * reveal.mm),
      message(times === 2 ? 'term.trimWidths' : 'term.oneTrimWidth'),
      times * wishedMm.mm,
    );
  const acrossLong = pointed(wide, 2);
  const upLong = isFooted ? pointed(high, 2) : pointed(plus(high, message('term.boxBottom'), wallMm), 1);
  // As it is cut: what the tape rounds up to goes into the reveal.
  const cutMm = (long: Figure) => toTape(long, tape, 'up').mm;
  const middle = { acrossMm: (left + right) / 2, upMm: box.seat.upMm + box.height.mm / 2 };
  const footMm = isFooted ? middle.upMm - cutMm(upLong) / 2 : box.seat.upMm;
  const headMm = footMm + cutMm(upLong);
  const half = cutMm(acrossLong) / 2;
  const outer: Across = { fromMm: middle.acrossMm - half, toMm: middle.acrossMm + half };
  const shared = {
    shelf: NO_SHELF,
    role: 'trim',
    thicknessMm: trimThickMm,
    width: figure({ label: message('term.trimWidth'), mm: wishedMm.mm }),
  } as const;
  const front = { outFrom: deep, outTo: deep + trimThickMm };
  // One cut short is lost, one a hair long hides in the reveal.
  const given = (long: Figure) => ({ kind: 'given', figure: long, rounded: 'up' }) as const;
  const upright = (id: 'trim-left' | 'trim-right', label: string, name: Message, longEdge: LongEdge): PartSpec => ({
    ...shared,
    id,
    label,
    name,
    place: { ...front, upFrom: footMm, upTo: headMm },
    across:
      id === 'trim-left'
        ? { fromMm: outer.fromMm, toMm: outer.fromMm + wishedMm.mm }
        : { fromMm: outer.toMm - wishedMm.mm, toMm: outer.toMm },
    upright: true,
    length: given(upLong),
    joints: [{ kind: isFooted ? 'mitred' : 'mitred-one', longEdge }],
  });
  const level = (id: string, label: string, name: Message, longEdge: LongEdge, upFrom: number): PartSpec => ({
    ...shared,
    id,
    label,
    name,
    place: { ...front, upFrom, upTo: upFrom + wishedMm.mm },
    across: outer,
    length: given(acrossLong),
    joints: [{ kind: 'mitred', longEdge }],
  });
  return [
    upright('trim-left', 'TL', message('part.trim.left'), 'lower'),
    upright('trim-right', 'TR', message('part.trim.right'), 'upper'),
    level('trim-head', 'TT', message('part.trim.head'), 'upper', headMm - wishedMm.mm),
    ...(isFooted ? [level('trim-foot', 'TB', message('part.trim.foot'), 'lower', footMm)] : []),
  ];
}

/** The panel at the back of a box: as high as all of it; as wide as all of it, or into a rebate of either side. */
function backPanel(box: CavityBox, wide: Figure, high: Figure, wallMm: number): PartSpec {
  const { backMm, seat, width, height, rebated } = box;
  const inMm = panelIn(box, wallMm);
  return {
    shelf: NO_SHELF,
    id: 'box-back',
    role: 'back-panel',
    name: message('part.backPanel'),
    label: 'BK',
    thicknessMm: backMm,
    width: rebated ? less(wide, message('term.rebateEdges'), 2 * inMm) : wide,
    place: { upFrom: seat.upMm, upTo: seat.upMm + height.mm, outFrom: 0, outTo: backMm },
    across: { fromMm: seat.acrossMm + inMm, toMm: seat.acrossMm + width.mm - inMm },
    upright: true,
    length: { kind: 'given', figure: high, rounded: 'down' },
  };
}

/** A size of the box as one term, with the readings it rests on. */
function outside(size: Figure | null, code: 'term.boxWidth' | 'term.boxHeight' | 'term.boxDepth'): Figure {
  const readings = [...new Set(size?.terms.flatMap((term) => term.readings ?? []))];
  return figure({ label: message(code), mm: size?.mm ?? 0, readings });
}
