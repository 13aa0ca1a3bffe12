import { message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

/** Step: cut a wall open for a box. */
export const openWall = (after: readonly (After | null)[]): Written => ({
  place: 'site',
  id: 'open-wall',
  kind: 'open',
  what: message('step.openWall'),
  minutes: usualMinutes('openWall'),
  after,
  loud: true,
  how: [message('how.openWall'), message('how.readAgain')],
  tools: ['saw', 'hammer', 'level', 'pencil', 'dust-sheet', 'vacuum', 'mask', 'eye-ear'],
});
