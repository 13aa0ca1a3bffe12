import fc from 'fast-check';
import { atOnce, loadedSolver } from '../testing';
import { cutSheets, cutFaults, nodesOf, partsOn, type CutSheetsInput, type SheetKind, type WantedPanel } from '.';
import { sheetsByFunctions } from './bound';
import { carried } from './fill';

const sheet = (lengthMm: number, widthMm: number, price = 50, more: Partial<SheetKind> = {}): SheetKind => ({
  id: `${lengthMm}x${widthMm}`,
  lengthMm,
  widthMm,
  price,
  available: null,
  ...more,
});
const panel = (lengthMm: number, widthMm: number, count = 1, turn = false): WantedPanel => ({
  id: `${lengthMm}x${widthMm}${turn ? 't' : ''}`,
  lengthMm,
  widthMm,
  count,
  turn,
});
const plain = { kerfMm: 0, trimMm: 0, limit: null, seed: 1 };
const cut = async (input: CutSheetsInput) => atOnce(cutSheets(input, await loadedSolver()));

describe('half a sheet is not half of it', () => {
  const halves = { wanted: [panel(2440, 610, 2)], kinds: [sheet(2440, 1220)] };
  test('without a kerf two halves come of one', async () =>
    expect((await cut({ ...plain, ...halves })).sheets).toHaveLength(1));
  test('with one they do not', async () =>
    expect((await cut({ ...plain, ...halves, kerfMm: 3 })).sheets).toHaveLength(2));
  test('nor where the edges are trimmed', async () =>
    expect((await cut({ ...plain, ...halves, trimMm: 5 })).missing).toHaveLength(2));
});

test('the grain is kept: what lies along does not turn to fit', async () => {
  const across = { wanted: [panel(900, 2000)], kinds: [sheet(2440, 1220)] };
  expect((await cut({ ...plain, ...across })).missing).toEqual(['900x2000']);
  const free = await cut({ ...plain, ...across, wanted: [panel(900, 2000, 1, true)] });
  expect(free.missing).toEqual([]);
  expect(partsOn(free.sheets[0]!.layout)).toMatchObject([{ turned: true, lengthMm: 2000, widthMm: 900 }]);
});

test('a half sheet is bought where it is enough, and what is on the rack before it', async () => {
  const kinds = [sheet(2440, 1220, 60), sheet(1220, 1220, 35)];
  expect(await cut({ ...plain, wanted: [panel(1100, 300, 3)], kinds })).toMatchObject({ price: 35, proven: true });
  const rack = sheet(1200, 700, 0, { id: 'rack', available: 1 });
  const used = await cut({ ...plain, wanted: [panel(1100, 300, 4)], kinds: [...kinds, rack] });
  expect(used.price).toBe(35);
  expect(used.sheets.map((cutSheet) => cutSheet.kind).sort()).toEqual(['1220x1220', 'rack']);
});

test('none in the shop, and one too few, are named', async () => {
  const few = await cut({ ...plain, wanted: [panel(2000, 1000, 2)], kinds: [sheet(2440, 1220, 50, { available: 1 })] });
  expect(few.missing).toEqual(['2000x1000']);
  const none = await cut({ ...plain, wanted: [panel(200, 100)], kinds: [sheet(2440, 1220, 50, { available: 0 })] });
  expect(none).toMatchObject({ sheets: [], missing: ['200x100'] });
});

describe('what fits into the car', () => {
  const limit = { lengthMm: 1500, widthMm: 900 };
  test('the shop cuts first, and nothing larger leaves it', async () => {
    const { sheets, missing } = await cut({
      ...plain,
      kerfMm: 3,
      wanted: [panel(1200, 300, 6)],
      kinds: [sheet(2440, 1220)],
      limit,
    });
    expect(missing).toEqual([]);
    for (const { layout } of sheets) {
      expect(layout).toMatchObject({ kind: 'cut', shop: true });
      for (const one of nodesOf(layout)) {
        if (one.kind === 'cut' && one.shop) continue;
        const [long, wide] = [Math.max(one.lengthMm, one.widthMm), Math.min(one.lengthMm, one.widthMm)];
        expect(long).toBeLessThanOrEqual(limit.lengthMm + 1e-6);
        expect(wide).toBeLessThanOrEqual(limit.widthMm + 1e-6);
      }
    }
  });
  test('a panel that does not fit into it is named', async () => {
    const { missing } = await cut({ ...plain, wanted: [panel(1600, 300)], kinds: [sheet(2440, 1220)], limit });
    expect(missing).toEqual(['1600x300']);
  });
});

test('every panel is cut once, nothing overlaps, every cut goes straight through with its kerf, the grain is kept', async () => {
  const solver = await loadedSolver();
  const side = fc.integer({ min: 60, max: 1100 });
  const one = fc.record({ long: side, wide: side, count: fc.integer({ min: 1, max: 3 }), turn: fc.boolean() });
  const input = fc.record({
    panels: fc.array(one, { minLength: 1, maxLength: 9 }),
    kerfMm: fc.integer({ min: 0, max: 5 }),
    trimMm: fc.constantFrom(0, 5, 10),
    limit: fc.option(
      fc.record({ lengthMm: fc.integer({ min: 900, max: 2600 }), widthMm: fc.integer({ min: 500, max: 1300 }) }),
      { nil: null },
    ),
    seed: fc.integer({ min: 0, max: 99 }),
  });
  fc.assert(
    fc.property(input, ({ panels, kerfMm, trimMm, limit, seed }) => {
      const wanted = panels.map(({ long, wide, count, turn }, i): WantedPanel => ({
        id: `p${i}`,
        lengthMm: Math.min(long * 2, 2300),
        widthMm: wide,
        count,
        turn,
      }));
      const kinds = [
        sheet(2440, 1220, 60),
        sheet(1220, 1220, 36),
        { ...sheet(1400, 500, 0), id: 'rack', available: 2 },
      ];
      const effort = { rounds: 6, steps: 8000, layouts: 60, nodes: 5, seconds: 1 };
      const result = atOnce(cutSheets({ wanted, kinds, kerfMm, trimMm, limit, seed }, solver, effort));
      const counts = new Map<string, number>();
      for (const { kind, layout } of result.sheets) {
        const item = kinds.find((each) => each.id === kind)!;
        expect(cutFaults(layout, kerfMm)).toEqual([]);
        for (const node of nodesOf(layout))
          if (node.kind !== 'cut' || !node.shop) expect(carried(node, limit)).toBe(true);
        expect(layout.lengthMm).toBeCloseTo(item.lengthMm - 2 * trimMm, 6);
        expect(layout.widthMm).toBeCloseTo(item.widthMm - 2 * trimMm, 6);
        for (const piece of partsOn(layout)) {
          const of = wanted.find((each) => each.id === piece.part)!;
          counts.set(of.id, (counts.get(of.id) ?? 0) + 1);
          if (piece.turned) expect(of.turn).toBe(true);
          const [l, w] = piece.turned ? [of.widthMm, of.lengthMm] : [of.lengthMm, of.widthMm];
          expect([piece.lengthMm, piece.widthMm]).toEqual([expect.closeTo(l, 6), expect.closeTo(w, 6)]);
        }
      }
      for (const { id, count } of wanted) {
        const missing = result.missing.filter((other) => other === id).length;
        expect((counts.get(id) ?? 0) + missing).toBe(count);
      }
      expect(result.sheets.filter((each) => each.kind === 'rack').length).toBeLessThanOrEqual(2);
      expect(result.price).toBeGreaterThanOrEqual(result.boundPrice - 1e-9);
    }),
    { numRuns: 30 },
  );
});

describe('how many sheets at the least', () => {
  const all = (panels: readonly WantedPanel[]) => sheetsByFunctions(panels, { lengthMm: 100, widthMm: 100 }, 0);
  test('by their area', () => expect(all([panel(50, 50, 9)])).toBe(3));
  // Of 51 × 51 no two lie beside or above one another, though their area would go twice into a sheet three times over.
  test('by what does not go beside one another', () => expect(all([panel(51, 51, 5)])).toBe(5));
  test('by what does not go beside it when it may be turned', () => expect(all([panel(60, 10, 4, true)])).toBe(1));
});

test('five hundred panels are laid out, and each of them is there', async () => {
  const wanted = Array.from({ length: 50 }, (_, i) => panel(200 + 11 * i, 90 + 7 * i, 10));
  const solver = await loadedSolver();
  const effort = { rounds: 2, steps: 8000, layouts: 40, nodes: 1, seconds: 1 };
  const input = { ...plain, kerfMm: 3, wanted, kinds: [sheet(2440, 1220)] };
  const result = atOnce(cutSheets(input, solver, effort));
  expect(result.missing).toEqual([]);
  expect(result.sheets.flatMap((cutSheet) => partsOn(cutSheet.layout))).toHaveLength(500);
});
