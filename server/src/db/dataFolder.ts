import { accessSync, constants, mkdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { say } from '../words';

/** What stops the data folder from being used, in plain words. */
export class DataFolderError extends Error {}

/**
 * Makes a data folder unless it is there.
 * @throws DataFolderError when the folder cannot be made or written
 */
export function makeFolder(folder: string): void {
  try {
    makeWithParents(folder);
    accessSync(folder, constants.W_OK | constants.R_OK);
  } catch {
    throw new DataFolderError(say('data.cannotWrite', { folder }));
  }
}

/**
 * Makes a folder and those above it. Step by step: Node's own recursive making never returns on file systems
 * that say of a new folder that it does not exist (/proc).
 */
function makeWithParents(folder: string): void {
  if (statSync(folder, { throwIfNoEntry: false })?.isDirectory()) return;
  const above = path.dirname(folder);
  if (above !== folder) makeWithParents(above);
  mkdirSync(folder);
}
