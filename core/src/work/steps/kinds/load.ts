import { message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

/** Step: load the shelves once coats have cured. */
export const load = (after: readonly After[]): Written => ({
  place: 'site',
  id: 'load',
  kind: 'load',
  what: message('step.load'),
  minutes: usualMinutes('load'),
  after,
  how: [message('how.load')],
  check: [message('check.load')],
});
