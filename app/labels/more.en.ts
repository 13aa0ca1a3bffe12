/** Words of what concerns all jobs, fetched when it is opened. */
export const moreEn = {
  'removed.title': 'Removed jobs',
  'removed.explained': 'You can bring back a removed job for {count} days.',
  'removed.none': 'No jobs were removed lately.',
  'removed.unreached': 'Removed jobs are on the server, which cannot be reached now.',
  'removed.back': 'Bring back',
  'removed.failed': 'The job did not come back. Try again when the server can be reached.',

  'more.title': 'Phones, backups, removed jobs',
  'more.save': 'Save everything',
  'more.saveWhat': 'One zip file with all jobs, their earlier versions, photos and the offcut rack.',
  'more.unsent':
    '{count, plural, one {One job on this device is not on the server yet. The file will lack its last changes.} other {# jobs on this device are not on the server yet. The file will lack their last changes.}}',
  'more.bringIn': 'Restore everything',
  'more.bringInWhat': 'From a file made by “Save everything”. Newer work here stays.',
  'more.working': 'Working …',
  'more.saved': 'The file is in your downloads.',
  'more.unreached': 'The server could not be reached, or the file is incomplete. Nothing was changed. Try again.',
  'more.added': '{count, plural, one {One new job.} other {# new jobs.}}',
  'more.updated': '{count, plural, one {One job updated.} other {# jobs updated.}}',
  'more.kept': '{count, plural, one {One job unchanged.} other {# jobs unchanged.}}',
  'more.photos': '{count, plural, one {One photo added.} other {# photos added.}}',
  'more.pieces': '{count, plural, one {One piece added to the rack.} other {# pieces added to the rack.}}',
} as const;
