import { message, text, type Message } from '../message';
import { ok, refused, type Result } from '../result';
import { plainCharacters } from './tokens';

/** The pound is exactly 0.45359237 kg (international yard and pound agreement, 1959). */
const KG_PER: Readonly<Record<string, number>> = {
  kg: 1,
  g: 0.001,
  lb: 0.45359237,
  lbs: 0.45359237,
  oz: 0.45359237 / 16,
};
const MASS = /^(\d+(?:[.,]\d+)?|[.,]\d+) ?(kg|g|lbs?|oz)?(?: (\d+(?:[.,]\d+)?) ?oz)?$/;
const HEAVIEST_KG = 5000;

export type MassUnit = 'kg' | 'lb';

/**
 * Reads a mass: `12`, `12.5 kg`, `800 g`, `27 lb`, `2 lb 3 oz`; a bare number in the given unit.
 * @returns kilograms, or a message naming the fault
 * @example parseMass('800 g', 'kg') // { ok: true, value: 0.8 }
 */
export function parseMass(typed: string, unit: MassUnit): Result<number, Message> {
  const shown = typed.trim().slice(0, 64);
  const example = text(unit === 'kg' ? '12.5 kg' : '27 lb');
  if (shown === '') return refused(message('quantity.empty', { example }));
  const found = MASS.exec(plainCharacters(shown));
  const written = found?.[2] ?? unit;
  if (!found || (found[3] !== undefined && !written.startsWith('lb'))) {
    return refused(message('quantity.notUnderstood', { typed: text(shown), part: text(shown), example }));
  }
  const amount = (digits: string | undefined) => Number((digits ?? '0').replace(',', '.'));
  const kg = amount(found[1]) * (KG_PER[written] ?? 1) + amount(found[3]) * (KG_PER.oz ?? 0);
  if (kg > HEAVIEST_KG) {
    return refused(
      message('quantity.massOutOfRange', { typed: text(shown), most: text(formatMass(HEAVIEST_KG, unit)) }),
    );
  }
  return ok(kg);
}

/** Writes a mass to a tenth of a kilogram or of a pound. */
export function formatMass(kg: number, unit: MassUnit): string {
  const value = kg / (KG_PER[unit] ?? 1);
  return `${value.toFixed(1).replace(/\.0$/, '')} ${unit}`;
}

/** A mass beside what was typed. A bare number gets the unit it was read in, so that it stays what it was. */
export interface TypedMass {
  readonly kg: number;
  readonly typed: string;
}

/** A mass as it is kept: what was typed with its unit, or, where nobody typed it, what it comes to. */
export function typedMass(kg: number, typed: string, unit: MassUnit): TypedMass {
  const said = typed.trim();
  if (said !== '') return { kg, typed: /[a-z]/i.test(said) ? said : `${said} ${unit}` };
  const shown = unit === 'kg' ? `${Number(kg.toFixed(3))} kg` : formatMass(kg, unit);
  const read = parseMass(shown, unit);
  return { kg: read.ok ? read.value : kg, typed: shown };
}
