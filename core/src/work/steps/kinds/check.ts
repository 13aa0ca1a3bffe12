import { message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

/** Step: look into a wall before touching it. */
export const checkWall = (after: readonly (After | null)[]): Written => ({
  place: 'site',
  id: 'check-wall',
  kind: 'check',
  what: message('step.checkWall'),
  minutes: usualMinutes('checkWall'),
  after,
  how: [message('how.checkWall')],
  check: [message('check.wallKnown')],
  tools: ['stud-finder', 'tape', 'pencil'],
});
