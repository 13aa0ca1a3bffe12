import type { Part } from '../../design/fit';
import type { CutPiece, Job, Offcut } from '../../job';
import type { Outline } from '../../place/opening';
import type { Problem } from '../../base/problem';
import type { Hardware } from '../../design/system';
import { USUAL_EFFORT, type Effort } from './bars';
import { blanksOf, type Blank, type GlueUp } from './blanks';
import { catalogueOf, rackItem, type StockItem } from './catalogue';
import { isAmong } from './cutPieces';
import { boughtOf, type Cutting } from './cuttingPlan';
import { cuttingProblems } from './cuttingProblems';
import { grouped } from './grouped';
import { Laying, layOutBars, layOutSheets, sectionKey, sheetKey, type LayingOut } from './layOutGroups';
import { obtain, type Obtaining, type Sourced } from './obtain';
import { nodesOf, USUAL_SHEETS, type SheetEffort } from './sheets';
import type { Solver } from './solve';
import { fitsCar } from './trees';

export interface CuttingInput {
  readonly job: Pick<Job, 'stock' | 'region' | 'wood' | 'further' | 'tape'>;
  readonly plan: { readonly parts: readonly Part[]; readonly hardware: readonly Hardware[]; readonly opening: Outline };
  readonly rack: readonly Offcut[];
  /** What is on the bench already, opened and unopened: used before anything is bought. */
  readonly bench?: readonly Offcut[];
  /** Blanks that are cut already. */
  readonly made?: ReadonlySet<string>;
  /** Pieces that are cut already, or lie on the saw: none of a size is cut twice. */
  readonly cut?: readonly CutPiece[];
}

export interface CuttingEffort {
  readonly bars: Effort;
  readonly sheets: SheetEffort;
}

export const USUAL_CUTTING: CuttingEffort = { bars: USUAL_EFFORT, sheets: USUAL_SHEETS };

/**
 * From parts to layouts: blanks, what they can be cut from, which of that to buy, and how to cut it. What cannot be had
 * as asked is made of several pieces, and named; what cannot be had at all is named and left out. Yields how much of
 * the work is done, 0 to 1.
 */
export function* planCutting(
  input: CuttingInput,
  solver: Solver,
  effort: CuttingEffort = USUAL_CUTTING,
): Generator<number, Cutting> {
  const { job, plan } = input;
  const { stock } = job;
  const carry = stock.carry ? { lengthMm: stock.carry.length.mm, widthMm: stock.carry.width.mm } : null;
  const kept = keptStock(input);
  const offered = [...catalogueOf(job), ...kept];
  const problems = cuttingProblems(plan.parts);
  const { said, say } = saidOnce();
  const glueUps: GlueUp[] = [];
  const laying = new Laying();
  const obtaining: Obtaining = { stock, carry, plan, problems, say, glueUps };
  const had = (blank: Blank) => obtain(blank, offered.filter(laying.isThere), obtaining);
  const takenFrom = ({ sources }: Sourced) => sources.items.some((item) => laying.taken.has(item.id));
  const isCut = ({ blank }: Sourced) => isAmong(blank, input.cut ?? []);

  const wanted = blanksOf(plan.parts, job)
    .flatMap(had)
    .filter(({ blank }) => !input.made?.has(blank.id));
  const all = [...wanted];
  const uncut = wanted.filter((piece) => !isCut(piece));
  const settings = { stock, carry, solver, effort };
  const first = yield* layOutAll(uncut, kept, laying, { ...settings, again: '' });
  // What another piece took the offcut from is looked for once more among what is left.
  const again = first.filter(takenFrom).flatMap(({ blank }) => had(blank));
  const missing = first.filter((piece) => !takenFrom(piece));
  if (again.length > 0) {
    all.push(...again.filter(({ blank }) => !all.some((other) => other.blank.id === blank.id)));
    missing.push(...(yield* layOutAll(again, kept, laying, { ...settings, again: '+' })));
  }
  for (const { blank } of missing) say(problems.notEnough(blank));
  const buy = boughtOf(laying.layouts);
  // A board is seldom cut where it is bought; whether it can be carried is asked.
  for (const { item } of buy) if (item.form !== 'sheet' && !fitsCar(item, carry)) say(problems.longBoard(item));
  const laid = new Set(
    laying.layouts.flatMap(({ tree }) => nodesOf(tree).flatMap((node) => (node.kind === 'part' ? [node.part] : []))),
  );
  return {
    groups: laying.groups,
    layouts: laying.layouts,
    blanks: all.flatMap((piece) => (laid.has(piece.blank.id) || isCut(piece) ? [piece.blank] : [])),
    glueUps,
    buy,
    price: buy.reduce((sum, { item, count }) => sum + count * item.price, 0),
    boundPrice: laying.groups.reduce((sum, group) => sum + group.boundPrice, 0),
    problems: said,
  };
}

/** Stock on the bench and on the rack. */
function keptStock({ job, bench = [], rack }: CuttingInput): StockItem[] {
  const { stock, wood } = job;
  return [
    ...bench.map((offcut) => ({ ...rackItem(offcut, wood.own), id: `bench:${offcut.id}` })),
    ...(stock.useRack ? rack.map((offcut) => rackItem(offcut, wood.own)) : []),
  ];
}

/** Collects problems, each once. */
function saidOnce(): { readonly said: readonly Problem[]; readonly say: (problem: Problem) => void } {
  const said: Problem[] = [];
  const known = new Set<string>();
  const say = (problem: Problem) => {
    const key = JSON.stringify(problem);
    if (!known.has(key)) said.push(problem);
    known.add(key);
  };
  return { said, say };
}

/** Lays pieces out group by group. @returns those for which there is nothing left */
function* layOutAll(
  all: readonly Sourced[],
  kept: readonly StockItem[],
  laying: Laying,
  settings: LayingOut,
): Generator<number, Sourced[]> {
  const ofSheets = all.filter(({ sheet }) => sheet);
  const ofBars = all.filter(({ sheet }) => !sheet);
  const bars = grouped(ofBars, ({ blank }) => sectionKey(blank));
  // The widest have the fewest offcuts to choose from: they choose first.
  if (kept.length > 0) bars.sort((a, b) => b[0]!.blank.widthMm - a[0]!.blank.widthMm);
  const sheets = grouped(ofSheets, ({ blank }) => sheetKey(blank));
  const steps = bars.length + sheets.length;
  const left: Blank[] = [];
  for (const [done, group] of bars.entries()) {
    yield done / steps;
    left.push(...layOutBars(group, laying, settings));
  }
  for (const [i, group] of sheets.entries()) {
    const done = (bars.length + i) / steps;
    yield done;
    left.push(...(yield* shareOf(layOutSheets(group, laying, settings), done, 1 / steps)));
  }
  return all.filter(({ blank }) => left.includes(blank));
}

/** Scales the progress of a part to the progress of the whole. */
function* shareOf<T>(work: Generator<number, T>, from: number, share: number): Generator<number, T> {
  let step = work.next();
  for (; !step.done; step = work.next()) yield from + share * step.value;
  return step.value;
}
