import * as fc from 'fast-check';
import { parcelBench } from '../../rigs/demo';
import { planJob } from '../../plan';
import { benchOf, sawBegun } from './saw';
import { cutSheets, cutFaults, planCutting, type CutNode, type WantedPanel } from '.';
import { stepsOf, stepWords, type Cuttable, type SawStep } from './steps';
import { atOnce, loadedSolver } from './testing';
import { ordered } from './trees';

/**
 * Cuts that are made before what they are cut from lies there: outer before inner, each row from its reference edge on.
 */
function tooEarly(steps: readonly SawStep[]): SawStep[] {
  return steps.filter((step) => {
    if (step.at < 0) return false;
    const before = steps.filter((sawStep) => sawStep.layout === step.layout && sawStep.number < step.number);
    const needed = steps.filter((sawStep) => {
      if (sawStep.layout !== step.layout || sawStep.at < 0) return false;
      const within = sawStep.path.join() === step.path.slice(0, sawStep.path.length).join();
      const outer = sawStep.path.length < step.path.length && sawStep.at === step.path[sawStep.path.length];
      const sameRow = sawStep.path.length === step.path.length && sawStep.at < step.at;
      return within && (outer || sameRow);
    });
    return needed.some((sawStep) => !before.includes(sawStep));
  });
}

test('the parcel bench: no cut is made too early', async () => {
  const job = parcelBench();
  const kerf = job.stock.kerf.mm;
  const cutting = atOnce(planCutting({ job, plan: planJob(job), rack: [] }, await loadedSolver()));
  const { layouts } = sawBegun(cutting);
  const steps = stepsOf(
    layouts.map((layout) => ({ ...layout, tree: layout.tree as CutNode })),
    kerf,
  );
  expect(steps.length).toBeGreaterThan(40);
  expect(tooEarly(steps)).toEqual([]);
});

test('any sheets, cut by the shop first or not: no cut is made too early, and what each gives is as large as it was planned', async () => {
  const solver = await loadedSolver();
  const side = fc.integer({ min: 80, max: 900 });
  const panel = fc.record({ long: side, wide: side, count: fc.integer({ min: 1, max: 4 }), turn: fc.boolean() });
  const limit = fc.option(
    fc.record({ lengthMm: fc.integer({ min: 920, max: 1500 }), widthMm: fc.integer({ min: 920, max: 1240 }) }),
    { nil: null },
  );
  fc.assert(
    fc.property(
      fc.array(panel, { minLength: 1, maxLength: 7 }),
      limit,
      fc.integer({ min: 0, max: 99 }),
      (panels, most, seed) => {
        const [kerfMm, trimMm] = [3, 5];
        const wanted = panels.map(({ long, wide, count, turn }, i): WantedPanel => ({
          id: `p${i}`,
          lengthMm: long,
          widthMm: wide,
          count,
          turn,
        }));
        const kinds = [{ id: 'whole', lengthMm: 2440, widthMm: 1220, price: 60, available: null }];
        const effort = { rounds: 4, steps: 8000, layouts: 40, nodes: 5, seconds: 1 };
        const { sheets, missing } = atOnce(
          cutSheets({ wanted, kinds, kerfMm, trimMm, limit: most, seed }, solver, effort),
        );
        expect(missing).toEqual([]);
        const layouts = sheets.map(({ layout }, i): Cuttable => ({
          id: `L${i}`,
          group: 'g',
          form: 'sheet',
          trimMm,
          tree: ordered(layout, kerfMm),
        }));
        layouts.forEach(({ tree }) => expect(cutFaults(tree, kerfMm)).toEqual([]));
        const steps = stepsOf(layouts, kerfMm);
        expect(tooEarly(steps)).toEqual([]);
        for (const step of steps.filter((sawStep) => sawStep.at >= 0)) {
          const [from, size] = step.kind === 'cross' ? (['xMm', 'lengthMm'] as const) : (['yMm', 'widthMm'] as const);
          // The shop's own first cut is measured from an edge that is trimmed later.
          const edge = step.shop && step.piece[from] === 0 ? trimMm : 0;
          expect(step.settingMm).toBeCloseTo(step.gives[size] + edge, 6);
        }
      },
    ),
    { numRuns: 25 },
  );
});

describe('a sheet the shop cuts first', () => {
  // 2440 less 5 at both ends is 2430: two of 900 and what is left, 3 for each cut.
  const piece = (xMm: number, lengthMm: number) => ({ xMm, yMm: 0, lengthMm, widthMm: 1210 });
  const tree: CutNode = {
    ...piece(0, 2430),
    kind: 'cut',
    way: 'cross',
    shop: true,
    pieces: [
      { ...piece(0, 900), kind: 'part', part: 'a', turned: false },
      { ...piece(903, 1200), kind: 'part', part: 'b', turned: false },
      { ...piece(2106, 324), kind: 'rest' },
    ],
  };
  const steps = stepsOf([{ id: 'L1', group: 'g', form: 'sheet', trimMm: 5, tree }], 3);

  test('measured from the factory edge it leaves on what is trimmed there; from its own edge it does not', () => {
    expect(steps.map((step) => [step.kind, step.settingMm, step.shop])).toEqual([
      ['cross', 905, true],
      ['cross', 1200, true],
      ['edges', 5, false],
    ]);
    expect(stepWords(steps[2]!, 'power').code).toBe('saw.edges');
  });

  test('a piece the shop cut short lies on the bench as long as it is when it is trimmed', () => {
    const kerf = 3;
    const { layouts } = sawBegun({ layouts: [{ id: 'L1', group: 'g', from: 'shop', item: SHEET, trimMm: 5, tree }] });
    const saw = { layouts, done: [], made: [], wrong: [] };
    const [first] = stepsOf([{ ...layouts[0]!, tree: layouts[0]!.tree as CutNode }], kerf);
    expect(first!.settingMm).toBe(905);
    const bench = benchOf(saw, kerf, { step: first!, sizeMm: 895 });
    expect(bench.map((one) => one.lengthMm)).toEqual([890, 2430 - 890 - kerf]);
  });
});

const SHEET = {
  id: 'sheet-mdf-18x1220-2440',
  section: 'sheet-mdf-18x1220',
  form: 'sheet',
  material: 'mdf',
  name: { code: 'stock.tube', params: {} },
  thicknessMm: 18,
  widthMm: 1220,
  lengthMm: 2440,
  price: 60,
  priceIs: 'planning',
  left: null,
  measured: false,
} as const;

test('what the car cannot take with its factory edges on is not carried in it', async () => {
  const wanted = [{ id: 'p', lengthMm: 1495, widthMm: 300, count: 1, turn: false }];
  const kinds = [{ id: 'whole', lengthMm: 2440, widthMm: 1220, price: 60, available: null }];
  const input = { wanted, kinds, kerfMm: 3, trimMm: 5, seed: 1 };
  const car = (lengthMm: number) => ({ lengthMm, widthMm: 900 });
  const solver = await loadedSolver();
  expect(atOnce(cutSheets({ ...input, limit: car(1505) }, solver)).missing).toEqual([]);
  expect(atOnce(cutSheets({ ...input, limit: car(1504) }, solver)).missing).toEqual(['p']);
});
