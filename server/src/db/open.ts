import 'reflect-metadata';
import { accessSync, constants, mkdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { DataSource } from 'typeorm';
import { InstrumentEntity, JobEntity, OffcutEntity, VersionEntity } from './entities';
import { Jobs1764000000000 } from './migrations/1764000000000-jobs';
import { Instruments1764100000000 } from './migrations/1764100000000-instruments';
import { Rack1764200000000 } from './migrations/1764200000000-rack';

/** What stops the database from being opened, in one plain sentence. */
export class DataFolderError extends Error {}

/**
 * Opens the database in a data folder, making both if need be, and brings it to the newest schema.
 * Write-ahead log, foreign keys on, and every commit on the disk before it is acknowledged.
 * @throws DataFolderError when the folder cannot be made or written
 */
export async function openDatabase(folder: string): Promise<DataSource> {
  try {
    makeFolder(folder);
    accessSync(folder, constants.W_OK | constants.R_OK);
  } catch {
    throw new DataFolderError(`The data folder ${folder} cannot be written. Choose another with DORMER_DATA.`);
  }
  const database = new DataSource({
    type: 'better-sqlite3',
    database: path.join(folder, 'dormer.sqlite'),
    entities: [JobEntity, VersionEntity, InstrumentEntity, OffcutEntity],
    migrations: [Jobs1764000000000, Instruments1764100000000, Rack1764200000000],
    migrationsRun: true,
    synchronize: false,
    enableWAL: true,
    prepareDatabase: (connection: { pragma: (text: string) => unknown }) => {
      connection.pragma('synchronous = FULL');
      connection.pragma('foreign_keys = ON');
      connection.pragma('busy_timeout = 5000');
    },
  });
  try {
    return await database.initialize();
  } catch (error) {
    if (/readonly|unable to open|EACCES|not a database/i.test(String(error))) {
      throw new DataFolderError(`The database in ${folder} cannot be opened for writing: ${(error as Error).message}.`);
    }
    throw error;
  }
}

/**
 * Makes a folder and those above it. Step by step: Node's own recursive making never returns on file systems
 * that say of a new folder that it does not exist (/proc).
 */
function makeFolder(folder: string): void {
  if (statSync(folder, { throwIfNoEntry: false })?.isDirectory()) return;
  const above = path.dirname(folder);
  if (above !== folder) makeFolder(above);
  mkdirSync(folder);
}
