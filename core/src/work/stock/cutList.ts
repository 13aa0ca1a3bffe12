import type { Body } from '../../design/body';
import type { Solid } from '../../design/body/solid';
import type { Part } from '../../design/fit';
import { shapeKey } from '../../design/shaping/shapeKey';
import { NO_SHELF } from '../../design/system/system';
import { grouped } from './grouped';

/** Pieces that come off one setting: the same section and the same length. */
export interface CutRow {
  readonly lengthMm: number;
  readonly count: number;
  /** What to pencil on each, lowest shelf first. */
  readonly labels: readonly string[];
  readonly shelves: readonly number[];
  readonly partIds: readonly string[];
}

/** Everything of one section: what comes from one kind of board. */
export interface CutGroup {
  readonly thicknessMm: number;
  readonly widthMm: number;
  readonly totalLengthMm: number;
  readonly rows: readonly CutRow[];
}

// Lengths and sections that agree to a hundredth of a millimetre are one setting.
const key = (...mm: readonly number[]) => mm.map((value) => Math.round(value * 100)).join('x');

/** Pieces of one length and with the same ends come off one setting. */
const settingOf = (part: Part, solid: Solid | undefined) =>
  [key(part.length.mm), solid ? shapeKey(solid) : '', isScribed(part) ? part.id : ''].join('/');

/** Pieces with scribed ends are each their own, however alike their walls are. */
const isScribed = ({ fit }: Part) => fit?.left.style === 'scribed' || fit?.right.style === 'scribed';

/**
 * The cut list: parts grouped by section (widest first), within it by length (longest first).
 */
export function cutList(parts: readonly Part[], { pieces }: Pick<Body, 'pieces'>): CutGroup[] {
  const solids = new Map(pieces.map(({ id, solid }) => [id, solid]));
  const sections = grouped(parts, (part) => key(part.thicknessMm, part.width.mm));
  return sections
    .map((alike): CutGroup => {
      const rows = grouped(alike, (part) => settingOf(part, solids.get(part.id)))
        .map(cutRow)
        .sort((a, b) => b.lengthMm - a.lengthMm);
      const [first] = alike;
      return {
        thicknessMm: first?.thicknessMm ?? 0,
        widthMm: first?.width.mm ?? 0,
        totalLengthMm: rows.reduce((sum, row) => sum + row.count * row.lengthMm, 0),
        rows,
      };
    })
    .sort((a, b) => b.widthMm - a.widthMm || b.thicknessMm - a.thicknessMm);
}

function cutRow(pieces: readonly Part[]): CutRow {
  return {
    lengthMm: pieces[0]?.length.mm ?? 0,
    count: pieces.length,
    labels: pieces.map((part) => part.label),
    shelves: [...new Set(pieces.map((part) => part.shelf))].filter((shelf) => shelf !== NO_SHELF),
    partIds: pieces.map((part) => part.id),
  };
}
