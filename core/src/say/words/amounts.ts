import { LOCALE } from './settings';

/** ISO 4217 codes by sign. A job in inches counts in US dollars. */
const CODES: Readonly<Record<string, string>> = { '€': 'EUR', $: 'USD', '£': 'GBP' };

const plain = new Intl.NumberFormat(LOCALE, { minimumFractionDigits: 2, maximumFractionDigits: 2 });
const lists = new Intl.ListFormat(LOCALE, { type: 'conjunction' });

/**
 * An amount of money as the reader writes it.
 * @param amount in whole units of the currency (euros, not cents)
 * @param currency the job's own sign or name for it: "€", "kr"; one that is not known stands before the amount
 * @example moneyWords(1234.5, '€') // "€1,234.50"
 */
export function moneyWords(amount: number, currency: string): string {
  const code = CODES[currency];
  if (!code) return `${currency} ${plain.format(amount)}`;
  const format = { style: 'currency', currency: code, currencyDisplay: 'narrowSymbol' } as const;
  return new Intl.NumberFormat(LOCALE, format).format(amount);
}

/**
 * Names or numbers as a list in a sentence.
 * @example listWords([1, 2, 4]) // "1, 2 and 4"
 */
export const listWords = (items: Iterable<string | number>): string => lists.format([...items].map(String));
