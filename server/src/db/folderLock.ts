import Database from 'better-sqlite3';
import path from 'node:path';
import { DataFolderError, makeFolder } from './dataFolder';
import { codeOf } from './errorCode';

export interface FolderLock {
  release(): void;
}

/**
 * Takes a data folder for this process. The system lets go of the lock when the process ends, however it ends.
 * @throws DataFolderError when another server has the folder, or when it cannot be written
 */
export function lockFolder(folder: string): FolderLock {
  makeFolder(folder);
  const connection = new Database(path.join(folder, 'dormer.lock'), { timeout: 0 });
  try {
    connection.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    connection.close();
    if (codeOf(error).startsWith('SQLITE_BUSY')) {
      throw new DataFolderError(
        `Another Dormer already uses the data folder ${folder}. Stop it, or choose another folder with DORMER_DATA.`,
      );
    }
    throw new DataFolderError(`The data folder ${folder} cannot be locked: ${(error as Error).message}.`);
  }
  return { release: () => void connection.close() };
}
