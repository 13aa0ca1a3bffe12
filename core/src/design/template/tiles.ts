import { boxAbout, type Box, type Template } from './template';

/** Sheets to print on, millimetres, upright. */
export const PAPERS = { a4: { width: 210, height: 297 }, letter: { width: 215.9, height: 279.4 } } as const;
export type Paper = keyof typeof PAPERS;

/** Room the printer leaves blank, and what neighbouring pages share. Millimetres. */
export const MARGIN_MM = 12;
export const OVERLAP_MM = 15;
/** About the piece on its sheets. */
const AROUND_MM = 8;

/** One page of a template: the part of it that is seen, and where it goes. */
export interface Tile {
  readonly row: number;
  readonly column: number;
  readonly window: Box;
}

export interface Tiling {
  readonly paper: { readonly width: number; readonly height: number };
  readonly rows: number;
  readonly columns: number;
  readonly tiles: readonly Tile[];
}

/** Cuts a template into pages that overlap, across or upright, whichever takes fewer. Rows from the back edge down. */
export function tilesFor(template: Template, paper: Paper): Tiling {
  const box = boxAbout(template.outline, AROUND_MM);
  const { width, height } = PAPERS[paper];
  const [upright, across] = [tiled(box, width, height), tiled(box, height, width)];
  return across.tiles.length < upright.tiles.length ? across : upright;
}

function tiled(box: Box, width: number, height: number): Tiling {
  const [seenWide, seenHigh] = [width - 2 * MARGIN_MM, height - 2 * MARGIN_MM];
  const many = (size: number, seen: number) => Math.max(1, Math.ceil((size - OVERLAP_MM) / (seen - OVERLAP_MM)));
  const [columns, rows] = [many(box.width, seenWide), many(box.height, seenHigh)];
  const tiles = Array.from({ length: rows * columns }, (_, i): Tile => {
    const [row, column] = [Math.floor(i / columns), i % columns];
    const [x, y] = [box.x + column * (seenWide - OVERLAP_MM), box.y + row * (seenHigh - OVERLAP_MM)];
    return { row, column, window: { x, y, width: seenWide, height: seenHigh } };
  });
  return { paper: { width, height }, rows, columns, tiles };
}
