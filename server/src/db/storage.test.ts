import Database from 'better-sqlite3';
import fc from 'fast-check';
import { closeSync, openSync, readFileSync, rmSync, writeFileSync, writeSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { freshFolder, RunningServer } from '../test/running';
import { DATABASE_FILE } from './open';
import { JobStore } from './jobStore';
import { RackStore } from './rackStore';
import { DiskFullError, Storage, StorageBusyError, StorageLostError } from './storage';

const alcove = chimneyAlcove();
const folders: string[] = [];
const folder = () => {
  const made = freshFolder();
  folders.push(made);
  return made;
};
afterAll(() => folders.forEach((made) => rmSync(made, { recursive: true, force: true })));

const open: Storage[] = [];
const opened = async (at = folder(), options = {}) => {
  const storage = await Storage.open(at, options);
  open.push(storage);
  return storage;
};
afterEach(async () => {
  for (const storage of open.splice(0)) await storage.close();
});

const save = (storage: Storage, name: string, version: number) =>
  new JobStore(storage).save({ job: { ...alcove, name }, saveId: `save-${version}` }, version);
const nameAfterRestart = async (storage: Storage) => {
  await storage.close();
  const again = await opened(storage.folder);
  return (await new JobStore(again).read(alcove.id))?.job.name;
};

/** Breaks every statement that begins with a word, once for each break that is given. */
function breaking(storage: Storage, word: string, times: number): void {
  const { databaseConnection } = storage.source.driver as unknown as {
    databaseConnection: { exec: (sql: string) => unknown };
  };
  const exec = databaseConnection.exec.bind(databaseConnection);
  let left = times;
  databaseConnection.exec = (sql) => {
    if (sql.startsWith(word) && left > 0) {
      left -= 1;
      throw Object.assign(new Error('disk I/O error'), { code: 'SQLITE_IOERR' });
    }
    return exec(sql);
  };
}

describe('a full disk', () => {
  test('answers 507 and keeps all; with room again, what is acknowledged is in the file', async () => {
    const server = await RunningServer.start();
    await server.ask('POST', '/api/jobs', { job: alcove, saveId: 'first' });
    const [{ page_count: pages }] = await server.database.query('PRAGMA page_count');
    await server.database.query(`PRAGMA max_page_count = ${pages}`);
    const put = (name: string, saveId: string) => {
      const job = { ...alcove, name, notes: 'n'.repeat(3000) };
      return server.ask('PUT', `/api/jobs/${alcove.id}`, { job, basedOn: 1, saveId });
    };
    for (let i = 0; i < 5; i += 1) {
      expect(await put(`Full ${i}`, `full-${i}`)).toMatchObject({
        status: 507,
        body: { error: { code: 'disk-full', message: expect.stringContaining('disk of the server is full') } },
      });
      expect((await server.ask('GET', `/api/jobs/${alcove.id}`)).body).toMatchObject({ version: 1, job: alcove });
    }
    await server.database.query('PRAGMA max_page_count = 1000000');
    expect(await put('Room again', 'room')).toMatchObject({ status: 200, body: { version: 2 } });
    await server.stop();
    const again = await RunningServer.start(server.folder);
    expect((await again.ask('GET', `/api/jobs/${alcove.id}`)).body.job.name).toBe('Room again');
    await again.stopAndClear();
  });

  test('in the middle of a task that goes on regardless: it is not acknowledged', async () => {
    const storage = await opened();
    const [{ page_count: pages }] = await storage.source.query('PRAGMA page_count');
    await storage.source.query(`PRAGMA max_page_count = ${pages + 2}`);
    const careless = storage.write(async (manager) => {
      const row = (id: string) => manager.query(`INSERT INTO offcut VALUES ('${id}', '${'x'.repeat(40_000)}', 't')`);
      await row('a').catch(() => undefined);
      await manager.query(`INSERT INTO offcut VALUES ('b', '{}', 't')`);
    });
    // SQLite took the whole transaction back by itself, so there is nothing that a commit could acknowledge.
    await expect(careless).rejects.toThrow('ended before its commit');
    expect(await storage.source.query(`SELECT id FROM offcut WHERE id = 'a'`)).toEqual([]);
  });
});

describe('a commit that fails', () => {
  test.each([
    ['and is taken back', 0],
    ['and cannot be taken back', 5],
  ])('%s: refused, and every later save that is acknowledged is in the file', async (_, rollbacksBroken) => {
    const storage = await opened();
    await new JobStore(storage).create({ job: alcove, saveId: 'first' });
    breaking(storage, 'COMMIT', 2);
    breaking(storage, 'ROLLBACK', rollbacksBroken);
    await expect(save(storage, 'Lost', 1)).rejects.toThrow('disk I/O error');
    // The first failure may have opened a connection anew, which is not broken.
    await save(storage, 'Second', 1).catch(() => undefined);
    expect((await save(storage, 'Third', 1)).kind).toMatch(/saved|stale/);
    const current = await new JobStore(storage).read(alcove.id);
    expect(await nameAfterRestart(storage)).toBe(current?.job.name);
    expect(current?.job.name).not.toBe('Lost');
  });

  test('by a constraint that is checked at the commit', async () => {
    const storage = await opened();
    const orphan = storage.write(async (manager) => {
      await manager.query('PRAGMA defer_foreign_keys = ON');
      await manager.query(`INSERT INTO job_version VALUES ('none', 1, 's', '{}', 'n', 't', NULL, 0, NULL)`);
    });
    expect(await orphan.catch(String)).toMatch(/FOREIGN KEY/);
    await new JobStore(storage).create({ job: alcove, saveId: 'first' });
    expect(await nameAfterRestart(storage)).toBe(alcove.name);
  });

  test('when the database cannot be opened again either, nothing is acknowledged from then on', async () => {
    const reasons: string[] = [];
    const storage = await opened(undefined, { onLost: (reason: string) => reasons.push(reason) });
    await new JobStore(storage).create({ job: alcove, saveId: 'first' });
    breaking(storage, 'COMMIT', 1);
    breaking(storage, 'ROLLBACK', 1);
    storage.source.initialize = () => Promise.reject(new Error('no such device'));
    await expect(save(storage, 'Lost', 1)).rejects.toThrow('disk I/O error');
    await expect(save(storage, 'Later', 1)).rejects.toThrow(StorageLostError);
    await expect(new JobStore(storage).list()).rejects.toThrow(StorageLostError);
    expect(reasons).toEqual([
      expect.stringMatching(/cannot be used any more: no such device\. Check the disk, then start Dormer again/),
    ]);
  });
});

describe('a lock of another program', () => {
  /** Takes the lock once what the server does at its start is done. */
  const locked = async (at: string) => {
    const other = new Database(path.join(at, DATABASE_FILE), { timeout: 0 });
    for (;;) {
      try {
        other.exec('BEGIN IMMEDIATE');
        return other;
      } catch {
        await pause(10);
      }
    }
  };

  test('is waited for, and others are answered meanwhile', async () => {
    const server = await RunningServer.start();
    const other = await locked(server.folder);
    let done = false;
    const saving = server.ask('POST', '/api/jobs', { job: alcove, saveId: 'first' }).finally(() => (done = true));
    for (let i = 0; i < 20; i += 1) expect((await server.ask('GET', '/api/health')).status).toBe(200);
    expect(done).toBe(false);
    other.exec('COMMIT');
    other.close();
    expect((await saving).status).toBe(201);
    await server.stopAndClear();
  });

  test('that is never let go of is a plain refusal', async () => {
    const storage = await opened(undefined, { lockWaitMs: 60 });
    const other = await locked(storage.folder);
    await expect(new RackStore(storage).remove('none')).rejects.toThrow(StorageBusyError);
    other.close();
    await new RackStore(storage).remove('none');
  });
});

describe('the start', () => {
  test('a second server on a folder is refused; the first goes on', async () => {
    const first = await opened();
    await expect(Storage.open(first.folder)).rejects.toThrow(/Another Dormer is using the data folder/);
    expect((await new JobStore(first).create({ job: alcove, saveId: 'x' })).kind).toBe('saved');
    await first.close();
    await opened(first.folder);
  });

  test('a damaged database is named in plain words and left as it is', async () => {
    const storage = await opened();
    await new JobStore(storage).create({ job: alcove, saveId: 'first' });
    await storage.close();
    const file = path.join(storage.folder, DATABASE_FILE);
    const handle = openSync(file, 'r+');
    writeSync(handle, Buffer.alloc(6000, 0x5a), 0, 6000, 5000);
    closeSync(handle);
    const before = readFileSync(file);
    await expect(Storage.open(storage.folder)).rejects.toThrow(
      /is damaged .*Nothing was changed\..*Copy the newest file from the folder “backups”/,
    );
    expect(readFileSync(file).equals(before)).toBe(true);
  });

  test('a file that is no database', async () => {
    const at = folder();
    writeFileSync(path.join(at, DATABASE_FILE), 'not a database at all, but a letter to the landlord'.repeat(50));
    await expect(Storage.open(at)).rejects.toThrow(/is damaged/);
  });

  test('a folder of a later Dormer is refused', async () => {
    const storage = await opened();
    await storage.source.query(`INSERT INTO migrations (timestamp, name) VALUES (1, 'Later9999')`);
    await storage.close();
    await expect(Storage.open(storage.folder)).rejects.toThrow(/A newer Dormer wrote/);
  });
});

test('what was acknowledged is read back, whatever failed between', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.constantFrom('save', 'COMMIT', 'ROLLBACK', 'full'), { maxLength: 12 }),
      async (all) => {
        const storage = await Storage.open(folder());
        const jobs = new JobStore(storage);
        await jobs.create({ job: alcove, saveId: 'first' });
        let [version, name] = [1, alcove.name];
        for (const [index, kind] of all.entries()) {
          if (kind === 'COMMIT' || kind === 'ROLLBACK') breaking(storage, kind, 1);
          const [{ page_count: pages }] = await storage.source.query('PRAGMA page_count');
          await storage.source.query(`PRAGMA max_page_count = ${kind === 'full' ? pages : 1_000_000}`);
          const job = { ...alcove, name: `Save ${index}` };
          const ended = await jobs.save({ job, saveId: `s${index}` }, version).catch((error: Error) => error);
          if (ended instanceof Error) {
            expect(ended instanceof DiskFullError || ended.message === 'disk I/O error').toBe(true);
          } else if (ended.kind === 'saved') [version, name] = [ended.version, job.name];
        }
        await storage.close();
        const again = await Storage.open(storage.folder);
        expect(await new JobStore(again).read(alcove.id)).toMatchObject({ version, job: { name } });
        await again.close();
      },
    ),
    { numRuns: 25 },
  );
});
