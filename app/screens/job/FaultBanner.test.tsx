import '../../labels/conflict';
import { act, fireEvent } from '@testing-library/react-native';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { records, selectRecord, type AppStore } from '../../store';
import type { SaveFault } from '../../store/record';
import { gone, jobIn, press, screen, show } from '../../test/screen';
import { until } from '../../test/setup';
import { FaultBanner } from './FaultBanner';

const alcove = chimneyAlcove();
let store: AppStore;
afterEach(() => store.stop());

async function refused(fault: SaveFault): Promise<void> {
  store = await show(<FaultBanner id={alcove.id} />, alcove);
  act(() => void store.dispatch(records.refusedByServer({ id: alcove.id, fault })));
}
const record = () => selectRecord(store.getState(), alcove.id);
const theirs = { ...alcove, name: 'Theirs', notes: 'Theirs, too' };
const stale = { kind: 'stale', current: { job: theirs, version: 2, changedAt: 'then' } } as const;

async function contradicted(by: { savedBy?: string } = {}): Promise<void> {
  store = await show(<FaultBanner id={alcove.id} />, alcove);
  // What is settled waits: the server cannot be reached.
  globalThis.fetch = () => Promise.reject(new TypeError('Failed to fetch'));
  const mine = { ...alcove, name: 'Mine' };
  act(() => {
    store.dispatch(records.changed({ job: mine, at: 'now' }));
    store.dispatch(
      records.refusedByServer({ id: alcove.id, fault: { ...stale, current: { ...stale.current, ...by } } }),
    );
  });
  press('Choose version');
}

test('what contradicts is asked about, one thing each; only when all is chosen can it be saved', async () => {
  await contradicted();
  screen.getByText('Both devices changed one thing. All else is joined already.');
  const save = () => screen.getByRole('button', { name: 'Save choices' });
  expect(save()).toBeDisabled();
  screen.getByRole('radio', { name: 'Other device: Theirs' });
  press('Save choices');
  expect(record()?.fault?.kind).toBe('stale');
  fireEvent.press(screen.getByRole('radio', { name: 'Here: Mine' }));
  press('Save choices');
  await gone(/Both devices changed/);
  expect(jobIn(store)).toMatchObject({ name: 'Mine', notes: 'Theirs, too' });
  expect(record()).toMatchObject({ fault: null, aside: { name: 'Mine', notes: alcove.notes } });
});

test('the device that saved the other value has its name, where it has one', async () => {
  await contradicted({ savedBy: 'Kitchen tablet' });
  screen.getByRole('radio', { name: 'Kitchen tablet: Theirs' });
  expect(screen.queryByRole('radio', { name: /^Other device/ })).toBeNull();
});

test('mine as a separate job: both are there', async () => {
  await contradicted();
  press('Keep both jobs');
  await gone(/Both devices changed/);
  const names = Object.values(store.getState().records.byId).map(({ job }) => job.name);
  expect(names.sort()).toEqual(['Mine, copy', 'Theirs']);
  expect(jobIn(store).name).toBe('Theirs');
});

test('a job the server lost is put back or removed', async () => {
  await refused({ kind: 'missing' });
  await screen.findByText(/The server no longer has this job/);
  press('Restore job');
  await until(() => record()?.fault === null);
  act(() => void store.dispatch(records.refusedByServer({ id: alcove.id, fault: { kind: 'missing' } })));
  press('Remove job here');
  expect(record()?.removed).toBe(true);
});

test('a refusal gives its reasons', async () => {
  await refused({ kind: 'refused', reasons: ['The name is too long.'] });
  await screen.findByText(/The name is too long\./);
});
