import type { Job } from '../../../job';
import { message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

/** Step: go to the shop; sheets too large for the car are cut there. */
export const buy = ({ stock }: Pick<Job, 'stock'>, after: readonly After[]): Written => ({
  id: 'buy',
  kind: 'buy',
  place: 'shop',
  what: message('step.buy'),
  minutes: usualMinutes('buy'),
  after,
  how: [message('how.buy'), ...(stock.carry ? [message('how.shopCuts')] : [])],
  check: [message('check.straight')],
  sheets: ['shopping', ...(stock.carry ? (['layouts'] as const) : [])],
});
