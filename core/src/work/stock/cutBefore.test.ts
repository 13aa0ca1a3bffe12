import fc from 'fast-check';
import { chimneyAlcove } from '../../rigs/demo';
import { type Offcut } from '../../job';
import { planJob } from '../../plan';
import { atOnce, loadedSolver } from './testing';
import { partsOn, piecesOn, planCutting, sawBegun, sawSteps, shoppingFor, withCut, type Cutting } from '.';
import { cutting, withStock } from './cuttingTesting';

const offcut = (lengthMm: number, more: Partial<Offcut> = {}): Offcut => ({
  id: `rest-${lengthMm}`,
  form: 'strip',
  material: 'pine',
  thicknessMm: 20,
  widthMm: 45,
  lengthMm,
  note: 'before',
  ...more,
});

test('what is on the rack is used before anything is bought, and only where it is wanted', async () => {
  const rack = [offcut(1300), offcut(700)];
  const bought = await cutting(chimneyAlcove());
  const used = await cutting(chimneyAlcove(), { rack });
  expect(used.layouts.filter((layout) => layout.from === 'rack').length).toBeGreaterThan(0);
  expect(used.price).toBeLessThan(bought.price);
  const left = await cutting(withStock(chimneyAlcove(), { useRack: false }), { rack });
  expect(left.price).toBe(bought.price);
});

describe('an offcut is used once', () => {
  const wide = (id: string, lengthMm: number): Offcut => ({
    ...offcut(lengthMm),
    id,
    form: 'board',
    thicknessMm: 20,
    widthMm: 150,
  });

  test('pieces of two sections that could both come from it do not both get it', async () => {
    // Cleats 45 high and nosings 65 high, both 20 thick: a board 150 wide gives either.
    const { layouts, problems } = await cutting(chimneyAlcove(), { rack: [wide('a', 2600)] });
    const ours = layouts.filter((layout) => layout.from === 'rack');
    expect(ours.map((layout) => layout.item.id)).toEqual(['rack:a']);
    expect(problems.filter((problem) => problem.severity === 'stop')).toEqual([]);
  });

  test('over random racks: each piece in one layout at the most, and every part on one layout', async () => {
    const job = chimneyAlcove();
    const plan = planJob(job);
    const solver = await loadedSolver();
    const piece = fc.record({
      lengthMm: fc.integer({ min: 300, max: 2600 }),
      widthMm: fc.constantFrom(45, 65, 95, 150, 330, 400),
      thicknessMm: fc.constantFrom(18, 20),
    });
    fc.assert(
      fc.property(fc.array(piece, { minLength: 1, maxLength: 6 }), (sizes) => {
        const rack = sizes.map((size, i): Offcut => ({ ...offcut(0), ...size, id: `r${i}`, form: 'board' }));
        const { layouts } = atOnce(planCutting({ job, plan, rack }, solver));
        const used = layouts.filter((layout) => layout.from === 'rack').map((layout) => layout.item.id);
        expect(new Set(used).size).toBe(used.length);
        const cut = layouts.flatMap((layout) => partsOn(layout.tree).map((part) => part.part.replace(/~.*/, '')));
        expect([...new Set(cut)].sort()).toEqual(plan.parts.map((part) => part.id).sort());
      }),
      { numRuns: 25 },
    );
  });
});

describe('what is cut already', () => {
  const sawn = async () => {
    const found = await cutting(chimneyAlcove());
    const saw = sawBegun(found);
    const kerf = found.job.stock.kerf.mm;
    return { ...found, saw, done: { ...saw, done: sawSteps(saw, kerf).map((sawStep) => sawStep.id) }, kerf };
  };

  test('is bought and cut no more; its glue, its sanding and its finish still are', async () => {
    const { job, plan, done, kerf, ...before } = await sawn();
    const cut = withCut([], done, kerf);
    expect(cut.length).toBe(before.blanks.length);
    const after = atOnce(planCutting({ job, plan, rack: [], cut }, await loadedSolver()));
    expect([after.layouts, after.buy]).toEqual([[], []]);
    const lines = (one: Cutting) =>
      shoppingFor({ job, plan, cutting: one }).lines.filter((line) => line.kind !== 'wood');
    expect(lines(after)).toEqual(lines(before));
    expect(lines(after).length).toBeGreaterThan(3);
  });

  test('a piece that has another size now is asked for again, and only that', async () => {
    const { job, plan, done, kerf } = await sawn();
    const cut = withCut([], done, kerf).map((one) =>
      one.blank === 'S3-board' ? { ...one, lengthMm: one.lengthMm - 4 } : one,
    );
    const { layouts, buy } = atOnce(planCutting({ job, plan, rack: [], cut }, await loadedSolver()));
    expect(layouts.flatMap((layout) => partsOn(layout.tree).map((part) => part.part))).toEqual(['S3-board']);
    expect(buy.map((one) => one.count)).toEqual([1]);
  });

  test('what lies on the saw is there too', async () => {
    const { job, plan, saw } = await sawn();
    const { buy } = atOnce(planCutting({ job, plan, rack: [], cut: piecesOn(saw) }, await loadedSolver()));
    expect(buy).toEqual([]);
  });
});
