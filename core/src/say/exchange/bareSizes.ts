import { message } from '../../base/message';
import { MM_PER_INCH } from '../../base/quantity';
import { words, type Reader } from '../words/first';

/** How sizes stand as bare numbers in a table: in millimetres, or for an inch reader in decimals of an inch. */
export function bareSizes(reader: Reader) {
  const [unit, mmPer, decimals] =
    reader.units === 'in' ? (['inches', MM_PER_INCH, 4] as const) : (['millimetres', 1, 2] as const);
  const sign = words(message(`sheet.${unit}`), reader);
  return {
    head: (name: string): string => `${name} (${sign})`,
    size: (mm: number): number => Number((mm / mmPer).toFixed(decimals)),
  };
}
