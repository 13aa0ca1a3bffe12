import 'reflect-metadata';
import type { Database as Connection } from 'better-sqlite3';
import path from 'node:path';
import { DataSource } from 'typeorm';
import { DataFolderError } from './dataFolder';
import * as entities from './entities';
import { Jobs1764000000000 } from './migrations/1764000000000-jobs';
import { Instruments1764100000000 } from './migrations/1764100000000-instruments';
import { Rack1764200000000 } from './migrations/1764200000000-rack';
import { Versions1764300000000 } from './migrations/1764300000000-versions';
import { Server1764400000000 } from './migrations/1764400000000-server';
import { Pairing1764500000000 } from './migrations/1764500000000-pairing';
import { say } from '../words';

const MIGRATIONS = [
  Jobs1764000000000,
  Instruments1764100000000,
  Rack1764200000000,
  Versions1764300000000,
  Server1764400000000,
  Pairing1764500000000,
];

/** Name of the database's file in a data folder. */
export const DATABASE_FILE = 'dormer.sqlite';

/**
 * Opens the database in a data folder, checks that it is whole, and brings it to the newest schema.
 * Write-ahead log, foreign keys on, and every commit on the disk before it is acknowledged.
 * @throws DataFolderError when the database cannot be written, is damaged, or is of a later Dormer
 */
export async function openDatabase(folder: string): Promise<DataSource> {
  const database = new DataSource({
    type: 'better-sqlite3',
    database: path.join(folder, DATABASE_FILE),
    entities: Object.values(entities),
    migrations: MIGRATIONS,
    migrationsRun: true,
    synchronize: false,
    enableWAL: true,
    prepareDatabase: (connection: Connection) => {
      connection.pragma('synchronous = FULL');
      connection.pragma('foreign_keys = ON');
      // Locks are waited for without blocking the process: see Storage.
      connection.pragma('busy_timeout = 50');
      checkWhole(folder, connection);
      checkNotLater(folder, connection);
    },
  });
  try {
    return await database.initialize();
  } catch (error) {
    if (database.isInitialized) await database.destroy();
    throw refused(folder, error);
  }
}

function checkWhole(folder: string, connection: Connection): void {
  const [first] = connection.pragma('integrity_check(1)') as readonly { integrity_check: string }[];
  const found = first?.integrity_check ?? 'no answer';
  if (found !== 'ok') throw damaged(folder, found.replace(/^\*{3}.*\*{3}\n/, ''));
}

function checkNotLater(folder: string, connection: Connection): void {
  const table = connection.prepare(`SELECT 1 FROM sqlite_master WHERE name = 'migrations'`).get();
  if (!table) return;
  const known = new Set(MIGRATIONS.map(({ name }) => name));
  const done = connection.prepare('SELECT name FROM migrations').all() as readonly { name: string }[];
  if (done.every(({ name }) => known.has(name))) return;
  throw new DataFolderError(say('data.later', { folder }));
}

const damaged = (folder: string, detail: string): DataFolderError =>
  new DataFolderError(say('data.damaged', { folder, detail, file: DATABASE_FILE }));

/** An error in opening as a plain sentence, where one is known for it. */
function refused(folder: string, error: unknown): unknown {
  if (error instanceof DataFolderError) return error;
  const said = String(error);
  if (/not a database|malformed|SQLITE_CORRUPT|SQLITE_NOTADB/i.test(said)) {
    return damaged(folder, (error as Error).message);
  }
  if (/SQLITE_FULL|database or disk is full|ENOSPC/i.test(said)) {
    return new DataFolderError(say('data.full', { folder }));
  }
  if (/readonly|unable to open|EACCES/i.test(said)) {
    return new DataFolderError(say('data.readOnly', { folder, reason: (error as Error).message }));
  }
  return error;
}
