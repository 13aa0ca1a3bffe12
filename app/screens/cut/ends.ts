import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { lengthWords } from '@dormer/core/words';
import type { Label } from '../../labels';

type Fit = NonNullable<Plan['parts'][number]['fit']>;

/** How an end is cut, in few words: "out 5 mm at the front (0.9°)". */
export function endWords(end: Fit['left'], reader: Job, label: Label): string {
  const by = lengthWords(Math.abs(end.outMm), reader);
  const angle = Math.abs(end.degrees).toFixed(1);
  const runs = end.outMm === 0 ? label('fit.square') : label(end.outMm > 0 ? 'fit.out' : 'fit.in', { by, angle });
  return [
    runs,
    ...(end.bevelDegrees > 0 ? [label('fit.bevel', { angle: end.bevelDegrees.toFixed(1) })] : []),
    ...(end.allowanceMm > 0 ? [label('fit.leaveOn', { by: lengthWords(end.allowanceMm, reader) })] : []),
  ].join(', ');
}
