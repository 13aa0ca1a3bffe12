import { existsSync } from 'node:fs';
import { runCommand } from './command';
import { restore } from './backup/restore';
import { DataFolderError } from './db/dataFolder';
import { PhotoFolder } from './db/photoFolder';
import { Storage } from './db/storage';
import { say } from './words';

/** `dormer restore FILE`: brings a backup into the data folder, over nothing that is newer there. */
runCommand(async ([file], folder) => {
  if (!file) throw new DataFolderError(say('command.needsRestore'));
  if (!existsSync(file)) throw new DataFolderError(say('command.unreadable', { file }));
  const storage = await Storage.open(folder);
  try {
    const { added, updated, kept, photos, pieces } = await restore(file, storage, new PhotoFolder(folder));
    return say('command.restored', { added, updated, kept, photos, pieces });
  } finally {
    await storage.close();
  }
});
