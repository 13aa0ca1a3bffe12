import { z } from 'zod';
import { parseMass } from '../base/quantity';
import { anyLength, id, positiveLength } from './fieldSchema';
import { LIMITS, OFTEN } from './limits';

// As much as is read as a mass at all: what is too heavy for a shelf is said in its plan.
const HEAVIEST_KG = 5000;
const MOST_OF_A_KIND = 999;
const HIGHEST_STACK = 20;
const TYPED_AGREES_KG = 0.001;

export const weight = z
  .strictObject({
    kg: z.number().min(0).max(HEAVIEST_KG),
    typed: z.string().min(1).max(64).describe('What the person typed, with its unit'),
  })
  .superRefine((value, context) => {
    const read = parseMass(value.typed, 'kg');
    if (read.ok && Math.abs(read.value - value.kg) <= TYPED_AGREES_KG) return;
    context.addIssue({ code: 'custom', path: ['kg'], params: { typed: value.typed, kg: value.kg } });
  });

/** Kinds of things to be stored. */
export const thingsSchema = z
  .array(
    z.strictObject({
      id,
      name: z.string().trim().min(1).max(LIMITS.name),
      width: positiveLength.describe('Along the shelf'),
      height: positiveLength.describe('As it stands'),
      depth: positiveLength.describe('Front to back'),
      weight: weight.describe('Of one'),
      count: z.int().min(1).max(MOST_OF_A_KIND),
      often: z.enum(OFTEN).describe('How often it is fetched'),
      who: id.optional().describe('Who reaches for it; everyone when left away'),
      lift: anyLength.describe('Room above it to take it out'),
      stack: z.int().min(1).max(HIGHEST_STACK).describe('How many may stand on one another'),
      flat: z.boolean().describe('Whether it may be laid on its back or on its side'),
    }),
  )
  .max(LIMITS.things);

/** Who reaches for things. */
export const peopleSchema = z
  .array(z.strictObject({ id, name: z.string().trim().min(1).max(LIMITS.name), height: positiveLength }))
  .max(LIMITS.people);

const degrees = z.number().min(1).max(45).describe('Down from the back to the front');

/** Tilted shelves. */
export const tiltedSchema = z
  .array(
    z.strictObject({
      id,
      front: anyLength.describe('Its front upper edge above the floor mark'),
      degrees,
      depth: positiveLength.describe('Depth of the board, along its slope'),
    }),
  )
  .max(LIMITS.tilted);

/** Rows of holes for shelf pins in the two sides of a case or a box. */
export const pinsSchema = z.strictObject({
  pitch: positiveLength.describe('Hole to hole'),
  setBack: positiveLength.describe('Each row from its edge, front and back'),
  diameter: positiveLength.describe('Of a hole'),
  hangs: anyLength.describe('A shelf’s underside above the middle of its pin'),
  either: z.int().min(1).max(20).describe('Holes above and below where each shelf is wanted'),
});
