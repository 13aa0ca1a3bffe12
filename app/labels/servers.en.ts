/** Words for jobs of another server, or that their server lost; fetched when there are such jobs. */
export const serversEn = {
  'strangers.words':
    '{count, plural, one {This is another Dormer. One job on this device belongs to a different one.} other {This is another Dormer. # jobs on this device belong to a different one.}}',
  'strangers.bring': 'Copy jobs here',
  'strangers.keep': 'Keep apart',
  'missing.words':
    '{count, plural, one {The server no longer has one job that this device has.} other {The server no longer has # jobs that this device has.}}',
  'missing.back': 'Send jobs again',
  'missing.remove': 'Remove jobs here',
} as const;
