import type { StockItem } from '../catalogue';
import { finishLines } from './finish';
import { glueLines, veneerLines } from './glue';
import { hardwareLine, smallLines } from './hardware';
import type { ShoppingInput } from './input';
import { lineWriter, type ShoppingLine } from './line';
import { spareOf, woodLine } from './wood';

export type { ShoppingInput, ShoppingLine };

export interface Shopping {
  readonly lines: readonly ShoppingLine[];
  readonly total: number;
  /** One board more than is needed, of which the largest piece could be cut again; null where nothing is bought. */
  readonly spare: { readonly item: StockItem; readonly price: number } | null;
}

/**
 * Everything that is brought home once: wood by the cutting, hardware in packs, what it is glued and finished with,
 * less what there is.
 */
export function shoppingFor(input: ShoppingInput): Shopping {
  const { job, plan, cutting } = input;
  const line = lineWriter(job.stock);
  const lines = [
    ...cutting.buy.map((bought) => woodLine(bought, job.stock)),
    ...plan.needed.map((needed) => hardwareLine(line, needed)),
    ...smallLines(line, plan),
    ...glueLines(line, input),
    ...veneerLines(line, input),
    ...finishLines(line, input),
  ];
  return { lines, total: lines.reduce((sum, { price }) => sum + price, 0), spare: spareOf(cutting) };
}
