import fc from 'fast-check';
import { newJob, REGIONS, typedLength, type Job } from '../../job';
import type { Part } from '../../design/fit';
import { figure } from '../../base/figure';
import { message } from '../../base/message';
import { blanksOf, joinedFrom, layersOf, stripsFor, stripsOf, type Blank } from './blanks';
import { catalogueOf, rackItem } from './catalogue';
import { fromSheets, layersFor, sourcesFor } from './sources';

const mm = (typed: string) => typedLength(typed, 'mm');
const start = newJob({ id: 'stock', name: 'Stock', kind: 'alcove', units: 'mm' });
const withStock = (stock: Partial<Job['stock']>): Job => ({ ...start, stock: { ...start.stock, ...stock } });
const items = (job: Job = start) => catalogueOf(job);
const blank = (more: Partial<Blank> = {}): Blank => ({
  id: 'S1-board',
  parts: ['S1-board'],
  label: '1S',
  form: 'flat',
  material: 'pine',
  thicknessMm: 18,
  widthMm: 300,
  lengthMm: 1120,
  turn: false,
  ...more,
});
const none = new Set<string>();

describe('the catalogue', () => {
  test('has every section of its region once for each length, real sizes, a price and a name', () => {
    for (const region of REGIONS) {
      const all = items({ ...start, region });
      expect(new Set(all.map((stockItem) => stockItem.id)).size).toBe(all.length);
      for (const one of all) {
        expect(one.price).toBeGreaterThan(0);
        expect(one.lengthMm).toBeGreaterThanOrEqual(one.widthMm);
        expect(one.priceIs).toBe('planning');
      }
    }
  });

  test('a name is not a size: a 2 × 4 is 38 by 89, a 1 × 12 is 19 by 286', () => {
    const inch = items({ ...start, region: 'us' });
    const named = (nominal: string) =>
      inch.find(
        (stockItem) =>
          'nominal' in stockItem.name.params && JSON.stringify(stockItem.name.params.nominal).includes(`"${nominal}"`),
      )!;
    expect([named('2 × 4').thicknessMm, named('2 × 4').widthMm]).toEqual([
      expect.closeTo(38.1, 6),
      expect.closeTo(88.9, 6),
    ]);
    expect([named('1 × 12').thicknessMm, named('1 × 12').widthMm]).toEqual([
      expect.closeTo(19.05, 6),
      expect.closeTo(285.75, 6),
    ]);
    // Plywood is a little under the fraction it is called by.
    expect(named('3/4').thicknessMm).toBeLessThan(19.05);
  });

  test('half a sheet and a quarter cost more for their size than the whole', () => {
    const ply = items().filter((item) => item.section.startsWith('sheet-birch-ply-18x'));
    const rate = (lengthMm: number, widthMm: number) => {
      const one = ply.find((each) => each.lengthMm === lengthMm && each.widthMm === widthMm)!;
      return one.price / (one.lengthMm * one.widthMm);
    };
    expect(rate(1250, 1250)).toBeGreaterThan(rate(2500, 1250));
    expect(rate(1250, 625)).toBeGreaterThan(rate(1250, 1250));
  });

  test('the person’s own board is in it, with its price or without', () => {
    const own = {
      id: 'a',
      name: 'Sale',
      form: 'board',
      material: 'pine',
      thickness: mm('18'),
      width: mm('300'),
      length: mm('2000'),
    } as const;
    const [free] = items(withStock({ own: [own] })).filter((item) => item.id === 'own:a');
    expect(free).toMatchObject({ price: 0, priceIs: 'own', widthMm: 300 });
  });

  test('a price from a shop takes the place of the planned one, and how many there are comes with it', () => {
    const id = 'board-pine-18x400-1200';
    const [one] = items(withStock({ prices: [{ item: id, price: 9.9, left: 3 }] })).filter((each) => each.id === id);
    expect(one).toMatchObject({ price: 9.9, priceIs: 'shop', left: 3 });
  });

  test('what was measured is as thick as it was measured, in every length', () => {
    const measured = [{ item: 'board-pine-18x400', thickness: mm('17.2') }];
    const of = items(withStock({ measured })).filter((item) => item.section === 'board-pine-18x400');
    expect(of).toHaveLength(4);
    for (const one of of) expect(one).toMatchObject({ thicknessMm: 17.2, measured: true });
  });

  test('a piece of the rack costs nothing, and there is one of it', () => {
    const piece = {
      id: 'r',
      form: 'board',
      material: 'pine',
      thicknessMm: 18,
      widthMm: 300,
      lengthMm: 900,
      note: 'Hall',
    } as const;
    expect(rackItem(piece, [])).toMatchObject({ id: 'rack:r', price: 0, left: 1 });
  });
});

describe('what a blank can be cut from', () => {
  test('a board of its thickness, whatever its width', () => {
    const found = sourcesFor(blank(), items(), none)!;
    expect(found).toMatchObject({ planedFromMm: null, instead: null, reallyMm: null });
    expect(new Set(found.items.map((item) => item.thicknessMm))).toEqual(new Set([18]));
    expect(new Set(found.items.map((item) => item.material))).toEqual(new Set(['pine']));
  });

  test('one a little off its name, which is told', () => {
    const found = sourcesFor(blank({ thicknessMm: 19 }), items(), none)!;
    expect(found.reallyMm).toBe(18);
  });

  test('a thicker one, to be planed, where there is none; not one that would be mostly shavings', () => {
    expect(sourcesFor(blank({ thicknessMm: 24 }), items(), none)).toMatchObject({ planedFromMm: 27 });
    expect(sourcesFor(blank({ thicknessMm: 120 }), items(), none)).toBeNull();
  });

  test('a thicker one where its own thickness is sold too short or too narrow, not where that is long enough', () => {
    // In inches boards 1/2 thick end at 6 ft and 5 1/2 in; those of 3/4 do not.
    const inches = catalogueOf({ ...withStock({}), region: 'us' });
    const trim = { thicknessMm: 12.7, widthMm: 44.5, material: 'pine', form: 'stick' } as const;
    expect(sourcesFor(blank({ ...trim, lengthMm: 1500 }), inches, none)?.planedFromMm).toBeNull();
    const long = sourcesFor(blank({ ...trim, lengthMm: 2200 }), inches, none);
    expect(long?.planedFromMm).toBeCloseTo(19.05, 6);
    expect(Math.max(...long!.items.map((item) => item.lengthMm))).toBeGreaterThan(2200);
  });

  test('for sticks that are not sold in their wood a softwood; for plywood nothing else', () => {
    const stick = blank({ form: 'stick', material: 'hardwood', thicknessMm: 45, widthMm: 95 });
    expect(sourcesFor(stick, items(), none)?.instead).toBe('pine');
    const ply = blank({ material: 'birch-ply', thicknessMm: 33 });
    expect(sourcesFor(ply, items(), none)).toBeNull();
  });

  test('boards of plywood and MDF from sheets, sticks from sticks, whatever the boards are', () => {
    expect(fromSheets({ form: 'flat', material: 'mdf', thicknessMm: 18 }, items())).toBe(true);
    expect(fromSheets({ form: 'flat', material: 'pine', thicknessMm: 18 }, items())).toBe(false);
    expect(fromSheets({ form: 'stick', material: 'birch-ply', thicknessMm: 18 }, items())).toBe(true);
    expect(fromSheets({ form: 'stick', material: 'birch-ply', thicknessMm: 45 }, items())).toBe(false);
  });

  test('nothing that is left out, and nothing the shop has none of', () => {
    const all = sourcesFor(blank(), items(), none)!.items.map((item) => item.id);
    const [first, second, ...others] = all;
    const stock = { prices: [{ item: second!, price: 5, left: 0 }] };
    const found = sourcesFor(blank(), items(withStock(stock)), new Set([first!]))!;
    expect(found.items.map((item) => item.id)).toEqual(others);
  });

  test('layers come to the thickness, or a little over, and are as few as can be', () => {
    const ply = (thicknessMm: number) => layersFor(blank({ material: 'birch-ply', thicknessMm }), items());
    expect(ply(36)).toEqual({ count: 2, thicknessMm: 18 });
    expect(ply(40)).toEqual({ count: 2, thicknessMm: 21 });
    expect(ply(70)).toEqual({ count: 3, thicknessMm: 24 });
    expect(ply(400)).toBeNull();
  });
});

describe('a blank in pieces', () => {
  test('joined over the last support that still reaches', () => {
    const { blanks, atMm, supported } = joinedFrom(blank({ lengthMm: 3900 }), 2400, [500, 1500, 2300, 3100]);
    expect([atMm, supported]).toEqual([[2300], true]);
    expect(blanks.map((one) => [one.id, one.label, one.lengthMm])).toEqual([
      ['S1-board~1', '1S-1', 2300],
      ['S1-board~2', '1S-2', 1600],
    ]);
  });

  test('where no support can be reached, in even pieces, and that is known', () => {
    const { atMm, supported } = joinedFrom(blank({ lengthMm: 3900 }), 2400, [3000]);
    expect([atMm, supported]).toEqual([[1950], false]);
  });

  test('however long and wherever its supports are: no piece is too long, together they are the whole', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 500, max: 9000 }),
        fc.integer({ min: 400, max: 3000 }),
        fc.array(fc.integer({ min: 1, max: 9000 }), { maxLength: 12 }),
        (lengthMm, longest, at) => {
          const over = [...new Set(at)].filter((one) => one < lengthMm).sort((a, b) => a - b);
          const { blanks, atMm, supported } = joinedFrom(blank({ lengthMm }), longest, over);
          expect(blanks.reduce((sum, one) => sum + one.lengthMm, 0)).toBeCloseTo(lengthMm, 6);
          // Even pieces are whole millimetres.
          for (const one of blanks) expect(one.lengthMm).toBeLessThanOrEqual(longest + 1);
          if (supported) expect(atMm.every((one) => over.includes(one))).toBe(true);
        },
      ),
    );
  });

  test('strips come from the board they are ripped out of, and make the panel', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 900 }), fc.integer({ min: 60, max: 300 }), (widthMm, boardMm) => {
        const { count, stripMm } = stripsFor(widthMm, boardMm);
        expect(stripMm).toBeLessThanOrEqual(boardMm + 1e-6);
        expect(count * (stripMm - 4)).toBeCloseTo(widthMm + 4, 6);
        const strips = stripsOf(blank({ widthMm }), boardMm);
        expect(strips.map((strip) => strip.piece?.number)).toEqual(Array.from({ length: count }, (_, i) => i + 1));
      }),
    );
  });

  test('layers are whole blanks of the sheet’s thickness', () => {
    const layers = layersOf(blank({ thicknessMm: 40 }), 2, 21);
    expect(layers.map((layer) => [layer.thicknessMm, layer.lengthMm, layer.piece])).toEqual([
      [21, 1120, { number: 1, of: 2, kind: 'layer' }],
      [21, 1120, { number: 2, of: 2, kind: 'layer' }],
    ]);
  });
});

describe('from parts to blanks', () => {
  const label = message('part.board');
  const part = (role: Part['role'], more: Partial<Part> = {}): Part => ({
    id: `S1-${role}`,
    shelf: 1,
    role,
    name: label,
    label: role,
    thicknessMm: 18,
    width: figure({ label, mm: 300 }),
    length: figure({ label, mm: 1000 }),
    fit: null,
    corner: null,
    edges: null,
    tried: null,
    joints: [],
    place: { upFrom: 0, upTo: 18, outFrom: 0, outTo: 300 },
    ...more,
  });
  const job = { ...start, wood: { boards: 'mdf', sticks: 'spruce', own: [] } };

  test('boards of the boards’ material, sticks of the sticks’, a rod of tube or of wood', () => {
    const blanks = blanksOf([part('board'), part('back-cleat'), part('closet-rod')], job);
    expect(blanks.map((one) => [one.form, one.material])).toEqual([
      ['flat', 'mdf'],
      ['stick', 'spruce'],
      ['rod', 'tube'],
    ]);
    const wooden = { ...job, further: { dividers: [], holes: [], rod: 'wood' as const } };
    expect(blanksOf([part('closet-rod')], wooden)[0]?.material).toBe('pine');
  });

  test('what has no grain may lie across; what has some may not', () => {
    expect(blanksOf([part('board')], job)[0]?.turn).toBe(true);
    expect(blanksOf([part('board')], start)[0]?.turn).toBe(false);
  });

  test('mesh is not cut from wood, and both skins of a hollow shelf are', () => {
    expect(blanksOf([part('mesh')], job)).toEqual([]);
    // The board of a hollow shelf is its upper skin.
    const skins = [part('board', { id: 'S1-board' }), part('skin', { id: 'S1-skin' })];
    expect(blanksOf(skins, job).map((one) => one.id)).toEqual(['S1-board', 'S1-skin']);
  });
});
