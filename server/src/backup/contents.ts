import { z } from 'zod';
import { offcutSchema } from '@dormer/core/job';

/** A backup that cannot be read, in one plain sentence. */
export class BackupError extends Error {}

/** Version of the form of a backup. Raise it when an older Dormer could not read what is written. */
export const BACKUP_VERSION = 1;

/** Names of files in a backup. Everything is an open format: JSON, and pictures as they were taken. */
export const FILES = {
  manifest: 'dormer-backup.json',
  rack: 'rack.json',
  instruments: 'instruments.json',
  versions: (job: string) => `jobs/${job}/versions.json`,
  document: (job: string, version: number) => `jobs/${job}/${version}.dormer.json`,
  photo: (name: string) => `photos/${name}`,
} as const;

const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);

/** What the backup is, and the SHA-256 of every other file in it. */
export const manifestSchema = z.object({
  format: z.literal('dormer-backup'),
  version: z.int().min(1),
  madeAt: z.string(),
  server: z.string(),
  files: z.record(z.string(), z.string().regex(/^[0-9a-f]{64}$/)),
});
export type Manifest = z.infer<typeof manifestSchema>;

/** A job and its saved versions, whose documents lie beside this list. */
export const jobVersionsSchema = z.object({
  id,
  name: z.string(),
  version: z.int().min(1),
  changedAt: z.string(),
  removedAt: z.string().nullable(),
  versions: z.array(
    z.object({
      version: z.int().min(1),
      saveId: z.string().min(1).max(80),
      savedAt: z.string(),
      name: z.string(),
      setAside: z.boolean(),
      // Left away by earlier versions of this program.
      savedBy: z.string().nullable().default(null),
    }),
  ),
});
export type JobVersions = z.infer<typeof jobVersionsSchema>;

export const rackFileSchema = z.object({ pieces: z.array(offcutSchema) });
