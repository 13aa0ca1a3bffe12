import type { Region, StockForm } from '../../job';

/** One line of the catalogue: a section and the lengths it is sold in. Real sizes, millimetres. */
export interface CatalogueRow {
  readonly region: Region;
  readonly form: StockForm;
  /** The materials it is sold in. */
  readonly materials: readonly string[];
  /** What it is called where it is sold: `1 × 4`; in the British region its size says it all. */
  readonly nominal: string | null;
  readonly thicknessMm: number;
  readonly widthMm: number;
  readonly lengthsMm: readonly number[];
  /** What a litre of it costs: a planning price. */
  readonly perLitre: number;
}

const INCH = 25.4;
const feet = (...all: readonly number[]) => all.map((one) => one * 12 * INCH);
const SOFT = ['pine', 'spruce'] as const;

const metric = (
  form: StockForm,
  materials: readonly string[],
  thicknessMm: number,
  widthsMm: readonly number[],
  lengthsMm: readonly number[],
  perLitre: number,
): CatalogueRow[] =>
  widthsMm.map((widthMm) => ({
    region: 'uk',
    form,
    materials,
    nominal: null,
    thicknessMm,
    widthMm,
    lengthsMm,
    perLitre,
  }));

const inch = (
  form: StockForm,
  materials: readonly string[],
  rows: readonly (readonly [nominal: string, thick: number, wide: number])[],
  lengthsMm: readonly number[],
  perLitre: number,
): CatalogueRow[] =>
  rows.map(([nominal, thick, wide]) => ({
    region: 'us',
    form,
    materials,
    nominal,
    thicknessMm: thick * INCH,
    widthMm: wide * INCH,
    lengthsMm,
    perLitre,
  }));

/** A full sheet, its half (across) and its quarter. */
const cutDown = (
  form: StockForm,
  materials: readonly string[],
  region: Region,
  thicknessMm: readonly number[],
  [long, wide]: readonly [number, number],
  perLitre: number,
  nominal: (mm: number) => string | null = () => null,
): CatalogueRow[] =>
  thicknessMm.flatMap((thick) =>
    // A piece of a sheet costs more for its size than the whole.
    (
      [
        [long, wide, 1],
        [long / 2, wide, 1.15],
        [long / 2, wide / 2, 1.3],
      ] as const
    ).map(([lengthMm, widthMm, dearer]) => ({
      region,
      form,
      materials,
      nominal: nominal(thick),
      thicknessMm: thick,
      widthMm: Math.min(widthMm, lengthMm),
      lengthsMm: [Math.max(widthMm, lengthMm)],
      perLitre: perLitre * dearer,
    })),
  );

// Sizes as they are usual in the trade: planed timber and jointed boards by the millimetre (widths after EN 1313-1,
// less planing), dressed lumber by its nominal inches (American Softwood Lumber Standard PS 20, dry), panels as they
// are made. Sanded plywood is a little under its name.
export const CATALOGUE_ROWS: readonly CatalogueRow[] = [
  ...metric('board', ['pine'], 18, [200, 250, 300, 400, 500, 600], [800, 1200, 2000, 2500], 1.85),
  ...metric('board', ['pine'], 22, [200, 300, 400, 600], [1200, 2000, 2500], 1.95),
  ...metric('board', ['pine'], 27, [300, 400, 600], [1200, 2000, 2500], 2.05),
  ...metric('board', ['hardwood'], 19, [200, 300, 400, 600], [1200, 2000, 2500], 4.6),
  ...metric('board', ['hardwood'], 27, [300, 600], [1200, 2000, 2500], 4.8),
  ...metric('board', SOFT, 12, [94, 120, 145], [2400, 3000], 1.5),
  ...metric('board', SOFT, 22, [70, 95, 120, 145, 195], [2400, 3000, 3600, 4200, 4800], 1.35),
  ...metric('strip', SOFT, 12, [20, 30, 45, 60], [2400], 1.9),
  ...metric('strip', SOFT, 20, [20, 27, 30, 45, 65, 95], [2400, 3000, 4200], 1.6),
  ...metric('strip', SOFT, 27, [27, 45, 57, 70, 95], [2400, 3000, 4200], 1.5),
  ...metric('strip', ['hardwood'], 20, [20, 45, 65], [2000, 2400], 4.9),
  ...metric('strip', ['hardwood'], 12, [30, 60], [2000, 2400], 5.2),
  ...metric('timber', SOFT, 30, [45, 70], [2400, 3000, 4200], 0.95),
  ...metric('timber', SOFT, 45, [45, 70, 95, 120, 145, 195], [2400, 3000, 3600, 4200, 4800, 5400], 0.75),
  ...metric('timber', SOFT, 38, [38, 63, 89, 140, 184, 235], [2400, 3000, 3660, 4200, 4800], 0.72),
  ...metric('timber', SOFT, 70, [70], [2400, 3000, 4200], 0.95),
  ...metric('timber', SOFT, 95, [95], [2400, 3000], 1.0),
  ...metric('rod', ['pine', 'hardwood'], 28, [28], [1000, 2000], 6),
  ...metric('rod', ['tube'], 25, [25], [1000, 1500, 2000, 3000], 9),
  ...cutDown('sheet', ['birch-ply'], 'uk', [3, 4, 6.5, 9, 12, 15, 18, 21, 24, 27], [2500, 1250], 1.4),
  ...cutDown('sheet', ['softwood-ply'], 'uk', [9, 12, 15, 18, 21], [2440, 1220], 0.85),
  ...cutDown('sheet', ['osb'], 'uk', [12, 15, 18, 22], [2500, 1250], 0.42),
  ...cutDown('sheet', ['chipboard'], 'uk', [16, 19, 22], [2800, 2070], 0.4),
  ...cutDown('sheet', ['mdf'], 'uk', [3, 6, 10, 12, 16, 18, 19, 22, 25], [2440, 1220], 0.58),
  ...inch(
    'board',
    ['pine'],
    [
      ['1 × 2', 0.75, 1.5],
      ['1 × 3', 0.75, 2.5],
      ['1 × 4', 0.75, 3.5],
      ['1 × 6', 0.75, 5.5],
      ['1 × 8', 0.75, 7.25],
      ['1 × 10', 0.75, 9.25],
      ['1 × 12', 0.75, 11.25],
    ],
    feet(6, 8, 10, 12),
    1.55,
  ),
  ...inch(
    'board',
    ['pine'],
    [
      ['3/4 × 16', 0.75, 15.25],
      ['3/4 × 20', 0.75, 19.25],
      ['3/4 × 24', 0.75, 23.25],
    ],
    feet(4, 6, 8),
    1.9,
  ),
  ...inch(
    'board',
    ['hardwood'],
    [
      ['1 × 2', 0.75, 1.5],
      ['1 × 3', 0.75, 2.5],
      ['1 × 4', 0.75, 3.5],
      ['1 × 6', 0.75, 5.5],
      ['1 × 8', 0.75, 7.25],
      ['1 × 10', 0.75, 9.25],
      ['1 × 12', 0.75, 11.25],
    ],
    feet(4, 6, 8),
    4.8,
  ),
  ...inch(
    'board',
    ['pine', 'hardwood'],
    [
      ['1/2 × 2', 0.5, 1.5],
      ['1/2 × 3', 0.5, 2.5],
      ['1/2 × 4', 0.5, 3.5],
      ['1/2 × 6', 0.5, 5.5],
    ],
    feet(3, 4, 6),
    3.2,
  ),
  ...inch(
    'strip',
    ['pine'],
    [
      ['1/2 × 1', 0.5, 0.75],
      ['1/2 × 2', 0.5, 1.5],
    ],
    feet(6, 8),
    2.1,
  ),
  ...inch(
    'timber',
    SOFT,
    [
      ['2 × 2', 1.5, 1.5],
      ['2 × 3', 1.5, 2.5],
      ['2 × 4', 1.5, 3.5],
      ['2 × 6', 1.5, 5.5],
      ['2 × 8', 1.5, 7.25],
      ['2 × 10', 1.5, 9.25],
      ['2 × 12', 1.5, 11.25],
    ],
    feet(8, 10, 12, 16),
    0.65,
  ),
  ...inch('timber', SOFT, [['4 × 4', 3.5, 3.5]], feet(8, 10), 0.8),
  ...inch('rod', ['pine', 'hardwood'], [['1 1/4', 1.25, 1.25]], feet(4, 6, 8), 5),
  ...inch('rod', ['tube'], [['1 1/8', 1.125, 1.125]], feet(4, 6, 8), 9),
  ...cutDown(
    'sheet',
    ['birch-ply', 'softwood-ply'],
    'us',
    [0.2031, 0.4688, 0.7188].map((one) => one * INCH),
    [96 * INCH, 48 * INCH],
    1.15,
    nameOfPly,
  ),
  ...cutDown(
    'sheet',
    ['osb'],
    'us',
    [0.4375, 0.7188].map((one) => one * INCH),
    [96 * INCH, 48 * INCH],
    0.4,
    nameOfPly,
  ),
  ...cutDown(
    'sheet',
    ['mdf', 'chipboard'],
    'us',
    [0.125, 0.25, 0.5, 0.75].map((one) => one * INCH),
    [97 * INCH, 49 * INCH],
    0.5,
    nameOfPly,
  ),
];

/** Panels are called by the fraction above what they really are. */
function nameOfPly(mm: number): string {
  const inches = mm / INCH;
  return inches > 0.6 ? '3/4' : inches > 0.42 ? '1/2' : inches > 0.16 ? '1/4' : '1/8';
}
