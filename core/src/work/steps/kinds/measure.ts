import { message } from '../../../base/message';
import { minutesFor } from '../minutes';
import type { After, Written } from '../writer';

/** Step: measure again behind what came out, before anything is bought or cut. */
export const measureBehind = (after: readonly After[]): Written => ({
  id: 'measure-behind',
  kind: 'measure',
  place: 'site',
  what: message('step.measureBehind'),
  minutes: minutesFor('measureBehind'),
  after,
  how: [message('how.measureBehind')],
  check: [message('check.readTwice')],
  tools: ['tape', 'level', 'pencil'],
});

/**
 * Step: measure boards between the supports, before cutting them.
 * @param shelves how many
 */
export const measureBoards = (shelves: number, after: readonly After[]): Written => ({
  id: 'measure-boards',
  kind: 'measure',
  place: 'site',
  what: message('step.measureBoards'),
  minutes: minutesFor('measureBoards', shelves),
  after,
  how: [message('how.measureBoards')],
  check: [message('check.readTwice')],
  tools: ['tape', 'pencil'],
});
