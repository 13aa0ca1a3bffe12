import type { Part } from '../../../design/fit';
import { about, message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import { instructions } from '../moments';
import type { Work } from '../work';
import type { After, Written } from '../writer';

/** Step: put a unit together dry. */
export function dryFit(work: Work, id: string, whole: readonly Part[], after: readonly (After | null)[]): Written {
  const how = instructions(work, 'dry');
  return {
    place: 'workshop',
    id,
    kind: 'dry-fit',
    what: message('step.dryFit'),
    minutes: usualMinutes('dryFit', whole.length),
    after,
    how: how.length > 0 ? how : [message('how.dryFit')],
    check: [message('check.diagonals', { off: about(2) }), message('check.partsMarked')],
    tools: ['clamps', 'tape', 'square', 'pencil'],
    parts: whole.map((part) => part.id),
  };
}
