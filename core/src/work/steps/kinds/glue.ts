import type { Part } from '../../../design/fit';
import { about, count, message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

/** Step: glue strips up to panels. */
export const gluePanels = (glued: readonly Part[], after: readonly After[]): Written => ({
  place: 'workshop',
  id: 'glue-panels',
  kind: 'glue',
  what: message('step.gluePanels', { count: count(glued.length) }),
  minutes: usualMinutes('gluePanels', glued.length),
  after,
  how: [message('how.gluePanels')],
  check: [message('check.flat', { off: about(1) })],
  tools: ['saw', 'plane', 'clamps'],
  materials: [message('buy.glue')],
  parts: glued.map((part) => part.id),
  sheets: ['layouts'],
});
