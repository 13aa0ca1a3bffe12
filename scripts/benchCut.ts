import loadHighs from 'highs';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { parcelBench } from '@dormer/core/rigs/demo';
import { planJob } from '@dormer/core/plan';
import { cutBars, cutSheets, planCutting, solverOf, type Solver, type WantedPanel } from '@dormer/core/work/stock';

// Prints how good cutting is and how long it takes: one dimension on instances of bin packing made by published recipes
// and on made-up shelving jobs; two dimensions on the ten random classes of rectangle packing and on made-up shelving
// jobs.

type Draw = (from: number, to: number) => number;

/** Whole numbers from a seed, both ends included. */
function draws(seed: number): Draw {
  const generator = xoroshiro128plus(seed);
  for (let i = 0; i < 32; i += 1) uniformInt(generator, 0, 9);
  return (from, to) => uniformInt(generator, from, to);
}

function done<T>(work: Generator<number, T>): T {
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}

const tableRow = (...cells: readonly (string | number)[]) => `| ${cells.join(' | ')} |`;
const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
const counted = (lengths: readonly number[]) => {
  const counts = new Map<number, number>();
  lengths.forEach((length) => counts.set(length, (counts.get(length) ?? 0) + 1));
  return [...counts].map(([lengthMm, count]) => ({ id: String(lengthMm), lengthMm, count }));
};
const bin = (lengthMm: number) => ({ id: 'bin', lengthMm, price: 1, yields: 1, available: null });

/**
 * E. Falkenauer, "A hybrid grouping genetic algorithm for bin packing" (1996): uniform lengths of 20 to 100 in bins of
 * 150.
 */
const uniform = (n: number, seed: number) => {
  const draw = draws(seed);
  return { bin: 150, lengths: Array.from({ length: n }, () => draw(20, 100)), optimum: null };
};

/** The same author's triplets: three that fill a bin of 1000 exactly, so that n / 3 bins are the least. */
const triplets = (n: number, seed: number) => {
  const draw = draws(seed);
  const lengths = Array.from({ length: n / 3 }, () => {
    const first = draw(380, 490);
    const second = draw(250, Math.floor((1000 - first) / 2) - 1);
    return [first, second, 1000 - first - second];
  }).flat();
  return { bin: 1000, lengths, optimum: n / 3 };
};

/** A made-up shelving job in one section: cleats, nosings, posts of a few lengths, from bars of three lengths. */
function shelvingSticks(seed: number) {
  const draw = draws(1000 + seed);
  const kinds = [
    [2400, 4.1],
    [3000, 4.9],
    [4200, 7.3],
  ].map(([lengthMm, price]) => ({ id: `${lengthMm}`, lengthMm: lengthMm!, price: price!, yields: 1, available: null }));
  const lengths = Array.from({ length: draw(3, 14) }, () => draw(400, 3600) / 2);
  const wanted = lengths.map((lengthMm, i) => ({ id: `p${i}`, lengthMm, count: draw(1, 6) }));
  return { wanted, kinds };
}

function oneDimension(solver: Solver): void {
  console.log('One dimension: share solved to proven optimality, bars against the bound, mean and longest time\n');
  console.log('| instances | pieces | runs | proven | bars − bound, all runs | mean ms | longest ms |');
  console.log('| --- | --: | --: | --: | --: | --: | --: |');
  let [all, proven] = [0, 0];
  const sets = [
    [uniform, 'uniform', [60, 120, 250, 500]],
    [triplets, 'triplets', [60, 120, 249]],
  ] as const;
  for (const [make, name, sizes] of sets) {
    for (const n of sizes) {
      const results = Array.from({ length: 20 }, (_, i) => {
        const { bin: size, lengths, optimum } = make(n, i + 1);
        const from = performance.now();
        const {
          price,
          boundPrice,
          proven: sure,
        } = cutBars({ wanted: counted(lengths), kinds: [bin(size)], kerfMm: 0, trimMm: 0, keepMm: 0 }, solver);
        if (optimum !== null && sure && Math.abs(price - optimum) > 1e-6)
          throw new Error(`${name} ${n}: not the optimum`);
        return { over: price - boundPrice, sure, took: performance.now() - from };
      });
      row(`${name}`, n, results);
    }
  }
  const jobs = Array.from({ length: 100 }, (_, i) => {
    const from = performance.now();
    const {
      price,
      boundPrice,
      proven: sure,
    } = cutBars({ ...shelvingSticks(i), kerfMm: 3, trimMm: 10, keepMm: 300 }, solver);
    return { over: sure ? 0 : price - boundPrice, sure, took: performance.now() - from };
  });
  row('shelving jobs, three lengths to buy', '3–84', jobs);
  console.log(`\nproven in all: ${proven} of ${all}, ${((100 * proven) / all).toFixed(1)} %\n`);

  function row(name: string, n: number | string, results: { over: number; sure: boolean; took: number }[]) {
    const sure = results.filter((result) => result.sure).length;
    [all, proven] = [all + results.length, proven + sure];
    const took = results.map((result) => result.took);
    const over = results.reduce((sum, result) => sum + result.over, 0).toFixed(2);
    console.log(tableRow(name, n, results.length, sure, over, mean(took).toFixed(0), Math.max(...took).toFixed(0)));
  }
}

/**
 * Classes I to VI: J. O. Berkey and P. Y. Wang, "Two-dimensional finite bin-packing algorithms" (1987); VII to X:
 * S. Martello and D. Vigo, "Exact solution of the two-dimensional finite bin packing problem" (1998).
 */
function packingClass(number: number, n: number, seed: number): { side: number; panels: [number, number][] } {
  const draw = draws(seed * 100 + number);
  if (number <= 6) {
    const most = [10, 10, 35, 35, 100, 100][number - 1]!;
    const side = [10, 30, 40, 100, 100, 300][number - 1]!;
    return { side, panels: Array.from({ length: n }, () => [draw(1, most), draw(1, most)]) };
  }
  const types = [
    () => [draw(67, 100), draw(1, 50)],
    () => [draw(1, 50), draw(67, 100)],
    () => [draw(50, 100), draw(50, 100)],
    () => [draw(1, 50), draw(1, 50)],
  ] as const;
  const panels = Array.from({ length: n }, () => {
    const roll = draw(1, 10);
    const others = [0, 1, 2, 3].filter((one) => one !== number - 7);
    return types[roll <= 7 ? number - 7 : others[roll - 8]!]!() as [number, number];
  });
  return { side: 100, panels };
}

const wantedOf = (panels: readonly (readonly [number, number])[], turn: boolean): WantedPanel[] => {
  const counts = new Map<string, number>();
  panels.forEach(([l, w]) => counts.set(`${l}x${w}`, (counts.get(`${l}x${w}`) ?? 0) + 1));
  return [...counts].map(([id, count]) => {
    const [l, w] = id.split('x').map(Number);
    return { id, lengthMm: l!, widthMm: w!, count, turn };
  });
};

/** First fit decreasing in levels, as one would by hand: the highest first, each on the first level with room. */
function firstFit(panels: readonly (readonly [number, number])[], length: number, width: number, kerf: number): number {
  const sheets: { used: number; levels: { high: number; used: number }[] }[] = [];
  for (const [l, w] of [...panels].sort((a, b) => b[1] - a[1] || b[0] - a[0])) {
    const level = sheets.flatMap((one) => one.levels).find((one) => one.high >= w && one.used + l <= length);
    if (level) {
      level.used += l + kerf;
      continue;
    }
    let sheet = sheets.find((one) => one.used + w <= width);
    if (!sheet) sheets.push((sheet = { used: 0, levels: [] }));
    sheet.used += w + kerf;
    sheet.levels.push({ high: w, used: l + kerf });
  }
  return sheets.length;
}

// Averages of the least numbers of bins known for the ten published instances of each size, without turning and without
// the cuts having to go straight through. Given only where they are beyond doubt; ours are other instances of the same
// kind.
const KNOWN: Readonly<Record<string, number>> = {
  '1/20': 7.1,
  '1/60': 20.0,
  '1/100': 31.7,
  '2/20': 1.0,
  '2/60': 2.5,
  '2/100': 3.9,
  '9/20': 14.3,
  '9/60': 43.7,
  '9/100': 69.5,
};

function twoDimensions(solver: Solver): void {
  const RUNS = 5;
  console.log('Two dimensions, straight cuts only: bins on average over five instances\n');
  console.log('| class | panels | turned | bins | bound | first fit | literature | mean s |');
  console.log('| --: | --: | --- | --: | --: | --: | --: | --: |');
  for (let number = 1; number <= 10; number += 1)
    for (const [n, turn] of [
      [20, false],
      [60, false],
      [100, false],
      [60, true],
    ] as const) {
      const results = Array.from({ length: RUNS }, (_, i) => {
        const { side, panels } = packingClass(number, n, i + 1);
        const from = performance.now();
        const kinds = [{ id: 's', lengthMm: side, widthMm: side, price: 1, available: null }];
        const out = done(
          cutSheets({ wanted: wantedOf(panels, turn), kinds, kerfMm: 0, trimMm: 0, limit: null, seed: 1 }, solver),
        );
        return {
          bins: out.price,
          bound: out.boundPrice,
          took: performance.now() - from,
          simple: firstFit(panels, side, side, 0),
        };
      });
      const average = (key: 'bins' | 'bound' | 'simple') => mean(results.map((result) => result[key])).toFixed(1);
      const known = turn ? '' : (KNOWN[`${number}/${n}`]?.toFixed(1) ?? '');
      const seconds = (mean(results.map((result) => result.took)) / 1000).toFixed(1);
      const found = [average('bins'), average('bound'), average('simple')];
      console.log(tableRow(number, n, turn ? 'yes' : 'no', ...found, known, seconds));
    }
  console.log('');
}

/**
 * A made-up shelving job in sheets: cases with sides, shelves, tops and backs, cut from full, half and quarter sheets.
 */
function shelvingPanels(seed: number, parts: number) {
  const draw = draws(5000 + seed);
  const wanted: WantedPanel[] = [];
  let left = parts;
  for (let unit = 0; left > 0; unit += 1) {
    const [high, wide, deep] = [draw(700, 2200), draw(400, 1100), draw(200, 600)];
    const add = (id: string, lengthMm: number, widthMm: number, count: number) => {
      const some = Math.min(count, left);
      if (some > 0) wanted.push({ id: `${id}${unit}`, lengthMm, widthMm, count: some, turn: false });
      left -= some;
    };
    add('side', high, deep, 2);
    add('shelf', wide - 36, deep - 10, draw(2, 6));
    add('end', wide, deep, 2);
  }
  const kinds = [
    [2440, 1220, 60],
    [1220, 1220, 35],
    [1220, 610, 20],
  ].map(([l, w, price]) => ({ id: `${l}x${w}`, lengthMm: l!, widthMm: w!, price: price!, available: null }));
  return { wanted, kinds };
}

function shelvingSheets(solver: Solver): void {
  console.log('Made-up shelving jobs in sheets (full 60, half 35, quarter 20): what the sheets cost on average\n');
  console.log('| parts | jobs | price | area bound | over it | first fit, full sheets | mean s | longest s |');
  console.log('| --: | --: | --: | --: | --: | --: | --: | --: |');
  for (const [parts, jobs] of [
    [20, 10],
    [60, 10],
    [300, 3],
  ] as const) {
    const results = Array.from({ length: jobs }, (_, i) => {
      const { wanted, kinds } = shelvingPanels(i + 1, parts);
      const from = performance.now();
      const out = done(cutSheets({ wanted, kinds, kerfMm: 3, trimMm: 5, limit: null, seed: 1 }, solver));
      const took = performance.now() - from;
      const panels = wanted.flatMap((one) =>
        Array.from({ length: one.count }, () => [one.lengthMm, one.widthMm] as const),
      );
      return { price: out.price, bound: out.boundPrice, took, simple: 60 * firstFit(panels, 2430, 1210, 3) };
    });
    const average = (key: 'price' | 'bound' | 'simple' | 'took') => mean(results.map((result) => result[key]));
    const longest = Math.max(...results.map((result) => result.took));
    const over = `${((100 * average('price')) / average('bound') - 100).toFixed(1)} %`;
    const prices = [average('price').toFixed(0), average('bound').toFixed(0), over, average('simple').toFixed(0)];
    console.log(tableRow(parts, jobs, ...prices, (average('took') / 1000).toFixed(2), (longest / 1000).toFixed(2)));
  }
  const job = parcelBench();
  const plan = planJob(job);
  const from = performance.now();
  const cutting = done(planCutting({ job, plan, rack: [] }, solver));
  const seconds = ((performance.now() - from) / 1000).toFixed(2);
  const { blanks, groups } = cutting;
  console.log(
    `\nThe parcel bench, ${blanks.length} blanks of ${groups.length} kinds, from parts to layouts: ${seconds} s\n`,
  );
}

void loadHighs().then((highs) => {
  const solver = solverOf(highs);
  const [what] = process.argv.slice(2);
  if (!what || what === 'jobs') shelvingSheets(solver);
  if (!what || what === 'bars') oneDimension(solver);
  if (!what || what === 'sheets') twoDimensions(solver);
});
