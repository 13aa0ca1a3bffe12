import { z } from 'zod';
import { ownStepSchema, skippedSchema } from './buildSchema';
import { entrySchemas } from './logSchema';
import { trialSchema, type LogEntry } from './schema';
import { alignedSchema } from './shelvesSchema';

/** What the job adds by itself to an entry of the diary. */
const STAMP = { id: true, at: true } as const;

/** A note has words or a photo. */
const saysSomething = ({ text, photos = [] }: Pick<LogEntry, 'text' | 'photos'>) =>
  text.trim() !== '' || photos.length > 0;

/** What a person fills in on a sheet, checked as the job document is; what the job adds by itself is left out. */
export const FORMS = {
  ownStep: ownStepSchema.omit({ id: true }),
  skipped: skippedSchema.omit({ step: true }),
  entry: z.discriminatedUnion('kind', [
    entrySchemas.note.omit(STAMP).refine(saysSomething, { path: ['text'] }),
    entrySchemas.mistake.omit(STAMP),
    entrySchemas.size.omit(STAMP),
  ]),
  aligned: alignedSchema.omit({ id: true }),
  trial: trialSchema.pick({ end: true, at: true, kind: true, value: true }),
};

export type FormName = keyof typeof FORMS;
/** What stands in the fields of a sheet. */
export type FormFields<Name extends FormName> = z.input<(typeof FORMS)[Name]>;
/** What a sheet gives once it is checked. */
export type FormAnswer<Name extends FormName> = z.output<(typeof FORMS)[Name]>;
