import type { Bay } from '@dormer/core/job/document';
import type { Label } from '../../../labels';

/** What a bay is called: its own name, or by where it is. */
export function bayName(bays: readonly Bay[], at: number, label: Label): string {
  const bay = bays[at];
  if (bay?.kind === 'beside' && bay.name !== '') return bay.name;
  if (at === 0) return label('bays.left');
  if (at === bays.length - 1) return label('bays.right');
  return bays.length === 3 ? label('bays.middle') : label('bays.nth', { position: at + 1 });
}
