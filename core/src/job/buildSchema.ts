import { z } from 'zod';
import { id } from './fieldSchema';
import { LIMITS, SKIP_REASONS, STEP_PLACES, WAITS } from './limits';

/** A step by its id: `fill-1`, `S2-support`, `own:a1b2`. */
const stepId = z.string().regex(/^[A-Za-z0-9_.:-]{1,80}$/);
/** A moment: milliseconds since the beginning of 1970, UTC. */
const moment = z.int().min(0).max(8_640_000_000_000_000);
const minutes = z.number().min(0).max(LIMITS.minutes);
const clock = z
  .string()
  .regex(/^([01]\d|2[0-4]):[0-5]\d$/)
  .describe('Of a day: 18:30; 24:00 is its end');
const day = z
  .string()
  .regex(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/)
  .describe('A date: 2026-05-09');
const words = z.string().trim().min(1).max(LIMITS.name);

/** A step the person adds. */
export const ownStepSchema = z.strictObject({
  id,
  what: words,
  place: z.enum(STEP_PLACES),
  minutes,
  after: z.array(stepId).max(LIMITS.ownSteps).describe('What must be done before it'),
  before: z.array(stepId).max(LIMITS.ownSteps).describe('What may only be done after it'),
  least: minutes.optional().describe('How long after the steps before it, at the earliest; minutes'),
  most: minutes.optional().describe('How long after the steps before it, at the latest; minutes'),
});

/** A step that is skipped, and why. */
export const skippedSchema = z.strictObject({
  step: stepId,
  why: z.enum(SKIP_REASONS),
  note: z.string().max(LIMITS.name).optional(),
});

/** When there is time, and what has been moved in it. */
const calendar = z.strictObject({
  zone: z.string().min(1).max(64).describe('Time zone, by its IANA name'),
  from: day.describe('The first day there is time'),
  free: z
    .array(z.strictObject({ day: z.int().min(1).max(7).describe('1 is Monday'), from: clock, to: clock }))
    .max(LIMITS.freeHours),
  quiet: z.strictObject({ from: clock, to: clock }).optional().describe('Nothing loud from then till then'),
  lost: z.array(day).max(LIMITS.lostDays).describe('Days on which nothing is done after all'),
  moved: z
    .array(z.strictObject({ step: stepId, at: moment }))
    .max(LIMITS.steps)
    .describe('Steps that are begun at a time of the person’s own'),
});

/** How the work is gone about, and how far it has come. */
export const buildSchema = z.strictObject({
  supports: z
    .enum(['top-down', 'bottom-up'])
    .describe('Which supports are put up first; the shelves go in the other way round'),
  finish: z.enum(['before', 'after']).describe('Whether it is finished before it is put in, or after'),
  cut: z
    .enum(['all', 'in-place'])
    .describe('All is cut first, or the boards when their supports are up and they have been measured there'),
  hold: z.enum(['screws', 'glue']).describe('Joints are screwed dry, or glued and screwed or pinned'),
  help: z.boolean().describe('Whether there is someone who helps'),
  travel: z
    .strictObject({ workshop: minutes, shop: minutes })
    .describe('Minutes from the place to the workshop, and to the shop'),
  prepare: z.strictObject({
    clear: z.boolean().describe('Something old is to be taken out'),
    holes: z.int().min(0).max(LIMITS.oldHoles).describe('Old holes to fill'),
    open: z.boolean().describe('A wall is to be cut open'),
    paint: z.boolean().describe('The place is to be painted'),
  }),
  waits: z
    .array(z.strictObject({ wait: z.enum(WAITS), least: minutes, most: minutes.optional() }))
    .max(WAITS.length)
    .describe('How long one waits for what, where the tin says otherwise; minutes'),
  minutes: z
    .array(z.strictObject({ step: stepId, minutes }))
    .max(LIMITS.steps)
    .describe('How long single steps take, where the person knows better'),
  own: z.array(ownStepSchema).max(LIMITS.ownSteps),
  done: z
    .array(
      z.strictObject({
        step: stepId,
        at: moment,
        took: z
          .strictObject({ minutes, usual: minutes, kind: z.string().min(1).max(40) })
          .optional()
          .describe('How long it really took, what is usual for it, and what kind of step it is'),
      }),
    )
    .max(LIMITS.steps)
    .describe('What is done, and when that was'),
  skipped: z.array(skippedSchema).max(LIMITS.steps),
  packed: z.array(z.string().min(1).max(160)).max(LIMITS.prices).describe('What is packed for the next trip'),
  calendar: calendar.optional(),
});
