import { until } from '../test/setup';
import type { Offcut } from '@dormer/core/job/document';
import { catchUp, createJob, putBack, removeJob } from './actions';
import { settle } from './conflicts';
import { bringHere, keepApart } from './servers';
import { recordFromServer, type JobRecord } from './record';
import { putOnRack } from './rackActions';
import { selectMissing, selectReached, selectStrangers } from './selectors';
import { type AppStore } from './store';
import { alcove, stateOf, jobOf, saved, rename, World, worldForEach } from './storeTesting';

let world: World;
let server: World['server'];
let device: World['device'];
worldForEach((made) => ({ server, device } = world = made));

describe('another server at the same address', () => {
  /** The device has the alcove of its own server; then another one, with nothing on it, answers. */
  async function moved(): Promise<AppStore> {
    const store = await world.opened();
    await saved(store);
    server.identity = 'another';
    server.jobs.clear();
    store.dispatch(catchUp());
    await until(() => selectStrangers(store.getState()).length === 1);
    return store;
  }

  test('takes no job from the device and gets none without asking', async () => {
    const store = await moved();
    store.dispatch(rename('Still here'));
    await until(() => device.jobs.get(alcove.id)?.job.name === 'Still here');
    store.dispatch(catchUp());
    await new Promise((next) => setTimeout(next, 50));
    expect(stateOf(store)).toBe('device');
    expect(server.jobs.size).toBe(0);
    store.stop();
    expect(jobOf(await world.app())?.name).toBe('Still here');
  });

  test('gets them when they are brought here', async () => {
    const store = await moved();
    await store.dispatch(bringHere([alcove.id]));
    await saved(store);
    expect(server.jobs.get(alcove.id)?.job).toEqual(alcove);
    expect(selectStrangers(store.getState())).toEqual([]);
  });

  test('gets none of those that are kept on this device only; their own server does, when it is back', async () => {
    const store = await moved();
    store.dispatch(keepApart([alcove.id]));
    expect(selectStrangers(store.getState())).toEqual([]);
    store.dispatch(rename('Apart'));
    store.dispatch(catchUp());
    await until(() => stateOf(store) === 'device');
    expect(server.jobs.size).toBe(0);
    server.identity = 'home';
    server.savedElsewhere(alcove);
    store.dispatch(catchUp());
    await saved(store);
    expect(server.jobs.get(alcove.id)?.job.name).toBe('Apart');
  });

  test('a job made without a signal waits for the server that was met last', async () => {
    const store = await world.opened();
    await until(() => store.getState().settings.server === 'home');
    store.stop();
    server.identity = 'another';
    server.down = true;
    const again = await world.app();
    const id = again.dispatch(createJob({ name: 'Offline', kind: 'alcove', units: 'mm' }));
    server.down = false;
    again.dispatch(catchUp());
    await until(() => selectStrangers(again.getState()).length === 2);
    expect(server.jobs.has(id)).toBe(false);
  });

  test('that takes the place of the first while the app is open gets nothing either', async () => {
    const store = await world.opened();
    await saved(store);
    server.identity = 'another';
    store.dispatch(rename('Sent to the wrong one'));
    await until(() => selectStrangers(store.getState()).length === 1);
    expect(server.jobs.get(alcove.id)?.job.name).toBe(alcove.name);
    expect(jobOf(store)?.name).toBe('Sent to the wrong one');
  });

  test('jobs kept before servers had an identity are its own where it knows them, else they are asked about', async () => {
    const { server: _server, ...old } = recordFromServer({ job: alcove, version: 1, changedAt: 'then' }, null);
    const other = { ...alcove, id: 'elsewhere' };
    const unknown = { ...old, id: 'elsewhere', job: other, baseJob: other };
    device.jobs.set(alcove.id, old as JobRecord).set('elsewhere', unknown as JobRecord);
    server.savedElsewhere(alcove);
    const store = await world.app();
    expect(stateOf(store)).toBe('saved');
    expect(selectStrangers(store.getState()).map(({ id }) => id)).toEqual(['elsewhere']);
  });
});

describe('a server that lost a job it once had', () => {
  test('the device keeps it, asks, and puts it back', async () => {
    const store = await world.opened();
    await saved(store);
    server.jobs.clear();
    store.dispatch(catchUp());
    await until(() => selectMissing(store.getState()).length === 1);
    expect(jobOf(store)).toEqual(alcove);
    store.dispatch(putBack([alcove.id]));
    await saved(store);
    expect(server.jobs.get(alcove.id)?.job).toEqual(alcove);
  });

  test('a change to it is not refused for ever', async () => {
    const store = await world.opened();
    await saved(store);
    server.jobs.clear();
    store.dispatch(rename('Changed since'));
    await until(() => stateOf(store) === 'missing');
    store.dispatch(putBack([alcove.id]));
    await saved(store);
    expect(server.jobs.get(alcove.id)?.job.name).toBe('Changed since');
  });

  test('one put back to an earlier version asks, and what is newer here is not taken for removed', async () => {
    const store = await world.opened();
    store.dispatch(rename('Second'));
    await saved(store);
    server.jobs.get(alcove.id)!.version = 1;
    server.jobs.get(alcove.id)!.job = { ...alcove, readings: alcove.readings.slice(2) };
    store.dispatch(catchUp());
    await until(() => selectMissing(store.getState()).length === 1);
    store.dispatch(putBack([alcove.id]));
    await until(() => stateOf(store) === 'stale');
    store.dispatch(settle(alcove.id, { name: 'mine' }));
    await saved(store);
    const { job } = server.jobs.get(alcove.id)!;
    expect(job.name).toBe('Second');
    expect(new Set(job.readings.map(({ id }) => id))).toEqual(new Set(alcove.readings.map(({ id }) => id)));
  });
});

const piece: Offcut = {
  id: 'strip',
  form: 'strip',
  material: 'pine',
  thicknessMm: 20,
  widthMm: 45,
  lengthMm: 700,
  note: '',
};

describe('a server that lets in paired devices only', () => {
  test('gets all that waited once this device is paired, and refuses nothing before', async () => {
    const store = await world.opened();
    await saved(store);
    server.unpaired = true;
    store.dispatch(rename('In the closet'));
    store.dispatch(putOnRack([piece]));
    await until(() => selectReached(store.getState()) === 'unpaired');
    await until(() => stateOf(store) === 'unpaired');
    await new Promise((next) => setTimeout(next, 50));
    expect(store.getState().records.byId[alcove.id]?.fault).toBeNull();
    expect(store.getState().rack.waiting).toHaveLength(1);
    expect(jobOf(store)?.name).toBe('In the closet');

    server.unpaired = false;
    await saved(store);
    await until(() => server.rack.length === 1);
    expect(server.jobs.get(alcove.id)?.job.name).toBe('In the closet');
    expect(selectReached(store.getState())).toBe(true);
  });

  test('a removal waits, too', async () => {
    const store = await world.opened();
    await saved(store);
    server.unpaired = true;
    store.dispatch(removeJob(alcove.id));
    await until(() => selectReached(store.getState()) === 'unpaired');
    expect(server.jobs.get(alcove.id)?.removed).toBe(false);
    server.unpaired = false;
    await until(() => server.jobs.get(alcove.id)?.removed === true);
  });
});
