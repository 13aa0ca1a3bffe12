import { TAPE_STEP_MM, type Tape } from './tape';
import { MM_PER, MM_PER_INCH, type JobUnit } from './units';

export interface LengthStyle {
  readonly unit: JobUnit | 'm' | 'decimal-in';
  /** Finest part of an inch that is shown: eighths, sixteenths or thirty-seconds. */
  readonly denominator?: 8 | 16 | 32;
  /** Digits after the point at most, for every unit but fractions of an inch. */
  readonly decimals?: number;
  /** At and above this many inches, feet are counted out. Left away: inches only. */
  readonly feetAboveIn?: number;
  /** Whether the unit's sign is written behind the figure. */
  readonly withUnit?: boolean;
}

const DECIMALS: Readonly<Record<LengthStyle['unit'], number>> = { mm: 1, cm: 2, m: 4, in: 4, 'decimal-in': 3 };
const SIGN: Readonly<Record<LengthStyle['unit'], string>> = {
  mm: ' mm',
  cm: ' cm',
  m: ' m',
  in: ' in',
  'decimal-in': ' in',
};

/** The style in which a job's figures are shown: its unit, and the marks of its tape. */
export function styleFor(unit: JobUnit, tape: Tape): LengthStyle {
  if (unit !== 'in') return { unit, decimals: unit === 'mm' ? 1 : 2 };
  return { unit, denominator: tape === '1/32in' ? 32 : 16 };
}

/**
 * Writes a length the way the reader works. Inches come as mixed fractions to the nearest mark.
 * What is written parses back to within half of the precision shown.
 * @param mm millimetres
 * @example formatLength(1057.275, { unit: 'in', denominator: 16, withUnit: true }) // "41 5/8 in"
 */
export function formatLength(mm: number, style: LengthStyle): string {
  if (!Number.isFinite(mm)) return '–';
  if (style.unit === 'in') return fractional(mm, style);
  const unit = style.unit === 'decimal-in' ? 'in' : style.unit;
  const digits = trimmed(mm / MM_PER[unit], style.decimals ?? DECIMALS[style.unit]);
  return style.withUnit ? digits + SIGN[style.unit] : digits;
}

function trimmed(value: number, decimals: number): string {
  const fixed = value.toFixed(decimals);
  const short = fixed.includes('.') ? fixed.replace(/\.?0+$/, '') : fixed;
  return (short === '-0' ? '0' : short).replace('-', '−');
}

function fractional(mm: number, style: LengthStyle): string {
  const denominator = style.denominator ?? 16;
  const size = Math.abs(mm);
  const parts = Math.round((size / MM_PER_INCH) * denominator);
  const sign = mm < 0 && parts > 0 ? '−' : '';
  const wholeInches = Math.floor(parts / denominator);
  const fraction = reduced(parts % denominator, denominator);
  const counted =
    style.feetAboveIn !== undefined && wholeInches >= style.feetAboveIn
      ? `${Math.floor(wholeInches / 12)}' ${joined(wholeInches % 12, fraction)}"`
      : joined(wholeInches, fraction) + (style.withUnit ? SIGN.in : '');
  return sign + counted;
}

function joined(whole: number, fraction: string): string {
  if (fraction === '') return String(whole);
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}

function reduced(over: number, under: number): string {
  if (over === 0) return '';
  let top = over;
  let bottom = under;
  while (top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  return `${top}/${bottom}`;
}

/**
 * The step of the last digit or fraction a style shows, millimetres.
 */
export function shownPrecisionMm(style: LengthStyle): number {
  if (style.unit === 'in') return MM_PER_INCH / (style.denominator ?? 16);
  const unit = style.unit === 'decimal-in' ? 'in' : style.unit;
  return MM_PER[unit] * 10 ** -(style.decimals ?? DECIMALS[style.unit]);
}

/** The least length that shows as more than nothing in a job's units, millimetres: a shorter one cannot be marked. */
export const leastMarkMm = ({ units, tape }: { readonly units: JobUnit; readonly tape: Tape }): number =>
  shownPrecisionMm(styleFor(units, tape)) / 2;

/** The tape's finest step as a person names it: `0.5 mm`, `1/16 in`. */
export function tapeStepName(tape: Tape): string {
  const mm = TAPE_STEP_MM[tape];
  return tape.endsWith('in')
    ? formatLength(mm, { unit: 'in', denominator: tape === '1/32in' ? 32 : 16, withUnit: true })
    : formatLength(mm, { unit: 'mm', withUnit: true });
}
