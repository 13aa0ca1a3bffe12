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
const stale: SaveFault = { kind: 'stale', current: { job: theirs, version: 2, changedAt: 'then' } };

async function contradicted(): Promise<void> {
  store = await show(<FaultBanner id={alcove.id} />, alcove);
  // What is settled waits: the server cannot be reached.
  globalThis.fetch = () => Promise.reject(new TypeError('Failed to fetch'));
  const mine = { ...alcove, name: 'Mine' };
  act(() => {
    store.dispatch(records.changed({ job: mine, at: 'now' }));
    store.dispatch(records.refusedByServer({ id: alcove.id, fault: stale }));
  });
  press('Choose');
}

test('what contradicts is asked about, one thing each; only when all is chosen can it be saved', async () => {
  await contradicted();
  screen.getByText('Both devices changed one thing. Everything else is joined already.');
  const save = () => screen.getByRole('button', { name: 'Save choices' });
  expect(save()).toBeDisabled();
  press('Save choices');
  expect(record()?.fault?.kind).toBe('stale');
  fireEvent.press(screen.getByRole('radio', { name: 'Here: Mine' }));
  press('Save choices');
  await gone(/Both devices changed/);
  expect(jobIn(store)).toMatchObject({ name: 'Mine', notes: 'Theirs, too' });
  expect(record()).toMatchObject({ fault: null, aside: { name: 'Mine', notes: alcove.notes } });
});

test('mine as a separate job: both are there', async () => {
  await contradicted();
  press('Keep mine as a separate job');
  await gone(/Both devices changed/);
  const names = Object.values(store.getState().records.byId).map(({ job }) => job.name);
  expect(names.sort()).toEqual(['Mine, copy', 'Theirs']);
  expect(jobIn(store).name).toBe('Theirs');
});

test('a job the server lost is put back or removed', async () => {
  await refused({ kind: 'missing' });
  await screen.findByText(/The server no longer has this job/);
  press('Put job back');
  await until(() => record()?.fault === null);
  act(() => void store.dispatch(records.refusedByServer({ id: alcove.id, fault: { kind: 'missing' } })));
  press('Remove job here');
  expect(record()?.removed).toBe(true);
});

test('a refusal gives its reasons', async () => {
  await refused({ kind: 'refused', reasons: ['The name is too long.'] });
  await screen.findByText(/The name is too long\./);
});
