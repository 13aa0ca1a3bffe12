import type { z } from 'zod';
import type { baysSchema } from './baysSchema';
import type { shelvesSchema } from './shelvesSchema';

/** What is asked of the shelves of a job. */
interface Asked {
  readonly shelves: z.infer<typeof shelvesSchema>;
  readonly bays?: z.infer<typeof baysSchema> | undefined;
}

/** How many shelves are asked for: where each is typed, those, what is lined up, and the one on the bottom boundary. */
export function shelvesWanted({ way, count, heights, aligned = [], bottom }: z.infer<typeof shelvesSchema>): number {
  if (way !== 'typed') return count;
  const seated = bottom.kind === 'floor' || bottom.kind === 'height' ? 0 : 1;
  return heights.length + aligned.length + seated;
}

/** How many shelves are asked for in all bays together. */
export const shelvesOfAll = ({ shelves, bays = [] }: Asked): number =>
  bays.reduce((sum, bay) => sum + (bay.kind === 'beside' ? shelvesWanted(bay.shelves) : 0), shelvesWanted(shelves));
