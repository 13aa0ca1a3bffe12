import { newJob, type EndStyle, type Job, type Reading } from '@dormer/core/job';
import { openingOf, type Band } from '@dormer/core/place/opening';
import { fitBetween, HIDDEN_MM, pocketOf } from '@dormer/core/design/fit';
import {
  carried,
  chanceAt,
  chanceSlip,
  followAdvice,
  openingOfRoom,
  takeReading,
  trialRoom,
  tryIn,
  type CutBoard,
  type Room,
  type Slips,
  type Tried,
} from '@dormer/core/rigs/practice';
import { outAt } from '@dormer/core/place/kinds';
import { signedValue, type Spot } from '@dormer/core/place/reading';
import { surveyOf } from '@dormer/core/place/survey';

/**
 * What boards do at the wall: the habits people have, the survey after so many readings, and perfect knowledge, each
 * in the same crooked rooms, which are not made the way the survey believes rooms to be.
 */
const ROOMS = Number(process.argv[2] ?? 200);
const COUNTS = [6, 8, 10, 12, 15];
const MOST = 15;
const SLIPS: Slips = { share: 0.05, offMm: [10, -10, 25.4, -25.4] };
const HEIGHTS = [500, 850, 1200, 1550, 1900];
const DEPTH_MM = 300;
const THICK_MM = 18;
const SAMPLES = 400;
/** Between the knots of walls that are made wavier than the survey holds them to be. */
const WAVIER_MM = 700;

const start = newJob({ id: 'bench', name: 'Bench', kind: 'alcove', units: 'mm' });
// The usual kit: corners by a framing square, its gap read to 1 mm (about 0.17° here); and one with a bevel gauge,
// 0.3°.
const base: Job = { ...start, tape: '0.5mm' };
const withBevel: Job = { ...base, kit: ['tape', 'level', 'straightedge', 'bevel'] };
const bands = HEIGHTS.map((up): Band => ({ upFrom: up - THICK_MM, upTo: up, outFrom: 0, outTo: DEPTH_MM }));
const boards = HEIGHTS.map((up, i) => ({ shelf: i + 1, upMm: up - THICK_MM / 2, outMm: DEPTH_MM }));

interface Board extends Tried {
  readonly saidOdds: number | null;
}

const rows = new Map<string, { name: string; readings: string; boards: Board[]; rooms: Board[][] }>();
function note(name: string, readings: string, tried: Board[]): void {
  const key = `${name} (${readings})`;
  const row = rows.get(key) ?? { name, readings, boards: [], rooms: [] };
  row.boards.push(...tried);
  row.rooms.push(tried);
  rows.set(key, row);
}

/** A person reads a spot, with the usual error and now and then a slip. */
function reads(room: Room, seed: number, id: string, spot: Spot): Reading {
  const random = chanceAt(seed, spot);
  const slip = chanceSlip(spot, random, SLIPS);
  return takeReading({ room, spot, random, slip, id, ...(spot.kind === 'corner' ? { with: 'bevel' as const } : {}) });
}
const readsWidth = (room: Room, seed: number, at: 'front' | 'back', upMm: number) =>
  signedValue(reads(room, seed, 'w', { kind: 'width', at, upMm }));

/** Straight ends from a back and a front length, the difference halved over both. */
function straight(band: Band, back: number, perMm: number): CutBoard {
  const half = (p: number) => (back + perMm * p) / 2;
  return { band, left: (p) => -half(p), right: half };
}

function habits(room: Room, seed: number): void {
  const tried = (name: string, readings: string, boardAt: (band: Band, up: number) => CutBoard) =>
    note(
      name,
      readings,
      bands.map((band, i) => ({ ...tryIn(room, boardAt(band, HEIGHTS[i] as number)), saidOdds: null })),
    );
  const one = readsWidth(room, seed, 'front', 1200);
  tried('one width, cut 6 mm under, square', '1', (band) => straight(band, one - 6, 0));
  const six = Math.min(
    ...[500, 1200, 1900].flatMap((up) => [readsWidth(room, seed, 'front', up), readsWidth(room, seed, 'back', up)]),
  );
  tried('smallest of 6 widths, 3 mm under, square', '6', (band) => straight(band, six - 3, 0));
  tried('front and back at every shelf, taper halved, 3 mm under', '10', (band, up) => {
    const [front, back] = [readsWidth(room, seed, 'front', up), readsWidth(room, seed, 'back', up)];
    const perMm = (front - back) / (outAt('front', room.extent) - outAt('back', room.extent));
    return straight(band, back - perMm * outAt('back', room.extent) - 3, perMm);
  });
}

function surveyed(
  name: string,
  readings: string,
  room: Room,
  taken: readonly Reading[],
  odds: number,
  style: EndStyle,
): void {
  const opening = openingOf(surveyOf({ ...base, readings: [...taken] }));
  note(
    name,
    readings,
    bands.map((band) => {
      const pocket = pocketOf(opening, band, { stance: 'flat', samples: SAMPLES, seed: 11 });
      const fitted = fitBetween(pocket, style, { tape: base.tape, odds, leastMm: 0 });
      if (!fitted) return { goesIn: false, worstGapMm: Infinity, saidOdds: 0 };
      return { ...tryIn(room, carried(band, fitted)), saidOdds: fitted.odds };
    }),
  );
}

const fixed = (room: Room, seed: number): Reading[] =>
  [
    ...[500, 1200, 1900].flatMap((upMm) =>
      (['back', 'front'] as const).map((at): Spot => ({ kind: 'width', at, upMm })),
    ),
    ...(['left', 'right'] as const).map((corner): Spot => ({ kind: 'corner', corner, upMm: 1200 })),
  ].map((spot, i) => reads(room, seed, `f${i}`, spot));

function perfect(room: Room): void {
  note(
    'perfect knowledge of the walls, straight ends',
    '–',
    bands.map((band) => {
      const pocket = pocketOf(openingOfRoom(room), band, {
        stance: 'flat',
        samples: 1,
        seed: 1,
        stations: 31,
        layers: 4,
      });
      const fitted = fitBetween(pocket, 'angled', { tape: base.tape, odds: 97, leastMm: 0 });
      return { ...tryIn(room, carried(band, fitted!)), saidOdds: null };
    }),
  );
}

for (let seed = 1; seed <= ROOMS; seed += 1) {
  const room = trialRoom(seed);
  habits(room, seed);
  surveyed('survey, fixed list, wanted odds 95 %', '8', room, fixed(room, seed), 95, 'angled');
  for (const [name, job] of [
    ['square', base],
    ['bevel gauge', withBevel],
  ] as const) {
    const taken = followAdvice(room, job, boards, MOST, seed, SLIPS);
    for (const n of COUNTS) {
      const row = `survey, next-reading order, corners by ${name}, wanted odds 97 %`;
      surveyed(row, String(n), room, taken.slice(0, n), 97, 'angled');
    }
  }
  perfect(room);
  const wavy = trialRoom(seed, WAVIER_MM);
  const taken = followAdvice(wavy, base, boards, MOST, seed, SLIPS);
  for (const n of [10, MOST]) {
    surveyed('the same, by square, in rooms wavier than held', String(n), wavy, taken.slice(0, n), 97, 'angled');
  }
}

const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
const of = <T>(all: readonly T[], test: (one: T) => boolean) => all.filter(test).length / all.length;
const median = (all: readonly number[]) => [...all].sort((a, b) => a - b)[all.length >> 1] ?? NaN;
const lines = [...rows.values()].map(({ name, readings, boards: all, rooms }) => {
  const neat = (one: Board) => one.goesIn && one.worstGapMm <= HIDDEN_MM;
  const said = all.filter((one) => one.saidOdds !== null);
  return [
    name,
    readings,
    percent(of(all, (one) => one.goesIn)),
    percent(of(all, neat)),
    median(all.map((one) => one.worstGapMm)).toFixed(2),
    percent(of(rooms, (room) => room.every((one) => one.goesIn))),
    said.length > 0
      ? (said.reduce((sum, one) => sum + (one.saidOdds as number), 0) / said.length).toFixed(1) + ' %'
      : '–',
  ];
});
const head = [
  'method',
  'readings',
  'goes in',
  'goes in and worst gap <= 3.2 mm',
  'median worst gap, mm',
  'all five go in',
  'odds said',
];
process.stdout.write(
  `${ROOMS} rooms, ${HEIGHTS.length} shelves each, ends straight at their own angle unless said otherwise\n\n`,
);
for (const row of [head, head.map(() => '---'), ...lines]) process.stdout.write(`| ${row.join(' | ')} |\n`);
