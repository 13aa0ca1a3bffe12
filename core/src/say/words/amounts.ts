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
