export interface FilledBar {
  readonly kind: number;
  readonly counts: number[];
}

interface TidyInput {
  readonly bars: readonly FilledBar[];
  /** What each piece takes of a bar, with its kerf. */
  readonly takes: readonly number[];
  readonly demand: readonly number[];
  /** What each kind of bar gives, with the kerf of its last cut. */
  readonly rooms: readonly number[];
  readonly kerfMm: number;
  readonly keepMm: number;
}

/** What is left of a bar when its pieces are cut and the last of them is cut off. */
const leftOf = (room: number, taken: number, kerfMm: number) => Math.max(room - kerfMm - taken, 0);

/**
 * The same bars with no piece more than is wanted, their pieces exchanged so that less of what is left is too short to
 * keep.
 */
export function tidy({ bars, takes, demand, rooms, kerfMm, keepMm }: TidyInput): (FilledBar & { leftMm: number })[] {
  const all = bars.map((bar) => ({
    kind: bar.kind,
    counts: [...bar.counts],
    taken: bar.counts.reduce((sum, n, i) => sum + n * takes[i]!, 0),
  }));
  const left = (bar: { kind: number; taken: number }) => leftOf(rooms[bar.kind]!, bar.taken, kerfMm);
  demand.forEach((wanted, i) => {
    let over = all.reduce((sum, bar) => sum + bar.counts[i]!, 0) - wanted;
    for (; over > 0; over -= 1) {
      // From the bar of which most is left already: it grows towards one worth keeping.
      const [from] = all.filter((bar) => bar.counts[i]! > 0).sort((a, b) => left(b) - left(a));
      from!.counts[i]! -= 1;
      from!.taken -= takes[i]!;
    }
  });
  const used = all.filter((bar) => bar.taken > 0);
  const waste = (mm: number) => (mm < keepMm ? mm : 0);
  // Pieces change places between two bars as long as less is wasted.
  let better = true;
  for (let round = 0; better && round < 20; round += 1) {
    better = false;
    for (const a of used)
      for (const b of used) {
        if (a === b) continue;
        const swap = bestSwap(a, b);
        if (!swap) continue;
        better = true;
        for (const [bar, gives, gets] of [
          [a, swap.give, swap.get],
          [b, swap.get, swap.give],
        ] as const) {
          if (gives !== null) {
            bar.counts[gives]! -= 1;
            bar.taken -= takes[gives]!;
          }
          if (gets !== null) {
            bar.counts[gets]! += 1;
            bar.taken += takes[gets]!;
          }
        }
      }
  }
  return used
    .map((bar) => ({ kind: bar.kind, counts: bar.counts, leftMm: left(bar) }))
    .sort((a, b) => a.kind - b.kind || a.leftMm - b.leftMm);

  function bestSwap(a: (typeof used)[number], b: (typeof used)[number]) {
    const before = waste(left(a)) + waste(left(b));
    let best: { give: number | null; get: number | null } | null = null;
    let gain = 1e-6;
    const own = (bar: typeof a): (number | null)[] => [null, ...bar.counts.flatMap((n, i) => (n > 0 ? [i] : []))];
    for (const give of own(a))
      for (const get of own(b)) {
        if (give === get) continue;
        const moved = (get === null ? 0 : takes[get]!) - (give === null ? 0 : takes[give]!);
        if (a.taken + moved > rooms[a.kind]! + 1e-6 || b.taken - moved > rooms[b.kind]! + 1e-6) continue;
        const [la, lb] = [
          leftOf(rooms[a.kind]!, a.taken + moved, kerfMm),
          leftOf(rooms[b.kind]!, b.taken - moved, kerfMm),
        ];
        const less = before - waste(la) - waste(lb);
        if (less > gain) {
          gain = less;
          best = { give, get };
        }
      }
    return best;
  }
}
