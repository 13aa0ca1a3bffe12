import { z } from 'zod';
import { id, positiveLength } from './fieldSchema';
import { LIMITS } from './limits';
import { shelvesSchema } from './shelvesSchema';
import { supportSchema } from './supportSchema';

const wide = positiveLength
  .optional()
  .describe('Width between its two faces, of a case over its two sides; a share of what is left when left away');

/** Bays from left to right. Shelves, support and things of the `main` one are those of the job. */
export const baysSchema = z
  .array(
    z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('main'), id, width: wide }).describe('The bay of the job’s own shelves'),
      z
        .strictObject({
          kind: z.literal('beside'),
          id,
          name: z.string().trim().max(LIMITS.name),
          width: wide,
          shelves: shelvesSchema,
          support: supportSchema.describe('What carries its shelves; a shelf counts from the lowest one of the bay'),
        })
        .describe('A further bay, with shelves and supports of its own'),
    ]),
  )
  .min(2)
  .max(LIMITS.bays);
