import { z } from 'zod';
import { anyLength, cornerAngle, id, positiveLength } from './fieldSchema';
import { ENDS, INSTRUMENTS, SIDES, SPOTS_OUT } from './limits';

const side = z.enum(SIDES).describe('Across the opening, seen from inside the room');
const at = z.enum(SPOTS_OUT).describe('Along the back wall, half way out, or along the front edge');
const corner = z.enum(ENDS).describe('The corner between the back and this side');
const up = anyLength.describe('Height above the floor mark');

/** What every reading may carry beside its own fields. */
const common = {
  id,
  with: z.enum(INSTRUMENTS).optional().describe('What it was taken with; the usual thing for its kind when left away'),
  sd: z.number().positive().max(50).optional().describe('Its standard deviation in its own unit, when it is known'),
  verdict: z
    .enum(['kept', 'dropped'])
    .optional()
    .describe('The person’s own word: never set aside, or left out of the survey'),
  simulated: z.literal(true).optional().describe('Taken with a practice instrument, in a made-up room'),
  blind: z.literal(true).optional().describe('Read again without sight of the first value'),
};

/** One reading, by what it says of the opening. */
export const readingSchema = z
  .discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('width'), ...common, at, up, value: positiveLength }),
    z.strictObject({ kind: z.literal('depth'), ...common, side, up, value: positiveLength }),
    z.strictObject({ kind: z.literal('height'), ...common, side, at, value: positiveLength }),
    z
      .strictObject({ kind: z.literal('corner'), ...common, corner, up, value: cornerAngle })
      .describe('The angle of a corner, from inside'),
    z
      .strictObject({
        kind: z.literal('square'),
        ...common,
        corner,
        up,
        blade: positiveLength.describe('Length of the blade along the side wall'),
        gap: z.enum(['tip', 'heel']).describe('Where the gap shows: at the blade’s tip (opens), at its heel (closes)'),
        value: anyLength,
      })
      .describe('The gap of a framing square set into a corner'),
    z
      .strictObject({
        kind: z.literal('plumb'),
        ...common,
        wall: z.enum(['left', 'right', 'back']),
        at: at.describe('For a side wall: how far out'),
        side: side.describe('For the back wall: where across'),
        up: anyLength.describe('Height of the level’s lower end above the floor mark'),
        over: positiveLength.describe('Length of the level'),
        leans: z.enum(['out', 'in']).describe('The top away from the opening, or into it'),
        value: anyLength,
      })
      .describe('How far a wall is out of plumb over the length of a level'),
    z
      .strictObject({
        kind: z.literal('level'),
        ...common,
        of: z.enum(['floor', 'ceiling']),
        along: z.enum(['across', 'out']),
        at: at.describe('For one that runs across: how far out'),
        side: side.describe('For one that runs out: where across'),
        over: positiveLength.describe('Length of the level'),
        falls: z.enum(['left', 'right', 'front', 'back']).describe('The end that lies lower'),
        value: anyLength,
      })
      .describe('How far floor or ceiling is out of level over the length of a level'),
    z
      .strictObject({
        kind: z.literal('straightedge'),
        ...common,
        wall: z.enum(['left', 'right', 'back']),
        run: z.enum(['level', 'upright']),
        at: at.describe('For an upright one on a side wall: how far out'),
        side: side.describe('For an upright one on the back wall: where across'),
        up: anyLength.describe('Height of its middle above the floor mark'),
        over: positiveLength.describe('Between the points where it touches, or would'),
        shape: z.enum(['hollow', 'belly']).describe('The gap is in the middle, or the same at both ends'),
        value: anyLength,
      })
      .describe('The gap between a wall and a straightedge or string'),
    z
      .strictObject({
        kind: z.literal('offset'),
        ...common,
        wall: z.enum(['left', 'right', 'back']),
        up,
        start: anyLength.describe('Where the straight line begins: out from the back, or along it from the left wall'),
        end: anyLength.describe('Where it ends, the same way'),
        on: anyLength.describe('Where along it this was read, the same way'),
        shape: z.enum(['hollow', 'belly']).describe('The wall stands behind the line, or before it'),
        value: anyLength,
      })
      .describe('How far a wall is off a straight level line between two of its points'),
    z
      .strictObject({
        kind: z.literal('diagonal'),
        ...common,
        from: z.enum(ENDS).describe('The front corner it starts at; it ends at the other back corner'),
        up,
        value: positiveLength,
      })
      .describe('A level diagonal from a front corner to the back corner across'),
    z
      .strictObject({
        kind: z.literal('face'),
        ...common,
        from: z.enum(ENDS).describe('The foot it starts at; it ends at the other head'),
        at,
        value: positiveLength,
      })
      .describe('An upright diagonal across the face of the opening'),
    z
      .strictObject({
        kind: z.literal('triangle'),
        ...common,
        corner,
        up,
        first: anyLength.describe('The first mark on the back wall, from the corner'),
        second: positiveLength.describe('The second mark on the back wall, from the corner'),
        out: positiveLength.describe('About how far out the point on the side wall lies'),
        value: positiveLength.describe('First mark to the point'),
        other: positiveLength.describe('Second mark to the point'),
      })
      .describe('Two distances from marks on the back wall to one point of a side wall'),
    z
      .strictObject({ kind: z.literal('line'), ...common, side, at, value: positiveLength })
      .describe('Floor to the level line'),
  ])
  .describe('One thing a tape, square, level or gauge said');
