import type { Joint } from '../../../design/system';
import type { Part } from '../../../design/fit';
import { count, message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import { instructions } from '../moments';
import type { Work } from '../work';
import type { After, Written } from '../writer';
import { shapeSteps } from './shapes';

const INTO_THE_FACE: ReadonlySet<Joint['kind']> = new Set(['housed', 'rebated', 'slotted', 'notched', 'footed']);

/** Pieces with a groove, a rebate, a slot or a notch. */
export const jointedOf = (parts: readonly Part[]): Part[] =>
  parts.filter(({ joints }) => joints.some(({ kind }) => INTO_THE_FACE.has(kind)));

/** Step: cut grooves, slots and notches. */
export function cutJoints(work: Work, id: string, jointed: readonly Part[], after: readonly (After | null)[]): Written {
  const { tools } = work.job;
  const how = instructions(work, 'joint');
  return {
    place: 'workshop',
    id,
    kind: 'joint',
    loud: tools === 'power',
    what: message('step.joints', { count: count(jointed.length) }),
    minutes: usualMinutes('joints', jointed.length),
    after,
    how: [...(how.length > 0 ? how : [message('how.joints')]), ...shapeSteps(jointed, work, ['face'])],
    check: [message('check.jointsMatch')],
    tools: tools === 'hand' ? ['hand-saw', 'chisel', 'square'] : ['router', 'clamps', 'square', 'eye-ear', 'mask'],
    parts: jointed.map((part) => part.id),
  };
}
