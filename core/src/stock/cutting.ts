import type { Part } from '../fit';
import type { CutPiece, Job, Offcut } from '../job';
import { count, length, message, nested, text, type Message } from '../message';
import type { Outline } from '../opening';
import { doubtful, stop, type Problem } from '../problem';
import type { Hardware } from '../system';
import { cutBars, USUAL_EFFORT, type CutBars, type Effort } from './bars';
import { blanksOf, joinedFrom, joinsOver, layersOf, stripsFor, stripsOf, type Blank, type GlueUp } from './blanks';
import { catalogueOf, rackItem, type StockItem } from './catalogue';
import { grouped } from './grouped';
import { isAmong } from './cutPieces';
import { fromSheets, layersFor, sourcesFor, type Sources } from './sources';
import { barTree, fitsCar, ordered } from './trees';
import { cutSheets, nodesOf, USUAL_SHEETS, type CutNode, type SheetEffort } from './sheets';
import type { Solver } from './solve';

/** A board or a sheet, and what is cut from it: parts of the tree are blanks by their ids. */
export interface Layout {
  readonly id: string;
  readonly group: string;
  readonly from: 'shop' | 'rack' | 'bench';
  readonly item: StockItem;
  /** What is cut off before anything is measured: the first end of a board; every edge of a sheet. Millimetres. */
  readonly trimMm: number;
  /** In the frame of what is left after trimming: x along, y across; every row in the order it is cut in. */
  readonly tree: CutNode;
}

/** Everything that is cut from stock of one kind, and how well. */
export interface CuttingGroup {
  readonly id: string;
  readonly kind: 'bars' | 'sheets';
  readonly material: string;
  readonly thicknessMm: number;
  /** Width of the section; 0 for sheets. */
  readonly widthMm: number;
  readonly price: number;
  /** No way to cut these from what can be had costs less. */
  readonly boundPrice: number;
  readonly proven: boolean;
  /** What part of the wood that is bought or used becomes parts. */
  readonly usedShare: number;
  readonly planedFromMm: number | null;
}

export interface Bought {
  readonly item: StockItem;
  readonly count: number;
}

/** How the parts of a job are cut from what can be had. Plain data; it survives JSON. */
export interface Cutting {
  readonly groups: readonly CuttingGroup[];
  readonly layouts: readonly Layout[];
  readonly blanks: readonly Blank[];
  readonly glueUps: readonly GlueUp[];
  readonly buy: readonly Bought[];
  readonly price: number;
  readonly boundPrice: number;
  readonly problems: readonly Problem[];
}

export interface CuttingInput {
  readonly job: Pick<Job, 'stock' | 'wood' | 'further' | 'tape'>;
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

/** Settings that mean nothing differ in the thousandth: sizes to a hundredth of a millimetre. */
const round = (mm: number) => Math.round(mm * 100) / 100;
const sectionKey = (one: Blank) => [one.form, one.material, round(one.thicknessMm), round(one.widthMm)].join('/');
const sheetKey = (one: Blank) => [one.material, round(one.thicknessMm)].join('/');

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
  const { job, plan, made } = input;
  const { stock, wood } = job;
  const carry = stock.carry ? { lengthMm: stock.carry.length.mm, widthMm: stock.carry.width.mm } : null;
  const mayBuy = catalogueOf(job);
  const kept = [
    ...(input.bench ?? []).map((one) => ({ ...rackItem(one, wood.own), id: `bench:${one.id}` })),
    ...(stock.useRack ? input.rack.map((one) => rackItem(one, wood.own)) : []),
  ];
  const offered = [...mayBuy, ...kept];
  const leave = new Set(stock.leave);
  const problems: Problem[] = [];
  const glueUps: GlueUp[] = [];
  const { parts } = plan;
  const said = new Set<string>();
  const say = (problem: Problem) => {
    const once = JSON.stringify(problem);
    if (!said.has(once)) problems.push(problem);
    said.add(once);
  };
  const sectionWords = (one: Blank): Message =>
    message('stock.size', { thick: length(one.thicknessMm), wide: length(one.widthMm) });

  // What is on the rack or the bench is there once: a piece that is taken is not offered again.
  const taken = new Set<string>();
  const there = (one: StockItem) => !taken.has(one.id);
  const groups: CuttingGroup[] = [];
  const layouts: Layout[] = [];
  const already = ({ blank }: Sourced) => isAmong(blank, input.cut ?? []);
  const all = blanksOf(parts, job)
    .flatMap((blank) => sourced(blank))
    .filter(({ blank }) => !made?.has(blank.id));
  const blanks = [...all];
  let missing = yield* take(
    all.filter((one) => !already(one)),
    '',
  );
  // What another piece took the offcut from is looked for once more among what is left.
  const again = missing
    .filter((one) => one.sources.items.some((item) => taken.has(item.id)))
    .flatMap(({ blank }) => sourced(blank));
  missing = missing.filter((one) => !one.sources.items.some((item) => taken.has(item.id)));
  if (again.length > 0) {
    blanks.push(...again.filter((one) => !blanks.some((other) => other.blank.id === one.blank.id)));
    missing.push(...(yield* take(again, '+')));
  }
  notCut(missing.map((one) => one.blank));
  const cut = new Set(
    layouts.flatMap((one) => nodesOf(one.tree).flatMap((node) => (node.is === 'part' ? [node.part] : []))),
  );
  const buy = boughtOf(layouts);
  // A board is seldom cut where it is bought; whether it can be carried is asked.
  for (const { item } of buy)
    if (item.form !== 'sheet' && !fitsCar(item, carry))
      say(
        doubtful(
          { is: 'shelves' },
          message('problem.longBoard', { item: nested(item.name), long: length(item.lengthMm) }),
        ),
      );
  return {
    groups,
    layouts,
    blanks: blanks.flatMap((one) => (cut.has(one.blank.id) || already(one) ? [one.blank] : [])),
    glueUps,
    buy,
    price: buy.reduce((sum, one) => sum + one.count * one.item.price, 0),
    boundPrice: groups.reduce((sum, one) => sum + one.boundPrice, 0),
    problems,
  };

  /** Lays pieces out group by group. @returns those for which there is nothing left */
  function* take(all: readonly Sourced[], again: string): Generator<number, Sourced[]> {
    const bars = grouped(
      all.filter((one) => !one.sheet),
      (one) => sectionKey(one.blank),
    );
    // The widest have the fewest offcuts to choose from: they choose first.
    if (kept.length > 0) bars.sort((a, b) => b[0]!.blank.widthMm - a[0]!.blank.widthMm);
    const sheets = grouped(
      all.filter((one) => one.sheet),
      (one) => sheetKey(one.blank),
    );
    const steps = bars.length + sheets.length;
    const left: Blank[] = [];
    for (const [done, group] of bars.entries()) {
      yield done / steps;
      left.push(...takeBars(group, again));
    }
    for (const [i, group] of sheets.entries()) {
      const done = (bars.length + i) / steps;
      yield done;
      left.push(...(yield* takeSheets(group, again, done, 1 / steps)));
    }
    return all.filter((one) => left.includes(one.blank));
  }

  /** A blank as it can be had: whole, or in pieces. */
  function sourced(blank: Blank): Sourced[] {
    const items = offered.filter(there);
    const sheet = fromSheets(blank, items);
    const about = aboutOf(blank, parts);
    const piece = text(blank.label);
    let one = [blank];
    let sources = sourcesFor(blank, items, leave);
    if (!sources && sheet) {
      const layers = layersFor(blank, items);
      if (layers) {
        one = layersOf(blank, layers.count, layers.thicknessMm);
        sources = sourcesFor(one[0]!, items, leave);
        say(
          doubtful(
            about,
            message('problem.inLayers', {
              piece,
              layers: count(layers.count),
              thick: length(layers.thicknessMm),
              made: length(layers.count * layers.thicknessMm),
            }),
          ),
        );
      }
    }
    if (!sources) {
      say(
        stop(
          about,
          message('problem.noStock', {
            piece,
            thick: length(blank.thicknessMm),
            wide: length(blank.widthMm),
            material: text(blank.material),
          }),
        ),
      );
      return [];
    }
    if (sources.reallyMm !== null)
      say(
        doubtful(
          about,
          message('problem.reallyThick', {
            planned: length(blank.thicknessMm),
            really: length(sources.reallyMm),
            item: nested(sources.items[0]!.name),
          }),
        ),
      );
    if (sources.instead !== null)
      say(
        doubtful(
          about,
          message('problem.otherWood', {
            section: nested(sectionWords(blank)),
            material: nested(sources.items[0]!.name),
          }),
        ),
      );
    if (sheet) return joined(one, sources, true);
    return joined(one, sources, false).flatMap((each) => gluedUp(each));
  }

  /** Pieces end to end, where nothing is long enough. */
  function joined(all: readonly Blank[], sources: Sources, sheet: boolean): Sourced[] {
    const edges = sheet ? 2 * stock.edges.mm : stock.squaring.mm;
    const fresh = sources.items.filter((one) => !one.id.startsWith('rack:') && !one.id.startsWith('bench:'));
    const from = fresh.length > 0 ? fresh : sources.items;
    const fitting =
      sheet && carry
        ? from.map((one) => ({ ...one, lengthMm: Math.min(one.lengthMm, Math.max(carry.lengthMm, carry.widthMm)) }))
        : from;
    return all.flatMap((blank): Sourced[] => {
      const longest = Math.max(...fitting.map((one) => longestIn(one, blank, edges)));
      if (blank.lengthMm <= longest + 1e-6) return [{ blank, sources, sheet }];
      const part = parts.find((one) => one.id === blank.parts[0]);
      const about = aboutOf(blank, parts);
      const piece = text(blank.label);
      if (longest < 100 || blank.parts.length > 1) {
        say(
          stop(
            about,
            message('problem.tooWideForStock', {
              piece,
              wide: length(blank.widthMm),
              widest: length(Math.max(...from.map((one) => one.widthMm - edges))),
            }),
          ),
        );
        return [];
      }
      const over = part ? joinsOver(part, parts, plan.hardware, plan.opening) : [];
      const { blanks: pieces, atMm, supported } = joinedFrom(blank, longest, over);
      const at = { piece, length: length(blank.lengthMm), longest: length(longest), at: nested(listed(atMm)) };
      say(doubtful(about, supported ? message('problem.joinedOver', at) : message('problem.joinedFree', at)));
      return pieces.map((one) => ({ blank: one, sources, sheet }));
    });
  }

  /** Strips side by side, where nothing is wide enough. */
  function gluedUp({ blank, sources }: Sourced): Sourced[] {
    if (
      sources.items.some(
        (one) =>
          one.widthMm >= blank.widthMm - SAME_WIDTH_MM && one.lengthMm - stock.squaring.mm >= blank.lengthMm - 1e-6,
      ) ||
      blank.form === 'rod'
    )
      return [{ blank, sources, sheet: false }];
    const fresh = sources.items.filter(
      (one) =>
        !one.id.startsWith('rack:') &&
        !one.id.startsWith('bench:') &&
        one.lengthMm - stock.squaring.mm >= blank.lengthMm + 30 &&
        one.widthMm >= 60,
    );
    const rate = (one: StockItem) => (stripsFor(blank.widthMm, one.widthMm).count * one.price) / one.lengthMm;
    const [best] = [...fresh].sort((a, b) => rate(a) - rate(b));
    if (!best) {
      say(
        stop(
          aboutOf(blank, parts),
          message('problem.noStock', {
            piece: text(blank.label),
            thick: length(blank.thicknessMm),
            wide: length(blank.widthMm),
            material: text(blank.material),
          }),
        ),
      );
      return [];
    }
    const { count: strips, stripMm } = stripsFor(blank.widthMm, best.widthMm);
    glueUps.push({ part: blank.parts[0]!, label: blank.label, strips, stripMm, fromSection: best.section });
    say(
      doubtful(
        aboutOf(blank, parts),
        message('problem.glueUp', {
          piece: text(blank.label),
          strips: count(strips),
          wide: length(stripMm),
          item: nested(best.name),
        }),
      ),
    );
    const only = { ...sources, items: sources.items.filter((one) => one.widthMm === best.widthMm) };
    return stripsOf(blank, best.widthMm).map((one) => ({ blank: one, sources: only, sheet: false }));
  }

  function takeBars(group: readonly Sourced[], again: string): Blank[] {
    const { blank: first, sources } = group[0]!;
    const kerf = stock.kerf.mm;
    const usable = sources.items
      .filter(there)
      .filter((one) => one.widthMm >= first.widthMm - SAME_WIDTH_MM || first.form === 'rod');
    const kinds = usable.map((one) => ({
      id: one.id,
      lengthMm: one.lengthMm,
      price: one.price,
      available: one.left,
      yields: yieldsOf(one, first, kerf),
    }));
    const lengths = grouped(group, (one) => String(round(one.blank.lengthMm)));
    const result: CutBars = cutBars(
      {
        wanted: lengths.map((all) => ({ id: all[0]!.blank.id, lengthMm: all[0]!.blank.lengthMm, count: all.length })),
        kinds,
        kerfMm: kerf,
        trimMm: stock.squaring.mm,
        keepMm: stock.keep.mm,
      },
      solver,
      effort.bars,
    );
    const waiting = new Map(lengths.map((all) => [all[0]!.blank.id, all.map((one) => one.blank)]));
    const id = sectionKey(first) + again;
    const from = layouts.length;
    for (const kind of kinds) {
      const item = usable.find((one) => one.id === kind.id)!;
      const all = result.bars.filter((one) => one.kind === kind.id);
      for (let at = 0; at < all.length; at += kind.yields) {
        const rows = all
          .slice(at, at + kind.yields)
          .map((bar) => bar.pieces.map((piece) => waiting.get(piece)!.shift()!));
        put({
          group: id,
          item,
          trimMm: stock.squaring.mm,
          tree: ordered(barTree({ item, rows, trimMm: stock.squaring.mm, kerfMm: kerf }), kerf),
        });
      }
    }
    groups.push(groupOf(id, 'bars', first, result, from, sources.planedFromMm));
    return result.missing.map((one) => waiting.get(one)!.shift()!);
  }

  function put(layout: Omit<Layout, 'id' | 'from'>) {
    const from = fromOf(layout.item);
    layouts.push({ id: `L${layouts.length + 1}`, from, ...layout });
    if (from !== 'shop') taken.add(layout.item.id);
  }

  function* takeSheets(
    group: readonly Sourced[],
    again: string,
    from: number,
    share: number,
  ): Generator<number, Blank[]> {
    const { blank: first, sources } = group[0]!;
    const sizes = grouped(group, ({ blank }) => [round(blank.lengthMm), round(blank.widthMm), blank.turn].join('/'));
    const work = cutSheets(
      {
        wanted: sizes.map((all) => ({ ...all[0]!.blank, count: all.length })),
        kinds: sources.items
          .filter(there)
          .map((one) => ({
            id: one.id,
            lengthMm: one.lengthMm,
            widthMm: one.widthMm,
            price: one.price,
            available: one.left,
          })),
        kerfMm: stock.kerf.mm,
        trimMm: stock.edges.mm,
        limit: carry,
        seed: 7,
      },
      solver,
      effort.sheets,
    );
    let step = work.next();
    for (; !step.done; step = work.next()) yield from + share * step.value;
    const result = step.value;
    const waiting = new Map(sizes.map((all) => [all[0]!.blank.id, all.map((one) => one.blank)]));
    const id = sheetKey(first) + again;
    const before = layouts.length;
    for (const one of result.sheets) {
      const item = sources.items.find((each) => each.id === one.kind)!;
      const named = (node: CutNode): CutNode =>
        node.is === 'cut'
          ? { ...node, pieces: node.pieces.map(named) }
          : node.is === 'part'
            ? { ...node, part: waiting.get(node.part)!.shift()!.id }
            : node;
      put({ group: id, item, trimMm: stock.edges.mm, tree: ordered(named(one.layout), stock.kerf.mm) });
    }
    groups.push(groupOf(id, 'sheets', first, result, before, null));
    return result.missing.map((one) => waiting.get(one)!.shift()!);
  }

  function notCut(blank: readonly Blank[]) {
    for (const one of blank)
      say(
        stop(
          aboutOf(one, parts),
          message('problem.notEnough', {
            piece: text(one.label),
            long: length(one.lengthMm),
            wide: length(one.widthMm),
          }),
        ),
      );
  }

  function groupOf(
    id: string,
    kind: CuttingGroup['kind'],
    first: Blank,
    result: Pick<CutBars, 'price' | 'boundPrice' | 'proven'>,
    from: number,
    planedFromMm: number | null,
  ): CuttingGroup {
    const ours = layouts.slice(from);
    const whole = ours.reduce((sum, one) => sum + one.item.lengthMm * one.item.widthMm, 0);
    const used = ours.reduce(
      (sum, one) =>
        sum + nodesOf(one.tree).reduce((all, node) => all + (node.is === 'part' ? node.lengthMm * node.widthMm : 0), 0),
      0,
    );
    const { price, boundPrice, proven } = result;
    return {
      id,
      kind,
      material: first.material,
      thicknessMm: first.thicknessMm,
      widthMm: kind === 'bars' ? first.widthMm : 0,
      price,
      boundPrice,
      proven,
      usedShare: whole > 0 ? used / whole : 0,
      planedFromMm,
    };
  }
}

interface Sourced {
  readonly blank: Blank;
  readonly sources: Sources;
  readonly sheet: boolean;
}

/** A section so much narrower than a blank still does: it is as it comes. Millimetres. */
const SAME_WIDTH_MM = 0.6;
/** What is left on a strip that is ripped out of a wider board, for its second, final rip. Millimetres. */
const RIPPED_MM = 2;

/** How many strips of a blank's width come out of a board. */
function yieldsOf(item: StockItem, blank: Blank, kerfMm: number): number {
  if (blank.form === 'rod' || Math.abs(item.widthMm - blank.widthMm) <= SAME_WIDTH_MM) return 1;
  return Math.max(1, Math.floor((item.widthMm + kerfMm) / (blank.widthMm + RIPPED_MM + kerfMm) + 1e-9));
}

/** How long a piece of a blank's width can be cut from an item. */
function longestIn(item: StockItem, { widthMm, turn, form }: Blank, edgesMm: number): number {
  if (item.form !== 'sheet') return form === 'rod' || form === 'stick' || form === 'flat' ? item.lengthMm - edgesMm : 0;
  const [l, w] = [item.lengthMm - edgesMm, item.widthMm - edgesMm];
  return Math.max(widthMm <= w + 1e-6 ? l : 0, turn && widthMm <= l + 1e-6 ? w : 0);
}

const fromOf = (item: StockItem): Layout['from'] =>
  item.id.startsWith('rack:') ? 'rack' : item.id.startsWith('bench:') ? 'bench' : 'shop';

function aboutOf(blank: Blank, parts: readonly Part[]) {
  const shelf = parts.find((one) => one.id === blank.parts[0])?.shelf ?? 0;
  return shelf > 0 ? ({ is: 'shelf', shelf } as const) : ({ is: 'shelves' } as const);
}

/** Lengths one after another. */
function listed(all: readonly number[]): Message {
  const [first = 0, ...others] = all;
  return others.reduce<Message>(
    (sum, mm) => message('list.and', { first: nested(sum), then: nested(message('list.length', { mm: length(mm) })) }),
    message('list.length', { mm: length(first) }),
  );
}

/** What is bought for layouts, the same things counted together. */
export function boughtOf(layouts: readonly Layout[]): Bought[] {
  const bought = layouts.filter((one) => one.from === 'shop');
  return grouped(bought, (one) => one.item.id).map((all) => ({ item: all[0]!.item, count: all.length }));
}
