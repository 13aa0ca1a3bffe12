import { count, message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

type Waits = readonly (After | null)[];

const filling = (id: string, after: Waits) =>
  ({ place: 'site', id, kind: 'fill', after, materials: [message('buy.filler')] }) as const;

/**
 * Step: fill old holes in the walls.
 * @param holes how many
 */
export const fillHoles = (holes: number, after: Waits): Written => ({
  ...filling('fill-1', after),
  what: message('step.fill', { count: count(holes) }),
  minutes: usualMinutes('fill', holes),
  how: [message('how.fill')],
  tools: ['filler-knife', 'dust-sheet'],
});

/**
 * Step: fill the same holes again, because filler shrinks.
 * @param holes how many
 */
export const fillHolesAgain = (holes: number, after: Waits): Written => ({
  ...filling('fill-2', after),
  what: message('step.fillAgain', { count: count(holes) }),
  minutes: usualMinutes('fillAgain', holes),
  how: [message('how.fillAgain')],
  tools: ['filler-knife'],
});

/**
 * Step: fill visible screw heads before paint.
 * @param heads how many
 */
export const fillHeads = (heads: number, after: Waits): Written => ({
  ...filling('fill-heads', after),
  what: message('step.fillHeads', { count: count(heads) }),
  minutes: usualMinutes('fillHeads', heads),
  how: [message('how.fillHeads')],
  tools: ['filler-knife'],
});
