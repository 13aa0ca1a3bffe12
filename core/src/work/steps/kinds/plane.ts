import type { Part } from '../../../design/fit';
import { count, length, list, message, text } from '../../../base/message';
import { grouped } from '../../stock/grouped';
import { usualMinutes } from '../minutes';
import type { Work } from '../work';
import type { After, Written } from '../writer';

/** Step: plane pieces that are sold only thicker; null where there are none. */
export function planePieces(
  { job, kinds }: Pick<Work, 'job' | 'kinds'>,
  id: string,
  parts: readonly Part[],
  after: readonly (After | null)[],
): Written | null {
  const thick = parts.flatMap((part) => {
    const fromMm = kinds.planed.get(part.id);
    return fromMm === undefined ? [] : [{ part, fromMm }];
  });
  if (thick.length === 0) return null;
  const alike = grouped(thick, ({ part, fromMm }) => `${fromMm}-${part.thicknessMm}`);
  return {
    place: 'workshop',
    id,
    kind: 'sand',
    loud: job.tools === 'power',
    what: message('step.plane', { count: count(thick.length) }),
    minutes: usualMinutes('plane', thick.length),
    after,
    how: alike.map((group) => {
      const { part, fromMm } = group[0]!;
      const pieces = list(group.map((one) => text(one.part.label)));
      return message('how.plane', { pieces, from: length(fromMm), to: length(part.thicknessMm) });
    }),
    check: [message('check.planed')],
    tools: ['plane', 'tape', 'mask', 'eye-ear'],
    parts: thick.map(({ part }) => part.id),
  };
}
