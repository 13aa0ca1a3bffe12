import type { Random } from '../../../base/random';
import { bestFill } from '../bars/patterns';
import type { CutNode, Rect } from './layout';

/** A kind of panel: length along the grain where that is kept. Millimetres. */
export interface PanelKind {
  readonly id: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Whether it may lie across the sheet. */
  readonly turn: boolean;
}

/** What fits through a door and into a car, whichever way it is carried. Millimetres. */
export interface CarryLimit {
  readonly lengthMm: number;
  readonly widthMm: number;
}

/** How a sheet is filled this time. */
export interface Manner {
  /** What a panel of each kind is worth; more is taken first. */
  readonly worth: readonly number[];
  /** Along strips, or panel by panel wherever it goes best. */
  readonly by: 'strips' | 'panels';
  /** Which cut is made first beside a panel. */
  readonly split: 'rip' | 'cross' | 'longer' | 'larger';
  readonly random: Random;
}

export interface Filling {
  readonly kinds: readonly PanelKind[];
  readonly kerfMm: number;
  readonly limit: CarryLimit | null;
  /** Counts what is looked at: work is measured by it, the same on every machine. */
  readonly spent: { steps: number };
}

const EPSILON = 1e-6;

/** Whether a piece can be carried away. */
export const carried = ({ lengthMm, widthMm }: { lengthMm: number; widthMm: number }, limit: CarryLimit | null) =>
  !limit ||
  (lengthMm <= limit.lengthMm + EPSILON && widthMm <= limit.widthMm + EPSILON) ||
  (lengthMm <= limit.widthMm + EPSILON && widthMm <= limit.lengthMm + EPSILON);

/**
 * One sheet filled with panels, cut only straight through; first divided into pieces that can be carried.
 * @param left how many of each kind are still wanted; less by what is placed when it returns
 */
export function fillSheet(filling: Filling, sheet: Rect, left: number[], manner: Manner): CutNode {
  if (carried(sheet, filling.limit)) {
    return manner.by === 'strips'
      ? fillByStrips(filling, sheet, left, manner)
      : fillByPanels(filling, sheet, left, manner);
  }
  const { limit, kerfMm } = filling;
  const [most, least] = [Math.max(limit!.lengthMm, limit!.widthMm), Math.min(limit!.lengthMm, limit!.widthMm)];
  // Across or along, to what is long enough to carry or narrow enough: what is then still too large is cut again.
  const ways = (['cross', 'rip'] as const).flatMap((way) => {
    const size = way === 'cross' ? sheet.lengthMm : sheet.widthMm;
    return [most, least].flatMap((room) => (size > room + EPSILON ? [{ way, size, room }] : []));
  });
  const { way, size, room } = manner.random.pick(ways);
  const at = whereToDivide(filling, left, size, room, way === 'cross', manner.random);
  return cutIn(sheet, way, at, kerfMm, (rect) => fillSheet(filling, rect, left, manner), true);
}

/**
 * Where the cut goes by which a piece becomes small enough: so many panels side by side, its half, or as much as may
 * be.
 */
function whereToDivide(
  { kinds, kerfMm }: Filling,
  left: readonly number[],
  size: number,
  most: number,
  cross: boolean,
  random: Random,
): number {
  const sizes = kinds.flatMap((kind, i) =>
    left[i]! > 0
      ? [cross ? kind.lengthMm : kind.widthMm, ...(kind.turn ? [cross ? kind.widthMm : kind.lengthMm] : [])]
      : [],
  );
  const sums = [most, Math.min(size / 2, most)];
  for (let turn = 0; turn < 8 && sizes.length > 0; turn += 1) {
    let at = 0;
    for (;;) {
      const next = random.pick(sizes);
      if (at + next > most + EPSILON) break;
      at += next;
      sums.push(at);
      at += kerfMm;
    }
  }
  return random.pick(sums);
}

/** A piece cut in two at a size; what each becomes, the one at the reference edge first. */
function cutIn(
  rect: Rect,
  way: 'rip' | 'cross',
  at: number,
  kerfMm: number,
  then: (one: Rect) => CutNode,
  shop = false,
): CutNode {
  const { xMm, yMm, lengthMm, widthMm } = rect;
  const whole = way === 'cross' ? lengthMm : widthMm;
  if (whole - at < EPSILON) return then(rect);
  const [first, second]: [Rect, Rect] =
    way === 'cross'
      ? [
          { ...rect, lengthMm: at },
          { xMm: xMm + at + kerfMm, yMm, lengthMm: lengthMm - at - kerfMm, widthMm },
        ]
      : [
          { ...rect, widthMm: at },
          { xMm, yMm: yMm + at + kerfMm, lengthMm, widthMm: widthMm - at - kerfMm },
        ];
  const pieces = [then(first)];
  // Less than a kerf is left: the cut takes it.
  if ((way === 'cross' ? second.lengthMm : second.widthMm) > EPSILON) pieces.push(then(second));
  return { ...rect, kind: 'cut', way, pieces, ...(shop ? { shop: true as const } : {}) };
}

const rest = (rect: Rect): CutNode => ({ ...rect, kind: 'rest' });

interface Placing {
  readonly kind: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly turned: boolean;
}

function placings(
  kinds: readonly PanelKind[],
  left: readonly number[],
  { lengthMm, widthMm }: { lengthMm: number; widthMm: number },
): Placing[] {
  const found: Placing[] = [];
  kinds.forEach((panelKind, kind) => {
    if (left[kind]! <= 0) return;
    const [l, w] = [panelKind.lengthMm, panelKind.widthMm];
    if (l <= lengthMm + EPSILON && w <= widthMm + EPSILON) found.push({ kind, lengthMm: l, widthMm: w, turned: false });
    if (panelKind.turn && l !== w && w <= lengthMm + EPSILON && l <= widthMm + EPSILON)
      found.push({ kind, lengthMm: w, widthMm: l, turned: true });
  });
  return found;
}

/** Panel by panel: the one worth most in the corner, then what is left beside it and above it. */
function fillByPanels(filling: Filling, rect: Rect, left: number[], manner: Manner): CutNode {
  const { kinds, kerfMm } = filling;
  filling.spent.steps += kinds.length;
  let best: Placing | null = null;
  let most = 0;
  for (const one of placings(kinds, left, rect)) {
    const whole =
      Math.abs(one.widthMm - rect.widthMm) < kerfMm + EPSILON ||
      Math.abs(one.lengthMm - rect.lengthMm) < kerfMm + EPSILON;
    const score = manner.worth[one.kind]! * (whole ? 1.5 : 1) * (0.85 + 0.15 * manner.random.uniform());
    if (score > most) {
      most = score;
      best = one;
    }
  }
  if (!best) return rest(rect);
  const { kind, lengthMm, widthMm, turned } = best;
  left[kind]! -= 1;
  const beside = { mm: rect.lengthMm - lengthMm - kerfMm, above: rect.widthMm - widthMm - kerfMm };
  const ripFirst =
    manner.split === 'rip' ||
    (manner.split === 'longer' && rect.lengthMm >= rect.widthMm) ||
    // The larger rest stays as large as it can be.
    (manner.split === 'larger' && rect.lengthMm * beside.above >= rect.widthMm * beside.mm);
  const placed = (one: Rect): CutNode => ({ ...one, kind: 'part', part: kinds[kind]!.id, turned });
  const onward = (one: Rect) => fillByPanels(filling, one, left, manner);
  const second = (way: 'rip' | 'cross', at: number, one: Rect) => {
    let first = true;
    return cutIn(one, way, at, kerfMm, (piece) => {
      if (!first) return onward(piece);
      first = false;
      return placed(piece);
    });
  };
  let first = true;
  const [way, at, then, thenAt] = ripFirst
    ? (['rip', widthMm, 'cross', lengthMm] as const)
    : (['cross', lengthMm, 'rip', widthMm] as const);
  return cutIn(rect, way, at, kerfMm, (piece) => {
    if (!first) return onward(piece);
    first = false;
    return second(then, thenAt, piece);
  });
}

/** Strip by strip, each as wide as its widest panel and filled along by a knapsack: few settings, and quick to cut. */
function fillByStrips(filling: Filling, rect: Rect, left: number[], manner: Manner): CutNode {
  const { kinds, kerfMm } = filling;
  const rips = manner.split !== 'cross';
  const [along, across] = rips ? [rect.lengthMm, rect.widthMm] : [rect.widthMm, rect.lengthMm];
  const fitting = placings(kinds, left, rect).map((placing) => ({
    ...placing,
    along: rips ? placing.lengthMm : placing.widthMm,
    across: rips ? placing.widthMm : placing.lengthMm,
  }));
  if (fitting.length === 0) return rest(rect);
  let best: { across: number; counts: number[]; taken: typeof fitting } | null = null;
  let most = 0;
  const widths = someOf(
    [...new Set(fitting.map((one) => one.across))].sort((a, b) => b - a),
    manner.random,
  );
  filling.spent.steps += fitting.length * widths.length;
  for (const wide of widths) {
    // A kind that could lie both ways lies the way that is nearer to the strip's width.
    const nearest = new Map<number, (typeof fitting)[number]>();
    for (const one of fitting) {
      const known = nearest.get(one.kind);
      if (one.across <= wide + EPSILON && (!known || one.across > known.across)) nearest.set(one.kind, one);
    }
    const taken = [...nearest.values()];
    const values = taken.map((one) => manner.worth[one.kind]! * (0.9 + 0.1 * manner.random.uniform()));
    const { counts, worth } = bestFill(
      {
        takes: taken.map((one) => one.along + kerfMm),
        most: taken.map((one) => left[one.kind]!),
        room: along + kerfMm,
      },
      values,
    );
    const score =
      (worth / (wide + kerfMm)) *
      (Math.abs(wide - across) < kerfMm ? 1.1 : 1) *
      (0.95 + 0.05 * manner.random.uniform());
    if (score > most) {
      most = score;
      best = { across: wide, counts, taken };
    }
  }
  if (!best) return rest(rect);
  const { counts, taken, across: wide } = best;
  const row = taken
    .flatMap((one, i) => Array.from({ length: counts[i]! }, () => one))
    .sort((a, b) => b.across - a.across || b.along - a.along);
  row.forEach((one) => (left[one.kind]! -= 1));
  let first = true;
  return cutIn(rect, rips ? 'rip' : 'cross', wide, kerfMm, (piece) => {
    if (!first) return fillByStrips(filling, piece, left, manner);
    first = false;
    return inRow(filling, piece, row, rips, left, manner);
  });
}

/** The widest of many widths, and some of the others. */
function someOf(widths: readonly number[], random: Random): readonly number[] {
  if (widths.length <= WIDTHS) return widths;
  const [first, others] = [widths.slice(0, WIDTHS / 2), widths.slice(WIDTHS / 2)];
  return [...first, ...first.map(() => random.pick(others))];
}
const WIDTHS = 12;

/**
 * A strip cut across into its panels; what is left beside a narrower one, and at the end, is filled with what goes in.
 */
function inRow(
  filling: Filling,
  strip: Rect,
  row: readonly (Placing & { along: number; across: number })[],
  rips: boolean,
  left: number[],
  manner: Manner,
): CutNode {
  const [next, ...others] = row;
  const further: Manner = { ...manner, by: 'panels', split: 'larger' };
  if (!next) return fillByPanels(filling, strip, left, further);
  let first = true;
  return cutIn(strip, rips ? 'cross' : 'rip', next.along, filling.kerfMm, (piece) => {
    if (!first) return inRow(filling, piece, others, rips, left, manner);
    first = false;
    let own = true;
    return cutIn(piece, rips ? 'rip' : 'cross', next.across, filling.kerfMm, (rect) => {
      if (!own) return fillByPanels(filling, rect, left, further);
      own = false;
      return { ...rect, kind: 'part', part: filling.kinds[next.kind]!.id, turned: next.turned };
    });
  });
}
