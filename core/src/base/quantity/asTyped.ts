import { formatLength, styleFor } from './formatLength';
import { parseLength, type TypedLength } from './parseLength';
import type { Tape } from './tape';
import type { JobUnit } from './units';

/**
 * A length nobody typed (one that was advised, or worked out), as a person of the unit would have typed it: to
 * the finest mark their figures are shown with. The value is that of the text, so that the two agree.
 * @param mm millimetres, zero or more
 * @example asTyped(1057.275, 'in', '1/16in').typed // "41 5/8"
 */
export function asTyped(mm: number, unit: JobUnit, tape: Tape): TypedLength {
  const read = parseLength(formatLength(mm, styleFor(unit, tape)), { unit });
  return read.ok ? read.value : { mm, typed: `${mm} mm`, unit };
}
