import { z } from 'zod';
import { anyLength, id, positiveLength } from './fieldSchema';
import { GARMENTS, LIMITS, RATIO, WAYS } from './limits';

const bottom = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('floor') }).describe('The floor; the sill of a cavity'),
  z.strictObject({ kind: z.literal('height'), up: anyLength }).describe('A height; nothing stands on it'),
  z.strictObject({ kind: z.literal('base'), up: anyLength }).describe('A base so high: the lowest shelf lies on it'),
  z
    .strictObject({ kind: z.literal('rail'), up: anyLength, clear: anyLength })
    .describe('A closet rail whose middle is so high: the lowest shelf lies above it'),
  z
    .strictObject({ kind: z.literal('garments'), hang: z.enum(GARMENTS), floor: anyLength, clear: anyLength })
    .describe('Garments that hang so clear of the floor: the lowest shelf lies above their rail'),
]);
const top = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('ceiling') }).describe('The ceiling; the head of a cavity'),
  z.strictObject({ kind: z.literal('height'), up: anyLength }),
]);

const edge = z.enum(['top', 'bottom']);
const there = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('level-line') }),
  z.strictObject({ kind: z.literal('skirting') }).describe('The skirting’s upper edge'),
  z.strictObject({ kind: z.literal('rail'), edge }).describe('A chair rail’s edge'),
  z.strictObject({ kind: z.literal('mouth') }).describe('The head of a narrower front opening'),
  z.strictObject({ kind: z.literal('keep-clear'), id, edge }),
  z
    .strictObject({ kind: z.literal('mark'), name: z.string().trim().min(1).max(LIMITS.name), up: anyLength })
    .describe('Anything else that is there, by its height above the floor mark'),
]);

/** A shelf lined up with something in the place; `face` is the face of the shelf that lies level with it. */
export const alignedSchema = z.strictObject({ id, to: there, face: z.enum(['top', 'underside']) });

/** What is wished of the shelves: how their heights are decided, and what their boards are. */
export const shelvesSchema = z.strictObject({
  way: z.enum(WAYS).describe('How heights are decided'),
  count: z.int().min(0).max(LIMITS.shelves).describe('How many shelves in all, where heights are worked out'),
  bottom: bottom.describe('Where the space begins'),
  top: top.describe('Where the space ends'),
  ratio: z.number().min(RATIO.least).max(RATIO.most).optional().describe('Graduated: each gap of the one below it'),
  leastGap: positiveLength.optional().describe('The least clear gap, where what is stored decides'),
  heights: z
    .array(
      z.strictObject({
        id,
        up: anyLength,
        locked: z.literal(true).optional().describe('Stays where it is, however the others are spaced'),
      }),
    )
    .max(LIMITS.shelves)
    .describe('Tops of shelves above the floor mark: all of them where each is typed, else those that are locked'),
  aligned: z
    .array(alignedSchema)
    .max(LIMITS.shelves)
    .optional()
    .describe('Shelves lined up with something there: the face that lies level with it'),
  thickness: positiveLength.describe('Real thickness of the boards'),
  depth: positiveLength.describe('Back wall to the front face of the nosing'),
});
