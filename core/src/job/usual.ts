import { parseLength, type JobUnit, type TypedLength } from '../base/quantity';

/**
 * A length written in code the way a person would type it.
 * @throws Error for a text that is no length: a slip of the programmer
 * @example typedLength('412', 'mm') // { mm: 412, typed: '412', unit: 'mm' }
 */
export function typedLength(typed: string, unit: JobUnit): TypedLength {
  const read = parseLength(typed, { unit });
  if (!read.ok) throw new Error(`not a length: ${typed}`);
  return read.value;
}

/** A usual length as a person of the unit would type it: so many millimetres, or so many inches. */
export function usualLength(mm: number, inches: string, unit: JobUnit): TypedLength {
  return typedLength(unit === 'in' ? inches : String(unit === 'cm' ? mm / 10 : mm), unit);
}
