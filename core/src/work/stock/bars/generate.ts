import type { Column, Solver } from '../solve';
import { bestFill, fillsWorth, type Fill } from './patterns';

/** Bars to be bought and cut, by number: pieces with how many of each, kinds of bars with what each costs. */
export interface Problem {
  readonly demand: readonly number[];
  /** What one of each kind costs; the dearest 1. */
  readonly costs: readonly number[];
  /** How many bars one of each kind gives. */
  readonly yields: readonly number[];
  /** How many of each kind there are; null where as many as wanted. */
  readonly available: readonly (number | null)[];
  readonly fills: readonly Fill[];
}

export interface Pattern {
  readonly kind: number;
  readonly counts: readonly number[];
}

export interface Cut {
  readonly patterns: readonly (Pattern & { readonly times: number })[];
  readonly bought: readonly number[];
  readonly cost: number;
}

export interface Effort {
  /** How much of the tree of whole-number programs is searched. */
  readonly nodes: number;
  readonly seconds: number;
  /** How many fillings are looked at for a proof. */
  readonly fillings: number;
  /** How often a solution is rounded from the relaxed program before its whole-number program is searched. */
  readonly dives: number;
}

/** How costs are made of prices: in steps, and within a step by what is preferred among equal prices. */
export interface Steps {
  /** What two prices differ by at the least. */
  readonly step: number;
  /** The most that preferences add up to, over all bars. */
  readonly slack: number;
  /** The least price there is at or above a cost that preferences may have added to. */
  up(cost: number): number;
  /** A cost without preferences. */
  down(cost: number): number;
  /** The price itself. */
  price(cost: number): number;
}

const TIE = 1e-7;
/** What a piece that is not cut at all costs, in bars of the dearest kind. */
const MISSING = 50;

/**
 * The cheapest way to cut a problem, and the bound below it.
 * @returns `proven` where no other way has a lower price
 */
export function cheapest(
  problem: Problem,
  steps: Steps,
  solver: Solver,
  effort: Effort,
): Cut & { bound: number; proven: boolean } {
  const { patterns, duals, cost } = relax(problem, [], solver);
  const bound = steps.up(cost);
  let best = greedy(problem);
  const atBound = () => best.cost <= bound + steps.slack + TIE;
  const better = (cut: Cut | null) => {
    if (cut && cut.cost < best.cost - TIE) best = cut;
    return atBound();
  };
  const known = [...patterns];
  for (let turn = 0; turn < effort.dives && !(atBound() && turn > 0); turn += 1)
    better(dive(problem, known, turn, solver));
  if (!atBound()) better(inWhole(problem, known, steps, solver, effort));
  if (atBound()) return { ...best, bound: best.cost, proven: true };
  // A solution a step cheaper than the best can use no pattern whose reduced cost is more than what is between.
  const most = steps.down(best.cost) - steps.step + steps.slack - cost + TIE;
  const all: Pattern[] = [];
  for (const [kind, fill] of problem.fills.entries()) {
    const fills = fillsWorth(fill, duals.piece, duals.link[kind]! - most, effort.fillings - all.length);
    if (!fills) return { ...best, bound, proven: false };
    all.push(...fills.map((counts) => ({ kind, counts })));
  }
  const whole = inWhole(problem, union(patterns, all), steps, solver, effort, best);
  better(whole);
  const proven = whole?.proven === true || atBound();
  return { ...best, bound: proven ? best.cost : Math.max(bound, whole ? steps.up(whole.bound) : 0), proven };
}

interface RelaxedCut {
  /** Every pattern of the program, those it was given first. */
  readonly patterns: readonly Pattern[];
  readonly shares: readonly number[];
  readonly cost: number;
  readonly duals: { readonly piece: readonly number[]; readonly link: readonly number[] };
}

/** The program in any share, with every pattern that can make it cheaper. */
function relax(problem: Problem, from: readonly Pattern[], solver: Solver): RelaxedCut {
  const { demand, costs, fills } = problem;
  const patterns = [...from];
  for (const [i, count] of demand.entries()) {
    const kind = fills.findIndex((fill) => fill.takes[i]! <= fill.room + 1e-6);
    if (kind < 0 || count === 0) continue;
    const { takes, room } = fills[kind]!;
    const fit = Math.min(count, Math.floor(room / takes[i]! + 1e-9));
    patterns.push({ kind, counts: demand.map((_, at) => (at === i ? fit : 0)) });
  }
  const growing = solver.grow(programOf(problem, patterns));
  try {
    for (;;) {
      const relaxed = growing.solve();
      if (!relaxed) throw new Error('the relaxed program has no solution, though pieces may be left uncut');
      const piece = demand.map((_, i) => relaxed.duals[i]!);
      const link = costs.map((_, kind) => relaxed.duals[demand.length + kind]!);
      const fresh = costs.flatMap((_, kind): Pattern[] => {
        const { counts, worth } = bestFill(fills[kind]!, piece);
        return worth > link[kind]! + TIE ? [{ kind, counts }] : [];
      });
      if (fresh.length === 0) {
        const first = costs.length + demand.length;
        const shares = patterns.map((_, at) => relaxed.values[first + at]!);
        return { patterns, shares, cost: relaxed.cost, duals: { piece, link } };
      }
      patterns.push(...fresh);
      growing.add(fresh.map((pattern) => columnOf(pattern, demand.length)));
    }
  } finally {
    growing.done();
  }
}

/**
 * Rounds the relaxed program step by step: whole bars are cut as it says, then the pattern it uses most of what is
 * left, and what is then still wanted is a smaller program. Every turn takes other patterns where several are as good.
 * Patterns that are found on the way are added to those known.
 */
function dive(problem: Problem, known: Pattern[], turn: number, solver: Solver): Cut | null {
  const { costs, yields } = problem;
  const left = [...problem.demand];
  const used = costs.map(() => 0);
  const cut = new Map<string, Pattern & { times: number }>();
  const take = ({ kind, counts }: Pattern, times: number) => {
    counts.forEach((count, i) => (left[i]! -= count * times));
    used[kind]! += times;
    const key = `${kind}:${counts.join()}`;
    cut.set(key, { kind, counts, times: (cut.get(key)?.times ?? 0) + times });
  };
  while (left.some((count) => count > 0)) {
    const available = problem.available.map((count, kind) =>
      count === null ? null : count * yields[kind]! - used[kind]!,
    );
    // What was bought and not yet cut is free; here only as far as whole ones are bought for each bar.
    const rest: Problem = {
      demand: left,
      costs: costs.map((cost, kind) => cost / yields[kind]!),
      yields: costs.map(() => 1),
      available,
      fills: problem.fills.map((fill) => ({ ...fill, most: left })),
    };
    const fitting = known.filter(({ counts }) => counts.every((count, i) => count <= left[i]!));
    const { patterns, shares } = relax(rest, fitting, solver);
    known.push(...patterns.slice(fitting.length));
    const whole = patterns.flatMap((pattern, at) =>
      shares[at]! >= 1 - 1e-6 ? [{ one: pattern, times: Math.floor(shares[at]! + 1e-6) }] : [],
    );
    if (whole.length > 0) {
      for (const { one, times } of whole) {
        const fits = Math.min(
          times,
          ...one.counts.flatMap((count, i) => (count > 0 ? [Math.floor(left[i]! / count)] : [])),
        );
        if (fits > 0) take(one, fits);
      }
      if (whole.some(({ one }) => cut.has(`${one.kind}:${one.counts.join()}`))) continue;
    }
    const order = shares.map((_, at) => at).filter((at) => shares[at]! > 1e-6);
    order.sort((a, b) => shares[b]! - shares[a]! || a - b);
    const pick = order[turn === 0 ? 0 : (turn * 7 + cut.size * 3) % Math.min(order.length, 1 + turn)];
    if (pick === undefined) return null;
    const { kind, counts } = patterns[pick]!;
    take({ kind, counts: counts.map((count, i) => Math.min(count, left[i]!)) }, 1);
  }
  const bought = used.map((count, kind) => Math.ceil(count / yields[kind]!));
  return {
    patterns: [...cut.values()],
    bought,
    cost: bought.reduce((sum, count, kind) => sum + count * costs[kind]!, 0),
  };
}

const columnOf = ({ kind, counts }: Pattern, pieces: number): Column => ({
  cost: 0,
  entries: [
    ...counts.flatMap((count, i): [number, number][] => (count > 0 ? [[i, count]] : [])),
    [pieces + kind, -1] as const,
  ],
});

/**
 * Rows: as many of each piece as wanted, no more bars used than bought. Columns: what is bought, what is left uncut,
 * patterns.
 */
function programOf({ demand, costs, yields, available }: Problem, patterns: readonly Pattern[]) {
  const bought = costs.map((cost, kind): Column => ({
    cost,
    entries: [[demand.length + kind, yields[kind]!]],
    ...(available[kind] === null ? {} : { most: available[kind]! }),
  }));
  const uncut = demand.map((_, i): Column => ({ cost: MISSING, entries: [[i, 1]] }));
  return {
    rows: [...demand.map((least) => ({ least, most: Infinity })), ...costs.map(() => ({ least: 0, most: Infinity }))],
    columns: [...bought, ...uncut, ...patterns.map((pattern) => columnOf(pattern, demand.length))],
  };
}

/** The program in whole numbers over some patterns, until no lower price is possible; from a solution that is known. */
function inWhole(
  problem: Problem,
  patterns: readonly Pattern[],
  { step }: Steps,
  solver: Solver,
  { nodes, seconds }: Effort,
  from: Cut | null = null,
): (Cut & { bound: number; proven: boolean }) | null {
  const { costs, demand } = problem;
  const all = from ? union(patterns, from.patterns) : patterns;
  const uncut = demand.map((count, i) =>
    Math.max(0, count - (from?.patterns ?? []).reduce((sum, pattern) => sum + pattern.times * pattern.counts[i]!, 0)),
  );
  const start = from
    ? [
        ...from.bought,
        ...uncut,
        ...all.map((pattern) => from.patterns.find((other) => keyOf(other) === keyOf(pattern))?.times ?? 0),
      ]
    : undefined;
  const whole = solver.whole(programOf(problem, all), { nodes, seconds, gap: step / 2, ...(start ? { start } : {}) });
  if (!whole) return null;
  const first = costs.length + demand.length;
  return {
    cost: whole.cost,
    bound: whole.bound,
    proven: whole.proven,
    bought: costs.map((_, kind) => whole.values[kind]!),
    patterns: all.flatMap(({ kind, counts }, at) => {
      const times = whole.values[first + at]!;
      return times > 0 ? [{ kind, counts, times }] : [];
    }),
  };
}

const keyOf = ({ kind, counts }: Pattern) => `${kind}:${counts.join()}`;

const union = (a: readonly Pattern[], b: readonly Pattern[]): Pattern[] => [
  ...new Map([...a, ...b].map((pattern) => [keyOf(pattern), pattern])).values(),
];

/**
 * Bar after bar, each filled as full as can be from what is still wanted, of the kind that then costs least for what it
 * gives.
 */
function greedy({ demand, costs, yields, available, fills }: Problem): Cut {
  const left = [...demand];
  const bought = costs.map(() => 0);
  const used = costs.map(() => 0);
  const patterns: (Pattern & { times: number })[] = [];
  let cost = 0;
  while (left.some((count) => count > 0)) {
    const choices = costs.flatMap((price, kind) => {
      const fresh = used[kind]! >= bought[kind]! * yields[kind]!;
      if (fresh && available[kind] !== null && bought[kind]! >= available[kind]!) return [];
      const { counts, worth } = bestFill({ ...fills[kind]!, most: left }, fills[kind]!.takes);
      return worth > 0 ? [{ kind, counts, fresh, rate: (fresh ? price / yields[kind]! : 0) / worth }] : [];
    });
    const [best] = choices.sort((a, b) => a.rate - b.rate);
    if (!best) break;
    if (best.fresh) {
      bought[best.kind]! += 1;
      cost += costs[best.kind]!;
    }
    used[best.kind]! += 1;
    best.counts.forEach((count, i) => (left[i]! -= count));
    patterns.push({ kind: best.kind, counts: best.counts, times: 1 });
  }
  return { patterns, bought, cost: cost + MISSING * left.reduce((sum, count) => sum + count, 0) };
}
