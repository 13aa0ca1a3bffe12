import { count, message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

type Waits = readonly (After | null)[];

const TOOLS = ['brush', 'roller', 'dust-sheet', 'cloths'] as const;
const onSite = (id: string, after: Waits) => ({ place: 'site', id, kind: 'paint', after }) as const;

/** Step: prime the walls. */
export const primePlace = (after: Waits): Written => ({
  ...onSite('prime-place', after),
  what: message('step.primePlace'),
  minutes: usualMinutes('primePlace'),
  how: [message('how.primePlace')],
  tools: TOOLS,
  materials: [message('buy.primer')],
});

/** Step: paint the walls, one coat. */
export const paintPlace = (coat: 1 | 2, after: Waits): Written => ({
  ...onSite(`paint-place-${coat}`, after),
  what: message('step.paintPlace', { coat: count(coat) }),
  minutes: usualMinutes(coat === 1 ? 'paintPlaceFirst' : 'paintPlaceSecond'),
  how: coat === 1 ? [message('how.paintPlace')] : [],
  tools: TOOLS,
  materials: [message('buy.paint')],
});

/** Step: touch up fillers and seams. */
export const touchUp = (shelves: number, after: Waits): Written => ({
  ...onSite('touch-up', after),
  what: message('step.touchUp'),
  minutes: usualMinutes('touchUp', shelves),
  how: [message('how.touchUp')],
  tools: ['brush', 'cloths', 'dust-sheet'],
  materials: [message('buy.paint')],
});
