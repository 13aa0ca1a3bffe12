import { message, length as lengthParam, text, count, type Message } from '../message';
import { ok, refused, type Result } from '../result';
import { plainCharacters, tokens, type Token } from './tokens';
import { twoMeanings } from './twoMeanings';
import { isImperial, LONGEST_MM, MM_PER, MM_PER_INCH, type JobUnit, type LengthUnit } from './units';

/** A length as a person gave it: its value, what they typed, and the unit a bare number was read in. */
export interface TypedLength {
  readonly mm: number;
  readonly typed: string;
  readonly unit: JobUnit;
}

export interface ParseLengthOptions {
  /** The unit of a bare number. */
  readonly unit: JobUnit;
  /** `positive`: more than nothing. `notNegative` (usual): zero is fine. `any`: below zero too. */
  readonly sign?: 'positive' | 'notNegative' | 'any';
  readonly leastMm?: number;
  readonly mostMm?: number;
  /** Read once and kept since: what can mean two lengths is read as ever, not asked about again. */
  readonly kept?: boolean;
}

const LONGEST_TEXT = 64;
// "Strong" and "shy" are a whisker either way; a 1/64 in is half the finest mark on a common inch tape.
const WHISKER_MM = MM_PER_INCH / 64;
const EXAMPLE: Readonly<Record<JobUnit, string>> = { mm: '1127', cm: '112.7', in: '41 5/8' };

/**
 * Reads a length as woodworkers type it: `1127`, `112.7 cm`, `41 5/8`, `6' 3/4"`, `5' 11 15/16"`, with
 * unicode fractions and primes, a decimal comma, "strong" and "shy" (a 1/64 in over or under), and sums,
 * differences and products by a number (`41 5/8 - 3/16`, `3*12 1/2`).
 * Never throws. What could be read two ways is refused with both readings, not guessed.
 * @returns the value in millimetres with what was typed, or a message naming the fault and what would be right
 * @example parseLength('41 5/8', { unit: 'in' }) // { ok: true, value: { mm: 1057.275, typed: '41 5/8', unit: 'in' } }
 */
export function parseLength(typed: string, options: ParseLengthOptions): Result<TypedLength, Message> {
  const { unit } = options;
  const shown = typed.trim();
  const example = text(EXAMPLE[unit]);
  if (shown === '') return refused(message('quantity.empty', { example }));
  if (shown.length > LONGEST_TEXT) return refused(message('quantity.tooLong', { count: count(LONGEST_TEXT) }));

  const plain = plainCharacters(shown);
  const early = faultInCharacters(plain, shown, unit);
  if (early) return refused(early);

  const split = tokens(plain);
  if ('stuckAt' in split) {
    return refused(message('quantity.notUnderstood', { typed: text(shown), part: text(split.stuckAt), example }));
  }
  const asked = options.kept ? null : twoMeanings(plain, split.tokens, shown, unit);
  if (asked) return refused(asked);
  const total = sum(new Reader(split.tokens, shown, unit));
  if (!total.ok) return total;
  return withinBounds(withoutTail(total.value), shown, options);
}

/** Inches make long tails of binary digits; nobody's tape reads them. */
function withoutTail(mm: number): number {
  return Number.isFinite(mm) ? Number(mm.toFixed(9)) : mm;
}

function withinBounds(mm: number, typed: string, options: ParseLengthOptions): Result<TypedLength, Message> {
  const sign = options.sign ?? 'notNegative';
  const mostMm = options.mostMm ?? LONGEST_MM;
  if (!Number.isFinite(mm) || Math.abs(mm) > mostMm) {
    return refused(message('quantity.tooLarge', { typed: text(typed), most: lengthParam(mostMm) }));
  }
  if (sign !== 'any' && mm < 0) return refused(message('quantity.negative', { typed: text(typed) }));
  if (sign === 'positive' && mm <= 0) return refused(message('quantity.notPositive', { typed: text(typed) }));
  if (options.leastMm !== undefined && mm < options.leastMm) {
    return refused(message('quantity.tooSmall', { typed: text(typed), least: lengthParam(options.leastMm) }));
  }
  return ok({ mm, typed, unit: options.unit });
}

function faultInCharacters(plain: string, shown: string, unit: JobUnit): Message | null {
  const typed = text(shown);
  const example = text(EXAMPLE[unit]);
  if (/\d\s*\/\s*0+(?![\d.])/.test(plain)) {
    return message('quantity.zeroDenominator', { typed, example: text(plain.replace(/\/\s*0+/, '/8')) });
  }
  if (/[+-]\s*[+-]/.test(plain)) return message('quantity.doubleSign', { typed, example });
  if (/(^|[^\d])\/|\/\s*($|[^\d\s])|[+\-*]$/.test(plain)) return message('quantity.unfinished', { typed, example });
  // 1,127 may be one thousand one hundred and twenty-seven or one and a bit: a factor of a thousand at the saw.
  const comma = /(?<![\d.,])(\d{1,3}),(\d{3})(?![\d.,])\s*(mm|cm|m|in|ft|["'])?(?![a-z])/.exec(plain);
  if (comma) {
    const written = (comma[3] ?? unit) as string;
    const commaUnit: LengthUnit = written === '"' ? 'in' : written === "'" ? 'ft' : (written as LengthUnit);
    const thousands = `${comma[1]}${comma[2]}`;
    if (Number(thousands) * MM_PER[commaUnit] <= LONGEST_MM) {
      return message('quantity.ambiguousComma', {
        typed,
        thousands: text(thousands),
        decimal: text(`${comma[1]}.${comma[2]}`),
      });
    }
  }
  return null;
}

/** A cursor over tokens that knows how to say what went wrong. */
class Reader {
  private at = 0;
  constructor(
    private readonly all: readonly Token[],
    private readonly typed: string,
    readonly unit: JobUnit,
  ) {}
  peek(ahead = 0): Token | undefined {
    return this.all[this.at + ahead];
  }
  take(): Token | undefined {
    return this.all[this.at++];
  }
  takeSign(...signs: readonly string[]): '+' | '-' | '*' | null {
    const next = this.peek();
    if (next?.kind !== 'sign' || !signs.includes(next.sign)) return null;
    this.at += 1;
    return next.sign;
  }
  fault(code: 'unfinished' | 'mixedUnits'): Result<never, Message> {
    const example = text(code === 'mixedUnits' ? '12 mm + 3 in' : EXAMPLE[this.unit]);
    return refused(message(`quantity.${code}`, { typed: text(this.typed), example }));
  }
  notUnderstood(part: Token): Result<never, Message> {
    return refused(
      message('quantity.notUnderstood', {
        typed: text(this.typed),
        part: text(part.text),
        example: text(EXAMPLE[this.unit]),
      }),
    );
  }
  fractionNeedsInches(): Result<never, Message> {
    return refused(
      message('quantity.fractionNeedsInches', { typed: text(this.typed), example: text(`${this.typed} in`) }),
    );
  }
}

function sum(reader: Reader): Result<number, Message> {
  let sign = reader.takeSign('+', '-') === '-' ? -1 : 1;
  let total = 0;
  for (;;) {
    const term = product(reader);
    if (!term.ok) return term;
    total += sign * term.value;
    const next = reader.takeSign('+', '-');
    if (next === null) break;
    sign = next === '-' ? -1 : 1;
  }
  const left = reader.peek();
  return left ? reader.notUnderstood(left) : ok(total);
}

function product(reader: Reader): Result<number, Message> {
  const first = reader.peek();
  const second = reader.peek(1);
  if (first?.kind === 'number' && second?.kind === 'sign' && second.sign === '*') {
    reader.take();
    reader.take();
    const times = measure(reader);
    return times.ok ? ok(first.value * times.value) : times;
  }
  const value = measure(reader);
  if (!value.ok || !reader.takeSign('*')) return value;
  const factor = reader.take();
  if (factor === undefined) return reader.fault('unfinished');
  if (factor.kind !== 'number') return reader.notUnderstood(factor);
  const unitAfter = reader.peek();
  if (unitAfter?.kind === 'unit') return reader.notUnderstood(unitAfter);
  return ok(value.value * factor.value);
}

/** One measure: `1127`, `41 5/8"`, `6' 3/4"`, `6ft 1 1/2in`, with "strong" or "shy" behind it. */
function measure(reader: Reader): Result<number, Message> {
  const first = amount(reader);
  if (!first.ok) return first;
  const written = takeUnit(reader);
  let mm: number;
  if (written === 'ft') {
    const more = startsAmount(reader.peek()) ? amount(reader) : null;
    if (more && !more.ok) return more;
    const inches = more ? more.value : null;
    if (inches) {
      const unit = takeUnit(reader);
      if (unit !== null && unit !== 'in') return reader.fault('mixedUnits');
    }
    mm = first.value.value * MM_PER.ft + (inches?.value ?? 0) * MM_PER.in;
  } else {
    const unit = written ?? reader.unit;
    // A sixteenth of a millimetre is no one's reading: a bare fraction in a metric job means inches, so ask.
    if (first.value.fraction && !isImperial(unit)) return reader.fractionNeedsInches();
    mm = first.value.value * MM_PER[unit];
  }
  if (written !== null && startsAmount(reader.peek())) return reader.fault('mixedUnits');
  const lean = reader.peek();
  if (lean?.kind === 'lean') {
    reader.take();
    mm += lean.lean * WHISKER_MM;
  }
  return ok(mm);
}

function takeUnit(reader: Reader): LengthUnit | null {
  const next = reader.peek();
  if (next?.kind !== 'unit') return null;
  reader.take();
  return next.unit;
}

function startsAmount(token: Token | undefined): boolean {
  return token?.kind === 'number' || token?.kind === 'fraction';
}

/** A number, a fraction, or a whole number and a fraction. */
function amount(reader: Reader): Result<{ value: number; fraction: boolean }, Message> {
  const first = reader.take();
  if (first === undefined) return reader.fault('unfinished');
  if (first.kind === 'fraction') return ok({ value: first.over / first.under, fraction: true });
  if (first.kind !== 'number') return reader.notUnderstood(first);
  const next = reader.peek();
  if (next?.kind !== 'fraction') return ok({ value: first.value, fraction: false });
  if (!Number.isInteger(first.value) || next.over >= next.under) return reader.notUnderstood(next);
  reader.take();
  return ok({ value: first.value + next.over / next.under, fraction: true });
}
