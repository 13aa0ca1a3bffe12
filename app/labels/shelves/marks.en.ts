/** Words of marks on the wall. */
export const marksEn = {
  'marks.gaps': 'Clear gaps',
  'marks.show': 'Show shelf {shelf}',
  'marks.name': 'Shelf {shelf}, {what}',
  'marks.fromLine': '{name}, from the level line',
  'marks.gap': 'Under the board',
  'marks.gapName': 'Clear gap below shelf {shelf}',
  'marks.front': 'At the front',
  'marks.frontName': 'Clear gap below shelf {shelf}, at the front',
  'marks.back': 'At the back',
  'marks.backName': 'Clear gap below shelf {shelf}, at the back',
} as const;
