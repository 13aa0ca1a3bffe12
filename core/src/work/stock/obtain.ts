import type { Part } from '../../design/fit';
import type { Job } from '../../job';
import type { Outline } from '../../place/opening';
import type { Problem } from '../../base/problem';
import type { Hardware } from '../../design/system';
import { joinedFrom, joinsOver, layersOf, stripsFor, stripsOf, type Blank, type GlueUp } from './blanks';
import type { StockItem } from './catalogue';
import type { CuttingProblems } from './cuttingProblems';
import { fromSheets, layersFor, SAME_WIDTH_MM, sourcesFor, type Sources } from './sources';

/** A blank with the stock it can be cut from. */
export interface Sourced {
  readonly blank: Blank;
  readonly sources: Sources;
  readonly sheet: boolean;
}

/** Settings for getting blanks, and where to report problems. */
export interface Obtaining {
  readonly stock: Job['stock'];
  readonly carry: { readonly lengthMm: number; readonly widthMm: number } | null;
  readonly plan: { readonly parts: readonly Part[]; readonly hardware: readonly Hardware[]; readonly opening: Outline };
  readonly problems: CuttingProblems;
  readonly say: (problem: Problem) => void;
  readonly glueUps: GlueUp[];
}

/** Least width of a board for a glued panel, and its least length over the blank. Millimetres (assumed). */
const STRIP_MM = { leastWide: 60, over: 30 };
/** Shortest piece worth a joint. Millimetres (assumed). */
const SHORTEST_JOINED_MM = 100;
const SAME_LENGTH_MM = 1e-6;

/** Whether a piece of stock is an offcut from the rack. */
export const isFromRack = ({ id }: Pick<StockItem, 'id'>): boolean => id.startsWith('rack:');
/** Whether a piece of stock lies on the bench, left from what was cut before. */
export const isFromBench = ({ id }: Pick<StockItem, 'id'>): boolean => id.startsWith('bench:');
const isFresh = (item: StockItem) => !isFromRack(item) && !isFromBench(item);

/** Finds how to get a blank: whole, in layers, end to end, or glued up from strips; empty when impossible. */
export function obtain(blank: Blank, items: readonly StockItem[], obtaining: Obtaining): Sourced[] {
  const { problems, say, stock } = obtaining;
  const leave = new Set(stock.leave);
  const sheet = fromSheets(blank, items);
  let made = [blank];
  let sources = sourcesFor(blank, items, leave);
  const layers = !sources && sheet ? layersFor(blank, items) : null;
  if (layers) {
    made = layersOf(blank, layers.count, layers.thicknessMm);
    sources = sourcesFor(made[0]!, items, leave);
    say(problems.inLayers(blank, layers));
  }
  if (!sources) {
    say(problems.noStock(blank));
    return [];
  }
  const first = sources.items[0]!;
  if (sources.reallyMm !== null) say(problems.reallyThick(blank, sources.reallyMm, first));
  if (sources.instead !== null) say(problems.otherWood(blank, first));
  const from = sources;
  const joined = made.flatMap((piece) => joinedToLength({ blank: piece, sources: from, sheet }, obtaining));
  return sheet ? joined : joined.flatMap((piece) => gluedUp(piece, obtaining));
}

/** Pieces end to end, where nothing is long enough. */
function joinedToLength(whole: Sourced, { stock, carry, plan, problems, say }: Obtaining): Sourced[] {
  const { blank, sources, sheet } = whole;
  const edgesMm = sheet ? 2 * stock.edges.mm : stock.squaring.mm;
  const fresh = sources.items.filter(isFresh);
  const from = fresh.length > 0 ? fresh : sources.items;
  const carriedMm = sheet && carry ? Math.max(carry.lengthMm, carry.widthMm) : Infinity;
  const longest = Math.max(
    ...from.map((item) => longestIn({ ...item, lengthMm: Math.min(item.lengthMm, carriedMm) }, blank, edgesMm)),
  );
  if (blank.lengthMm <= longest + SAME_LENGTH_MM) return [whole];
  if (longest < SHORTEST_JOINED_MM || blank.parts.length > 1) {
    say(problems.tooWide(blank, Math.max(...from.map((item) => item.widthMm - edgesMm))));
    return [];
  }
  const part = plan.parts.find(({ id }) => id === blank.parts[0]);
  const over = part ? joinsOver(part, plan.parts, plan.hardware, plan.opening) : [];
  const { blanks: pieces, atMm, supported } = joinedFrom(blank, longest, over);
  say(problems.joined(blank, longest, atMm, supported));
  return pieces.map((piece) => ({ blank: piece, sources, sheet }));
}

/** Strips side by side, where nothing is wide enough. */
function gluedUp(whole: Sourced, { stock, problems, say, glueUps }: Obtaining): Sourced[] {
  const { blank, sources } = whole;
  const usableMm = (item: StockItem) => item.lengthMm - stock.squaring.mm;
  const wideEnough = sources.items.some(
    (item) => item.widthMm >= blank.widthMm - SAME_WIDTH_MM && usableMm(item) >= blank.lengthMm - SAME_LENGTH_MM,
  );
  if (wideEnough || blank.form === 'rod') return [{ blank, sources, sheet: false }];
  const fresh = sources.items.filter(
    (item) => isFresh(item) && usableMm(item) >= blank.lengthMm + STRIP_MM.over && item.widthMm >= STRIP_MM.leastWide,
  );
  const rate = (item: StockItem) => (stripsFor(blank.widthMm, item.widthMm).count * item.price) / item.lengthMm;
  const [best] = [...fresh].sort((a, b) => rate(a) - rate(b));
  if (!best) {
    say(problems.noStock(blank));
    return [];
  }
  const strips = stripsFor(blank.widthMm, best.widthMm);
  const { count, stripMm } = strips;
  glueUps.push({ part: blank.parts[0]!, label: blank.label, strips: count, stripMm, fromSection: best.section });
  say(problems.gluedUp(blank, strips, best));
  const only = { ...sources, items: sources.items.filter((item) => item.widthMm === best.widthMm) };
  return stripsOf(blank, best.widthMm).map((strip) => ({ blank: strip, sources: only, sheet: false }));
}

/** How long a piece of a blank's width can be cut from an item. */
function longestIn(item: StockItem, { widthMm, turn, form }: Blank, edgesMm: number): number {
  if (item.form !== 'sheet') return form === 'rod' || form === 'stick' || form === 'flat' ? item.lengthMm - edgesMm : 0;
  const [l, w] = [item.lengthMm - edgesMm, item.widthMm - edgesMm];
  return Math.max(widthMm <= w + SAME_LENGTH_MM ? l : 0, turn && widthMm <= l + SAME_LENGTH_MM ? w : 0);
}
