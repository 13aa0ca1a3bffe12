import { areaInside, usedArea, type Candidate, type SheetWork } from './candidates';
import { fillSheet, type Manner } from './fill';
import { flattened, settingsOf } from './layout';

/** Result of laying all panels out once. */
export interface Round {
  /** Price of the sheets; infinite when panels are left over. */
  readonly price: number;
  readonly sheets: Candidate[];
  /** Worth of each panel in the next round: higher for panels on badly used sheets. */
  readonly corrected: number[];
}

/** Fillings tried per sheet: two by strips, the rest by panels. */
const TURNS = 5;
/** Share of a panel's worth kept from round to round (assumed). */
const KEPT_SHARE = 0.6;

interface Try {
  readonly candidate: Candidate;
  readonly after: number[];
  readonly rate: number;
}

/**
 * Lays all panels out, sheet after sheet, each time the sheet used best for its price.
 * @param values worth of each panel
 * @param keep receives every candidate, to choose from later
 */
export function layOutRound(work: SheetWork, values: readonly number[], keep: (sheet: Candidate) => void): Round {
  const { wanted, kinds, inside, areas, random } = work;
  const left = wanted.map((panel) => panel.count);
  const free = kinds.map((kind) => kind.available);
  const corrected = [...values];
  const sheets: Candidate[] = [];
  let price = 0;
  while (left.some((count) => count > 0)) {
    const tries = kinds.flatMap((_, kind) => (free[kind] === 0 ? [] : triesOn(work, kind, left, values)));
    for (const { candidate } of tries) keep(candidate);
    const [first] = tries.sort((a, b) => b.rate - a.rate);
    if (!first) break;
    const { candidate, after } = first;
    if (free[candidate.kind] !== null) free[candidate.kind]! -= 1;
    price += kinds[candidate.kind]!.price;
    sheets.push(candidate);
    const full = usedArea(candidate, areas) / areaInside(inside[candidate.kind]!);
    candidate.counts.forEach((count, i) => {
      if (count === 0) return;
      const anew = areas[i]! * (1 / Math.max(full, 0.2)) ** random.between(0.8, 1.6);
      corrected[i] = KEPT_SHARE * values[i]! + (1 - KEPT_SHARE) * anew;
    });
    after.forEach((count, i) => (left[i] = count));
  }
  return { price: left.some((count) => count > 0) ? Infinity : price, sheets, corrected };
}

/** Fills one sheet of a kind in several manners; drops empty fillings. */
function triesOn(work: SheetWork, kind: number, left: readonly number[], worth: readonly number[]): Try[] {
  const { inside, costs, areas, filling, random } = work;
  const tries: Try[] = [];
  for (let turn = 0; turn < TURNS; turn += 1) {
    const after = [...left];
    const manner: Manner = { worth, by: turn < 2 ? 'strips' : 'panels', split: splitOf(turn, random), random };
    const layout = flattened(fillSheet(filling, inside[kind]!, after, manner));
    const counts = left.map((count, i) => count - after[i]!);
    const placed = usedArea({ counts }, areas);
    if (placed === 0) continue;
    const candidate: Candidate = { kind, counts, layout, settings: settingsOf(layout) };
    tries.push({ candidate, after, rate: placed / Math.max(costs[kind]!, 1e-6) });
  }
  return tries;
}

function splitOf(turn: number, random: SheetWork['random']): Manner['split'] {
  if (turn === 0) return 'rip';
  if (turn === 1) return 'cross';
  return turn === 2 ? 'larger' : random.pick(['rip', 'cross', 'longer', 'larger'] as const);
}
