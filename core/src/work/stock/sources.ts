import type { Blank } from './blanks';
import type { StockItem } from './catalogue';

/** What a group of blanks can be cut from, and what has to be done for it. */
export interface Sources {
  readonly items: readonly StockItem[];
  /** Nothing is as thick: what there is is planed down to the blank's thickness. */
  readonly planedFromMm: number | null;
  /** Nothing of this material is sold: what is taken for it. */
  readonly instead: string | null;
  /** Real thickness against what was planned, where they differ by more than can be left alone. */
  readonly reallyMm: number | null;
}

/** Sizes that agree so well are the same: a board may be a little under or over its name. Millimetres. */
const SAME_MM = 1.3;
/** A thickness so far from what was planned shows in housings and heights. Millimetres. */
const NOTABLE_MM = 0.25;
/** A section so much narrower than a blank still does: it is as it comes. Millimetres. */
export const SAME_WIDTH_MM = 0.6;
/** What squaring an end takes at the most, millimetres. */
const SQUARED_MM = 13;
/** The most that is planed away: more is another board. Millimetres. */
const PLANED_MM = 12;

const SOFTWOODS: ReadonlySet<string> = new Set(['pine', 'spruce']);
const SHEETS: ReadonlySet<string> = new Set(['birch-ply', 'softwood-ply', 'osb', 'chipboard', 'mdf']);

/**
 * Whether a blank is cut from sheets: of a material that comes as such, or that is sold as nothing else. A stick is, if
 * a sheet is as thick.
 */
export function fromSheets(blank: Sectioned, items: readonly StockItem[]): boolean {
  const { form, material } = blank;
  if (form === 'rod') return false;
  const of = items.filter((item) => item.material === material);
  const sheets = SHEETS.has(material) || (of.length > 0 && of.every((stockItem) => stockItem.form === 'sheet'));
  if (!sheets || form === 'flat') return sheets;
  return of.some((item) => item.form === 'sheet' && Math.abs(item.thicknessMm - blank.thicknessMm) <= SAME_MM);
}

type Sectioned = Pick<Blank, 'form' | 'material' | 'thicknessMm'>;

/** What the catalogue and the rack have that blanks of one section can be cut from; null where there is nothing. */
export function sourcesFor(blank: Blank, items: readonly StockItem[], leave: ReadonlySet<string>): Sources | null {
  const sheets = fromSheets(blank, items);
  const forms: ReadonlySet<string> = new Set(
    blank.form === 'rod' ? ['rod'] : sheets ? ['sheet'] : ['board', 'strip', 'timber'],
  );
  const fitting = items.filter((item) => forms.has(item.form) && !leave.has(item.id) && item.left !== 0);
  const of = (material: string) => fitting.filter((stockItem) => stockItem.material === material);
  const own = of(blank.material);
  // A stick of another wood does what a stick does; of boards only softwoods stand in for one another.
  const other =
    SOFTWOODS.has(blank.material) || blank.form !== 'flat'
      ? fitting.filter((stockItem) => SOFTWOODS.has(stockItem.material))
      : [];
  const from = atThickness(own, blank, sheets) ?? atThickness(other, blank, sheets);
  if (!from) return null;
  const [first] = from.items;
  return { ...from, instead: first && first.material !== blank.material ? first.material : null };
}

/** A rod may be so much thicker than planned and still lies in its sockets, millimetres. Assumed. */
const THICKER_ROD_MM = 6;

function atThickness(
  items: readonly StockItem[],
  { thicknessMm, widthMm, lengthMm, form }: Blank,
  sheets: boolean,
): Omit<Sources, 'instead'> | null {
  const off = (stockItem: StockItem) => Math.abs(stockItem.thicknessMm - thicknessMm);
  const gives = (item: StockItem) => item.widthMm >= widthMm - SAME_WIDTH_MM && item.lengthMm >= lengthMm + SQUARED_MM;
  // A rod that is thicker bends less: a thinner one is no rod for what this one is to carry.
  const more = form === 'rod' ? THICKER_ROD_MM : SAME_MM;
  const same = items.filter((item) => off(item) <= (item.thicknessMm > thicknessMm ? more : SAME_MM));
  const thicker = items.filter((item) => item.thicknessMm > thicknessMm && item.thicknessMm <= thicknessMm + PLANED_MM);
  const mayPlane = !sheets && form !== 'rod' && !same.some(gives) && thicker.some(gives);
  if (same.length > 0 && !mayPlane) {
    const least = Math.min(...same.map(off));
    const taken = same.filter((stockItem) => off(stockItem) <= least + 0.05);
    const really = taken[0]!.thicknessMm;
    return {
      items: taken,
      planedFromMm: null,
      reallyMm: form !== 'rod' && Math.abs(really - thicknessMm) > NOTABLE_MM ? really : null,
    };
  }
  if (sheets || form === 'rod') return null;
  if (thicker.length === 0) return null;
  // The thinnest that gives it whole, if any does.
  const useful = thicker.some(gives) ? thicker.filter(gives) : thicker;
  const least = Math.min(...useful.map((stockItem) => stockItem.thicknessMm));
  return {
    items: thicker.filter((stockItem) => stockItem.thicknessMm <= least + 0.05),
    planedFromMm: least,
    reallyMm: null,
  };
}

/**
 * Layers of a sheet that come to a thickness: as few as can be, never thinner than what is wanted by more than can be
 * left alone.
 */
export function layersFor(blank: Blank, items: readonly StockItem[]): { count: number; thicknessMm: number } | null {
  const thick = [
    ...new Set(
      items.flatMap((item) => (item.form === 'sheet' && item.material === blank.material ? [item.thicknessMm] : [])),
    ),
  ];
  const ways = thick.flatMap((each) =>
    [2, 3, 4].map((count) => ({ count, thicknessMm: each, over: count * each - blank.thicknessMm })),
  );
  const [best] = ways
    .filter((way) => way.over > -0.6 && way.over < 4)
    .sort((a, b) => a.count - b.count || a.over - b.over);
  return best ? { count: best.count, thicknessMm: best.thicknessMm } : null;
}
