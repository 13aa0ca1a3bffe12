import { z } from 'zod';
import { anyLength, id, positiveLength } from './fieldSchema';
import { KEEP_CLEARS, LIMITS, PLACE_KINDS, STUD_FOUND_BY, SURFACES, WALL_KINDS } from './limits';

const wallKind = z.enum(WALL_KINDS);
const fixedWall = z.enum(['left', 'right', 'back']);

/** The place: what kind of opening, what its walls are, and what is fixed to them. */
export const placeSchema = z.strictObject({
  kind: z.enum(PLACE_KINDS),
  side: z.enum(['left', 'right', 'none']).describe('The side wall of a corner or a run; nothing elsewhere'),
  back: z.boolean().describe('Whether a cavity or a span has a back; every other place has one'),
  walls: wallKind.describe('What the walls are, unless said otherwise for one'),
  own: z.partialRecord(z.enum(SURFACES), wallKind).describe('Walls that are something else'),
  rough: z
    .strictObject({
      width: positiveLength.optional(),
      depth: positiveLength.optional(),
      height: positiveLength.optional(),
    })
    .describe('About how large the place is, where it was not measured'),
  mouth: z
    .strictObject({ width: positiveLength, height: positiveLength.optional() })
    .optional()
    .describe('A front opening narrower than the inside: between the jambs'),
  skirting: z.strictObject({ height: positiveLength, thickness: positiveLength }).optional(),
  rail: z
    .strictObject({ up: anyLength, height: positiveLength, thickness: positiveLength })
    .optional()
    .describe('A chair rail: its lower edge above the floor mark'),
  studs: z
    .array(
      z.strictObject({
        id,
        wall: fixedWall,
        from: anyLength.describe(
          'Its middle: on the back from the left end, seen from inside; on a side wall from the back corner',
        ),
        found: z.enum(STUD_FOUND_BY),
      }),
    )
    .max(LIMITS.studs),
  keepClears: z
    .array(
      z.strictObject({
        id,
        what: z.enum(KEEP_CLEARS),
        wall: fixedWall,
        from: anyLength.describe(
          'Its nearer edge: on the back from the left end, seen from inside; on a side wall from the back corner',
        ),
        up: anyLength.describe('Its lower edge above the floor mark'),
        width: positiveLength,
        height: positiveLength,
        margin: anyLength
          .optional()
          .describe('What is kept clear about it; a usual margin for its kind when left away'),
        note: z.string().max(LIMITS.name),
      }),
    )
    .max(LIMITS.keepClears),
});
