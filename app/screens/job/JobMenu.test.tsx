import { act, fireEvent, waitFor } from '@testing-library/react-native';
import { chimneyAlcove, cloakroomCloset } from '@dormer/core/rigs/demo';
import { downloadJob } from '../../platform/files';
import { selectJobs, type AppStore } from '../../store';
import { jobIn, press, screen, show, type } from '../../test/screen';
import { JobMenu } from './JobMenu';

const went: unknown[] = [];
jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: (where: unknown) => went.push(where) }) }));
jest.mock('../../platform/files', () => ({ ...jest.requireActual('../../platform/files'), downloadJob: jest.fn() }));
const saved = downloadJob as jest.MockedFunction<typeof downloadJob>;

let store: AppStore;
const closed = jest.fn();
beforeEach(() => {
  went.length = 0;
  saved.mockReset();
  closed.mockReset();
});
afterEach(() => store.stop());

const alcove = chimneyAlcove();
const open = async (job = alcove) => {
  store = await show(<JobMenu id={job.id} onClose={closed} onShortcuts={() => undefined} />, job);
};

test('another name and notes; a job without a name is refused, and keeps the one it had', async () => {
  await open();
  type('Name', '  Reading room ');
  type('Notes', 'The left jamb leans.');
  expect(jobIn(store)).toMatchObject({ name: 'Reading room', notes: 'The left jamb leans.' });
  type('Name', '   ');
  screen.getByText('Type a name for the job.');
  expect(jobIn(store).name).toBe('Reading room');
});

test('other units take a tape of their kind along, and what was typed stays', async () => {
  await open();
  fireEvent.press(screen.getByRole('radio', { name: 'inches' }));
  const job = jobIn(store);
  expect(job.units).toBe('in');
  expect(job.tape).toMatch(/in$/);
  expect(job.readings).toEqual(alcove.readings);
  fireEvent.press(screen.getByRole('radio', { name: /1\/32/ }));
  expect(jobIn(store).tape).toBe('1/32in');
  fireEvent.press(screen.getByRole('radio', { name: 'mm' }));
  expect(jobIn(store).tape).toMatch(/mm$/);
});

test('a tape of the other kind is not offered', async () => {
  await open(cloakroomCloset());
  expect(screen.queryByRole('radio', { name: /0\.5 mm/ })).toBeNull();
  screen.getByRole('radio', { name: /1\/16/ });
});

test('light or dark is of the device, not of the job', async () => {
  await open();
  fireEvent.press(screen.getByRole('radio', { name: 'Dark' }));
  expect(store.getState().settings.theme).toBe('dark');
  expect(jobIn(store)).toEqual(alcove);
});

test('as a file; as a copy, to which one goes; removed, and back to the jobs', async () => {
  await open();
  press('Save as file');
  expect(saved).toHaveBeenCalledWith(alcove);
  press('Duplicate');
  const copy = selectJobs(store.getState()).find((record) => record.id !== alcove.id)!;
  expect(copy.job).toEqual({ ...alcove, id: copy.id, name: `${alcove.name}, copy` });
  expect(went).toEqual([{ pathname: '/job/[id]/measure', params: { id: copy.id } }]);
  press('Remove job');
  expect(went.at(-1)).toBe('/');
  expect(closed).toHaveBeenCalledTimes(2);
  await waitFor(() => expect(selectJobs(store.getState()).map((record) => record.id)).toEqual([copy.id]));
});

test('earlier versions that cannot be reached say so', async () => {
  await open();
  globalThis.fetch = (async () => {
    throw new TypeError('Failed to fetch');
  }) as typeof fetch;
  press('Earlier versions');
  screen.getByText('Earlier versions');
  await act(async () => undefined);
  await screen.findByText(/Earlier versions are on the server, which cannot be reached now/);
});
