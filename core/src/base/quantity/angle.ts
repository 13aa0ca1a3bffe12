import { message, text, type Message } from '../message';
import { ok, refused, type Result } from '../result';
import { plainCharacters } from './tokens';

const EXAMPLE = '92.5';
const SLOPE = /^(-?[\d.,]+) ?(?:over|in|:) ?([\d.,]+)$/;
const DEGREES = /^(-?\d+(?:[.,]\d+)?) ?(?:°|deg|degrees)?(?: ?(\d{1,2}(?:[.,]\d+)?) ?(?:'|min|minutes))?$/;

export interface AngleBounds {
  readonly leastDegrees?: number;
  readonly mostDegrees?: number;
}

/**
 * Reads an angle: `92.5`, `92.5°`, `92° 30'`, or a slope as `4.5 over 300` (rise over run, any one unit).
 * @returns degrees, or a message naming the fault
 * @example parseAngle("92° 30'") // { ok: true, value: 92.5 }
 */
export function parseAngle(typed: string, bounds: AngleBounds = {}): Result<number, Message> {
  const shown = typed.trim();
  if (shown === '') return refused(message('quantity.empty', { example: text(EXAMPLE) }));
  if (shown.length > 64) return notUnderstood(shown.slice(0, 64));
  const degrees = degreesOf(plainCharacters(shown));
  if (degrees === null || !Number.isFinite(degrees)) return notUnderstood(shown);
  const least = bounds.leastDegrees ?? -180;
  const most = bounds.mostDegrees ?? 180;
  if (degrees < least || degrees > most) {
    return refused(
      message('quantity.angleOutOfRange', { typed: text(shown), least: text(`${least}°`), most: text(`${most}°`) }),
    );
  }
  return ok(degrees);
}

function degreesOf(plain: string): number | null {
  const slope = SLOPE.exec(plain);
  if (slope) {
    const run = decimal(slope[2]);
    return run > 0 ? (Math.atan(decimal(slope[1]) / run) * 180) / Math.PI : null;
  }
  const plainDegrees = DEGREES.exec(plain);
  if (!plainDegrees) return null;
  const minutes = plainDegrees[2] === undefined ? 0 : decimal(plainDegrees[2]);
  if (minutes >= 60) return null;
  const whole = decimal(plainDegrees[1]);
  return whole + (plain.startsWith('-') ? -minutes : minutes) / 60;
}

function decimal(digits: string | undefined): number {
  return Number((digits ?? '').replace(',', '.'));
}

function notUnderstood(shown: string): Result<never, Message> {
  return refused(message('quantity.notUnderstood', { typed: text(shown), part: text(shown), example: text(EXAMPLE) }));
}

export type AngleStyle =
  | { readonly as: 'degrees'; readonly decimals?: number }
  | { readonly as: 'minutes' }
  /** The offset over a run, as one marks it with a rule: "4.5 over 300". Both in the same unit. */
  | { readonly as: 'slope'; readonly run: number; readonly decimals?: number };

/** Writes an angle in degrees, in degrees and minutes, or as a slope over a run. */
export function formatAngle(degrees: number, style: AngleStyle): string {
  if (!Number.isFinite(degrees)) return '–';
  if (style.as === 'slope') {
    const rise = Math.tan((degrees * Math.PI) / 180) * style.run;
    return `${minus(rise.toFixed(style.decimals ?? 1))} over ${style.run}`;
  }
  if (style.as === 'degrees') return `${minus(degrees.toFixed(style.decimals ?? 1))}°`;
  const minutes = Math.round(Math.abs(degrees) * 60);
  const sign = degrees < 0 && minutes > 0 ? '−' : '';
  return `${sign}${Math.floor(minutes / 60)}° ${minutes % 60}'`;
}

function minus(digits: string): string {
  return (/^-0(\.0*)?$/.test(digits) ? digits.slice(1) : digits).replace('-', '−');
}
