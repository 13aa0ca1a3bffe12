import { about, message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

/** Step: caulk the seams between boards and walls. */
export const caulkSeams = (shelves: number, after: readonly After[]): Written => ({
  place: 'site',
  id: 'caulk',
  kind: 'caulk',
  what: message('step.caulk'),
  minutes: usualMinutes('caulk', shelves),
  after,
  how: [message('how.caulk', { off: about(3) })],
  check: [message('check.caulk')],
  tools: ['caulk-gun', 'cloths'],
  materials: [message('buy.caulk')],
});
