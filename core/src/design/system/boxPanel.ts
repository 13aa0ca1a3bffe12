import { less, type Figure } from '../../base/figure';
import { message } from '../../base/message';
import type { CavityBox } from '../../place/opening';
import { boxBoardsDeep, type BoxBoards } from './boxBoards';
import { NO_SHELF, type Fastening, type Joint, type PartSpec } from './system';

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

/** The panel at the back of a box: as high as all of it; as wide as all of it, or into a rebate of either side. */
export function boxPanel(box: CavityBox, wide: Figure, high: Figure, wallMm: number): PartSpec {
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
