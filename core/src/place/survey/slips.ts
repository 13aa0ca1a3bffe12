import type { Reading } from '../../job';
import { length, message, text, type Message } from '../../base/message';
import { MM_PER_INCH, formatLength, styleFor, usualTape } from '../../base/quantity';
import { senseOf, spotOf } from '../reading';
import type { ReadingCheck } from './survey';

/** A slip that would explain a reading, and what it would then have been. */
interface Slip {
  readonly message: Message;
  readonly meantMm: number;
  /** How readily one thinks of it: the smaller, the commoner. */
  readonly rank: number;
}

// A slip explains a reading when what it would then have been lies this near to what the others expect.
const NEAR = 2;
// Common cases of tapes, millimetres: what is forgotten when it is pushed against a wall.
const CASES_MM = [70, 75, 76.2, 80, 88.9] as const;

/**
 * What kind of slip a reading looks like, the likeliest first, at most two: an inch (started at the one), a
 * decimetre or centimetre misread, a fraction of an inch, swapped digits, the tape's own case, another unit.
 */
export function slipsOf(reading: Reading, check: ReadingCheck): Message[] {
  if (!('mm' in reading.value) || check.expected === null) return [];
  const expected = check.expected;
  const sign = expected < 0 ? -1 : 1;
  // A gap is read against a rule, not with the end of a tape: some slips are no way to misread it.
  const distance = senseOf(spotOf(reading)) === null;
  const fits = slipsFrom(reading.value.mm, reading.value.unit, distance)
    .map((slip) => ({ ...slip, miss: Math.abs(slip.meantMm * sign - expected) / Math.max(check.sd, 0.5) }))
    .filter(({ miss }) => miss < NEAR);
  return fits
    .sort((a, b) => a.rank + a.miss - (b.rank + b.miss))
    .slice(0, 2)
    .map((slip) => slip.message);
}

function slipsFrom(mm: number, unit: 'mm' | 'cm' | 'in', distance: boolean): Slip[] {
  const slips: Slip[] = [];
  const off = (by: number, rank: number, words: Message) => slips.push({ message: words, meantMm: mm - by, rank });
  off(MM_PER_INCH, 0, message('slip.startedAtOne'));
  off(-MM_PER_INCH, 1, message('slip.inchShort'));
  for (const sign of [1, -1] as const) {
    off(10 * sign, unit === 'in' ? 3 : 0, message('slip.centimetre'));
    off(100 * sign, unit === 'in' ? 3 : 0, message('slip.decimetre'));
    for (const parts of [2, 4, 8, 16]) {
      const share = MM_PER_INCH / parts;
      if (unit === 'in') off(share * sign, parts === 2 ? 0 : 1, message('slip.fraction', { share: length(share) }));
    }
  }
  if (distance) for (const own of CASES_MM) off(-own, 2, message('slip.tapeCase', { case: length(own) }));
  for (const meant of swapped(mm, unit)) {
    const shown = formatLength(meant, { ...styleFor(unit, usualTape(unit)), withUnit: false });
    slips.push({ message: message('slip.swapped', { meant: text(shown) }), meantMm: meant, rank: 0.5 });
  }
  if (!distance) return slips;
  slips.push({ message: message('slip.otherUnit', { unit: text('cm') }), meantMm: mm * 10, rank: 1 });
  slips.push({ message: message('slip.otherUnit', { unit: text('in') }), meantMm: mm * MM_PER_INCH, rank: 1 });
  slips.push({ message: message('slip.otherUnit', { unit: text('mm') }), meantMm: mm / 10, rank: 1 });
  return slips;
}

/** A figure with two neighbouring digits changed over, in the unit it was read in. */
function swapped(mm: number, unit: 'mm' | 'cm' | 'in'): number[] {
  const per = { mm: 1, cm: 10, in: MM_PER_INCH }[unit];
  const whole = Math.floor(mm / per + 1e-9);
  const rest = mm - whole * per;
  const digits = [...String(whole)];
  return digits.slice(0, -1).flatMap((digit, i) => {
    const next = digits[i + 1] as string;
    if (digit === next || (i === 0 && next === '0')) return [];
    const turned = [...digits];
    [turned[i], turned[i + 1]] = [next, digit];
    return [Number(turned.join('')) * per + rest];
  });
}

// One reading in twenty is a slip; half of them a centimetre or an inch, the rest of any size up to some 100 mm.
const SLIPS_SHARE = 0.05;
const COMMON_MM = [10, -10, MM_PER_INCH, -MM_PER_INCH] as const;
const ANY_SD_MM = 50;

/**
 * How likely a length is a slip that is off by so much from what the others expect of it (Bayes' rule over a good
 * reading, a slip of a common size, and one of any size).
 * @param offMm said less expected, millimetres
 * @param sdMm standard deviation of that for a good reading, millimetres
 * @returns 0 to 1
 */
export function chanceOfSlip(offMm: number, sdMm: number): number {
  // Normal densities but for a factor that all of them have, which cancels.
  const density = (off: number, sd: number) => Math.exp(-(off ** 2) / (2 * sd ** 2)) / sd;
  const common = COMMON_MM.reduce((sum, mm) => sum + density(offMm - mm, sdMm), 0) / COMMON_MM.length;
  const slip = (common + density(offMm, Math.hypot(sdMm, ANY_SD_MM))) / 2;
  const good = density(offMm, sdMm);
  return (SLIPS_SHARE * slip) / (SLIPS_SHARE * slip + (1 - SLIPS_SHARE) * good);
}
