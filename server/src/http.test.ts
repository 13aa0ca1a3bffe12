import { chimneyAlcove, cloakroomCloset } from '@dormer/core/rigs/demo';
import type { Job } from '@dormer/core/job';
import { planJob } from '@dormer/core/plan';
import { RunningServer } from './test/running';

let server: RunningServer;
beforeEach(async () => {
  server = await RunningServer.start();
});
afterEach(() => server.stopAndClear());

const alcove = chimneyAlcove();
const route = `/api/jobs/${alcove.id}`;
const named = (name: string): Job => ({ ...alcove, name });
const create = (job: Job = alcove, saveId = 'first') => server.ask('POST', '/api/jobs', { job, saveId });
const save = (job: Job, basedOn: number, saveId: string) =>
  server.ask('PUT', `/api/jobs/${job.id}`, { job, basedOn, saveId });
const pathsOf = (answer: { body: { error: { fields: { path: string }[] } } }) =>
  answer.body.error.fields.map((field) => field.path);

test('health', async () => {
  expect(await server.ask('GET', '/api/health')).toMatchObject({ status: 200, body: { ok: true } });
});

describe('jobs', () => {
  test('an empty list, then created, read and listed with its summary', async () => {
    const empty = (await server.ask('GET', '/api/jobs')).body;
    expect(empty).toEqual({ server: expect.stringMatching(/^[0-9a-f-]{36}$/), jobs: [], removed: [] });
    expect(await create()).toMatchObject({ status: 201, body: { version: 1 } });
    expect((await server.ask('GET', route)).body).toMatchObject({ job: alcove, version: 1 });
    const { jobs } = (await server.ask('GET', '/api/jobs')).body;
    expect(jobs).toEqual([
      {
        id: alcove.id,
        name: alcove.name,
        version: 1,
        changedAt: expect.any(String),
        place: 'alcove',
        units: 'mm',
        readings: 17,
        shelves: 5,
      },
    ]);
  });

  test('what is stored is kept in the database, and the plan of it says where it stands', async () => {
    const job: Job = { ...alcove, shelves: { ...alcove.shelves, way: 'contents' } };
    await create(job);
    const kept = (await server.ask('GET', route)).body.job as Job;
    expect(kept).toEqual(job);
    const { contents, shelves } = (await server.ask('POST', '/api/plan', kept)).body;
    expect(shelves).toHaveLength(5);
    expect(contents.leftOut).toEqual([]);
    expect(contents.stored.map((one: { thing: string }) => one.thing).sort()).toEqual(
      job.things.map((thing) => thing.id).sort(),
    );
  });

  test('a job of version 3 comes in with nothing stored', async () => {
    const { things: _things, people: _people, pins: _pins, tilted: _tilted, ...rest } = alcove;
    const old = { ...rest, version: 3 } as unknown as Job;
    expect(await create(old)).toMatchObject({ status: 201 });
    expect((await server.ask('GET', route)).body.job).toMatchObject({ version: 12, things: [], people: [] });
  });

  test('the newest changed stands first', async () => {
    await create();
    await create(cloakroomCloset(), 'b');
    await save(named('Alcove again'), 1, 'c');
    const { jobs } = (await server.ask('GET', '/api/jobs')).body;
    expect(jobs.map((job: Job) => job.name)).toEqual(['Alcove again', 'Cloakroom closet']);
  });

  test('a save over the version it was based on', async () => {
    await create();
    expect(await save(named('Second'), 1, 's2')).toMatchObject({ status: 200, body: { version: 2 } });
    expect((await server.ask('GET', route)).body).toMatchObject({ version: 2, job: { name: 'Second' } });
  });

  test('a stale save is refused with the current version, and nothing is lost on either side', async () => {
    await create();
    await save(named('From the laptop'), 1, 's2');
    const stale = await save(named('From the phone'), 1, 's3');
    expect(stale.status).toBe(409);
    expect(stale.body).toMatchObject({
      error: { code: 'stale', message: expect.any(String) },
      current: { version: 2, job: { name: 'From the laptop' } },
    });
    expect((await server.ask('GET', route)).body.job.name).toBe('From the laptop');
    // Sent again knowing of the current version, it goes in; both are kept as versions.
    expect((await save(named('From the phone'), 2, 's4')).status).toBe(200);
    const { versions } = (await server.ask('GET', `${route}/versions`)).body;
    expect(versions.map((v: { name: string }) => v.name)).toEqual(['From the phone', 'From the laptop', alcove.name]);
  });

  test('the same save sent twice is one save, also when others came between', async () => {
    await create();
    const first = await save(named('Once'), 1, 'same');
    await save(named('After'), 2, 'other');
    const again = await save(named('Once'), 1, 'same');
    expect(again).toMatchObject({ status: 200, body: first.body });
    expect((await server.ask('GET', `${route}/versions`)).body.versions).toHaveLength(3);
    expect((await create(alcove, 'first')).body).toMatchObject({ version: 1 });
  });

  test('of many saves at once on one version, one wins and the others learn of it', async () => {
    await create();
    const all = await Promise.all(Array.from({ length: 20 }, (_, i) => save(named(`Save ${i}`), 1, `p${i}`)));
    expect(all.filter((answer) => answer.status === 200)).toHaveLength(1);
    expect(all.filter((answer) => answer.status === 409)).toHaveLength(19);
    expect((await server.ask('GET', route)).body.version).toBe(2);
  });

  test('what a person decided against is kept as a version beside what they chose', async () => {
    await create();
    await save(named('From the laptop'), 1, 's2');
    const settled = { job: named('Settled'), aside: named('From the phone'), basedOn: 2, saveId: 's3' };
    expect(await server.ask('PUT', route, settled)).toMatchObject({ status: 200, body: { version: 4 } });
    expect(await server.ask('PUT', route, settled)).toMatchObject({ status: 200, body: { version: 4 } });
    const { versions } = (await server.ask('GET', `${route}/versions`)).body;
    expect(versions.map((v: { name: string; setAside: boolean }) => [v.name, v.setAside])).toEqual([
      ['Settled', false],
      ['From the phone', true],
      ['From the laptop', true],
      [alcove.name, false],
    ]);
    expect((await server.ask('GET', `${route}/versions/3`)).body.job.name).toBe('From the phone');
    const other = { ...settled, aside: { ...alcove, id: 'other' }, basedOn: 4, saveId: 's5' };
    expect(pathsOf(await server.ask('PUT', route, other))).toEqual(['aside.id']);
  });

  test('a second job under a taken id is refused', async () => {
    await create();
    expect(await create(named('Another'), 'x')).toMatchObject({ status: 409, body: { error: { code: 'exists' } } });
  });

  test('duplicated under a new id and name', async () => {
    await create();
    const copy = { id: 'copy', name: 'Chimney alcove, copy', saveId: 'd1' };
    expect((await server.ask('POST', `${route}/duplicate`, copy)).status).toBe(201);
    const { job } = (await server.ask('GET', '/api/jobs/copy')).body;
    expect(job).toEqual({ ...alcove, id: 'copy', name: 'Chimney alcove, copy' });
  });

  test('removed, and brought back as it was', async () => {
    await create();
    expect((await server.ask('DELETE', route)).status).toBe(204);
    expect((await server.ask('GET', route)).status).toBe(404);
    const { jobs, removed } = (await server.ask('GET', '/api/jobs')).body;
    expect(jobs).toEqual([]);
    expect(removed).toEqual([{ id: alcove.id, name: alcove.name, removedAt: expect.any(String) }]);
    expect((await server.ask('DELETE', route)).status).toBe(204);
    expect((await server.ask('GET', '/api/jobs')).body.removed).toEqual(removed);
    expect(await save(named('Late'), 1, 'late')).toMatchObject({ status: 410, body: { error: { code: 'removed' } } });
    expect((await server.ask('POST', `${route}/restore`)).body).toMatchObject({ job: alcove, version: 1 });
    expect((await server.ask('GET', '/api/jobs')).body.jobs).toHaveLength(1);
  });

  test('an earlier version is listed, read and brought back as the newest', async () => {
    await create();
    await save({ ...alcove, readings: [] }, 1, 's2');
    const { versions } = (await server.ask('GET', `${route}/versions`)).body;
    expect(versions).toMatchObject([
      { version: 2, summary: { readings: 0 }, setAside: false },
      { version: 1, summary: { readings: 17 }, setAside: false },
    ]);
    expect((await server.ask('GET', `${route}/versions/1`)).body.job).toEqual(alcove);
    const back = await server.ask('POST', `${route}/versions/1/bring-back`, { basedOn: 2, saveId: 'back' });
    expect(back).toMatchObject({ status: 200, body: { version: 3 } });
    expect((await server.ask('GET', route)).body.job).toEqual(alcove);
    const stale = await server.ask('POST', `${route}/versions/2/bring-back`, { basedOn: 2, saveId: 'late' });
    expect(stale.status).toBe(409);
  });

  test('what is kept is found again after a restart', async () => {
    await create();
    await server.stop();
    server = await RunningServer.start(server.folder);
    expect((await server.ask('GET', route)).body.job).toEqual(alcove);
  });
});

describe('bad requests', () => {
  test('every fault of a job, with its path', async () => {
    const broken = JSON.parse(JSON.stringify(alcove));
    broken.colour = 'green';
    broken.units = 'furlong';
    broken.readings[0].value.mm = 'wide';
    broken.readings[1].up.unit = 'rod';
    broken.shelves.thickness.mm = 99_999;
    const answer = await create(broken);
    expect(answer.status).toBe(400);
    expect(answer.body.error.code).toBe('invalid-job');
    expect(pathsOf(answer)).toEqual(
      expect.arrayContaining([
        'job.colour',
        'job.units',
        'job.readings[0].value.mm',
        'job.readings[1].up.unit',
        'job.shelves.thickness.mm',
      ]),
    );
    for (const field of answer.body.error.fields) expect(field.message).toMatch(/\w+/);
  });

  test('unknown and missing fields of the request itself', async () => {
    const answer = await server.ask('PUT', route, { job: alcove, basedOn: 'one', force: true });
    expect(answer.status).toBe(400);
    expect(pathsOf(answer)).toEqual(expect.arrayContaining(['basedOn', 'saveId', 'force']));
  });

  test('a job saved under another’s address', async () => {
    await create();
    const answer = await server.ask('PUT', '/api/jobs/other', { job: alcove, basedOn: 1, saveId: 'x' });
    expect(answer).toMatchObject({ status: 400, body: { error: { fields: [{ path: 'job.id' }] } } });
  });

  test('not JSON, too much of it, and nothing at all', async () => {
    expect((await server.ask('POST', '/api/jobs', '{"job":')).body.error.code).toBe('not-json');
    const huge = { job: { ...alcove, notes: 'x'.repeat(2_100_000) }, saveId: 'x' };
    expect(await server.ask('POST', '/api/jobs', huge)).toMatchObject({
      status: 400,
      body: { error: { code: 'too-large' } },
    });
    const long = { job: { ...alcove, notes: 'x'.repeat(5000) }, saveId: 'x' };
    expect(pathsOf(await server.ask('POST', '/api/jobs', long))).toEqual(['job.notes']);
    expect((await server.ask('POST', '/api/jobs')).status).toBe(400);
  });

  test('jobs, versions and routes that are not there', async () => {
    for (const [method, there] of [
      ['GET', '/api/jobs/none'],
      ['DELETE', '/api/jobs/none'],
      ['POST', '/api/jobs/none/restore'],
      ['GET', '/api/jobs/none/versions'],
      ['GET', `${route}/versions/7`],
      ['GET', `${route}/versions/x`],
      ['GET', '/api/other'],
    ] as const) {
      const answer = await server.ask(method, there);
      expect([there, answer.status]).toEqual([there, 404]);
      expect(answer.body.error).toEqual({ code: expect.any(String), message: expect.any(String) });
    }
    expect((await server.ask('GET', '/api/jobs/%E0%A4%A')).status).toBe(400);
  });
});

describe('a plan', () => {
  test('of a job in the body, the same as the core makes', async () => {
    const answer = await server.ask('POST', '/api/plan', alcove);
    expect(answer.status).toBe(200);
    expect(answer.body).toEqual(JSON.parse(JSON.stringify(planJob(alcove))));
  });

  test('of an impossible job comes with named problems; of no job with a fault', async () => {
    const tooMany = {
      ...alcove,
      shelves: { ...alcove.shelves, count: 40, thickness: { mm: 90, typed: '90', unit: 'mm' } },
    };
    const { problems } = (await server.ask('POST', '/api/plan', tooMany)).body;
    expect(problems).toContainEqual(
      expect.objectContaining({
        severity: 'stop',
        message: expect.objectContaining({ code: 'problem.tooManyShelves' }),
      }),
    );
    const none = await server.ask('POST', '/api/plan', { hello: 1 });
    expect(none.status).toBe(400);
    expect(pathsOf(none)).toEqual(['format']);
  });
});

describe('the database', () => {
  test('write-ahead log, foreign keys on, and the schema made by migrations alone', async () => {
    const pragma = async (name: string) => Object.values((await server.database.query(`PRAGMA ${name}`))[0])[0];
    expect(await pragma('journal_mode')).toBe('wal');
    expect(await pragma('foreign_keys')).toBe(1);
    expect(await pragma('synchronous')).toBe(2);
    expect(await server.database.showMigrations()).toBe(false);
    const schema = await server.database.driver.createSchemaBuilder().log();
    expect(schema.upQueries.map((query) => query.query)).toEqual([]);
  });

  test('a version of no job cannot be', async () => {
    const orphan = `INSERT INTO job_version VALUES ('none', 1, 's', '{}', 'n', 't', NULL, 0, NULL)`;
    await expect(server.database.query(orphan)).rejects.toThrow(/FOREIGN KEY/);
  });
});
