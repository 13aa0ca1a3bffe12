import Database from 'better-sqlite3';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { DataSource } from 'typeorm';
import { chimneyAlcove, cloakroomCloset } from '@dormer/core/rigs/demo';
import { freshFolder, RunningServer } from '../test/running';
import { Jobs1764000000000 } from './migrations/1764000000000-jobs';
import { DATABASE_FILE } from './open';

const alcove = chimneyAlcove();
const route = `/api/jobs/${alcove.id}`;

describe('a damaged document', () => {
  let server: RunningServer;
  beforeEach(async () => {
    server = await RunningServer.start();
    await server.ask('POST', '/api/jobs', { job: cloakroomCloset(), saveId: 'other' });
    await server.ask('POST', '/api/jobs', { job: alcove, saveId: 'first' });
    await server.ask('PUT', route, { job: { ...alcove, name: 'Second' }, basedOn: 1, saveId: 'second' });
    await server.database.query(`UPDATE job_version SET document = substr(document, 1, 900) WHERE version = 2`);
  });
  afterEach(() => server.stopAndClear());

  test('takes neither the list nor the versions down; the newest that can be read is given, and saves go on', async () => {
    expect((await server.ask('GET', '/api/jobs')).body.jobs).toHaveLength(2);
    const { versions } = (await server.ask('GET', `${route}/versions`)).body;
    expect(versions).toHaveLength(2);
    expect(await server.ask('GET', `${route}/versions/2`)).toMatchObject({
      status: 422,
      body: { error: { code: 'damaged' } },
    });
    const read = (await server.ask('GET', route)).body;
    expect(read).toMatchObject({ job: { name: alcove.name }, version: 2, damaged: { readFrom: versions[1].savedAt } });
    const saved = await server.ask('PUT', route, { job: read.job, basedOn: 2, saveId: 'third' });
    expect(saved).toMatchObject({ status: 200, body: { version: 3 } });
    expect((await server.ask('GET', route)).body.damaged).toBeUndefined();
  });

  test('in every version: said plainly, and a device that has the job saves it', async () => {
    await server.database.query(`UPDATE job_version SET document = '{' WHERE job_id = '${alcove.id}'`);
    expect(await server.ask('GET', route)).toMatchObject({ status: 422, body: { error: { code: 'damaged' } } });
    const back = await server.ask('POST', `${route}/versions/1/bring-back`, { basedOn: 2, saveId: 'back' });
    expect(back.status).toBe(422);
    expect((await server.ask('PUT', route, { job: alcove, basedOn: 2, saveId: 'third' })).status).toBe(200);
  });

  test('a damaged summary and a damaged piece on the rack take nothing else down', async () => {
    await server.database.query(`UPDATE job SET summary = '{"pla' WHERE id = '${alcove.id}'`);
    await server.database.query(`UPDATE job_version SET summary = '{"pla' WHERE job_id = '${alcove.id}'`);
    await server.database.query(`INSERT INTO offcut VALUES ('broken', '{"id"', 't')`);
    expect((await server.ask('GET', '/api/jobs')).body.jobs).toHaveLength(2);
    const { versions } = (await server.ask('GET', `${route}/versions`)).body;
    expect(versions.map(({ summary }: { summary: unknown }) => summary)).toEqual([null, null]);
    expect((await server.ask('GET', '/api/rack')).body).toEqual({ pieces: [] });
  });
});

test('a folder of before versions had summaries gets them, also with a damaged document in it', async () => {
  const folder = freshFolder();
  const file = path.join(folder, DATABASE_FILE);
  const before = new DataSource({
    type: 'better-sqlite3',
    database: file,
    migrations: [Jobs1764000000000],
    migrationsRun: true,
  });
  await before.initialize();
  await before.destroy();
  const database = new Database(file);
  database.prepare(`INSERT INTO job VALUES (?, ?, '{}', 2, 't', NULL)`).run(alcove.id, alcove.name);
  const version = database.prepare(`INSERT INTO job_version VALUES (?, ?, ?, ?, ?, 't')`);
  version.run(alcove.id, 1, 's1', '{"format":"dor', alcove.name);
  version.run(alcove.id, 2, 's2', JSON.stringify(alcove), alcove.name);
  database.close();

  const server = await RunningServer.start(folder);
  const { versions } = (await server.ask('GET', `${route}/versions`)).body;
  expect(versions).toMatchObject([
    { version: 2, summary: { place: 'alcove', readings: 17 }, setAside: false },
    { version: 1, summary: null, setAside: false },
  ]);
  const { server: identity } = (await server.ask('GET', '/api/jobs')).body;
  await server.stop();
  const again = await RunningServer.start(folder);
  expect((await again.ask('GET', '/api/jobs')).body.server).toBe(identity);
  await again.stop();
  rmSync(folder, { recursive: true });
});
