/** Words of the list of removed jobs, fetched when it is opened. */
export const removedEn = {
  'removed.title': 'Removed jobs',
  'removed.explained': 'A removed job can be brought back for {{count}} days.',
  'removed.none': 'No job was removed lately.',
  'removed.unreached': 'Removed jobs are on the server, which cannot be reached now.',
  'removed.back': 'Bring back',
  'removed.failed': 'The job could not be brought back. Try again when the server can be reached.',
} as const;
