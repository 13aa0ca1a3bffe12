import { randomFrom } from '../../random';
import type { Column, Solver } from '../solve';
import { sheetBound } from './bound';
import { carried, fillSheet, type CarryLimit, type Filling, type Manner, type PanelKind } from './fill';
import { flattened, restsOf, settingsOf, type CutNode, type Rect } from './layout';

export interface WantedPanel extends PanelKind {
  readonly count: number;
}

/** A sheet that can be had, bought or from the rack. */
export interface SheetKind {
  readonly id: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly price: number;
  /** How many there are; null where as many as wanted. */
  readonly available: number | null;
}

export interface CutSheetsInput {
  readonly wanted: readonly WantedPanel[];
  readonly kinds: readonly SheetKind[];
  readonly kerfMm: number;
  /** What is cut off every edge of a sheet as it comes. */
  readonly trimMm: number;
  /** What can be carried away, factory edges and all. */
  readonly limit: CarryLimit | null;
  readonly seed: number;
}

export interface CutSheet {
  readonly kind: string;
  /** What is cut from it, within the trimmed edges; places are from the trimmed corner. */
  readonly layout: CutNode;
}

export interface CutSheets {
  readonly sheets: readonly CutSheet[];
  readonly price: number;
  /** No way to cut them costs less than this. */
  readonly boundPrice: number;
  readonly proven: boolean;
  /** Panels for which nothing is large enough, or of which there is not enough; by id, one entry for each. */
  readonly missing: readonly string[];
}

export interface SheetEffort {
  /** How many times all panels are laid out anew, as far as the steps suffice. */
  readonly rounds: number;
  /** How much is looked at on the way, for each panel. */
  readonly steps: number;
  /** How many of the layouts that come about are chosen from. */
  readonly layouts: number;
  readonly nodes: number;
  readonly seconds: number;
}

export const USUAL_SHEETS: SheetEffort = { rounds: 40, steps: 8000, layouts: 120, nodes: 10, seconds: 0.3 };

interface Candidate {
  readonly kind: number;
  readonly counts: readonly number[];
  readonly layout: CutNode;
  readonly settings: number;
}

/** What is as good in price is told apart by this much for each setting. */
const BY_SETTING = 1e-5;
const MISSING = 50;

/**
 * Which sheets to take and how to cut them straight through: many layouts are made by filling sheets strip by strip and
 * panel by panel with changing preferences (sequential value correction, after Belov and Scheithauer 2007), and a
 * program in whole numbers chooses among them (set covering, after Monaci and Toth 2006): cheapest first, then the
 * fewest settings and the largest rests. The bound is by area and dual feasible functions. Yields how much of the work
 * is done, 0 to 1, so that whoever runs it can show it or stop.
 */
export function* cutSheets(
  input: CutSheetsInput,
  solver: Solver,
  effort: SheetEffort = USUAL_SHEETS,
): Generator<number, CutSheets> {
  const { kerfMm, trimMm } = input;
  // Factory edges are carried home with what is cut.
  const limit = input.limit && {
    lengthMm: input.limit.lengthMm - 2 * trimMm,
    widthMm: input.limit.widthMm - 2 * trimMm,
  };
  const kinds = input.kinds.filter((one) => one.available !== 0);
  const inside = kinds.map((one): Rect => ({
    xMm: 0,
    yMm: 0,
    lengthMm: one.lengthMm - 2 * trimMm,
    widthMm: one.widthMm - 2 * trimMm,
  }));
  const fits = (one: PanelKind) =>
    inside.some(
      ({ lengthMm: l, widthMm: w }) =>
        (one.lengthMm <= l + 1e-6 && one.widthMm <= w + 1e-6) ||
        (one.turn && one.widthMm <= l + 1e-6 && one.lengthMm <= w + 1e-6),
    );
  const wanted = input.wanted.filter((one) => one.count > 0 && fits(one) && carried(one, limit));
  const missing = input.wanted
    .filter((one) => one.count > 0 && !wanted.includes(one))
    .flatMap((one) => Array<string>(one.count).fill(one.id));
  if (wanted.length === 0) return { sheets: [], price: 0, boundPrice: 0, proven: true, missing };

  const spent = { steps: 0 };
  const enough = effort.steps * wanted.reduce((sum, one) => sum + one.count, 0);
  const filling: Filling = { kinds: wanted, kerfMm, limit, spent };
  const most = Math.max(...kinds.map((one) => one.price), 1e-9);
  const costs = kinds.map((one, i) => (one.price + 1e-6 * inside[i]!.lengthMm * inside[i]!.widthMm * 1e-6) / most);
  const boundPrice = sheetBound(
    { panels: wanted, sheets: kinds.map((one, i) => ({ ...one, ...inside[i]! })), kerfMm },
    solver,
  );
  const pool = new Map<string, Candidate>();
  const random = randomFrom(input.seed);
  const areas = wanted.map((one) => one.lengthMm * one.widthMm);
  let worth = [...areas];
  let best: { price: number; sheets: Candidate[] } = { price: Infinity, sheets: [] };
  for (let round = 0; round < effort.rounds; round += 1) {
    if (round % 5 === 0) yield (0.8 * round) / effort.rounds;
    const { corrected, ...laid } = layOutAll(worth);
    if (laid.price < best.price - 1e-9 || best.sheets.length === 0) best = laid;
    // Panels that came to lie on badly used sheets are worth more next time; now and then it begins anew.
    worth = round % 12 === 11 ? areas.map((area) => area ** random.between(0.8, 1.3)) : corrected;
    if (best.price <= boundPrice + 1e-6 || spent.steps > enough) break;
  }
  yield 0.8;
  // Nothing cheaper can be had than what is at the bound.
  const chosen = best.price <= boundPrice + 1e-6 ? best.sheets : choose();
  yield 0.9;
  const left = wanted.map((one) => one.count);
  const sheets: CutSheet[] = [];
  // The fullest first: what is over is left away from those that come last.
  for (const one of [...chosen].sort((a, b) => used(b) - used(a))) {
    const counts = one.counts.map((count, i) => Math.min(count, left[i]!));
    counts.forEach((count, i) => (left[i]! -= count));
    if (counts.some((count) => count > 0)) sheets.push({ kind: kinds[one.kind]!.id, layout: neatest(one, counts) });
  }
  wanted.forEach((one, i) => missing.push(...Array<string>(left[i]!).fill(one.id)));
  const price = sheets.reduce((sum, one) => sum + kinds.find((kind) => kind.id === one.kind)!.price, 0);
  return {
    sheets,
    price,
    boundPrice: Math.min(boundPrice, price),
    proven: missing.length === 0 && price <= boundPrice + 1e-6,
    missing,
  };

  /** All panels, sheet after sheet; every sheet that comes about is kept to choose from. */
  function layOutAll(values: readonly number[]) {
    const left = wanted.map((one) => one.count);
    const free = kinds.map((one) => one.available);
    const corrected = [...values];
    const sheets: Candidate[] = [];
    let price = 0;
    while (left.some((count) => count > 0)) {
      const tries: { candidate: Candidate; after: number[]; rate: number }[] = [];
      kinds.forEach((_, k) => {
        if (free[k] === 0) return;
        for (let turn = 0; turn < 5; turn += 1) {
          const after = [...left];
          const manner: Manner = {
            worth: values,
            by: turn < 2 ? 'strips' : 'panels',
            split:
              turn < 2
                ? turn === 0
                  ? 'rip'
                  : 'cross'
                : turn === 2
                  ? 'larger'
                  : random.pick(['rip', 'cross', 'longer', 'larger'] as const),
            random,
          };
          const layout = flattened(fillSheet(filling, inside[k]!, after, manner));
          const counts = left.map((count, i) => count - after[i]!);
          const placed = counts.reduce((sum, count, i) => sum + count * areas[i]!, 0);
          if (placed === 0) continue;
          const candidate: Candidate = { kind: k, counts, layout, settings: settingsOf(layout) };
          keep(candidate);
          tries.push({ candidate, after, rate: placed / Math.max(costs[k]!, 1e-6) });
        }
      });
      const [first] = tries.sort((a, b) => b.rate - a.rate);
      if (!first) break;
      const { candidate, after } = first;
      if (free[candidate.kind] !== null) free[candidate.kind]! -= 1;
      price += kinds[candidate.kind]!.price;
      sheets.push(candidate);
      const { lengthMm, widthMm } = inside[candidate.kind]!;
      const full = used(candidate) / (lengthMm * widthMm);
      candidate.counts.forEach((count, i) => {
        if (count > 0)
          corrected[i] = 0.6 * values[i]! + 0.4 * areas[i]! * (1 / Math.max(full, 0.2)) ** random.between(0.8, 1.6);
      });
      after.forEach((count, i) => (left[i] = count));
    }
    return { price: left.some((count) => count > 0) ? Infinity : price, sheets, corrected };
  }

  function keep(one: Candidate) {
    const key = `${one.kind}:${one.counts.join()}`;
    const known = pool.get(key);
    if (!known || one.settings < known.settings) pool.set(key, one);
  }

  function used({ counts }: Candidate) {
    return counts.reduce((sum, count, i) => sum + count * areas[i]!, 0);
  }

  /** The cheapest choice among the layouts that were made; what was laid out in one go where none is cheaper. */
  function choose(): Candidate[] {
    // The best used first; and those of the best round, from which the search begins.
    const share = (one: Candidate) =>
      used(one) / (inside[one.kind]!.lengthMm * inside[one.kind]!.widthMm) / Math.max(costs[one.kind]!, 1e-6);
    const all = [
      ...new Set([...best.sheets, ...[...pool.values()].sort((a, b) => share(b) - share(a)).slice(0, effort.layouts)]),
    ];
    const rows = [
      ...wanted.map((one) => ({ least: one.count, most: Infinity })),
      ...kinds.map((one) => ({ least: 0, most: one.available ?? Infinity })),
    ];
    const uncut = wanted.map((_, i): Column => ({ cost: MISSING, entries: [[i, 1]] }));
    const columns = all.map((one): Column => ({
      cost: costs[one.kind]! + BY_SETTING * one.settings,
      entries: [
        ...one.counts.flatMap((count, i): [number, number][] => (count > 0 ? [[i, count]] : [])),
        [wanted.length + one.kind, 1],
      ],
    }));
    const counts = wanted.map((_, i) => best.sheets.reduce((sum, one) => sum + one.counts[i]!, 0));
    const start = [
      ...wanted.map((one, i) => Math.max(one.count - counts[i]!, 0)),
      ...all.map((one) => best.sheets.filter((other) => other === one).length),
    ];
    const whole = solver.whole(
      { rows, columns: [...uncut, ...columns] },
      { nodes: effort.nodes, seconds: effort.seconds, gap: 10 * BY_SETTING, start },
    );
    const chosen = all.flatMap((one, i) => Array.from({ length: whole?.values[wanted.length + i] ?? 0 }, () => one));
    const priceOf = (sheets: readonly Candidate[]) => sheets.reduce((sum, one) => sum + kinds[one.kind]!.price, 0);
    const complete = wanted.every((one, i) => chosen.reduce((sum, sheet) => sum + sheet.counts[i]!, 0) >= one.count);
    return complete && (best.price === Infinity || priceOf(chosen) < priceOf(best.sheets) - 1e-9)
      ? chosen
      : best.sheets;
  }

  /** The same panels on the same sheet with the fewest settings, and the largest rest, that a few tries come upon. */
  function neatest(one: Candidate, counts: readonly number[]): CutNode {
    const same = counts.every((count, i) => count === one.counts[i]);
    const score = (node: CutNode) =>
      settingsOf(node) -
      (Math.max(0, ...restsOf(node).map((piece) => piece.lengthMm * piece.widthMm)) /
        (inside[one.kind]!.lengthMm * inside[one.kind]!.widthMm)) *
        3;
    let chosen = same ? one.layout : null;
    for (let turn = 0; turn < 24; turn += 1) {
      const after = [...counts];
      const manner: Manner = {
        worth: areas,
        by: turn % 2 ? 'panels' : 'strips',
        split: (['rip', 'cross', 'larger', 'longer'] as const)[(turn >> 1) % 4]!,
        random,
      };
      const node = flattened(fillSheet(filling, inside[one.kind]!, after, manner));
      if (after.every((count) => count === 0) && (!chosen || score(node) < score(chosen))) chosen = node;
    }
    // What is over of the layout that was chosen becomes a rest.
    return chosen ?? without(one.layout, counts);
  }

  function without(node: CutNode, counts: readonly number[]): CutNode {
    const stay = [...counts];
    const walk = (piece: CutNode): CutNode => {
      if (piece.is === 'cut') return { ...piece, pieces: piece.pieces.map(walk) };
      if (piece.is !== 'part') return piece;
      const i = wanted.findIndex((panel) => panel.id === piece.part);
      stay[i]! -= 1;
      const { xMm, yMm, lengthMm, widthMm } = piece;
      return stay[i]! >= 0 ? piece : { xMm, yMm, lengthMm, widthMm, is: 'rest' };
    };
    return walk(node);
  }
}
