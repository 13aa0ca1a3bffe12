/** Words for jobs of another server, or that their server lost; fetched when there are such jobs. */
export const serversEn = {
  'strangers.words_one': 'This is another Dormer. One job on this device belongs to a different one.',
  'strangers.words_other': 'This is another Dormer. {{count}} jobs on this device belong to a different one.',
  'strangers.bring': 'Bring them here',
  'strangers.keep': 'Keep on this device only',
  'missing.words_one': 'The server no longer has one job that this device has.',
  'missing.words_other': 'The server no longer has {{count}} jobs that this device has.',
  'missing.back': 'Put them back',
  'missing.remove': 'Remove them here',
} as const;
