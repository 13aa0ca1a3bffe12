import type { Instrument, Job, Reading } from '../../job';
import { asTyped, snapToTape, usualTape, type JobUnit } from '../../base/quantity';
import { randomFrom, type Random } from '../../base/random';
import { readingAt, senseOf, spotKey, type Spot } from '../../place/reading';
import { advise, at, surveyOf, type Survey, type Wanted } from '../../place/survey';
import { readWithError } from './measure';
import type { Room } from './room';

/** Seeds that differ for every spot of every room, so that a spot reads the same whenever it is read there. */
export function chanceAt(seed: number, spot: Spot): Random {
  const hash = [...spotKey(spot)].reduce((sum, letter) => (Math.imul(sum, 31) + letter.charCodeAt(0)) | 0, seed * 7919);
  return randomFrom(mixed(hash));
}

/** Seeds that are near one another made to have nothing in common (the finaliser of MurmurHash3). */
function mixed(seed: number): number {
  let h = seed;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return h ^ (h >>> 16);
}

export interface TakeOptions {
  readonly room: Room;
  readonly spot: Spot;
  readonly random: Random;
  readonly id: string;
  /** What it is taken with; the usual thing when left away. */
  readonly with?: Instrument;
  /** A slip added to the first figure, in the reading's own unit. */
  readonly slip?: number;
  readonly unit?: JobUnit;
  readonly levelLineUpMm?: number;
}

/**
 * A reading a careful person would take in a room: with the usual error, to the finest mark of the tape, and any slip.
 */
export function takeReading(options: TakeOptions): Reading {
  const { room, spot, random, id, slip = 0, unit = 'mm', levelLineUpMm } = options;
  const [first = 0, second] = readWithError(room, spot, random, levelLineUpMm, options.with);
  const said = first + slip;
  const sense = senseOf(spot);
  const tape = usualTape(unit);
  const length = (mm: number) => asTyped(snapToTape(Math.max(mm, 0), tape, 'nearest'), unit, tape);
  const degrees = Number(said.toFixed(1));
  return readingAt(spot, {
    id,
    unit,
    with: options.with,
    value: spot.kind === 'corner' ? { degrees, typed: String(degrees) } : length(sense ? Math.abs(said) : said),
    other: second === undefined ? undefined : length(second),
    sense: sense ? sense.options[said < 0 ? 1 : 0] : undefined,
  });
}

/** Readings at a list of spots, in their order. */
export function takeAll(room: Room, spots: readonly Spot[], seed: number): Reading[] {
  return spots.map((spot, i) => takeReading({ room, spot, random: chanceAt(seed, spot), id: `r${i}` }));
}

/** The share of readings that are a slip, and by how much one is off. */
export interface Slips {
  readonly share: number;
  readonly offMm: readonly number[];
}

/** A slip as chance will have it, millimetres; none for an angle. */
export function chanceSlip(spot: Spot, random: Random, { share, offMm }: Slips): number {
  const [slips, off] = [random.uniform() < share, random.pick(offMm)];
  return slips && spot.kind !== 'corner' ? off : 0;
}

/**
 * Takes readings, each the one advised next and with the instrument advised; fewer when the advice ends. Each may be a
 * slip.
 * @param most how many to take
 */
export function followAdvice(
  room: Room,
  job: Job,
  boards: readonly Wanted[],
  most: number,
  seed: number,
  slips?: Slips,
): Reading[] {
  let readings: Reading[] = [];
  while (readings.length < most) {
    const now = { ...job, readings };
    const [next] = advise({ job: now, survey: surveyOf(now), boards }).next;
    if (!next) break;
    // Read again it reads anew: another error, and most likely no slip.
    const random = chanceAt(seed + (next.again ? 1 + readings.length : 0), next.spot);
    const slip = slips ? chanceSlip(next.spot, random, slips) : 0;
    const taken = takeReading({ room, spot: next.spot, with: next.with, random, slip, id: `r${readings.length}` });
    readings = [...readings, next.again ? { ...taken, blind: true } : taken];
  }
  return readings;
}

/**
 * Mean error of the four corners of every board's opening (each side wall at back and front), after the whole is
 * shifted sideways to suit best, as a board can be. Millimetres.
 */
export function endError(room: Room, survey: Survey, boards: readonly Wanted[]): number {
  const errors = boards.map(({ upMm, outMm }) => {
    const off = (['left', 'right'] as const).flatMap((side) =>
      [0, outMm].map((out) => survey.solved.mean(at(side, out, upMm)) - room.position(side, out, upMm)),
    );
    const shift = off.reduce((sum, one) => sum + one, 0) / off.length;
    return off.reduce((sum, one) => sum + Math.abs(one - shift), 0) / off.length;
  });
  return errors.reduce((sum, error) => sum + error, 0) / errors.length;
}

const width = (out: 'front' | 'back', upMm: number): Spot => ({ kind: 'width', at: out, upMm });
const square = (corner: 'left' | 'right', upMm: number): Spot => ({ kind: 'square', corner, upMm, bladeMm: 330 });

/** A fixed order of good sense for an alcove: sizes first, then low and high, then both sides, then the corners. */
export const FIXED_ORDER: readonly Spot[] = [
  width('back', 1200),
  width('front', 1200),
  { kind: 'height', side: 'left', at: 'front' },
  { kind: 'depth', side: 'left', upMm: 1200 },
  width('back', 500),
  width('front', 500),
  width('back', 1900),
  width('front', 1900),
  { kind: 'depth', side: 'right', upMm: 1200 },
  { kind: 'height', side: 'right', at: 'front' },
  square('left', 1200),
  square('right', 1200),
];

/** Twelve readings of the shelf-by-shelf school: front and back width at five heights, and both corners. */
export const SHELF_BY_SHELF: readonly Spot[] = [
  ...[500, 850, 1200, 1550, 1900].flatMap((up) => [width('back', up), width('front', up)]),
  square('left', 1200),
  square('right', 1200),
];

/** Everything of both lists and two diagonals, in an order by chance. */
export function randomOrder(seed: number): Spot[] {
  const random = randomFrom(seed);
  const pool: Spot[] = [
    ...FIXED_ORDER,
    ...SHELF_BY_SHELF.filter((spot) => !FIXED_ORDER.some((other) => spotKey(spot) === spotKey(other))),
    { kind: 'diagonal', from: 'left', upMm: 1200 },
    { kind: 'diagonal', from: 'right', upMm: 1200 },
  ];
  const order: Spot[] = [];
  while (pool.length > 0) order.push(pool.splice(Math.floor(random.uniform() * pool.length), 1)[0] as Spot);
  return order;
}

/** The alcove and the boards the trials are made with. */
export const TRIAL_SIZE = { widthMm: 1130, depthMm: 365, heightMm: 2480 } as const;
export const TRIAL_BOARDS: readonly Wanted[] = [500, 850, 1200, 1550, 1900].map((upMm, i) => ({
  shelf: i + 1,
  upMm,
  outMm: 300,
}));

/** A slip as people make them: a centimetre, an inch, or two digits swapped. Signed, millimetres. */
export function slipOf(valueMm: number, random: Random): number {
  const digits = String(Math.floor(valueMm));
  const i = Math.floor(random.uniform() * (digits.length - 1));
  const swapped = digits.slice(0, i) + (digits[i + 1] ?? '') + (digits[i] ?? '') + digits.slice(i + 2);
  const kinds = [10, -10, 25.4, -25.4, Number(swapped) - Number(digits), Number(swapped) - Number(digits)];
  return random.pick(kinds);
}
