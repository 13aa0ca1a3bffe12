import { createWriteStream, existsSync } from 'node:fs';
import { mkdtemp, rename, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { backupStream } from './backup/write';
import { runCommand } from './command';
import { copyDatabase } from './db/copy';
import { DataFolderError } from './db/dataFolder';
import { DATABASE_FILE } from './db/open';
import { PhotoFolder } from './db/photoFolder';
import { Storage } from './db/storage';
import { say } from './words';

/** `dormer backup FILE`: everything in the data folder as one zip, also while a server runs. */
runCommand(async ([file], folder) => {
  if (!file) throw new DataFolderError(say('command.needsBackup'));
  if (!existsSync(path.join(folder, DATABASE_FILE))) throw new DataFolderError(say('command.noData', { folder }));
  const part = `${file}.part`;
  const copy = await mkdtemp(path.join(tmpdir(), 'dormer-backup-'));
  try {
    await copyDatabase(folder, path.join(copy, DATABASE_FILE));
    const storage = await Storage.open(copy);
    try {
      await pipeline(backupStream(storage, new PhotoFolder(folder), new Date()), createWriteStream(part));
    } finally {
      await storage.close();
    }
    await rename(part, file);
  } finally {
    await rm(part, { force: true });
    await rm(copy, { recursive: true, force: true });
  }
  return say('command.saved', { file });
});
