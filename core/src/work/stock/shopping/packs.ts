/** A size something is sold in. */
export interface Pack {
  readonly holds: number;
  readonly price: number;
}

export interface Packed {
  readonly packs: readonly (Pack & { readonly count: number })[];
  readonly price: number;
  readonly holds: number;
}

/**
 * The packs that hold at least so many for the least money, and of equal ones those that hold the most; nothing for
 * nothing. Exact: every number of the larger packs is tried.
 */
export function packsFor(need: number, sizes: readonly Pack[]): Packed {
  const order = [...sizes].sort((a, b) => b.holds - a.holds);
  let best: { counts: number[]; price: number; holds: number } | null = null;
  const search = (at: number, left: number, counts: readonly number[], price: number): void => {
    if (best && price > best.price + 1e-9) return;
    const size = order[at];
    if (left <= 1e-9 || !size) {
      if (left > 1e-9) return;
      const holds = counts.reduce((sum, n, i) => sum + n * order[i]!.holds, 0);
      if (!best || price < best.price - 1e-9 || holds > best.holds) best = { counts: [...counts], price, holds };
      return;
    }
    const most = Math.ceil(left / size.holds - 1e-9);
    const least = at === order.length - 1 ? most : 0;
    for (let n = most; n >= least; n -= 1)
      search(at + 1, left - n * size.holds, [...counts, n], price + n * size.price);
  };
  search(0, need, [], 0);
  const { counts, price, holds } = best ?? { counts: [], price: 0, holds: 0 };
  return { packs: counts.flatMap((count, i) => (count > 0 ? [{ ...order[i]!, count }] : [])), price, holds };
}
