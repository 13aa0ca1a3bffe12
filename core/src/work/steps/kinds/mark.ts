import type { WorkJob } from '../../../job';
import { levelLineWords } from '../../../design/layout';
import { about, count, message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

type Waits = readonly (After | null)[];

/** Step: draw the level line that all heights are measured from. */
export const levelLine = (job: WorkJob, after: Waits): Written => ({
  place: 'site',
  id: 'level-line',
  kind: 'mark',
  what: message('step.levelLine'),
  minutes: usualMinutes('levelLine'),
  after,
  how: [levelLineWords(job)],
  check: [message('check.lineCloses', { off: about(2) })],
  tools: ['level', 'pencil', 'tape'],
});

/** Step: find and mark studs behind a lining. */
export const markStuds = (after: Waits): Written => ({
  place: 'site',
  id: 'studs',
  kind: 'mark',
  what: message('step.studs'),
  minutes: usualMinutes('studs'),
  after,
  how: [message('how.studs')],
  check: [message('check.studs')],
  tools: ['stud-finder', 'drill', 'pencil', 'tape'],
});

/**
 * Step: mark the shelf heights from the level line.
 * @param shelves how many
 */
export const markHeights = (shelves: number, after: Waits): Written => ({
  place: 'site',
  id: 'marks',
  kind: 'mark',
  what: message('step.marks', { count: count(shelves) }),
  minutes: usualMinutes('marks', shelves),
  after,
  how: [message('how.marks')],
  check: [message('check.marks')],
  tools: ['tape', 'level', 'pencil'],
  sheets: ['marks'],
});
