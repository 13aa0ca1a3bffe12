import type { Part } from '../../../design/fit';
import { furtherCuts, shapedIn } from '../../../design/shaping';
import { count, message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import { instructions } from '../moments';
import type { Work } from '../work';
import type { After, Written } from '../writer';
import { shapeSteps } from './shapes';

/** Pieces that come in a left and a right. */
const PAIRED: ReadonlySet<Part['role']> = new Set([
  'case-side-left',
  'case-side-right',
  'box-side',
  'post-left',
  'post-right',
]);

/** Pieces with something cut into them: a groove, a rebate, a slot or a notch. */
export function jointedOf(parts: readonly Part[], { job, body }: Pick<Work, 'job' | 'body'>): Part[] {
  const shaped = shapedIn(body);
  return parts.filter((part) => furtherCuts(shaped(part), { job }).some((cut) => cut.kind === 'face'));
}

/** Step: cut grooves, slots and notches. */
export function cutJoints(work: Work, id: string, jointed: readonly Part[], after: readonly (After | null)[]): Written {
  const { tools } = work.job;
  const paired = jointed.some((part) => PAIRED.has(part.role));
  const told = instructions(work, 'joint');
  const usual = paired && told.length === 0 ? [message('how.joints')] : told;
  return {
    place: 'workshop',
    id,
    kind: 'joint',
    loud: tools === 'power',
    what: message('step.joints', { count: count(jointed.length) }),
    minutes: usualMinutes('joints', jointed.length),
    after,
    how: [...usual, ...shapeSteps(jointed, work, ['face'])],
    check: [message(paired ? 'check.jointsMatch' : 'check.notchesFit')],
    tools: tools === 'hand' ? ['hand-saw', 'chisel', 'square'] : ['router', 'clamps', 'square', 'eye-ear', 'mask'],
    parts: jointed.map((part) => part.id),
  };
}
