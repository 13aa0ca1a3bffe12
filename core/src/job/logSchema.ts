import { z } from 'zod';
import { id, positiveLength } from './fieldSchema';
import { LIMITS, MISTAKES, PHOTO_LIMIT, PHOTO_TYPES } from './limits';

const moment = z.int().min(0).max(8_640_000_000_000_000);
const words = z.string().max(LIMITS.notes);
const minutes = z.number().min(0).max(LIMITS.minutes);

const photo = z.strictObject({ id, type: z.enum(PHOTO_TYPES), bytes: z.int().min(1).max(PHOTO_LIMIT.bytes) });
const entry = {
  id,
  at: moment.describe('When it was written'),
  text: words,
  photos: z.array(photo).max(PHOTO_LIMIT.each).optional().describe('Kept beside the job, by their ids'),
};

/** Entries of the diary, by their kind. */
export const entrySchemas = {
  note: z.strictObject({ ...entry, kind: z.literal('note') }),
  mistake: z.strictObject({
    ...entry,
    kind: z.literal('mistake'),
    cause: z.enum(MISTAKES),
    part: z.string().max(120).optional().describe('Which piece, by its id'),
    minutes: minutes.optional().describe('What it cost'),
  }),
  size: z.strictObject({
    ...entry,
    kind: z.literal('size'),
    part: z.string().min(1).max(120),
    length: positiveLength.describe('What it measures now that it is made'),
  }),
};

/** What happened: a diary, what boards were said to do and did, what it cost. */
export const logSchema = z.strictObject({
  entries: z
    .array(z.discriminatedUnion('kind', [entrySchemas.note, entrySchemas.mistake, entrySchemas.size]))
    .max(LIMITS.entries),
  fits: z
    .array(
      z.strictObject({
        id,
        at: moment,
        shelf: z.int().min(1).max(LIMITS.shelves),
        odds: z.number().min(0).max(100).describe('How surely it was to go in, percent'),
        went: z.boolean().describe('It went in at the first try'),
      }),
    )
    .max(LIMITS.trials)
    .describe('What was said of boards, and what they did'),
  paid: z.number().min(0).max(1_000_000).optional().describe('What it cost in all'),
  next: words.describe('What is to be done otherwise next time'),
});

/** What other jobs taught, taken into this one. */
export const learnedSchema = z.strictObject({
  times: z
    .array(
      z.strictObject({
        kind: z.string().min(1).max(40),
        factor: z.number().min(0.1).max(10),
        of: z.int().min(1).max(1_000_000),
      }),
    )
    .max(60)
    .describe('Own times by kind of step, as a factor of the usual'),
  mistakes: z
    .array(z.strictObject({ cause: z.enum(MISTAKES), times: z.int().min(1).max(1_000_000) }))
    .max(MISTAKES.length)
    .describe('Mistakes that came again'),
});
