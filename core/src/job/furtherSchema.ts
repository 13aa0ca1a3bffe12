import { z } from 'zod';
import { id, positiveLength } from './fieldSchema';
import { ENDS, LIMITS, RODS } from './limits';

const shelf = z.int().min(1).max(LIMITS.shelves);

/** What single shelves have beside their boards and what carries them. */
export const furtherSchema = z.strictObject({
  dividers: z
    .array(
      z.strictObject({
        id,
        shelf: shelf.describe('The shelf it stands on'),
        at: positiveLength.describe('Its middle, from the left end of that shelf’s board'),
        height: positiveLength.optional().describe('How high it is; up to the shelf above when left away'),
      }),
    )
    .max(LIMITS.dividers)
    .describe('Upright boards that stand on a shelf and part it'),
  holes: z
    .array(
      z.strictObject({
        id,
        shelf: shelf.describe('The shelf it is drilled through'),
        from: z.enum(ENDS).describe('The end of the board it is measured from'),
        at: positiveLength.describe('Its middle, from that end'),
        back: positiveLength.describe('Its middle, from the back edge'),
        diameter: positiveLength,
      }),
    )
    .max(LIMITS.holes)
    .describe('Holes through boards, for cables and pipes'),
  rod: z.enum(RODS).optional().describe('What the closet rod is; a steel tube when left away'),
});
