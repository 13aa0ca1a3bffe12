import type { Blank } from './blanks';
import type { StockItem } from './catalogue';
import type { CarryLimit, CutNode, Rect } from './sheets';

/** Whether a board can be carried away whole. */
export const fitsCar = ({ lengthMm, widthMm }: Pick<StockItem, 'lengthMm' | 'widthMm'>, limit: CarryLimit | null) =>
  !limit || (lengthMm <= Math.max(limit.lengthMm, limit.widthMm) && widthMm <= Math.max(limit.lengthMm, limit.widthMm));

interface BarTree {
  readonly item: Pick<StockItem, 'lengthMm' | 'widthMm'>;
  /** Blanks of each strip, in order from the squared end. */
  readonly rows: readonly (readonly Blank[])[];
  readonly trimMm: number;
  readonly kerfMm: number;
}

/**
 * A board as a tree of cuts: ripped into strips where it gives several or is too wide, each cut across into its pieces.
 */
export function barTree({ item, rows, trimMm, kerfMm }: BarTree): CutNode {
  const whole: Rect = { xMm: 0, yMm: 0, lengthMm: item.lengthMm - trimMm, widthMm: item.widthMm };
  const widthMm = rows[0]?.[0]?.widthMm ?? item.widthMm;
  // As wide as it comes: nothing is ripped.
  if (Math.abs(item.widthMm - widthMm) <= 0.6 || widthMm > item.widthMm) return across(whole, rows[0] ?? [], kerfMm);
  const pieces: CutNode[] = [];
  let y = 0;
  for (const row of rows) {
    pieces.push(across({ ...whole, yMm: y, widthMm }, row, kerfMm));
    y += widthMm + kerfMm;
  }
  if (whole.widthMm - y > 1e-6) pieces.push({ ...whole, yMm: y, widthMm: whole.widthMm - y, kind: 'rest' });
  return pieces.length === 1 && pieces[0]!.widthMm === whole.widthMm
    ? pieces[0]!
    : { ...whole, kind: 'cut', way: 'rip', pieces };
}

function across(strip: Rect, row: readonly Blank[], kerfMm: number): CutNode {
  const pieces: CutNode[] = [];
  let x = strip.xMm;
  const end = strip.xMm + strip.lengthMm;
  for (const blank of row) {
    pieces.push({ ...strip, xMm: x, lengthMm: blank.lengthMm, kind: 'part', part: blank.id, turned: false });
    x += blank.lengthMm + kerfMm;
  }
  if (end - x > 1e-6) pieces.push({ ...strip, xMm: x, lengthMm: end - x, kind: 'rest' });
  if (pieces.length === 1 && pieces[0]!.kind === 'rest') return pieces[0]!;
  return { ...strip, kind: 'cut', way: 'cross', pieces };
}

/**
 * The tree with the pieces of every cut in order of size, what is left over last: so that one setting serves all of a
 * size and everything is measured from the reference edge.
 */
export function ordered(node: CutNode, kerfMm: number): CutNode {
  if (node.kind !== 'cut') return node;
  const along = node.way === 'cross';
  const size = (rect: Rect) => (along ? rect.lengthMm : rect.widthMm);
  const rank = (cutNode: CutNode) => (cutNode.kind === 'rest' ? 1 : 0);
  const sorted = node.shop ? node.pieces : [...node.pieces].sort((a, b) => rank(a) - rank(b) || size(b) - size(a));
  let at = along ? node.xMm : node.yMm;
  const pieces = sorted.map((cutNode) => {
    const moved = shifted(cutNode, along ? at - cutNode.xMm : 0, along ? 0 : at - cutNode.yMm);
    at += size(cutNode) + kerfMm;
    return ordered(moved, kerfMm);
  });
  return { ...node, pieces };
}

function shifted(node: CutNode, dx: number, dy: number): CutNode {
  const moved = { ...node, xMm: node.xMm + dx, yMm: node.yMm + dy };
  return moved.kind === 'cut' ? { ...moved, pieces: moved.pieces.map((piece) => shifted(piece, dx, dy)) } : moved;
}
