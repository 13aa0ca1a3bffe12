import type { Job } from '../../../job';
import { length, message, nested } from '../../../base/message';
import type { StockItem } from '../catalogue';
import type { Bought } from '../cuttingPlan';
import type { ShoppingInput } from './input';
import type { ShoppingLine } from './line';

/** Line for boards or sheets, less those already owned. */
export function woodLine({ item, count: need }: Bought, { have }: Pick<Job['stock'], 'have'>): ShoppingLine {
  const owned = have.filter(({ what }) => what === item.id).at(-1)?.count ?? 0;
  const missing = need - Math.min(owned, need);
  const size = { item: nested(item.name), long: length(item.lengthMm) };
  const what =
    item.form === 'sheet' ? message('buy.sheet', { ...size, wide: length(item.widthMm) }) : message('buy.board', size);
  return {
    key: item.id,
    kind: 'wood',
    what,
    need,
    have: owned,
    unit: 'each',
    packs: missing > 0 ? [{ key: item.id, what: message('buy.each'), count: missing, price: item.price }] : [],
    price: missing * item.price,
    priceIs: item.priceIs,
    short: item.left !== null && item.left < missing,
  };
}

/**
 * Spare board to buy: the cheapest from which the largest piece of the dearest kind can be cut again; null when nothing
 * is bought.
 */
export function spareOf({ buy, groups, layouts }: ShoppingInput['cutting']): { item: StockItem; price: number } | null {
  const [dearest] = [...groups].sort((a, b) => b.price - a.price);
  if (!dearest) return null;
  const ours = layouts.filter(({ group }) => group === dearest.id);
  const areaOf = ({ lengthMm, widthMm }: StockItem) => lengthMm * widthMm;
  const largest = Math.max(0, ...ours.map(({ item }) => areaOf(item)));
  const [spare] = buy
    .map(({ item }) => item)
    .filter((item) => ours.some((layout) => layout.item.id === item.id) && areaOf(item) >= largest - 1)
    .sort((a, b) => a.price - b.price);
  return spare ? { item: spare, price: spare.price } : null;
}
