const VOWELS: Readonly<Record<string, string>> = {
  a: 'åå',
  e: 'ééé',
  i: 'îî',
  o: 'öö',
  u: 'ûûû',
  y: 'ýý',
  A: 'ÅÅ',
  E: 'ÉÉÉ',
  I: 'ÎÎ',
  O: 'ÖÖ',
  U: 'ÛÛÛ',
  Y: 'ÝÝ',
};

/**
 * Words as a language with longer words would have them, with accents, and still readable: each vowel twice, some three
 * times, which makes the catalogues longer by two fifths.
 * @example lengthened('Shelf') // "Shééélf"
 */
export const lengthened = (words: string): string => words.replace(/[aeiouy]/gi, (vowel) => VOWELS[vowel] ?? vowel);
