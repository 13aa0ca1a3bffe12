import type { PDFFont } from 'pdf-lib';

/** Older programs read plain letters only; others are given as their number. */
export const plain = (said: string): string =>
  [...said]
    .map((one) =>
      (one.codePointAt(0) ?? 0) < 127
        ? one
        : `\\U+${(one.codePointAt(0) ?? 0).toString(16).toUpperCase().padStart(4, '0')}`,
    )
    .join('');

/** What the sheet's letters do not have is left out as a question mark: the name stands in full in the app. */
export function encodable(said: string, font: PDFFont): string {
  const known = new Set(font.getCharacterSet());
  return [...said].map((one) => (known.has(one.codePointAt(0) ?? 0) ? one : '?')).join('');
}
