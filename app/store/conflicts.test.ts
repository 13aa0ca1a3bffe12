import type { Job } from '@dormer/core/job/document';
import { message } from '@dormer/core/base/message';
import { randomFrom } from '@dormer/core/base/random';
import { directCore, MapDevice, until } from '../test/setup';
import { catchUp, editJob, openJob, redo, undo } from './actions';
import { keepBoth, keepWhole, settle } from './conflicts';
import { selectCanUndo, selectJobs, selectOpenJob } from './selectors';
import { type AppStore } from './store';
import { alcove, linkedTabs, stateOf, jobOf, saved, rename, World, worldForEach } from './storeTesting';

const PHOTO = { id: 'p', type: 'image/jpeg', bytes: 7 } as const;
/** The core without plans, which take long and do not matter here. */
const NO_PLANS: typeof directCore = { ...directCore, plan: () => new Promise(() => undefined) };
const REFUSAL = { message: message('file.notAJob'), faults: [] };

let world: World;
let server: World['server'];
let device: World['device'];
worldForEach((made) => ({ server, device } = world = made));

describe('two devices change one job', () => {
  const note = (notes: string) => editJob((job) => ({ ...job, notes }));

  test('different things: they are joined, on both devices and without a question', async () => {
    const store = await world.opened();
    const other = await world.app(new MapDevice());
    await other.dispatch(openJob(alcove.id));
    server.down = true;
    store.dispatch(rename('From the phone'));
    other.dispatch(note('From the laptop'));
    server.down = false;
    await saved(store);
    await saved(other);
    store.dispatch(catchUp());
    await until(() => jobOf(store)?.notes === 'From the laptop');
    for (const one of [store, other]) {
      expect(selectOpenJob(one.getState())).toMatchObject({ name: 'From the phone', notes: 'From the laptop' });
    }
    expect(server.jobs.get(alcove.id)?.job).toMatchObject({ name: 'From the phone', notes: 'From the laptop' });
  });

  test('undo takes back what was done here and nothing that came from elsewhere', async () => {
    const store = await world.opened();
    store.dispatch(rename('Mine'));
    await saved(store);
    server.savedElsewhere({ ...server.jobs.get(alcove.id)!.job, notes: 'Theirs' });
    store.dispatch(catchUp());
    await until(() => jobOf(store)?.notes === 'Theirs');
    store.dispatch(undo());
    expect(selectOpenJob(store.getState())).toMatchObject({ name: alcove.name, notes: 'Theirs' });
    expect(selectCanUndo(store.getState())).toBe(false);
    store.dispatch(redo());
    expect(selectOpenJob(store.getState())).toMatchObject({ name: 'Mine', notes: 'Theirs' });
    await saved(store);
    expect(server.jobs.get(alcove.id)?.job).toMatchObject({ name: 'Mine', notes: 'Theirs' });
  });

  test('two tabs: undo in one takes back its own change and leaves that of the other', async () => {
    const [left, right] = linkedTabs();
    server.savedElsewhere(alcove);
    const one = await world.app(device, NO_PLANS, left);
    const two = await world.app(device, NO_PLANS, right);
    await one.dispatch(openJob(alcove.id));
    await two.dispatch(openJob(alcove.id));
    one.dispatch(rename('Of one tab'));
    two.dispatch(note('Of the other'));
    const isJoined = (store: AppStore) =>
      jobOf(store)?.name === 'Of one tab' && jobOf(store)?.notes === 'Of the other' && stateOf(store) === 'saved';
    await until(() => isJoined(one) && isJoined(two));
    one.dispatch(undo());
    expect(selectOpenJob(one.getState())).toMatchObject({ name: alcove.name, notes: 'Of the other' });
    await until(() => jobOf(two)?.name === alcove.name && stateOf(two) === 'saved');
    two.dispatch(undo());
    expect(selectOpenJob(two.getState())).toMatchObject({ name: alcove.name, notes: alcove.notes });
  });

  test.each([1, 2, 3])('two tabs that type at the same time lose nothing, %s', async (seed) => {
    const [left, right] = linkedTabs();
    server.savedElsewhere(alcove);
    const one = await world.app(device, NO_PLANS, left);
    const two = await world.app(device, NO_PLANS, right);
    await one.dispatch(openJob(alcove.id));
    await two.dispatch(openJob(alcove.id));
    const random = randomFrom(seed);
    for (let i = 0; i < 12; i += 1) {
      const [store, edit] = random.uniform() < 0.5 ? [one, rename(`Name ${i}`)] : [two, note(`Note ${i}`)];
      store.dispatch(edit);
      await new Promise((next) => setTimeout(next, random.between(0, 6)));
    }
    one.dispatch(rename('Last name'));
    two.dispatch(note('Last note'));
    const isJoined = (job: Job | undefined) => job?.name === 'Last name' && job.notes === 'Last note';
    await until(() => [jobOf(one), jobOf(two), server.jobs.get(alcove.id)?.job].every(isJoined));
    expect(device.jobs.get(alcove.id)?.job).toMatchObject({ name: 'Last name', notes: 'Last note' });
  });

  async function contradicted(): Promise<AppStore> {
    const store = await world.opened();
    server.savedElsewhere({ ...alcove, name: 'Theirs', notes: 'Theirs, too' });
    store.dispatch(rename('Mine'));
    await until(() => stateOf(store) === 'stale');
    return store;
  }

  test('the same thing: neither is overwritten, also after a reload', async () => {
    const store = await contradicted();
    expect(jobOf(store)?.name).toBe('Mine');
    expect(server.jobs.get(alcove.id)?.job.name).toBe('Theirs');
    store.stop();
    expect(stateOf(await world.app())).toBe('stale');
  });

  test.each(['mine', 'theirs'] as const)('%s is chosen: it stands, and both are kept as versions', async (whose) => {
    const store = await contradicted();
    store.dispatch(settle(alcove.id, { name: whose }));
    const name = whose === 'mine' ? 'Mine' : 'Theirs';
    expect(selectOpenJob(store.getState())).toMatchObject({ name, notes: 'Theirs, too' });
    await saved(store);
    expect(server.jobs.get(alcove.id)).toMatchObject({ version: 4, job: { name, notes: 'Theirs, too' } });
    expect(server.setAside).toMatchObject([{ name: 'Mine', notes: alcove.notes }]);
    expect(store.getState().records.byId[alcove.id]).toMatchObject({ aside: null, dirty: false, base: 4 });
  });

  test('one version stands whole, and the other is kept', async () => {
    const store = await contradicted();
    store.dispatch(keepWhole(alcove.id, 'mine'));
    await saved(store);
    expect(server.jobs.get(alcove.id)?.job).toMatchObject({ name: 'Mine', notes: alcove.notes });
    expect(server.setAside).toHaveLength(1);
  });

  test('both are kept: the copy is whole, with diary, ticks and lost days', async () => {
    const store = await world.opened();
    const entries: Job['log']['entries'] = [{ id: 'e', at: 1, kind: 'note', text: 'Leans.', photos: [PHOTO] }];
    store.dispatch(
      editJob((job) => ({
        ...job,
        log: { ...job.log, entries },
        build: { ...job.build, done: [{ step: 'own:a', at: 1 }] },
        stock: { ...job.stock, ticked: ['board'] },
      })),
    );
    await saved(store);
    server.savedElsewhere({ ...server.jobs.get(alcove.id)!.job, name: 'Theirs' });
    store.dispatch(rename('Mine'));
    await until(() => stateOf(store) === 'stale');
    const mine = jobOf(store)!;
    store.dispatch(keepBoth(alcove.id, 'Mine, copy'));
    const copy = selectJobs(store.getState()).find(({ job }) => job.name === 'Mine, copy')!.job;
    expect(copy).toEqual({ ...mine, id: copy.id, name: 'Mine, copy' });
    expect(jobOf(store)?.name).toBe('Theirs');
    await saved(store, copy.id);
  });

  test('the same change made twice is no conflict', async () => {
    const store = await world.opened();
    server.savedElsewhere({ ...alcove, name: 'Same' });
    store.dispatch(rename('Same'));
    await saved(store);
  });

  test('what is joined but is no job any more is asked about whole', async () => {
    const core: typeof directCore = { ...directCore, readFile: async () => ({ ok: false, error: REFUSAL }) };
    server.savedElsewhere(alcove);
    const store = await world.app(device, core);
    await store.dispatch(openJob(alcove.id));
    server.savedElsewhere({ ...alcove, notes: 'Theirs' });
    store.dispatch(rename('Mine'));
    await until(() => stateOf(store) === 'stale');
    expect(jobOf(store)).toMatchObject({ name: 'Mine', notes: alcove.notes });
  });
});
