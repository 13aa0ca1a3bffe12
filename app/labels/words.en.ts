/** Words of the page and the sheet that explain trade words. */
export const wordsEn = {
  'words.title': 'Trade words',
  'words.search': 'Search words',
  'words.found': '{count, plural, one {# word} other {# words}}',
  'words.none': 'No trade word contains “{text}”.',
  'words.all': 'All trade words',
} as const;
