import type { z } from 'zod';
import type { shelvesSchema } from './shelvesSchema';

/** How many shelves are asked for: where each is typed, those, what is lined up, and the one on the bottom boundary. */
export function shelvesWanted({ way, count, heights, aligned = [], bottom }: z.infer<typeof shelvesSchema>): number {
  if (way !== 'typed') return count;
  const seated = bottom.kind === 'floor' || bottom.kind === 'height' ? 0 : 1;
  return heights.length + aligned.length + seated;
}
