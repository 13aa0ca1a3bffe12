import Database from 'better-sqlite3';
import path from 'node:path';
import { DataFolderError, makeFolder } from './dataFolder';
import { codeOf } from './errorCode';
import { say } from '../words';

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
      throw new DataFolderError(say('data.inUse', { folder }));
    }
    throw new DataFolderError(say('data.cannotLock', { folder, reason: (error as Error).message }));
  }
  return { release: () => void connection.close() };
}
