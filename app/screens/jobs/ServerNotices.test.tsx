import { act } from '@testing-library/react-native';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { records, selectStrangers, type AppStore } from '../../store';
import { gone, press, screen, show } from '../../test/screen';
import { until } from '../../test/setup';
import { ServerNotices } from './ServerNotices';

const alcove = chimneyAlcove();
let store: AppStore;
afterEach(() => store.stop());

/** Another server answers than the one the alcove lives on. */
async function atAnother(): Promise<void> {
  store = await show(<ServerNotices />, alcove);
  act(() => void store.dispatch(records.met({ server: 'another', knows: [] })));
  await screen.findByText(/This is another Dormer\. One job on this device belongs to a different one\./);
}

test('jobs of another server are brought here', async () => {
  await atAnother();
  press('Copy jobs here');
  await until(() => selectStrangers(store.getState()).length === 0);
  await gone(/This is another Dormer/);
});

test('or kept on this device, and not asked about again', async () => {
  await atAnother();
  press('Keep apart');
  await gone(/This is another Dormer/);
  expect(store.getState().records.byId[alcove.id]).toMatchObject({ apart: 'another', removed: false });
});

test('jobs that the server lost are put back or removed', async () => {
  store = await show(<ServerNotices />, alcove);
  act(() => void store.dispatch(records.missed([alcove.id])));
  await screen.findByText(/The server no longer has one job that this device has\./);
  press('Send jobs again');
  await gone(/no longer has/);
  act(() => void store.dispatch(records.missed([alcove.id])));
  press('Remove jobs here');
  await gone(/no longer has/);
  expect(store.getState().records.byId[alcove.id]?.removed).toBe(true);
});
