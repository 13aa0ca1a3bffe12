import { message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

/** Step: look back and note what happened. */
export const lookBack = (after: readonly After[]): Written => ({
  place: 'site',
  id: 'look-back',
  kind: 'look-back',
  what: message('step.lookBack'),
  minutes: usualMinutes('lookBack'),
  after,
  how: [message('how.lookBack')],
  tools: ['tape'],
});
