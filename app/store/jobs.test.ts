import { cloakroomCloset } from '@dormer/core/rigs/demo';
import { withoutReading, writeJobFile } from '@dormer/core/job/document';
import { directCore, until } from '../test/setup';
import { begin, closeJob, copyJob, createJob, importJob, openJob, removeJob, undo } from './actions';
import { takeReading } from './stageActions';
import { api } from './api';
import { importReadings } from './bringIn';
import { records } from './records';
import { selectJobs, selectReached } from './selectors';
import { createStore } from './store';
import { alcove, jobOf, saved, World, worldForEach } from './storeTesting';

let world: World;
let server: World['server'];
let device: World['device'];
worldForEach((made) => ({ server, device } = world = made));

describe('jobs', () => {
  test('made, copied, removed and brought back', async () => {
    const store = await world.app();
    const id = store.dispatch(createJob({ name: 'New', kind: 'alcove', units: 'in' }));
    await saved(store, id);
    const copy = store.dispatch(copyJob(id, 'Copy list'));
    await saved(store, copy);
    expect(server.jobs.size).toBe(2);
    store.dispatch(removeJob(copy));
    await until(() => server.jobs.get(copy)?.removed === true);
    expect(selectJobs(store.getState()).map((record) => record.id)).toEqual([id]);
    expect(store.getState().notice).toMatchObject({ undoRemoval: copy });
    store.dispatch(records.unremoved(copy));
    await until(() => server.jobs.get(copy)?.removed === false);
  });

  test('a removed job is forgotten by the device at the next start', async () => {
    const store = await world.opened();
    store.dispatch(closeJob());
    store.dispatch(removeJob(alcove.id));
    await until(() => device.jobs.get(alcove.id)?.removedOnServer === true);
    await world.app();
    expect(device.jobs.has(alcove.id)).toBe(false);
  });

  test('a file comes in as itself, as a copy where it differs, and not twice', async () => {
    const store = await world.opened();
    const nameCopy = (name: string) => `${name}, from file`;
    const take = (contents: string) => store.dispatch(importJob(contents, nameCopy));
    expect(await take(writeJobFile(cloakroomCloset()))).toBeNull();
    expect(await take(writeJobFile(alcove))).toBeNull();
    expect(selectJobs(store.getState())).toHaveLength(2);
    const first = alcove.readings[0]!;
    expect(await take(writeJobFile(withoutReading(alcove, first.id)))).toBeNull();
    const names = selectJobs(store.getState()).map(({ job }) => job.name);
    expect(names).toContain('Chimney alcove, reading room, from file');
    expect(jobOf(store)).toEqual(alcove);
    expect((await take('{"format":"soup"}'))?.message.code).toBe('file.notAJob');
    expect(selectJobs(store.getState())).toHaveLength(3);
  });

  test('a reading takes along what other jobs say of the person’s error, in one step to undo', async () => {
    const store = await world.opened();
    server.learned = [
      { instrument: 'tape', repeats: 3, squares: 11, factor: 1.3 },
      { instrument: 'laser', repeats: 0, squares: 0, factor: 1 },
    ];
    await store.dispatch(api.endpoints.getInstruments.initiate(alcove.id));
    const reading = { ...alcove.readings[0]!, id: 'new' };
    store.dispatch(takeReading(reading));
    expect(jobOf(store)!.errors).toEqual([{ instrument: 'tape', repeats: 3, squares: 11 }]);
    expect(jobOf(store)!.readings).toHaveLength(alcove.readings.length + 1);
    store.dispatch(undo());
    expect(jobOf(store)).toEqual(alcove);
  });

  test('a table of readings comes in as one step, each with an id of its own', async () => {
    const store = await world.opened();
    const read = await store.dispatch(importReadings('kind,at,up,value\nwidth,front,900,1127\nwidth,front,900,x\n'));
    expect(read).toMatchObject({ ok: true, value: { count: 1, refused: [{ line: 3 }] } });
    const ids = jobOf(store)!.readings.map((reading) => reading.id);
    expect(new Set(ids).size).toBe(alcove.readings.length + 1);
    store.dispatch(undo());
    expect(jobOf(store)).toEqual(alcove);
    expect(await store.dispatch(importReadings('nonsense'))).toMatchObject({ ok: false });
    // More than a job holds is refused whole: none is dropped unsaid.
    const many = `kind,at,up,value\n${'width,front,900,1127\n'.repeat(490)}`;
    expect(await store.dispatch(importReadings(many))).toMatchObject({ ok: false, error: { code: 'csv.tooMany' } });
    expect(jobOf(store)).toEqual(alcove);
  });

  test('a file of a removed job brings it back over its old version', async () => {
    const store = await world.opened();
    store.dispatch(closeJob());
    store.dispatch(removeJob(alcove.id));
    await until(() => server.jobs.get(alcove.id)?.removed === true);
    await store.dispatch(importJob(writeJobFile(alcove), String));
    await saved(store);
    expect(server.jobs.get(alcove.id)).toMatchObject({ removed: false, version: 2, job: alcove });
  });

  test('a job whose newest save is damaged comes in as the newest that can be read, and it is said', async () => {
    server.savedElsewhere(alcove);
    const { fetch: whole } = server;
    globalThis.fetch = (async (input: Request, init?: RequestInit) => {
      const answer = await whole(input, init);
      if (!new URL(input.url).pathname.endsWith(alcove.id)) return answer;
      const body = JSON.stringify({ ...(await answer.json()), damaged: { readFrom: 'then' } });
      return new Response(body, { headers: { 'content-type': 'application/json' } });
    }) as typeof globalThis.fetch;
    const store = await world.app();
    expect(jobOf(store)).toEqual(alcove);
    expect(store.getState().notice).toMatchObject({ label: 'notice.damaged', name: alcove.name });
  });

  test('a job that is nowhere is not opened', async () => {
    const store = await world.app();
    expect(await store.dispatch(openJob('none'))).toBe(false);
  });
});

test('a device that is new here is never told that there are no jobs while they are on their way', async () => {
  server.savedElsewhere(alcove);
  const fetched = world.server.fetch;
  globalThis.fetch = (async (input: Request) => {
    await new Promise((next) => setTimeout(next, 5));
    return fetched(input);
  }) as typeof fetch;
  const store = createStore({ core: directCore, device, settleMs: 1, retryMs: 10 });
  const isToldNone = () => selectReached(store.getState()) !== null && selectJobs(store.getState()).length === 0;
  let wasToldNone = isToldNone();
  store.subscribe(() => (wasToldNone ||= isToldNone()));
  await store.dispatch(begin());
  const { length } = selectJobs(store.getState());
  const reached = selectReached(store.getState());
  store.stop();
  expect({ length, reached, wasToldNone }).toEqual({ length: 1, reached: true, wasToldNone: false });
});
