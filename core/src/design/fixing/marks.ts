import { snapToTape, type Tape } from '../../base/quantity';
import type { PartRole } from '../system/system';
import type { Fixing } from './fixing';

/** Holes in a row: how far across the piece, and where along it, on marks of the tape. Millimetres. */
export interface HoleRow {
  readonly acrossMm: number;
  readonly alongs: readonly number[];
}

/** The holes of a joint as they are marked with a tape, row by row. A bracket's own holes are told in one row. */
export function holeRows({ holes, through }: Pick<Fixing, 'holes' | 'through'>, tape: Tape): HoleRow[] {
  const mark = (mm: number) => snapToTape(mm, tape, 'nearest');
  const rows = new Map<number, number[]>();
  for (const { alongMm, acrossMm } of holes) {
    const key = through.kind === 'hardware' ? 0 : mark(acrossMm);
    rows.set(key, [...(rows.get(key) ?? []), mark(alongMm)]);
  }
  return [...rows].map(([acrossMm, alongs]) => ({ acrossMm, alongs: [...alongs].sort((a, b) => a - b) }));
}

const FLAT: ReadonlySet<PartRole> = new Set([
  'board',
  'skin',
  'slat',
  'mesh',
  'tilted-board',
  'case-top',
  'case-bottom',
]);

/** Whether a piece lies on its face: it is drilled as seen from above, across it from its back edge. */
export const liesFlat = ({ role }: { readonly role: PartRole }): boolean => FLAT.has(role);
