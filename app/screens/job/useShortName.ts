import type { JobUnit } from '@dormer/core/quantity';
import { useLabel } from '../../labels';

/** Names of units as they stand on a switch. */
export function useShortName(): (unit: JobUnit) => string {
  const label = useLabel();
  return (unit) => label(`unit.${unit}`);
}
