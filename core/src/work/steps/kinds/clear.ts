import { message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { Written } from '../writer';

/** Step: clear the place. */
export const clearOut = (): Written => ({
  place: 'site',
  id: 'clear',
  kind: 'clear',
  what: message('step.clearOut'),
  minutes: usualMinutes('clearOut'),
  how: [message('how.clearOut')],
  tools: ['pry-bar', 'driver', 'hammer', 'dust-sheet', 'vacuum', 'mask'],
});
