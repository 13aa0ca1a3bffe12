import type { Part } from '../../design/fit';
import { lotOf } from '../../design/load/lots';
import type { SystemName } from '../../job';
import { biteOf, systemAt, throughOf, type Work } from './work';

/** Systems that are put together in the workshop and stood up whole. */
const UNITS: ReadonlySet<SystemName> = new Set(['housed-case', 'pinned-case', 'screwed-tower', 'ladder-frames']);

/** Pieces of no shelf that stand with a unit: those of a case, not what parts bays; frames. */
const standsAlone = (role: Part['role']): boolean =>
  role === 'upright' || role === 'rung' || (lotOf(role) === 'case' && !BETWEEN_BAYS.has(role));
const BETWEEN_BAYS: ReadonlySet<Part['role']> = new Set(['bay-upright', 'upright-block']);

/** What belongs to a unit that is put together in the workshop: a cavity’s box, a case, frames. */
export function unitParts(work: Work): Part[] {
  const { parts, takes, fixings } = work;
  const boards = new Set<Part['role']>(['board', 'nosing', 'slat', 'mesh']);
  const standing = (part: Part) =>
    part.shelf > 0
      ? UNITS.has(systemAt(work, part.shelf)) && (!boards.has(part.role) || goesInWithUnit(work, part.shelf))
      : standsAlone(part.role);
  const whole = parts.filter(
    (part) => standing(part) || (takes === 'box' && (part.role === 'box-side' || part.role === 'box-end')),
  );
  const ids = new Set<string | null>(whole.map((part) => part.id));
  // A divider goes in with the unit if both of its shelves do.
  const later = ({ id, role }: Part) =>
    role === 'divider' && fixings.some((fixing) => biteOf(fixing) === id && !ids.has(throughOf(fixing)));
  return whole.filter((part) => !later(part));
}

/**
 * Whether a shelf’s board is housed or screwed in when the unit is put together: not where it lies on pins or rungs.
 */
function goesInWithUnit(work: Work, shelf: number): boolean {
  const system = systemAt(work, shelf);
  if (system === 'ladder-frames') return false;
  return system !== 'pinned-case' || work.fixings.some((fixing) => biteOf(fixing) === `S${shelf}-board`);
}
