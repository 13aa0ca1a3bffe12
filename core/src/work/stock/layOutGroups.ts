import type { Job } from '../../job';
import { cutBars, type CutBars, type Effort } from './bars';
import type { Blank } from './blanks';
import type { StockItem } from './catalogue';
import type { CuttingGroup, Layout } from './cuttingPlan';
import { grouped } from './grouped';
import { isFromBench, isFromRack, type Sourced } from './obtain';
import { SAME_WIDTH_MM } from './sources';
import { cutSheets, nodesOf, type CutNode, type SheetEffort } from './sheets';
import type { Solver } from './solve';
import { barTree, ordered } from './trees';

/** What is left on a strip that is ripped out of a wider board, for its second, final rip. Millimetres. */
const RIPPED_MM = 2;

/** Collects layouts. A piece of the rack or the bench is used once. */
export class Laying {
  readonly groups: CuttingGroup[] = [];
  readonly layouts: Layout[] = [];
  readonly taken = new Set<string>();

  readonly isThere = ({ id }: StockItem): boolean => !this.taken.has(id);

  put(layout: Omit<Layout, 'id' | 'from'>): void {
    const { item } = layout;
    const from = isFromRack(item) ? 'rack' : isFromBench(item) ? 'bench' : 'shop';
    this.layouts.push({ id: `L${this.layouts.length + 1}`, from, ...layout });
    if (from !== 'shop') this.taken.add(item.id);
  }
}

export interface LayingOut {
  readonly stock: Job['stock'];
  readonly carry: { readonly lengthMm: number; readonly widthMm: number } | null;
  readonly solver: Solver;
  readonly effort: { readonly bars: Effort; readonly sheets: SheetEffort };
  /** Suffix for the ids of groups laid out a second time. */
  readonly again: string;
}

/** Settings that mean nothing differ in the thousandth: sizes to a hundredth of a millimetre. */
const round = (mm: number) => Math.round(mm * 100) / 100;
/** Key of a section: blanks with the same key are cut from the same boards. */
export const sectionKey = ({ form, material, thicknessMm, widthMm }: Blank): string =>
  [form, material, round(thicknessMm), round(widthMm)].join('/');
/** Key of a sheet: blanks with the same key are cut from the same sheets. */
export const sheetKey = ({ material, thicknessMm }: Blank): string => [material, round(thicknessMm)].join('/');

/** Hands out equal blanks one by one, by the id of the first. */
function waitingRoom(alike: readonly (readonly Sourced[])[]) {
  const waiting = new Map(alike.map((all) => [all[0]!.blank.id, all.map(({ blank }) => blank)]));
  return (id: string): Blank => waiting.get(id)!.shift()!;
}

/**
 * Lays blanks of one section out on boards.
 * @returns blanks without stock
 */
export function layOutBars(
  group: readonly Sourced[],
  laying: Laying,
  { stock, solver, effort, again }: LayingOut,
): Blank[] {
  const { blank: first, sources } = group[0]!;
  const [kerfMm, trimMm] = [stock.kerf.mm, stock.squaring.mm];
  const usable = sources.items
    .filter(laying.isThere)
    .filter((item) => item.widthMm >= first.widthMm - SAME_WIDTH_MM || first.form === 'rod');
  const kinds = usable.map((item) => ({
    id: item.id,
    lengthMm: item.lengthMm,
    price: item.price,
    available: item.left,
    yields: yieldsOf(item, first, kerfMm),
  }));
  const lengths = grouped(group, ({ blank }) => String(round(blank.lengthMm)));
  const wanted = lengths.map((all) => ({
    id: all[0]!.blank.id,
    lengthMm: all[0]!.blank.lengthMm,
    count: all.length,
  }));
  const result = cutBars({ wanted, kinds, kerfMm, trimMm, keepMm: stock.keep.mm }, solver, effort.bars);
  const next = waitingRoom(lengths);
  const id = sectionKey(first) + again;
  const from = laying.layouts.length;
  for (const kind of kinds) {
    const item = usable.find((each) => each.id === kind.id)!;
    const bars = result.bars.filter((bar) => bar.kind === kind.id);
    for (let at = 0; at < bars.length; at += kind.yields) {
      const rows = bars.slice(at, at + kind.yields).map((bar) => bar.pieces.map(next));
      laying.put({ group: id, item, trimMm, tree: ordered(barTree({ item, rows, trimMm, kerfMm }), kerfMm) });
    }
  }
  const ours = laying.layouts.slice(from);
  laying.groups.push(groupOf({ id, kind: 'bars', first, result, ours, planedFromMm: sources.planedFromMm }));
  return result.missing.map(next);
}

/**
 * Lays blanks of one thickness out on sheets; yields progress.
 * @returns blanks without stock
 */
export function* layOutSheets(
  group: readonly Sourced[],
  laying: Laying,
  { stock, carry, solver, effort, again }: LayingOut,
): Generator<number, Blank[]> {
  const { blank: first, sources } = group[0]!;
  const [kerfMm, trimMm] = [stock.kerf.mm, stock.edges.mm];
  const sizes = grouped(group, ({ blank }) => [round(blank.lengthMm), round(blank.widthMm), blank.turn].join('/'));
  const wanted = sizes.map((all) => ({ ...all[0]!.blank, count: all.length }));
  const kinds = sources.items
    .filter(laying.isThere)
    .map(({ id, lengthMm, widthMm, price, left }) => ({ id, lengthMm, widthMm, price, available: left }));
  const result = yield* cutSheets({ wanted, kinds, kerfMm, trimMm, limit: carry, seed: 7 }, solver, effort.sheets);
  const next = waitingRoom(sizes);
  const named = (node: CutNode): CutNode => {
    if (node.kind === 'cut') return { ...node, pieces: node.pieces.map(named) };
    return node.kind === 'part' ? { ...node, part: next(node.part).id } : node;
  };
  const id = sheetKey(first) + again;
  const from = laying.layouts.length;
  for (const sheet of result.sheets) {
    const item = sources.items.find((each) => each.id === sheet.kind)!;
    laying.put({ group: id, item, trimMm, tree: ordered(named(sheet.layout), kerfMm) });
  }
  const ours = laying.layouts.slice(from);
  laying.groups.push(groupOf({ id, kind: 'sheets', first, result, ours, planedFromMm: null }));
  return result.missing.map(next);
}

/** How many strips of a blank's width come out of a board. */
function yieldsOf(item: StockItem, blank: Blank, kerfMm: number): number {
  if (blank.form === 'rod' || Math.abs(item.widthMm - blank.widthMm) <= SAME_WIDTH_MM) return 1;
  return Math.max(1, Math.floor((item.widthMm + kerfMm) / (blank.widthMm + RIPPED_MM + kerfMm) + 1e-9));
}

interface GroupInput {
  readonly id: string;
  readonly kind: CuttingGroup['kind'];
  readonly first: Blank;
  readonly result: Pick<CutBars, 'price' | 'boundPrice' | 'proven'>;
  readonly ours: readonly Layout[];
  readonly planedFromMm: number | null;
}

function groupOf({ id, kind, first, result, ours, planedFromMm }: GroupInput): CuttingGroup {
  const whole = ours.reduce((sum, { item }) => sum + item.lengthMm * item.widthMm, 0);
  const used = ours.reduce((sum, { tree }) => sum + partsArea(tree), 0);
  const { price, boundPrice, proven } = result;
  return {
    id,
    kind,
    material: first.material,
    thicknessMm: first.thicknessMm,
    widthMm: kind === 'bars' ? first.widthMm : 0,
    price,
    boundPrice,
    proven,
    usedShare: whole > 0 ? used / whole : 0,
    planedFromMm,
  };
}

const partsArea = (tree: CutNode): number =>
  nodesOf(tree).reduce((sum, node) => sum + (node.kind === 'part' ? node.lengthMm * node.widthMm : 0), 0);
