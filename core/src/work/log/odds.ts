/** What was said of a board, and what it did. */
export interface Fitted {
  /** Percent. */
  readonly odds: number;
  readonly went: boolean;
}

/** How often boards went in of which a like thing was said; percent. */
export interface Kept {
  readonly from: number;
  readonly to: number;
  readonly said: number;
  readonly went: number;
  readonly of: number;
  /** What the true share is, nineteen times of twenty (Wilson's interval). */
  readonly least: number;
  readonly most: number;
}

const BINS = [0, 80, 90, 95, 99, 100.001] as const;
const Z = 1.96;

/** Boards by what was said of them: how often they went in at the first try. Bins nothing was said in are left out. */
export function oddsKept(all: readonly Fitted[]): Kept[] {
  return BINS.slice(0, -1).flatMap((from, i): Kept[] => {
    const to = BINS[i + 1]!;
    const own = all.filter((one) => one.odds >= from && one.odds < to);
    if (own.length === 0) return [];
    const went = own.filter((one) => one.went).length;
    const said = own.reduce((sum, one) => sum + one.odds, 0) / own.length;
    return [{ from, to: Math.min(to, 100), said, went, of: own.length, ...wilson(went, own.length) }];
  });
}

/** Wilson’s score interval of a share (E. B. Wilson, JASA 22, 1927), percent. */
function wilson(went: number, of: number): { least: number; most: number } {
  const share = went / of;
  const middle = share + Z ** 2 / (2 * of);
  const half = Z * Math.sqrt((share * (1 - share)) / of + Z ** 2 / (4 * of ** 2));
  const scale = 100 / (1 + Z ** 2 / of);
  return { least: Math.max(0, scale * (middle - half)), most: Math.min(100, scale * (middle + half)) };
}
