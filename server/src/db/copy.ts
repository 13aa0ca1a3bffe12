import Database from 'better-sqlite3';
import { readdir, rename, rm } from 'node:fs/promises';
import path from 'node:path';
import { makeFolder } from './dataFolder';
import { DATABASE_FILE } from './open';

/** How many daily copies of the database are kept. */
const COPIES_KEPT = 10;
const COPY = /^dormer-\d{4}-\d{2}-\d{2}\.sqlite$/;

/** Folder of the daily copies in a data folder. */
export const COPIES_FOLDER = 'backups';

/**
 * Copies the database of a data folder, whole and as it is at one moment, while a server may be writing to it.
 * @param file where the copy goes; a half-made one never stands there
 */
export async function copyDatabase(folder: string, file: string): Promise<void> {
  const source = new Database(path.join(folder, DATABASE_FILE), { readonly: true, fileMustExist: true });
  const part = `${file}.part`;
  try {
    await source.backup(part);
    await rename(part, file);
  } finally {
    source.close();
    await rm(part, { force: true });
  }
}

/** Makes today's copy of the database unless there is one, and removes all but the last ten. */
export async function keepDailyCopy(folder: string, now: Date): Promise<void> {
  const copies = path.join(folder, COPIES_FOLDER);
  makeFolder(copies);
  const today = `dormer-${now.toISOString().slice(0, 10)}.sqlite`;
  const known = (await readdir(copies)).filter((name) => COPY.test(name)).sort();
  if (!known.includes(today)) await copyDatabase(folder, path.join(copies, today));
  const all = [...new Set([...known, today])].sort();
  for (const name of all.slice(0, -COPIES_KEPT)) await rm(path.join(copies, name), { force: true });
}
