import { existsSync } from 'node:fs';
import { runCommand } from './command';
import { restore } from './backup/restore';
import { DataFolderError } from './db/dataFolder';
import { PhotoFolder } from './db/photoFolder';
import { Storage } from './db/storage';

/** `dormer restore FILE`: brings a backup into the data folder, over nothing that is newer there. */
runCommand(async ([file], folder) => {
  if (!file) throw new DataFolderError('Name a backup: dormer restore FILE.zip');
  if (!existsSync(file)) throw new DataFolderError(`${file} cannot be read.`);
  const storage = await Storage.open(folder);
  try {
    const { added, updated, kept, photos, pieces } = await restore(file, storage, new PhotoFolder(folder));
    return (
      `Jobs brought in: ${added} new, ${updated} brought up to date, ${kept} left as they are. ` +
      `Photos: ${photos}. Pieces on the rack: ${pieces}.`
    );
  } finally {
    await storage.close();
  }
});
