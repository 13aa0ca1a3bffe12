/** Words of what concerns all jobs, fetched when it is opened. */
export const moreEn = {
  'removed.title': 'Removed jobs',
  'removed.explained': 'A removed job can be brought back for {count} days.',
  'removed.none': 'No job was removed lately.',
  'removed.unreached': 'Removed jobs are on the server, which cannot be reached now.',
  'removed.back': 'Bring back',
  'removed.failed': 'The job could not be brought back. Try again when the server can be reached.',

  'more.title': 'Phones, backups, removed jobs',
  'more.save': 'Save everything',
  'more.saveWhat': 'One zip file with all jobs and their earlier versions, photos and the offcut rack.',
  'more.unsent':
    '{count, plural, one {One job on this device is not on the server yet. The file will not have its last changes.} other {# jobs on this device are not on the server yet. The file will not have their last changes.}}',
  'more.bringIn': 'Bring everything in',
  'more.bringInWhat': 'From a file that “Save everything” made. Newer work here is not overwritten.',
  'more.working': 'Working …',
  'more.saved': 'The file is with your downloads.',
  'more.unreached': 'The server could not be reached, or the file broke off. Nothing was changed. Try again.',
  'more.added': '{count, plural, one {One job is new.} other {# jobs are new.}}',
  'more.updated': '{count, plural, one {One job is brought up to date.} other {# jobs are brought up to date.}}',
  'more.kept': '{count, plural, one {One job stays as it is.} other {# jobs stay as they are.}}',
  'more.photos': '{count, plural, one {One photo came in.} other {# photos came in.}}',
  'more.pieces': '{count, plural, one {One piece came onto the rack.} other {# pieces came onto the rack.}}',
} as const;
