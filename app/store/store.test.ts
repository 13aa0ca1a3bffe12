import { directCore, until } from '../test/setup';
import { catchUp, closeJob, createJob, editJob, openJob, putBack, redo, undo } from './actions';
import { newRecord } from './record';
import { selectCanUndo, selectOpenJob } from './selectors';
import { alcove, stateOf, jobOf, saved, rename, World, worldForEach } from './storeTesting';

let world: World;
let server: World['server'];
let device: World['device'];
worldForEach((made) => ({ server, device } = world = made));

describe('the open job and its history', () => {
  test('each edit is one step; undo and redo walk them; another job begins anew', async () => {
    const store = await world.opened();
    expect(selectCanUndo(store.getState())).toBe(false);
    store.dispatch(rename('One'));
    store.dispatch(rename('Two'));
    store.dispatch(undo());
    expect(selectOpenJob(store.getState())?.name).toBe('One');
    store.dispatch(undo());
    expect(selectOpenJob(store.getState())?.name).toBe(alcove.name);
    expect(selectCanUndo(store.getState())).toBe(false);
    store.dispatch(redo());
    expect(selectOpenJob(store.getState())?.name).toBe('One');
    store.dispatch(closeJob());
    await store.dispatch(openJob(alcove.id));
    expect(selectCanUndo(store.getState())).toBe(false);
    expect(selectOpenJob(store.getState())?.name).toBe('One');
  });

  test('an edit that changes nothing is no step', async () => {
    const store = await world.opened();
    store.dispatch(rename(alcove.name));
    expect(selectCanUndo(store.getState())).toBe(false);
  });

  test('the plan follows every edit', async () => {
    const store = await world.opened();
    await until(() => store.getState().planned.plan?.shelves.length === 5);
    store.dispatch(editJob((job) => ({ ...job, shelves: { ...job.shelves, count: 3 } })));
    await until(() => store.getState().planned.plan?.shelves.length === 3);
    expect(store.getState().planned.job === selectOpenJob(store.getState())).toBe(true);
  });

  test('of changes that come while a plan is made, only the newest is planned', async () => {
    const counts: number[] = [];
    const waiting: (() => void)[] = [];
    const stops: (AbortSignal | undefined)[] = [];
    const plan: typeof directCore.plan = async (job, watching) => {
      counts.push(job.shelves.count);
      stops.push(watching?.stop);
      await new Promise<void>((done) => waiting.push(done));
      return directCore.plan(job);
    };
    server.savedElsewhere(alcove);
    const store = await world.app(device, { ...directCore, plan });
    await store.dispatch(openJob(alcove.id));
    await until(() => waiting.length === 1);
    for (const count of [2, 3, 4]) store.dispatch(editJob((job) => ({ ...job, shelves: { ...job.shelves, count } })));
    // Nobody waits for the first plan any more.
    expect(stops.map((stop) => stop?.aborted)).toEqual([true]);
    waiting[0]!();
    await until(() => waiting.length === 2);
    expect(stops.map((stop) => stop?.aborted)).toEqual([true, false]);
    expect(store.getState().planned.plan).toBeNull();
    waiting[1]!();
    await until(() => store.getState().planned.plan?.shelves.length === 4);
    expect(counts).toEqual([alcove.shelves.count, 4]);
    store.dispatch(editJob((job) => ({ ...job, shelves: { ...job.shelves, count: 2 } })));
    await until(() => waiting.length === 3);
    waiting[2]!();
    await until(() => store.getState().planned.plan?.shelves.length === 2);
  });

  test('a core that fails is named, and the job stays', async () => {
    const core = { ...directCore, plan: () => Promise.reject(new Error('out of breath')) };
    server.savedElsewhere(alcove);
    const store = await world.app(device, core);
    await store.dispatch(openJob(alcove.id));
    await until(() => store.getState().planned.fault === 'out of breath');
    expect(selectOpenJob(store.getState())).toEqual(alcove);
  });
});

describe('the device first, then the server', () => {
  test('an edit is on the device before the server has it, and is then saved over its version', async () => {
    const store = await world.opened();
    server.down = true;
    store.dispatch(rename('In the closet'));
    await until(() => device.jobs.get(alcove.id)?.job.name === 'In the closet');
    await until(() => stateOf(store) === 'device');
    server.down = false;
    await saved(store);
    expect(server.jobs.get(alcove.id)).toMatchObject({ version: 2, job: { name: 'In the closet' } });
  });

  test('it is said to be on the device only when the device has it', async () => {
    const store = await world.opened();
    server.down = true;
    store.dispatch(rename('First'));
    await until(() => stateOf(store) === 'device');
    let written = () => undefined as void;
    const keep = device.keep.bind(device);
    device.keep = (...all) => new Promise<void>((resolve) => (written = resolve)).then(() => keep(...all));
    store.dispatch(rename('Second'));
    expect(stateOf(store)).toBe('saving');
    await until(() => store.getState().records.reached === false);
    expect(stateOf(store)).toBe('saving');
    device.keep = keep;
    written();
    await until(() => stateOf(store) === 'device');
    expect(device.jobs.get(alcove.id)?.job.name).toBe('Second');
  });

  test('writes of one job go to the device one after another, so that the newest is written last', async () => {
    const store = await world.opened();
    server.down = true;
    const keep = device.keep.bind(device);
    const held: (() => void)[] = [];
    device.keep = (...all) => new Promise<void>((resolve) => held.push(resolve)).then(() => keep(...all));
    store.dispatch(rename('First'));
    await until(() => held.length === 1);
    device.keep = keep;
    store.dispatch(rename('Second'));
    await new Promise((next) => setTimeout(next, 20));
    expect(stateOf(store)).toBe('saving');
    held.forEach((finish) => finish());
    await until(() => stateOf(store) === 'device');
    expect(device.jobs.get(alcove.id)?.job.name).toBe('Second');
  });

  test('closed before it could be sent, it is sent by the next start', async () => {
    const store = await world.opened();
    server.down = true;
    store.dispatch(rename('Before the reload'));
    await until(() => device.jobs.get(alcove.id)?.dirty === true);
    store.stop();
    server.down = false;
    const again = await world.app();
    await saved(again);
    expect(server.jobs.get(alcove.id)?.job.name).toBe('Before the reload');
  });

  test('a job kept by an earlier version is there in the current one, and goes to the server as that', async () => {
    const { things: _things, people: _people, ...rest } = alcove;
    const old = { ...rest, version: 3 } as unknown as typeof alcove;
    const record = { ...newRecord(old, 'then'), sending: { saveId: 's', job: old, basedOn: null } };
    device.jobs.set(alcove.id, record);
    const store = await world.app();
    expect(jobOf(store)).toMatchObject({ version: 12, things: [], people: [] });
    await store.dispatch(openJob(alcove.id));
    await until(() => store.getState().planned.plan !== null);
    await saved(store);
    expect(server.jobs.get(alcove.id)?.job).toMatchObject({ version: 12, things: [] });
  });

  test('a server whose disk is full is named, the device keeps all, and it is sent when there is room', async () => {
    const store = await world.opened();
    server.diskFull = true;
    store.dispatch(rename('Kept here'));
    await until(() => stateOf(store) === 'full');
    expect(device.jobs.get(alcove.id)).toMatchObject({ dirty: true, job: { name: 'Kept here' } });
    expect(server.jobs.get(alcove.id)?.job.name).toBe(alcove.name);
    server.diskFull = false;
    await saved(store);
    expect(server.jobs.get(alcove.id)?.job.name).toBe('Kept here');
  });

  test('a save whose answer was lost is sent again as the same save', async () => {
    const store = await world.opened();
    server.loseNextAnswer = true;
    store.dispatch(rename('Once only'));
    await saved(store);
    expect(server.jobs.get(alcove.id)).toMatchObject({ version: 2 });
    expect(server.asked.filter((one) => one.startsWith('PUT'))).toHaveLength(2);
  });

  test('what is typed while a save is on its way goes after it', async () => {
    const store = await world.opened();
    store.dispatch(rename('First'));
    await until(() => server.jobs.get(alcove.id)?.version === 2);
    store.dispatch(rename('Second'));
    await until(() => server.jobs.get(alcove.id)?.job.name === 'Second');
    await saved(store);
  });

  test('storage that refuses is named, and the work goes on', async () => {
    const store = await world.opened();
    device.refuses = 'the disk is full';
    store.dispatch(rename('Still here'));
    await until(() => store.getState().records.storageFault === 'the disk is full');
    await saved(store);
    server.down = true;
    store.dispatch(rename('Nowhere but here'));
    await until(() => stateOf(store) === 'notKept');
    device.refuses = null;
    store.dispatch(rename('Here again'));
    await until(() => store.getState().records.storageFault === null);
  });

  test('a device that is full says so, and asks not to be cleared once it has a job', async () => {
    const persist = jest.fn(async () => true);
    Object.assign(globalThis, { navigator: { storage: { persist } } });
    const store = await world.app();
    expect(persist).not.toHaveBeenCalled();
    const full = Object.assign(new Error('no room'), { name: 'QuotaExceededError' });
    device.keep = () => Promise.reject(full);
    store.dispatch(createJob({ name: 'New', kind: 'alcove', units: 'mm' }));
    await until(() => store.getState().records.storageFault === 'full');
    expect(persist).toHaveBeenCalledTimes(1);
  });

  test('what another device saved comes in when nothing here waits to go out', async () => {
    const store = await world.opened();
    server.savedElsewhere({ ...alcove, name: 'From the laptop' });
    store.dispatch(catchUp());
    await until(() => selectOpenJob(store.getState())?.name === 'From the laptop');
  });

  test('what was removed elsewhere goes, unless it was changed here', async () => {
    const store = await world.opened();
    server.jobs.get(alcove.id)!.removed = true;
    store.dispatch(rename('Changed here'));
    await until(() => stateOf(store) === 'removed');
    store.dispatch(putBack([alcove.id]));
    await saved(store);
    expect(server.jobs.get(alcove.id)).toMatchObject({ removed: false, job: { name: 'Changed here' } });
    server.jobs.get(alcove.id)!.removed = true;
    store.dispatch(catchUp());
    await until(() => jobOf(store) === undefined);
  });
});
