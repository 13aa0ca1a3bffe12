/**
 * How a piece lies between its two walls, station by station over its face: by how much each wall reaches beyond the
 * piece's own end. For the left end `left[i]` is wall less end (positive: the wall is in the way), for the right end
 * `right[i]` is wall less end (positive: there is room). A piece shifted by s and turned by θ fits where
 * `left[i] + θ p[i] <= s <= right[i] + θ p[i]` at every station.
 */
export interface Lie {
  readonly left: Float64Array;
  readonly right: Float64Array;
}

// The last step moves an end by about a thousandth of a millimetre.
const STEPS = 12;
// A turn known to a hundredth of its range moves a gap by less than 0.01 mm.
const SEAT_STEPS = 10;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/**
 * The room a piece has at best, over all turns up to `mostTurn` either way: the largest min(right + θ p) - max(left +
 * θ p). Not negative: it goes in. A piece so much shorter, taken off either end, has so much more.
 * The room is concave in the turn, so halving the interval by its slope finds the best.
 * @returns millimetres
 */
export function roomAtBest(ps: readonly number[], { left, right }: Lie, mostTurn: number): number {
  let [from, to] = [-mostTurn, mostTurn];
  let best = -Infinity;
  for (let step = 0; step < STEPS; step += 1) {
    const turn = step === 0 ? 0 : (from + to) / 2;
    let most = -Infinity;
    let least = Infinity;
    let mostAt = 0;
    let leastAt = 0;
    for (let i = 0; i < ps.length; i += 1) {
      const p = ps[i] as number;
      const l = (left[i] as number) + turn * p;
      const r = (right[i] as number) + turn * p;
      if (l > most) {
        most = l;
        mostAt = p;
      }
      if (r < least) {
        least = r;
        leastAt = p;
      }
    }
    if (least - most > best) best = least - most;
    if (leastAt === mostAt || mostTurn === 0) break;
    if (leastAt > mostAt) from = turn;
    else to = turn;
  }
  return best;
}

/** Where a piece lies best: its shift and turn, and the gaps seen at both ends there, station by station. */
export interface Seat {
  readonly shift: number;
  readonly turn: number;
  readonly worstGapMm: number;
  /** Whether it goes in there at all. */
  readonly goesIn: boolean;
}

// Rubbing a wall is this much worse than a gap as wide.
const RUB = 50;
// A piece that would have to squeeze by less than this goes in, millimetres: far below any tape or paint.
const NOTHING_MM = 1e-6;

/**
 * The small move of a piece that makes the widest gap seen at its ends the least, without either end entering a wall:
 * for each turn the best shift is known; the gap is convex in the turn (golden-section search). What a turn opens
 * behind the back edge counts as a gap, too.
 * @param reachMm half the length of the back edge: what stands off by a turn; 0 where there is none
 * @param tight how it lies against the nearest of the walls, which must be free
 * @param seen how it lies at the face that is looked at, where gaps show
 */
export function seatAtBest(ps: readonly number[], tight: Lie, seen: Lie, mostTurn: number, reachMm = 0): Seat {
  const cost = (turn: number) => {
    const { gapMm, shortMm } = seatedAt(ps, tight, seen, turn, reachMm);
    return gapMm + RUB * shortMm;
  };
  let low = -mostTurn;
  let high = mostTurn;
  let nearTurn = high - GOLDEN * (high - low);
  let farTurn = low + GOLDEN * (high - low);
  let near = cost(nearTurn);
  let far = mostTurn === 0 ? Infinity : cost(farTurn);
  for (let step = 0; step < SEAT_STEPS && mostTurn > 0; step += 1) {
    if (near <= far) {
      high = farTurn;
      farTurn = nearTurn;
      far = near;
      nearTurn = high - GOLDEN * (high - low);
      near = cost(nearTurn);
    } else {
      low = nearTurn;
      nearTurn = farTurn;
      near = far;
      farTurn = low + GOLDEN * (high - low);
      far = cost(farTurn);
    }
  }
  const turn = near <= far ? nearTurn : farTurn;
  const { shiftMm, gapMm, shortMm } = seatedAt(ps, tight, seen, turn, reachMm);
  return { shift: shiftMm, turn, worstGapMm: gapMm, goesIn: shortMm <= NOTHING_MM };
}

/** Filled anew by each call of `seatedAt`, which is made by the hundred thousand. */
const seated = { shiftMm: 0, gapMm: 0, shortMm: 0 };

/**
 * The best shift at a turn, the widest gap there, and by how much the piece is too long to go in at all. Its loop runs
 * by the million: each value has a variable of its own, for taking a pair apart makes an array.
 */
function seatedAt(
  ps: readonly number[],
  { left, right }: Lie,
  { left: seenLefts, right: seenRights }: Lie,
  turn: number,
  reachMm: number,
): Readonly<typeof seated> {
  let most = -Infinity;
  let least = Infinity;
  let seenLeft = Infinity;
  let seenRight = -Infinity;
  for (let i = 0; i < ps.length; i += 1) {
    const off = turn * (ps[i] as number);
    const l = (left[i] as number) + off;
    const r = (right[i] as number) + off;
    const sl = (seenLefts[i] as number) + off;
    const sr = (seenRights[i] as number) + off;
    if (l > most) most = l;
    if (r < least) least = r;
    if (sl < seenLeft) seenLeft = sl;
    if (sr > seenRight) seenRight = sr;
  }
  const short = most > least ? most - least : 0;
  const even = (seenLeft + seenRight) / 2;
  const shift = short > 0 ? (most + least) / 2 : Math.min(Math.max(even, most), least);
  seated.shiftMm = shift;
  seated.gapMm = Math.max(shift - seenLeft, seenRight - shift, Math.abs(turn) * reachMm);
  seated.shortMm = short;
  return seated;
}
