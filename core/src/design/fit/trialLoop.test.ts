import { newJob, typedLength, type Job, type Trial } from '../../job';
import { openingOf, type Band } from '../../place/opening';
import { carried, chanceAt, takeReading, trialRoom, tryIn, type Room } from '../../rigs/practice';
import type { Spot } from '../../place/reading';
import { surveyOf } from '../../place/survey';
import { fitBetween, lieOf, liesFor, pocketOf, seatAtBest, shavesFor, MOVED_MM, type Between } from '.';
import { openingOfRoom } from '../../rigs/practice';

const HEIGHTS = [500, 850, 1200, 1550, 1900];
const bandAt = (up: number): Band => ({ upFrom: up - 18, upTo: up, outFrom: 0, outTo: 300 });
const start = newJob({ id: 'loop', name: 'Loop', kind: 'alcove', units: 'mm' });
const SPOTS: readonly Spot[] = [
  { kind: 'depth', side: 'middle', upMm: 1200 },
  ...[500, 1900].flatMap((upMm) => (['back', 'front'] as const).map((at): Spot => ({ kind: 'width', at, upMm }))),
  { kind: 'square', corner: 'left', upMm: 1200, bladeMm: 330 },
  { kind: 'square', corner: 'right', upMm: 1200, bladeMm: 330 },
];
const jobIn = (room: Room, seed: number): Job => ({
  ...start,
  readings: SPOTS.map((spot, i) => takeReading({ room, spot, random: chanceAt(seed, spot), id: `r${i}` })),
});
const pocket = (job: Job, up: number) =>
  pocketOf(openingOf(surveyOf(job)), bandAt(up), { stance: 'flat', samples: 200, seed: 5 });
const fitted = (job: Job, up: number): Between =>
  fitBetween(pocket(job, up), 'angled', { tape: '0.5mm', odds: 97, leastMm: 0 })!;
const cutOf = (board: Between, up: number): Trial['cut'] => ({
  up,
  thickness: 18,
  depth: 300,
  back: board.lengthMm,
  left: board.left.offsetMm,
  right: board.right.offsetMm,
});
const note = (shelf: number, cut: Trial['cut'], what: Pick<Trial, 'end' | 'at' | 'kind'>, mm: number): Trial => ({
  id: `t-${what.end}-${what.at}`,
  shelf,
  cut,
  ...what,
  value: typedLength(mm.toFixed(1), 'mm'),
});

/** What a person notes who carries a board to the room: the gap at each corner, or where it binds. */
function noted(room: Room, board: Between, up: number): Trial[] {
  const cut = cutOf(board, up);
  const at = pocketOf(openingOfRoom(room), bandAt(up), {
    stance: 'flat',
    samples: 0,
    seed: 1,
    stations: 31,
    layers: 3,
  });
  const along = (end: Between['left']) => ({
    ...end,
    profile: Float64Array.from(at.ps, (p) => end.line.at + end.line.slope * p),
  });
  const { tight, seen } = lieOf(at, at.likely, along(board.left), along(board.right), liesFor(at));
  const { shift, turn, goesIn } = seatAtBest(at.ps, tight, seen, (2 * MOVED_MM) / board.lengthMm, board.lengthMm / 2);
  const gapAt = (end: 'left' | 'right', i: number) => {
    const where = shift - turn * (at.ps[i] as number);
    return end === 'left' ? where - (seen.left[i] as number) : (seen.right[i] as number) - where;
  };
  const places = [
    ['back', 0],
    ['front', at.ps.length - 1],
  ] as const;
  return (['left', 'right'] as const).flatMap((end) =>
    places.map(([place, i]) => {
      const gap = gapAt(end, i);
      return gap < 0 && !goesIn
        ? note(3, cut, { end, at: place, kind: 'tight' }, 3)
        : note(3, cut, { end, at: place, kind: 'gap' }, Math.max(gap, 0));
    }),
  );
}

test('a board tried in its place makes those not yet cut fit better, on average', () => {
  const ROOMS = 30;
  const sums = { before: 0, after: 0, inBefore: 0, inAfter: 0 };
  for (let seed = 1; seed <= ROOMS; seed += 1) {
    const room = trialRoom(seed);
    const job = jobIn(room, seed);
    const then: Job = { ...job, trials: noted(room, fitted(job, 1200), 1200) };
    for (const up of HEIGHTS.filter((height) => height !== 1200)) {
      const [a, b] = [
        tryIn(room, carried(bandAt(up), fitted(job, up))),
        tryIn(room, carried(bandAt(up), fitted(then, up))),
      ];
      sums.before += a.worstGapMm / (4 * ROOMS);
      sums.after += b.worstGapMm / (4 * ROOMS);
      sums.inBefore += a.goesIn ? 1 : 0;
      sums.inAfter += b.goesIn ? 1 : 0;
    }
  }
  expect(sums.after).toBeLessThan(0.9 * sums.before);
  expect(sums.inAfter / (4 * ROOMS)).toBeGreaterThan(0.95);
  if (process.env.DORMER_FIGURES) process.stdout.write(`${JSON.stringify(sums)}\n`);
});

describe('what was noted moves the walls, by hand', () => {
  const room = trialRoom(4);
  const job = jobIn(room, 4);
  const board = fitted(job, 1200);
  const cut = cutOf(board, 1200);
  /** The clear width at the board's back or front, as it is held to be. */
  const wide = (of: Job, p: 0 | -1) => {
    const { mean } = pocket(of, 1200);
    return (mean.right.at(-1)!.at(p) as number) - (mean.left.at(-1)!.at(p) as number);
  };

  test('gaps of 2 and 3 at the back: the walls stand 5 more than the board apart there', () => {
    const trials = [
      note(3, cut, { end: 'left', at: 'back', kind: 'gap' }, 2),
      note(3, cut, { end: 'right', at: 'back', kind: 'gap' }, 3),
    ];
    expect(Math.abs(wide({ ...job, trials }, 0) - (board.lengthMm + 5))).toBeLessThan(0.7);
  });

  test('it binds at the front at both ends: the walls stand no further apart there than the board is long', () => {
    const trials = (['left', 'right'] as const).map((end) => note(3, cut, { end, at: 'front', kind: 'tight' }, 3));
    const front = cut.back + cut.left + cut.right;
    expect(wide(job, -1)).toBeGreaterThan(front + 1);
    expect(Math.abs(wide({ ...job, trials }, -1) - front)).toBeLessThan(0.7);
    const shaves = shavesFor(pocket({ ...job, trials }, 1200), trials, '0.5mm');
    expect(shaves.map((shave) => [shave.end, shave.at])).toEqual([
      ['left', 'front'],
      ['right', 'front'],
    ]);
    for (const { mm } of shaves) {
      expect(mm).toBeGreaterThanOrEqual(0.5);
      expect(mm).toBeLessThanOrEqual(2);
    }
  });

  test('it binds at one end only: it touches across from there, too, and what is over is told', () => {
    const trials = [note(3, cut, { end: 'right', at: 'front', kind: 'tight' }, 3)];
    const front = cut.back + cut.left + cut.right;
    const now = wide({ ...job, trials }, -1);
    expect(now).toBeLessThan(wide(job, -1) - 0.5);
    expect(Math.abs(now - front)).toBeLessThan(2);
    expect(shavesFor(pocket({ ...job, trials }, 1200), trials, '0.5mm')).toMatchObject([{ end: 'right', at: 'front' }]);
  });

  test('where nothing binds there is nothing to shave', () => {
    const trials = [note(3, cut, { end: 'left', at: 'back', kind: 'gap' }, 2)];
    expect(shavesFor(pocket({ ...job, trials }, 1200), trials, '0.5mm')).toEqual([]);
  });
});
