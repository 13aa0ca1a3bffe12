import type { StockItem } from './catalogue';
import type { Blank, GlueUp } from './blanks';
import { grouped } from './grouped';
import type { CutNode } from './sheets';
import type { Problem } from '../../base/problem';

/** A board or a sheet, and what is cut from it: parts of the tree are blanks by their ids. */
export interface Layout {
  readonly id: string;
  readonly group: string;
  readonly from: 'shop' | 'rack' | 'bench';
  readonly item: StockItem;
  /** What is cut off before anything is measured: the first end of a board; every edge of a sheet. Millimetres. */
  readonly trimMm: number;
  /** In the frame of what is left after trimming: x along, y across; every row in the order it is cut in. */
  readonly tree: CutNode;
}

/** Everything that is cut from stock of one kind, and how well. */
export interface CuttingGroup {
  readonly id: string;
  readonly kind: 'bars' | 'sheets';
  readonly material: string;
  readonly thicknessMm: number;
  /** Width of the section; 0 for sheets. */
  readonly widthMm: number;
  readonly price: number;
  /** No way to cut these from what can be had costs less. */
  readonly boundPrice: number;
  readonly proven: boolean;
  /** What part of the wood that is bought or used becomes parts. */
  readonly usedShare: number;
  readonly planedFromMm: number | null;
}

export interface Bought {
  readonly item: StockItem;
  readonly count: number;
}

/** How the parts of a job are cut from what can be had. Plain data; it survives JSON. */
export interface Cutting {
  readonly groups: readonly CuttingGroup[];
  readonly layouts: readonly Layout[];
  readonly blanks: readonly Blank[];
  readonly glueUps: readonly GlueUp[];
  readonly buy: readonly Bought[];
  readonly price: number;
  readonly boundPrice: number;
  readonly problems: readonly Problem[];
}

/** What is bought for layouts, the same things counted together. */
export function boughtOf(layouts: readonly Layout[]): Bought[] {
  const bought = layouts.filter((layout) => layout.from === 'shop');
  return grouped(bought, (layout) => layout.item.id).map((all) => ({ item: all[0]!.item, count: all.length }));
}
