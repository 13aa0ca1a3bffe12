import { act, fireEvent, render, waitFor } from '@testing-library/react-native';
import { chimneyAlcove, cloakroomCloset } from '@dormer/core/rigs/demo';
import { writeJobFile } from '@dormer/core/job/document';
import { Provider } from 'react-redux';
import { pickFile } from '../../platform/files';
import { drafts } from '../../platform/drafts';
import { begin, createJob, createStore, removeJob, selectJobs, type AppStore } from '../../store';
import { gone, press, screen, show } from '../../test/screen';
import { directCore, MapDevice, PretendServer, until } from '../../test/setup';
import { JobsScreen } from './JobsScreen';

const went: unknown[] = [];
jest.mock('expo-router', () => ({
  useRouter: () => ({ navigate: (where: unknown) => went.push(where) }),
  Link: ({ children }: { children: unknown }) => children,
}));
jest.mock('../../platform/files', () => ({ ...jest.requireActual('../../platform/files'), pickFile: jest.fn() }));
const picked = pickFile as jest.MockedFunction<typeof pickFile>;

let store: AppStore;
beforeEach(() => {
  went.length = 0;
  // Of a browser's page only its title is set, and keys are listened for.
  const page = { title: '', addEventListener: () => undefined, removeEventListener: () => undefined };
  globalThis.document ??= page as unknown as Document;
});
afterEach(() => store.stop());
const names = () => selectJobs(store.getState()).map((record) => record.job.name);

test('none yet says how to begin', async () => {
  store = await show(<JobsScreen />);
  await screen.findByText('No jobs yet');
  screen.getByText(/measure one width/);
});

test('none yet offers the example, which opens', async () => {
  store = await show(<JobsScreen />);
  await screen.findByText('No jobs yet');
  const server = new PretendServer();
  globalThis.fetch = server.fetch as typeof fetch;
  server.down = true;
  press('Open example');
  await until(() => store.getState().notice?.label === 'jobs.exampleNot');
  server.down = false;
  press('Open example');
  await waitFor(() => expect(went).toEqual([{ pathname: '/job/[id]/measure', params: { id: chimneyAlcove().id } }]));
  expect(names()).toEqual([chimneyAlcove().name]);
});

test('every job has its line, the last changed first; one that is removed has none', async () => {
  store = await show(<JobsScreen />);
  act(() => {
    store.dispatch(createJob({ kind: 'alcove', name: 'First', units: 'mm' }));
    store.dispatch(createJob({ kind: 'run', name: 'Second', units: 'in' }));
  });
  await screen.findByText('Second');
  expect(screen.getAllByText(/^(First|Second)$/)).toHaveLength(2);
  const [last] = selectJobs(store.getState());
  act(() => void store.dispatch(removeJob(last!.id)));
  await gone(last!.job.name);
});

test('a new job: its place, its name, its units, and on to measuring', async () => {
  store = await show(<JobsScreen />);
  press('New job');
  fireEvent.press(screen.getByRole('radio', { name: /[Cc]orner/ }));
  fireEvent.changeText(screen.getByLabelText('Name'), '  Under the window ');
  fireEvent.press(screen.getByRole('radio', { name: 'inches' }));
  press('Start measuring');
  const [made] = selectJobs(store.getState());
  expect(made?.job).toMatchObject({ name: 'Under the window', units: 'in', place: { kind: 'corner' } });
  expect(went).toEqual([{ pathname: '/job/[id]/measure', params: { id: made!.id } }]);
});

test('a job without a name is named for its place', async () => {
  store = await show(<JobsScreen />);
  press('New job');
  press('Start measuring');
  expect(names()[0]).not.toBe('');
});

describe('a job file', () => {
  test('comes in as it went out', async () => {
    store = await show(<JobsScreen />);
    picked.mockResolvedValue(writeJobFile(cloakroomCloset()));
    press('Open job file');
    await waitFor(() => expect(names()).toContain('Cloakroom closet'));
  });

  test('of a job that is there already comes in beside it, under a name of its own', async () => {
    store = await show(<JobsScreen />, chimneyAlcove());
    picked.mockResolvedValue(writeJobFile(chimneyAlcove()));
    press('Open job file');
    await waitFor(() => expect(store.getState().notice).not.toBeNull());
    // The very same is there already.
    expect(names()).toHaveLength(1);
    picked.mockResolvedValue(writeJobFile({ ...chimneyAlcove(), notes: 'Another.' }));
    press('Open job file');
    await waitFor(() => expect(names()).toHaveLength(2));
    expect(new Set(selectJobs(store.getState()).map((record) => record.id)).size).toBe(2);
  });

  test('that is none is refused in words, and nothing comes in', async () => {
    store = await show(<JobsScreen />);
    picked.mockResolvedValue('not a job');
    press('Open job file');
    await screen.findByText(/no (Dormer )?job file|not a (Dormer )?job|JSON/i);
    expect(names()).toEqual([]);
    press(/^(Close|Put away|Dismiss)/);
    expect(screen.queryByText(/no (Dormer )?job file|not a (Dormer )?job|JSON/i)).toBeNull();
  });

  test('that nobody picked changes nothing', async () => {
    store = await show(<JobsScreen />);
    picked.mockResolvedValue(null);
    press('Open job file');
    await act(async () => undefined);
    expect(names()).toEqual([]);
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

test('a new job that was typed when the page was gone is back once the device was read, and stays kept', async () => {
  const kept = new Map([
    ['jobs|~adding', 'true'],
    ['jobs|sheet|Name', 'Kettle corn'],
  ]);
  drafts.begin([...kept], (key, text) => void (text === null ? kept.delete(key) : kept.set(key, text)));
  globalThis.fetch = new PretendServer().fetch as typeof fetch;
  store = createStore({ core: directCore, device: new MapDevice(), settleMs: 1, retryMs: 1000 });
  render(
    <Provider store={store}>
      <JobsScreen />
    </Provider>,
  );
  expect(screen.queryByLabelText('Name')).toBeNull();
  await act(() => store.dispatch(begin()));
  expect((await screen.findByLabelText('Name')).props.value).toBe('Kettle corn');
  expect([...kept]).toEqual([
    ['jobs|~adding', 'true'],
    ['jobs|sheet|Name', 'Kettle corn'],
  ]);
  drafts.begin([], () => undefined);
});
