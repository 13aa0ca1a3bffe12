import { message, text, type Message } from '../message';
import type { Token } from './tokens';
import { isImperial, type JobUnit } from './units';

const INCHES_PER_FOOT = 12;
const FEET_MARK = String.raw`(?:'|ft|foot|feet)`;
const INCH_MARK = String.raw`(?:"|in(?:s|ch|ches)?(?![a-z]))`;
const INCHES = String.raw`(\d+ \d+\/\d+|\d+\/\d+|\d+(?:\.\d+)?)`;

/** `3' - 6"`: feet and inches tied by a dash, or a difference. A dash without spaces ties. */
const SPACED_DASH = new RegExp(
  String.raw`(\d+) ?${FEET_MARK}(?: - ?| ?- )${INCHES} ?(?:${INCH_MARK}|$|(?=[+\-*)]))(?! ?[a-z'\d])`,
);
/** `1'127`: a mark between thousands, or one foot and 127 inches. */
const THOUSANDS = /(?<![\d.,])(\d{1,3})'(\d{3}(?:[.,]\d+)?)(?![\d"])( ?(?:mm|cm|m)(?![a-z]))?/;
/** `1000-3/4"` in a metric job: so many millimetres less a fraction, or inches and a fraction. */
const TIED_FRACTION = new RegExp(String.raw`(?<![\d.,/])(\d+)-(\d+\/\d+) ?${INCH_MARK}`);

/**
 * What was typed as two lengths it can mean, where it can mean two that lie far apart at the saw.
 * @param plain the typed text in plain characters
 * @returns a question that offers both as one would write them without a doubt; null where there is one meaning only
 */
export function twoMeanings(plain: string, all: readonly Token[], shown: string, unit: JobUnit): Message | null {
  const meanings = dashed(plain) ?? grouped(plain) ?? tied(plain, unit) ?? topHeavy(plain, all);
  if (!meanings) return null;
  const [first, second] = meanings;
  return message('quantity.twoMeanings', { typed: text(shown), first: text(first), second: text(second) });
}

type Meanings = readonly [string, string];

function dashed(plain: string): Meanings | null {
  const found = SPACED_DASH.exec(plain);
  if (!found) return null;
  const [whole, feet = '', inches = ''] = found;
  if (Number.parseFloat(inches) >= INCHES_PER_FOOT && !/^\d+\/\d+$/.test(inches)) return null;
  const difference = `${Number(feet) * INCHES_PER_FOOT}" - ${inches}"`;
  return [plain.replace(whole, `${feet}' ${inches}"`), plain.replace(whole, difference)];
}

function grouped(plain: string): Meanings | null {
  const found = THOUSANDS.exec(plain);
  if (!found) return null;
  const [whole, thousands = '', rest = '', unit = ''] = found;
  return [plain.replace(whole, `${thousands}${rest}${unit}`), plain.replace(whole, `${thousands} ft ${rest} in`)];
}

function tied(plain: string, unit: JobUnit): Meanings | null {
  const found = isImperial(unit) ? null : TIED_FRACTION.exec(plain);
  if (!found) return null;
  const [whole, before = '', fraction = ''] = found;
  return [plain.replace(whole, `${before} ${unit} - ${fraction} in`), plain.replace(whole, `${before} ${fraction} in`)];
}

/** `415/8`: a whole number and its fraction without the space, or so many eighths. */
function topHeavy(plain: string, all: readonly Token[]): Meanings | null {
  for (const [i, one] of all.entries()) {
    if (one.kind !== 'fraction' || one.over < one.under || all[i - 1]?.kind === 'number') continue;
    const mixed = splitIn(one.text);
    if (mixed === null) continue;
    return [plain.replace(one.text, mixed), plain.replace(one.text, wholeAndRest(one))];
  }
  return null;
}

/** `415/8` as `41 5/8`: with the longest numerator that is less than its denominator; null where there is none. */
function splitIn(fraction: string): string | null {
  const [over = '', under = ''] = fraction.split('/');
  for (let at = 1; at < over.length; at += 1) {
    const numerator = over.slice(at);
    const proper = !numerator.startsWith('0') && Number(numerator) < Number(under);
    if (proper && Number(over.slice(0, at)) > 0) return `${over.slice(0, at)} ${numerator}/${under}`;
  }
  return null;
}

/** `415/8` as 415 eighths: `51 7/8`. */
function wholeAndRest({ over, under }: { readonly over: number; readonly under: number }): string {
  const rest = over % under;
  return rest === 0 ? String(over / under) : `${Math.floor(over / under)} ${rest}/${under}`;
}
