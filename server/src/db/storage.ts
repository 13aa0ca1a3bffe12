import { Mutex } from 'async-mutex';
import type { Database as Connection } from 'better-sqlite3';
import { setTimeout as pause } from 'node:timers/promises';
import type { DataSource, EntityManager } from 'typeorm';
import { codeOf, isDiskFull } from './errorCode';
import { openDatabase } from './open';
import { lockFolder, type FolderLock } from './folderLock';
import { say } from '../words';

/** Another program writes to the database and does not finish. Nothing was changed; a later try may succeed. */
export class StorageBusyError extends Error {}

/** The disk takes no more. Nothing was changed. */
export class DiskFullError extends Error {}

/** The database is lost to this process: no work is done from here on. */
export class StorageLostError extends Error {}

interface StorageOptions {
  /** Called once when the database cannot be opened again, with the reason in one plain sentence. */
  readonly onLost?: (reason: string) => void;
  /** How long a lock of another program is waited for, milliseconds. */
  readonly lockWaitMs?: number;
}

const LOCK_WAIT_MS = 10_000;
const LOCK_TRY_MS = 20;

/**
 * The database of a data folder. One connection does all work, one piece after another, each in one plain transaction:
 * what is acknowledged is in the file.
 */
export class Storage {
  private readonly turn = new Mutex();
  private lost: StorageLostError | null = null;

  private constructor(
    readonly folder: string,
    readonly source: DataSource,
    private readonly lock: FolderLock,
    private readonly options: StorageOptions,
  ) {}

  /**
   * Opens the database of a folder, which no other server has open.
   * @throws DataFolderError when the folder or its database cannot be used
   */
  static async open(folder: string, options: StorageOptions = {}): Promise<Storage> {
    const lock = lockFolder(folder);
    try {
      return new Storage(folder, await openDatabase(folder), lock, options);
    } catch (error) {
      lock.release();
      throw error;
    }
  }

  /** Opens the database of a folder for one short piece of work, also while a server has it open. */
  static async openBeside(folder: string): Promise<Storage> {
    return new Storage(folder, await openDatabase(folder), { release: () => undefined }, {});
  }

  /** Reads, all of it from one state of the database. */
  read<T>(task: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.transaction('BEGIN', task);
  }

  /**
   * Writes all of a task or nothing of it.
   * @returns once the commit is on the disk
   * @throws DiskFullError, StorageBusyError, StorageLostError; whatever the task throws
   */
  write<T>(task: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.transaction('BEGIN IMMEDIATE', task);
  }

  async close(): Promise<void> {
    await this.turn.runExclusive(async () => {
      if (this.source.isInitialized) await this.source.destroy();
      this.lock.release();
    });
  }

  /** SQLite's own connection, for what TypeORM has no words for. */
  private get connection(): Connection {
    return (this.source.driver as unknown as { databaseConnection: Connection }).databaseConnection;
  }

  private transaction<T>(begin: string, task: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.turn.runExclusive(async () => {
      if (this.lost) throw this.lost;
      await this.begin(begin);
      try {
        const result = await task(this.source.manager);
        // SQLite ends a transaction by itself when the disk is full. Such a one must not look like a commit.
        if (!this.connection.inTransaction) throw new Error('The transaction ended before its commit.');
        this.connection.exec('COMMIT');
        return result;
      } catch (error) {
        await this.abandon();
        throw isDiskFull(error) ? new DiskFullError(say('data.diskFull'), { cause: error }) : error;
      }
    });
  }

  /** Begins a transaction. Waits without blocking others of this process while another program holds the lock. */
  private async begin(statement: string): Promise<void> {
    const until = Date.now() + (this.options.lockWaitMs ?? LOCK_WAIT_MS);
    for (;;) {
      try {
        this.connection.exec(statement);
        return;
      } catch (error) {
        if (!isBusy(error)) throw error;
        if (Date.now() > until) throw new StorageBusyError(say('data.busy'));
        await pause(LOCK_TRY_MS);
      }
    }
  }

  /** Takes a failed transaction back. Where that fails, a fresh connection takes the place of this one. */
  private async abandon(): Promise<void> {
    try {
      if (this.connection.inTransaction) this.connection.exec('ROLLBACK');
      if (!this.connection.inTransaction) return;
    } catch {
      // What cannot be taken back is thrown away with its connection.
    }
    try {
      await this.source.destroy();
      await this.source.initialize();
    } catch (error) {
      const reason = say('data.lost', { folder: this.folder, reason: (error as Error).message });
      this.lost = new StorageLostError(reason);
      this.options.onLost?.(reason);
    }
  }
}

const isBusy = (error: unknown): boolean => codeOf(error).startsWith('SQLITE_BUSY');
