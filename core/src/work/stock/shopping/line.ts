import type { Job } from '../../../job';
import { count, message, volume, type Message } from '../../../base/message';
import type { StockItem } from '../catalogue';
import { packsFor, type Pack } from './packs';

/** One line of what is brought home. */
export interface ShoppingLine {
  /** Stable: ticks, prices and what there is already hang on it. */
  readonly key: string;
  readonly kind: 'wood' | 'hardware' | 'glue' | 'finish';
  readonly what: Message;
  /** How much is needed, and how much of that there is already, in the unit it is counted in. */
  readonly need: number;
  readonly have: number;
  readonly unit: 'each' | 'ml' | 'm';
  readonly packs: readonly {
    readonly key: string;
    readonly what: Message;
    readonly count: number;
    readonly price: number;
  }[];
  readonly price: number;
  readonly priceIs: StockItem['priceIs'];
  /** The shop has fewer than this takes. */
  readonly short: boolean;
}

/** Goods sold in packs. */
interface Packaged {
  readonly key: string;
  readonly kind: ShoppingLine['kind'];
  readonly what: Message;
  readonly need: number;
  readonly unit: ShoppingLine['unit'];
  readonly sizes: readonly Pack[];
  readonly packName: (holds: number) => Message;
}

/** Makes a line for goods sold in packs: covers what is missing at the least cost. */
export type Line = (packaged: Packaged) => ShoppingLine;

/** Returns the line maker of a job; it knows owned amounts and typed prices. */
export function lineWriter({ have, prices }: Pick<Job['stock'], 'have' | 'prices'>): Line {
  const there = new Map(have.map((entry) => [entry.what, entry.count]));
  const typed = new Map(prices.map((entry) => [entry.item, entry]));
  return ({ key, kind, what, need, unit, sizes, packName }) => {
    const packKey = ({ holds }: Pack) => `${key}:${holds}`;
    const priced = sizes.map((size) => ({ ...size, price: typed.get(packKey(size))?.price ?? size.price }));
    const owned = there.get(key) ?? 0;
    const { packs, price } = packsFor(need - Math.min(owned, need), priced);
    return {
      key,
      kind,
      what,
      need,
      have: owned,
      unit,
      packs: packs.map((pack) => ({
        key: packKey(pack),
        what: packName(pack.holds),
        count: pack.count,
        price: pack.price,
      })),
      price,
      priceIs: packs.some((pack) => typed.has(packKey(pack))) ? 'shop' : 'planning',
      short: packs.some((pack) => (typed.get(packKey(pack))?.left ?? Infinity) < pack.count),
    };
  };
}

/** Usual packs with planning prices; larger packs cost less per item. */
export const packed = (sizes: readonly number[], each: number): Pack[] =>
  sizes.map((holds) => ({ holds, price: Math.max(0.5, Math.round(10 * each * holds ** 0.85) / 10) }));

/**
 * Name of a pack.
 * @param holds how many are in it
 */
export const packOf = (holds: number): Message =>
  holds === 1 ? message('buy.each') : message('buy.pack', { count: count(holds) });

/** Name of a tin by the millilitres it holds. */
export const tinOf = (holds: number): Message => message('buy.tin', { size: volume(holds) });
