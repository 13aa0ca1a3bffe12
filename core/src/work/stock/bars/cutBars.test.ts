import fc from 'fast-check';
import { loadedSolver } from '../testing';
import { cutBars, type BarKind, type CutBars, type CutBarsInput } from '.';
import { bestFill, fillsWorth } from './patterns';

const bar = (lengthMm: number, price = 10, more: Partial<BarKind> = {}): BarKind => ({
  id: `bar-${lengthMm}`,
  lengthMm,
  price,
  yields: 1,
  available: null,
  ...more,
});
const plain = { kerfMm: 0, trimMm: 0, keepMm: 300 };
const wanted = (...all: [mm: number, count: number][]) =>
  all.map(([lengthMm, count]) => ({ id: `${lengthMm}`, lengthMm, count }));
const cut = async (input: CutBarsInput) => cutBars(input, await loadedSolver());

/** What is cut of each length, over all bars. */
function tally({ bars }: CutBars): Record<string, number> {
  const counts: Record<string, number> = {};
  bars.flatMap((cutBar) => cutBar.pieces).forEach((id) => (counts[id] = (counts[id] ?? 0) + 1));
  return counts;
}

describe('kerfs', () => {
  // Three of 800 make 2400 exactly; with two kerfs of 3 they take 2406.
  test('three pieces that fit without kerf do not with it', async () => {
    const three = { wanted: wanted([800, 3]), kinds: [bar(2400)] };
    expect((await cut({ ...plain, ...three })).bars).toHaveLength(1);
    expect((await cut({ ...plain, ...three, kerfMm: 3 })).bars).toHaveLength(2);
  });

  test('a last piece needs no kerf behind it', async () => {
    const { bars } = await cut({ ...plain, wanted: wanted([798, 3]), kinds: [bar(2400)], kerfMm: 3 });
    expect(bars).toHaveLength(1);
    expect(bars[0]?.leftMm).toBe(0);
  });

  test('what is squared off the first end is not there to be cut', async () => {
    const { bars } = await cut({ ...plain, wanted: wanted([798, 3]), kinds: [bar(2400)], kerfMm: 3, trimMm: 1 });
    expect(bars).toHaveLength(2);
  });
});

describe('what is bought', () => {
  // 2 × 1000 and 2 × 700: one of 2000 and one of 1500 for 33; two of 2000 for 40; the four also go into 3 of 1500 for
  // 39.
  test('the cheapest mixture of lengths, not the fewest bars', async () => {
    const kinds = [bar(2000, 20), bar(1500, 13)];
    const { price, bars, proven } = await cut({ ...plain, wanted: wanted([1000, 2], [700, 2]), kinds });
    expect(price).toBe(33);
    expect(bars.map((cutBar) => cutBar.kind).sort()).toEqual(['bar-1500', 'bar-2000']);
    expect(proven).toBe(true);
  });

  test('at one price the shorter', async () => {
    const { bars } = await cut({ ...plain, wanted: wanted([1000, 1]), kinds: [bar(2400, 9), bar(1200, 9)] });
    expect(bars.map((cutBar) => cutBar.kind)).toEqual(['bar-1200']);
  });

  test('what is on the rack before anything is bought', async () => {
    const rack = bar(1100, 0, { available: 1 });
    const { bars, price } = await cut({ ...plain, wanted: wanted([1000, 2]), kinds: [bar(1200, 9), rack] });
    expect(price).toBe(9);
    expect(bars.map((cutBar) => cutBar.kind).sort()).toEqual(['bar-1100', 'bar-1200']);
  });

  test('a board ripped into three counts once for three strips', async () => {
    const { price, bars } = await cut({ ...plain, wanted: wanted([1000, 5]), kinds: [bar(2000, 12, { yields: 3 })] });
    expect(price).toBe(12);
    expect(bars).toHaveLength(3);
  });

  test('nothing costs nothing: the least length is taken', async () => {
    const { bars, price } = await cut({ ...plain, wanted: wanted([500, 2]), kinds: [bar(3000, 0), bar(1000, 0)] });
    expect(price).toBe(0);
    expect(bars.map((cutBar) => cutBar.kind)).toEqual(['bar-1000']);
  });
});

describe('what cannot be had', () => {
  test('a piece longer than any bar is named, the others are cut', async () => {
    const result = await cut({ ...plain, wanted: wanted([2600, 1], [1000, 1]), kinds: [bar(2400)] });
    expect(result.missing).toEqual(['2600']);
    expect(tally(result)).toEqual({ 1000: 1 });
  });

  test('of what there is too little, what is not cut is named, once for each piece', async () => {
    const result = await cut({ ...plain, wanted: wanted([1000, 3]), kinds: [bar(2400, 5, { available: 1 })] });
    expect(result.missing).toEqual(['1000']);
    expect(tally(result)).toEqual({ 1000: 2 });
  });

  test('none in the shop is none', async () => {
    const result = await cut({ ...plain, wanted: wanted([1000, 1]), kinds: [bar(2400, 5, { available: 0 })] });
    expect(result).toMatchObject({ bars: [], missing: ['1000'], price: 0 });
  });
});

test('one rest worth keeping rather than two that are not', async () => {
  // 3500 of 4000: 500 are left, in one bar where the other is full, 250 in both where they are cut alike.
  const { bars } = await cut({ ...plain, wanted: wanted([900, 2], [600, 2], [250, 2]), kinds: [bar(2000)] });
  const kept = bars.map((cutBar) => cutBar.leftMm).filter((mm) => mm >= 300);
  expect(bars).toHaveLength(2);
  expect(Math.max(...kept)).toBe(500);
});

test('every piece is cut exactly once, no bar is overfull, the price is at least its bound', async () => {
  const solver = await loadedSolver();
  const length = fc.integer({ min: 40, max: 700 });
  const input = fc.record({
    lengths: fc.uniqueArray(length, { minLength: 1, maxLength: 8 }),
    counts: fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 8, maxLength: 8 }),
    bars: fc.uniqueArray(fc.integer({ min: 700, max: 2400 }), { minLength: 1, maxLength: 3 }),
    prices: fc.array(fc.integer({ min: 0, max: 40 }), { minLength: 3, maxLength: 3 }),
    kerfMm: fc.integer({ min: 0, max: 5 }),
    rack: fc.option(fc.integer({ min: 300, max: 1200 }), { nil: null }),
  });
  fc.assert(
    fc.property(input, ({ lengths, counts, bars, prices, kerfMm, rack }) => {
      const kinds = [
        ...bars.map((mm, i) => bar(mm, prices[i]! / 2)),
        ...(rack === null ? [] : [{ ...bar(rack, 0, { available: 1 }), id: 'rack' }]),
      ];
      const all = lengths.map((mm, i): [number, number] => [mm, counts[i]!]);
      const result = cutBars({ wanted: wanted(...all), kinds, kerfMm, trimMm: 0, keepMm: 200 }, solver);
      expect(result.missing).toEqual([]);
      expect(tally(result)).toEqual(Object.fromEntries(all));
      for (const one of result.bars) {
        const taken = one.pieces.reduce((sum, id) => sum + Number(id) + kerfMm, 0);
        expect(taken).toBeLessThanOrEqual(kinds.find((kind) => kind.id === one.kind)!.lengthMm + kerfMm + 1e-6);
      }
      expect(result.bars.filter((cutBar) => cutBar.kind === 'rack').length).toBeLessThanOrEqual(1);
      expect(result.price).toBeGreaterThanOrEqual(result.boundPrice - 1e-9);
      if (result.proven) expect(result.price).toBeCloseTo(result.boundPrice, 9);
    }),
    { numRuns: 40 },
  );
});

test('no other way is cheaper: every way to share out few pieces is tried', async () => {
  const solver = await loadedSolver();
  const pieces = fc.array(fc.integer({ min: 100, max: 900 }), { minLength: 1, maxLength: 6 });
  fc.assert(
    fc.property(pieces, fc.integer({ min: 3, max: 9 }), (lengths, price) => {
      const kinds = [bar(1000, 5), bar(1700, price)];
      const list = lengths.map((lengthMm, i) => ({ id: `p${i}`, lengthMm, count: 1 }));
      const result = cutBars({ wanted: list, kinds, kerfMm: 3, trimMm: 0, keepMm: 300 }, solver);
      expect(result.price).toBeCloseTo(cheapestByHand(lengths, kinds, 3), 9);
      expect(result.proven).toBe(true);
    }),
    { numRuns: 40 },
  );
});

/** The cheapest of all partitions of some pieces. */
function cheapestByHand(lengths: readonly number[], kinds: readonly BarKind[], kerfMm: number): number {
  const costOf = (taken: number) =>
    Math.min(Infinity, ...kinds.filter((kind) => taken <= kind.lengthMm + kerfMm).map((kind) => kind.price));
  const share = (at: number, bins: readonly number[]): number => {
    if (at === lengths.length) return bins.reduce((sum, taken) => sum + costOf(taken), 0);
    const piece = lengths[at]! + kerfMm;
    const into = bins.map((taken, i) =>
      share(
        at + 1,
        bins.map((bin, j) => (j === i ? taken + piece : bin)),
      ),
    );
    return Math.min(share(at + 1, [...bins, piece]), ...into);
  };
  return share(0, []);
}

describe('fillings of one bar', () => {
  const fill = { takes: [5, 4, 3], most: [2, 2, 2], room: 10 };

  // 4 + 3 + 3 fill it to the full and are worth 9; 5 + 5 are worth 8, 5 + 4 only 8.
  test('the most valuable', () => expect(bestFill(fill, [4, 4, 2.5])).toEqual({ counts: [0, 1, 2], worth: 9 }));

  test('all that are worth enough, each as full as can be', () => {
    const found = fillsWorth(fill, [4, 4, 2.5], 8, 100);
    expect(found?.map((one) => one.join()).sort()).toEqual(['0,1,2', '1,1,0', '2,0,0', '0,2,0'].sort());
  });

  test('too many are not listed', () => expect(fillsWorth(fill, [4, 4, 2.5], 0, 2)).toBeNull());
});
