import type { LengthUnit } from './units';

/** What a typed length is made of. */
export type Token =
  | { readonly kind: 'number'; readonly value: number; readonly text: string }
  | { readonly kind: 'fraction'; readonly over: number; readonly under: number; readonly text: string }
  | { readonly kind: 'unit'; readonly unit: LengthUnit; readonly text: string }
  | { readonly kind: 'sign'; readonly sign: '+' | '-' | '*'; readonly text: string }
  | { readonly kind: 'lean'; readonly lean: 1 | -1; readonly text: string };

const UNIT_WORDS: Readonly<Record<string, LengthUnit>> = {
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
  cm: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  centimeter: 'cm',
  centimeters: 'cm',
  m: 'm',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  in: 'in',
  ins: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  "'": 'ft',
};

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
};

/** The many ways keyboards write primes, minus signs and fractions, made one. */
export function plainCharacters(typed: string): string {
  return typed
    .normalize('NFC')
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔⅕⅖⅗⅘⅙⅚]/g, (f) => ` ${VULGAR[f]} `)
    .replace(/[\u2044\u2215]/g, '/')
    .replace(/[′‘’ʹ`´]/g, "'")
    .replace(/[″“”ʺ]/g, '"')
    .replace(/''/g, '"')
    .replace(/[−–—‒]/g, '-')
    .replace(/[×✕·]/g, '*')
    .replace(/[\s\u00a0\u2009\u202f]+/g, ' ')
    .replace(/(\d) ?\/ ?(?=\d)/g, '$1/')
    .trim()
    .toLowerCase();
}

/**
 * Splits plain characters into tokens.
 * A hyphen that ties inches to their fraction (`41-5/8`) or feet to inches (`6'-3"`) is not a minus: it
 * stands without spaces, and what follows is a fraction, or a foot mark stands before it.
 * @returns the tokens, or the piece that is not understood
 */
export function tokens(plain: string): { tokens: Token[] } | { stuckAt: string } {
  const found: Token[] = [];
  let rest = plain;
  while (rest !== '') {
    const space = /^ +/.exec(rest);
    if (space) {
      rest = rest.slice(space[0].length);
      continue;
    }
    const last = found.at(-1);
    const tie = /^-(?=\d)/.test(rest) && tiesToWhatFollows(last, rest, plain, plain.length - rest.length);
    if (tie) {
      rest = rest.slice(1);
      continue;
    }
    const next = firstToken(rest);
    if (!next) return { stuckAt: rest.split(' ')[0] ?? rest };
    found.push(next);
    rest = rest.slice(next.text.length);
  }
  return { tokens: found };
}

function tiesToWhatFollows(last: Token | undefined, rest: string, plain: string, at: number): boolean {
  if (plain[at - 1] === ' ') return false;
  if (last?.kind === 'unit' && last.unit === 'ft') return true;
  return last?.kind === 'number' && Number.isInteger(last.value) && /^-\d+\/\d/.test(rest);
}

function firstToken(rest: string): Token | null {
  const fraction = /^(\d{1,6})\/(\d{1,6})(?![\d.,/])/.exec(rest);
  if (fraction) {
    return { kind: 'fraction', over: Number(fraction[1]), under: Number(fraction[2]), text: fraction[0] };
  }
  const number = /^(\d+[.,]?\d*|[.,]\d+)(?![\d.,/])/.exec(rest);
  if (number) {
    return { kind: 'number', value: Number(number[0].replace(',', '.')), text: number[0] };
  }
  const sign = /^[+\-*]/.exec(rest);
  if (sign) return { kind: 'sign', sign: sign[0] as '+' | '-' | '*', text: sign[0] };
  const times = /^x(?![a-z])/.exec(rest);
  if (times) return { kind: 'sign', sign: '*', text: 'x' };
  const lean = /^(strong|shy)(?![a-z])/.exec(rest);
  if (lean) return { kind: 'lean', lean: lean[0] === 'strong' ? 1 : -1, text: lean[0] };
  const word = /^([a-z]+|["'])\.?/.exec(rest);
  const unit = word && UNIT_WORDS[word[1] ?? ''];
  if (word && unit) return { kind: 'unit', unit, text: word[0] };
  return null;
}
