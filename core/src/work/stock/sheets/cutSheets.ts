import { randomFrom } from '../../../base/random';
import type { Solver } from '../solve';
import { sheetBound } from './bound';
import { usedArea, type Candidate, type SheetWork } from './candidates';
import { chooseSheets } from './choose';
import { carried, type PanelKind } from './fill';
import type { Rect } from './layout';
import { neatest } from './neatest';
import { layOutRound } from './round';
import { USUAL_SHEETS, type CutSheet, type CutSheets, type CutSheetsInput, type SheetEffort } from './wanted';

const SAME_MM = 1e-6;
const SAME_PRICE = 1e-6;
/** Number of rounds before values restart from areas. */
const ANEW_EVERY = 12;

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
  const { work, missing } = workOf(input);
  const { wanted, kinds, inside, filling } = work;
  if (wanted.length === 0) return { sheets: [], price: 0, boundPrice: 0, proven: true, missing };
  const sized = kinds.map((kind, i) => ({ ...kind, ...inside[i]! }));
  const boundPrice = sheetBound({ panels: wanted, sheets: sized, kerfMm: filling.kerfMm }, solver);
  const { best, pool } = yield* manyRounds(work, boundPrice, effort);
  yield 0.8;
  // Nothing cheaper can be had than what is at the bound.
  const atBound = best.price <= boundPrice + SAME_PRICE;
  const chosen = atBound ? best.sheets : chooseSheets({ work, pool: pool.values(), best, effort }, solver);
  yield 0.9;
  const { sheets, left } = asWanted(work, chosen);
  wanted.forEach(({ id }, i) => missing.push(...Array<string>(left[i]!).fill(id)));
  const price = sheets.reduce((sum, sheet) => sum + kinds.find(({ id }) => id === sheet.kind)!.price, 0);
  return {
    sheets,
    price,
    boundPrice: Math.min(boundPrice, price),
    proven: missing.length === 0 && price <= boundPrice + SAME_PRICE,
    missing,
  };
}

/** Prepares panels and sheets; lists panels too large for every sheet. */
function workOf(input: CutSheetsInput): { work: SheetWork; missing: string[] } {
  const { kerfMm, trimMm } = input;
  // Factory edges are carried home with what is cut.
  const limit = input.limit && {
    lengthMm: input.limit.lengthMm - 2 * trimMm,
    widthMm: input.limit.widthMm - 2 * trimMm,
  };
  const kinds = input.kinds.filter(({ available }) => available !== 0);
  const inside = kinds.map(({ lengthMm, widthMm }): Rect => ({
    xMm: 0,
    yMm: 0,
    lengthMm: lengthMm - 2 * trimMm,
    widthMm: widthMm - 2 * trimMm,
  }));
  const asked = input.wanted.filter(({ count }) => count > 0);
  const wanted = asked.filter((panel) => inside.some((sheet) => fitsOn(panel, sheet)) && carried(panel, limit));
  const missing = asked
    .filter((panel) => !wanted.includes(panel))
    .flatMap(({ id, count }) => Array<string>(count).fill(id));
  const most = Math.max(...kinds.map(({ price }) => price), 1e-9);
  const costs = kinds.map(({ price }, i) => (price + 1e-6 * inside[i]!.lengthMm * inside[i]!.widthMm * 1e-6) / most);
  const areas = wanted.map(({ lengthMm, widthMm }) => lengthMm * widthMm);
  const filling = { kinds: wanted, kerfMm, limit, spent: { steps: 0 } };
  return { work: { wanted, kinds, inside, costs, areas, filling, random: randomFrom(input.seed) }, missing };
}

const fitsOn = ({ lengthMm, widthMm, turn }: PanelKind, sheet: Rect): boolean =>
  (lengthMm <= sheet.lengthMm + SAME_MM && widthMm <= sheet.widthMm + SAME_MM) ||
  (turn && widthMm <= sheet.lengthMm + SAME_MM && lengthMm <= sheet.widthMm + SAME_MM);

interface Rounds {
  readonly best: { readonly price: number; readonly sheets: readonly Candidate[] };
  readonly pool: ReadonlyMap<string, Candidate>;
}

/** Lays all panels out many times with changing values, until the bound is reached or the effort is spent. */
function* manyRounds(work: SheetWork, boundPrice: number, effort: SheetEffort): Generator<number, Rounds> {
  const { wanted, areas, filling, random } = work;
  const enough = effort.steps * wanted.reduce((sum, { count }) => sum + count, 0);
  const pool = new Map<string, Candidate>();
  const keep = (sheet: Candidate) => {
    const key = `${sheet.kind}:${sheet.counts.join()}`;
    const known = pool.get(key);
    if (!known || sheet.settings < known.settings) pool.set(key, sheet);
  };
  let worth = [...areas];
  let best: Rounds['best'] = { price: Infinity, sheets: [] };
  for (let round = 0; round < effort.rounds; round += 1) {
    if (round % 5 === 0) yield (0.8 * round) / effort.rounds;
    const { corrected, ...laid } = layOutRound(work, worth, keep);
    if (laid.price < best.price - 1e-9 || best.sheets.length === 0) best = laid;
    // Panels that came to lie on badly used sheets are worth more next time; now and then it begins anew.
    const anew = round % ANEW_EVERY === ANEW_EVERY - 1;
    worth = anew ? areas.map((area) => area ** random.between(0.8, 1.3)) : corrected;
    if (best.price <= boundPrice + SAME_PRICE || filling.spent.steps > enough) break;
  }
  return { best, pool };
}

/** Takes the wanted panels from the chosen sheets, fullest first; surplus panels of later sheets become rests. */
function asWanted(work: SheetWork, chosen: readonly Candidate[]): { sheets: CutSheet[]; left: number[] } {
  const { wanted, kinds, areas } = work;
  const left = wanted.map(({ count }) => count);
  const sheets: CutSheet[] = [];
  for (const sheet of [...chosen].sort((a, b) => usedArea(b, areas) - usedArea(a, areas))) {
    const counts = sheet.counts.map((count, i) => Math.min(count, left[i]!));
    counts.forEach((count, i) => (left[i]! -= count));
    if (counts.some((count) => count > 0))
      sheets.push({ kind: kinds[sheet.kind]!.id, layout: neatest(work, sheet, counts) });
  }
  return { sheets, left };
}
