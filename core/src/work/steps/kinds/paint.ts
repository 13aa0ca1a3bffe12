import { count, message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { After, Written } from '../writer';

type Waits = readonly (After | null)[];

const TOOLS = ['brush', 'roller', 'dust-sheet', 'cloths'] as const;
const onSite = (id: string, after: Waits) => ({ place: 'site', id, kind: 'paint', after }) as const;

/** Step: prime the walls, one coat. */
export const primePlace = (coat: number, after: Waits): Written => ({
  ...onSite(coat === 1 ? 'prime-place' : `prime-place-${coat}`, after),
  what: coat === 1 ? message('step.primePlace') : message('step.primePlaceAgain', { coat: count(coat) }),
  minutes: usualMinutes('primePlace'),
  how: [message('how.primePlace')],
  tools: TOOLS,
  materials: [message('buy.primer')],
});

/** Step: paint the walls, one coat. */
export const paintPlace = (coat: number, after: Waits): Written => ({
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
