import { languageOf, WRITING, type ReaderPlace } from './languages';

/** ISO 4217 codes by sign. */
const CODES: Readonly<Record<string, string>> = { '€': 'EUR', $: 'USD', '£': 'GBP' };

const localeOf = (reader: ReaderPlace) => WRITING[languageOf(reader)].locale;

/**
 * An amount of money as the reader writes it.
 * @param amount in whole units of the currency (euros, not cents)
 * @param currency the job's own sign or name for it: "€", "kr"; one that is not known stands before the amount
 * @example moneyWords(1234.5, '€', { units: 'mm' }) // "€1,234.50"
 */
export function moneyWords(amount: number, currency: string, reader: ReaderPlace): string {
  const locale = localeOf(reader);
  const code = CODES[currency];
  if (!code) {
    const plain = new Intl.NumberFormat(locale, { minimumFractionDigits: 2, maximumFractionDigits: 2 });
    return `${currency} ${plain.format(amount)}`;
  }
  const format = { style: 'currency', currency: code, currencyDisplay: 'narrowSymbol' } as const;
  return new Intl.NumberFormat(locale, format).format(amount);
}

/**
 * Names or numbers as a list in a sentence.
 * @example listWords([1, 2, 4], { units: 'mm' }) // "1, 2 and 4"
 */
export const listWords = (items: Iterable<string | number>, reader: ReaderPlace): string =>
  new Intl.ListFormat(localeOf(reader), { type: 'conjunction' }).format([...items].map(String));

const ML_PER_FLUID_OUNCE = 29.5735;
const MM_PER_FOOT = 304.8;
/** American tins by the fluid ounces they hold. */
const TINS: Readonly<Record<number, string>> = { 8: '1/2 pint', 16: '1 pint', 32: '1 quart', 128: '1 gallon' };

const isInches = ({ units }: ReaderPlace) => units === 'in';

/**
 * The volume of a tin: millilitres or litres, or fluid ounces and the names of American cans.
 * @param ml millilitres
 * @example volumeWords(2500, { units: 'mm' }) // "2.5 l"
 */
export function volumeWords(ml: number, reader: ReaderPlace): string {
  if (!isInches(reader)) return ml >= 1000 ? `${Math.round(ml / 10) / 100} l` : `${Math.max(1, Math.round(ml))} ml`;
  const ounces = Math.max(1, Math.round(ml / ML_PER_FLUID_OUNCE));
  return TINS[ounces] ?? `${ounces} fl oz`;
}

/**
 * The length of a roll: metres to a tenth, or whole feet.
 * @param mm millimetres
 * @example runWords(7620, { units: 'in' }) // "25 ft"
 */
export const runWords = (mm: number, reader: ReaderPlace): string =>
  isInches(reader) ? `${Math.round(mm / MM_PER_FOOT)} ft` : `${Math.round(mm / 100) / 10} m`;

/** What one of the reader's units of volume or of run is, in millilitres or millimetres. */
export const perUnit = {
  ml: (reader: ReaderPlace) =>
    isInches(reader) ? { sign: 'fl oz', holds: ML_PER_FLUID_OUNCE } : { sign: 'ml', holds: 1 },
  m: (reader: ReaderPlace) => (isInches(reader) ? { sign: 'ft', holds: MM_PER_FOOT / 1000 } : { sign: 'm', holds: 1 }),
} as const;
