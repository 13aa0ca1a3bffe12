import { z } from 'zod';
import { ownStepSchema, skippedSchema } from './buildSchema';
import { entrySchemas } from './logSchema';
import { trialSchema, type LogEntry } from './schema';
import { alignedSchema } from './shelvesSchema';

/** Keys that the job adds to an entry of the diary by itself. */
const STAMP = { id: true, at: true } as const;

/** A note has words or a photo. */
const saysSomething = ({ text, photos = [] }: Pick<LogEntry, 'text' | 'photos'>) =>
  text.trim() !== '' || photos.length > 0;

/** Leaves out the fields that stand empty: a job document has no key without a value. */
function withoutEmpty<Answer extends object>(answer: Answer): Answer {
  return Object.fromEntries(Object.entries(answer).filter(([, value]) => value !== undefined)) as Answer;
}

/**
 * Schemas for what a person fills in on a sheet: those of the job document, less the keys that the job adds by itself.
 * A field that was cleared leaves no key behind.
 */
export const FORMS = {
  ownStep: ownStepSchema.omit({ id: true }).transform(withoutEmpty),
  skipped: skippedSchema.omit({ step: true }).transform(withoutEmpty),
  entry: z
    .discriminatedUnion('kind', [
      entrySchemas.note.omit(STAMP).refine(saysSomething, { path: ['text'] }),
      entrySchemas.mistake.omit(STAMP),
      entrySchemas.size.omit(STAMP),
    ])
    .transform(withoutEmpty),
  aligned: alignedSchema.omit({ id: true }),
  trial: trialSchema.pick({ end: true, at: true, kind: true, value: true }),
};

export type FormName = keyof typeof FORMS;
/** The fields of a sheet, before they are checked. */
export type FormFields<Name extends FormName> = z.input<(typeof FORMS)[Name]>;
/** The fields of a sheet, checked. */
export type FormAnswer<Name extends FormName> = z.output<(typeof FORMS)[Name]>;
