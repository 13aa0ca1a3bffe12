import type { Part } from '../../../design/fit';
import { message } from '../../../base/message';
import { usualMinutes } from '../minutes';
import type { Work } from '../work';
import type { After, Written } from '../writer';

type Waits = readonly (After | null)[];

/**
 * Step: sand filled walls flush.
 * @param holes how many were filled
 */
export const sandPlace = (holes: number, after: Waits): Written => ({
  place: 'site',
  id: 'sand-place',
  kind: 'sand',
  what: message('step.sandPlace'),
  minutes: usualMinutes('sandPlace', holes),
  after,
  how: [message('how.sandPlace')],
  check: [message('check.flush')],
  tools: ['sanding-block', 'vacuum', 'mask'],
});

interface SandPieces {
  readonly id: string;
  readonly parts: readonly Part[];
  readonly areaM2: number;
  /** Whether some pieces are assembled later: sand inner faces while they can be reached. */
  readonly before: boolean;
  readonly after: Waits;
}

/** Step: sand pieces in the workshop. */
export function sandPieces({ job }: Pick<Work, 'job'>, { id, parts, areaM2, before, after }: SandPieces): Written {
  return {
    place: 'workshop',
    id,
    kind: 'sand',
    what: message('step.sand'),
    minutes: usualMinutes('sand', areaM2),
    after,
    how: [message(before ? 'how.sandBefore' : 'how.sand')],
    check: [message('check.sanded')],
    tools: job.tools === 'hand' ? ['sanding-block', 'mask'] : ['sander', 'sanding-block', 'mask', 'eye-ear'],
    parts: parts.map((part) => part.id),
  };
}

/**
 * Step: sand filled screw heads flush.
 * @param heads how many were filled
 */
export const sandHeads = (heads: number, after: Waits): Written => ({
  place: 'site',
  id: 'sand-heads',
  kind: 'sand',
  what: message('step.sandHeads'),
  minutes: usualMinutes('sandHeads', heads),
  after,
  how: [message('how.sandHeads')],
  check: [message('check.flush')],
  tools: ['sanding-block', 'vacuum', 'mask'],
});
