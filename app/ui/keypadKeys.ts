import type { JobUnit, Tape } from '@dormer/core/base/quantity';

/** A key of the length keypad. */
export type PadKey =
  | { readonly kind: 'digit' | 'point'; readonly text: string }
  | { readonly kind: 'fraction'; readonly over: number; readonly under: number; readonly text: string }
  | { readonly kind: 'sign'; readonly text: '+' | '−' | '×' }
  | { readonly kind: 'feet'; readonly text: "'" }
  | { readonly kind: 'back' | 'next'; readonly text: '' };

export const DIGITS: readonly PadKey[] = '0123456789'.split('').map((text) => ({ kind: 'digit', text }));
export const POINT: PadKey = { kind: 'point', text: '.' };
export const BACK: PadKey = { kind: 'back', text: '' };
export const NEXT: PadKey = { kind: 'next', text: '' };
export const PLUS: PadKey = { kind: 'sign', text: '+' };
export const MINUS: PadKey = { kind: 'sign', text: '−' };
export const TIMES: PadKey = { kind: 'sign', text: '×' };
export const FEET: PadKey = { kind: 'feet', text: "'" };

function fraction(over: number, under: number): PadKey {
  return { kind: 'fraction', over, under, text: `${over}/${under}` };
}

const odd = (under: number) => Array.from({ length: under / 2 }, (_, i) => fraction(2 * i + 1, under));

/**
 * The rows of the fraction strip, as they lie on the tape: eighths and coarser, sixteenths, and thirty-seconds if
 * wanted.
 */
export function fractionRows(units: JobUnit, tape: Tape, thirtySeconds: boolean): readonly (readonly PadKey[])[] {
  if (units !== 'in') return [];
  if (thirtySeconds && tape === '1/32in') return [odd(32).slice(0, 8), odd(32).slice(8)];
  const eighths = [
    fraction(1, 8),
    fraction(1, 4),
    fraction(3, 8),
    fraction(1, 2),
    fraction(5, 8),
    fraction(3, 4),
    fraction(7, 8),
  ];
  return [eighths, odd(16)];
}

/**
 * What stands in the field after a key. The first key over a standing value replaces it; a sign goes on from it.
 * @param fresh nothing has been typed since the field was entered
 */
export function afterKey(text: string, key: PadKey, fresh: boolean): string {
  switch (key.kind) {
    case 'back':
      return text.replace(/(\s*\d+\/\d+|\s*[+−×]\s*|.)$/, '');
    case 'sign':
      return text === '' ? text : `${text.replace(/\s*[+−×]\s*$/, '')} ${key.text} `;
    case 'fraction': {
      const start = fresh ? '' : text.replace(/\s*\d+\/\d+$/, '');
      return /\d$/.test(start) || start.endsWith("'") ? `${start} ${key.text}` : start + key.text;
    }
    case 'feet':
      return /\d$/.test(text) && !fresh ? `${text}' ` : text;
    case 'point':
    case 'digit':
      return fresh ? key.text : text + key.text;
    case 'next':
      return text;
  }
}
