/** Words of marks on the wall. */
export const marksEn = {
  'marks.gaps': 'Clear gaps',
  'marks.show': 'Show shelf {shelf}',
  'marks.name': 'Shelf {shelf}, {what}',
  'marks.fromLine': '{name}, from the level line',
  'marks.gap': 'Clear below · room to reach in',
  'marks.gapName': 'Clear gap below shelf {shelf}',
  'marks.reachName': 'Room to reach in below shelf {shelf}',
} as const;
