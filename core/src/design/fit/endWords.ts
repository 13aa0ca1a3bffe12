import { leastMarkMm } from '../../base/quantity';
import type { Job } from '../../job/schema';
import { about, angle, length, message, type Message } from '../../base/message';
import type { Part } from './part';
import type { PieceFit } from './piece';

/**
 * How one end is cut: whether it runs out of square, its bevel, what is left on. On edge it is told by the top. A saw
 * that is set has angles; one that is led by hand has points to mark, a line to follow, and what to plane off.
 */
export function endWords(
  { role, thicknessMm }: Pick<Part, 'role' | 'thicknessMm'>,
  fit: PieceFit,
  side: 'left' | 'right',
  job: Pick<Job, 'tools' | 'units' | 'tape'>,
): Message[] {
  const { degrees, bevelDegrees, allowanceMm } = fit[side];
  // An end that is out by less than can be marked is cut square.
  const outMm = Math.abs(fit[side].outMm) < leastMarkMm(job) ? 0 : fit[side].outMm;
  if (job.tools === 'hand') {
    const by = { by: length(Math.abs(outMm)) };
    const edge = role === 'board' ? 'Front' : 'Top';
    const planed = thicknessMm * Math.tan((bevelDegrees * Math.PI) / 180);
    return [
      outMm === 0
        ? message('cutEnd.square')
        : message(outMm > 0 ? `cutEnd.hand.out${edge}` : `cutEnd.hand.in${edge}`, by),
      ...(planed >= leastMarkMm(job) ? [message('cutEnd.hand.undercut', { by: about(planed) })] : []),
      ...(allowanceMm > 0 ? [message('cutEnd.leaveOn', { by: length(allowanceMm) })] : []),
    ];
  }
  const runs = { by: length(Math.abs(outMm)), angle: angle(Math.abs(degrees)) };
  const at = role === 'board' ? 'Front' : 'Top';
  return [
    outMm === 0 ? message('cutEnd.square') : message(outMm > 0 ? `cutEnd.out${at}` : `cutEnd.in${at}`, runs),
    ...(bevelDegrees > 0 ? [message('cutEnd.undercut', { angle: angle(bevelDegrees) })] : []),
    ...(allowanceMm > 0 ? [message('cutEnd.leaveOn', { by: length(allowanceMm) })] : []),
  ];
}
