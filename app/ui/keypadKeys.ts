import type { JobUnit, Tape } from '@dormer/core/base/quantity';

/** A key of the length keypad. */
export type PadKey =
  | { readonly is: 'digit' | 'point'; readonly text: string }
  | { readonly is: 'fraction'; readonly over: number; readonly under: number; readonly text: string }
  | { readonly is: 'sign'; readonly text: '+' | '−' | '×' }
  | { readonly is: 'feet'; readonly text: "'" }
  | { readonly is: 'back' | 'next'; readonly text: '' };

export const DIGITS: readonly PadKey[] = '0123456789'.split('').map((text) => ({ is: 'digit', text }));
export const POINT: PadKey = { is: 'point', text: '.' };
export const BACK: PadKey = { is: 'back', text: '' };
export const NEXT: PadKey = { is: 'next', text: '' };
export const PLUS: PadKey = { is: 'sign', text: '+' };
export const MINUS: PadKey = { is: 'sign', text: '−' };
export const TIMES: PadKey = { is: 'sign', text: '×' };
export const FEET: PadKey = { is: 'feet', text: "'" };

function fraction(over: number, under: number): PadKey {
  return { is: 'fraction', over, under, text: `${over}/${under}` };
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
  switch (key.is) {
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
