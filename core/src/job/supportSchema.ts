import { z } from 'zod';
import { anyLength, id, positiveLength } from './fieldSchema';
import { LIMITS, LOAD_USES, TOOLS } from './limits';
import { weight } from './storedSchema';
import { SUPPORT_ASKS, SYSTEM_NAMES, type Ask, type Asked, type SystemName } from './supports';

function answerSchema(ask: Ask) {
  switch (ask.kind) {
    case 'length':
      return ask.mayBeNothing ? anyLength : positiveLength;
    case 'count':
      return z.int().min(ask.least).max(ask.most);
    case 'choice':
      return z.enum(ask.options as readonly [string, ...string[]]);
    case 'yes':
      return z.boolean();
  }
}

type Said = {
  [Name in SystemName]?: { -readonly [Key in keyof Asked<Name>]?: Asked<Name>[Key] | undefined } | undefined;
};

const own = z.strictObject(
  Object.fromEntries(
    SYSTEM_NAMES.map((name) => {
      const asks: Readonly<Record<string, Ask>> = SUPPORT_ASKS[name];
      const fields = Object.entries(asks).map(([key, ask]) => [key, answerSchema(ask).optional()] as const);
      return [name, z.strictObject(Object.fromEntries(fields)).optional()] as const;
    }),
  ),
) as unknown as z.ZodType<Said>;

/** What carries the shelves. */
export const supportSchema = z.strictObject({
  system: z.enum(SYSTEM_NAMES).describe('The support system that is chosen'),
  own: own.describe('What was said of each system that was ever chosen; what was not said is as it usually is'),
  shelves: z
    .array(
      z.strictObject({
        shelf: z.int().min(1).max(LIMITS.shelves),
        system: z.enum(SYSTEM_NAMES).optional(),
        depth: positiveLength.optional().describe('Back wall to its front face'),
      }),
    )
    .max(LIMITS.shelves)
    .optional()
    .describe('What is otherwise for single shelves'),
});

/** What boards and sticks are made of. */
export const woodSchema = z.strictObject({
  boards: id.describe('Material of the boards'),
  sticks: id.describe('Material of cleats, posts and rails'),
  case: id
    .optional()
    .describe('Material of the sides, ends and fillers of a case or a box; as the boards when left away'),
  back: id.optional().describe('Material of a back panel; as the case when left away'),
  trim: id.optional().describe('Material of nosings and face trim; as the sticks when left away'),
  own: z
    .array(
      z.strictObject({
        id,
        name: z.string().trim().min(1).max(LIMITS.name),
        densityKgM3: z.number().min(50).max(3000),
        eAlongMpa: z.number().min(100).max(250_000).describe('Stiffness along the grain, N/mm²'),
        eAcrossMpa: z.number().min(50).max(250_000),
        shearMpa: z.number().min(20).max(100_000),
        bendAlongMpa: z.number().min(0.5).max(1000).describe('Bending strength along the grain, N/mm²'),
        bendAcrossMpa: z.number().min(0.1).max(1000),
        creep: z.number().min(0).max(10).describe('Further sag of the years, as a share of the first'),
        lasting: z.number().min(0.05).max(1).describe('Share of its strength that lasts for years'),
        price: z.number().min(0).max(1_000_000).describe('What a litre of it costs'),
        source: z.string().trim().min(1).max(LIMITS.name).describe('Where these figures are from'),
      }),
    )
    .max(LIMITS.materials),
});

/** What the shelves are reckoned to carry. */
export const loadSchema = z.strictObject({
  use: z.enum(LOAD_USES).describe('What stands on them, as a load along the shelf; `listed`: what is listed as things'),
  perMetre: weight.optional().describe('A load along the shelf of one’s own: for each metre'),
});

/** How things are fixed to the walls. */
export const fixingSchema = z.strictObject({
  lining: anyLength.describe('What a screw goes through before it meets a stud: plasterboard and the like'),
  panel: positiveLength.describe('Thickness of cabinet sides and other panels that are screwed to'),
  anchors: z.boolean().describe('Whether hollow-wall anchors may be used where there is no stud'),
  anchorKg: weight.optional().describe('What one anchor may carry, as its packet says'),
  plugKg: weight.optional().describe('What one plug in masonry may carry, as its packet says'),
});

export const toolsSchema = z.enum(TOOLS).describe('Hand tools only, or power tools');
