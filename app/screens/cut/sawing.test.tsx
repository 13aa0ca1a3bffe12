import { act, waitFor, within } from '@testing-library/react-native';
import { typedLength, type Job } from '@dormer/core/job/document';
import { sawSteps, sawTasks } from '@dormer/core/work/stock';
import { words } from '@dormer/core/say/words/all';
import { editJob, type AppStore } from '../../store';
import { jobIn, planned, press, screen, type } from '../../test/screen';
import { given, alcove, type Tab, turn, laidOut, openCut } from './cutTesting';

jest.mock('expo-clipboard', () => ({ setStringAsync: jest.fn() }));

jest.mock('../../platform/files', () => ({
  ...jest.requireActual('../../platform/files'),
  download: jest.fn(),
  pickFile: jest.fn(),
}));

jest.setTimeout(40_000);

let store: AppStore;

afterEach(() => store.stop());

beforeEach(() => given.mockReset());

const cut = async (tab: Tab, job: Job = alcove) => {
  store = await openCut(tab, job);
};

const stock = () => jobIn(store).stock;

describe('at the saw', () => {
  const tick = () => press('Cut');
  const tasks = () => sawTasks(stock().saw!, store.getState().planned.plan!, jobIn(store));
  const furtherTasks = () => tasks().flatMap((task) => (task.kind === 'further' ? [task.further] : []));
  const tickAllBut = (count: number) => {
    const done = tasks()
      .slice(0, -count)
      .map((task) => task.id);
    act(() => {
      store.dispatch(editJob((job) => ({ ...job, stock: { ...job.stock, saw: { ...job.stock.saw!, done } } })));
    });
  };

  test('one cut at a time, taken back, and kept in the job', async () => {
    await cut('At the saw');
    press('Start cutting');
    screen.getByText(/^Cut 1 of \d+ · board L1$/);
    tick();
    screen.getByText(/^Cut 2 of/);
    expect(stock().saw?.done).toHaveLength(1);
    press('Undo last tick');
    screen.getByText(/^Cut 1 of/);
    press('Drop these layouts');
    expect(stock().saw).toBeUndefined();
  });

  test('a piece cut wrong: still too long is cut again, too short is planned anew', async () => {
    await cut('At the saw');
    press('Start cutting');
    while (screen.queryByText(/^Pencil this on the blank at once/) === null) tick();
    press('Report wrong cut');
    type(/^(Length|Width) now$/, '3000');
    screen.getByText(/Cut it again at the same setting/);
    type(/^(Length|Width) now$/, '200');
    await screen.findByTestId('wrong-answer');
    press('Use new layouts');
    expect(stock().saw?.wrong).toHaveLength(1);
    expect(stock().saw?.layouts.every((layout) => layout.id.endsWith('r2'))).toBe(true);
  });

  test('when all is cut, what is left goes on the rack', async () => {
    await cut('At the saw');
    press('Start cutting');
    // All but the last two were ticked before.
    tickAllBut(2);
    tick();
    expect(screen.queryByText('All cut')).toBeNull();
    tick();
    screen.getByText('All cut');
    press('Store offcuts');
    expect(stock().saw).toBeUndefined();
    const { pieces } = store.getState().rack;
    expect(pieces.length).toBeGreaterThan(0);
    expect(pieces.every((piece) => piece.note === alcove.name)).toBe(true);
    // What is cut is not cut or bought again, until someone says so.
    await laidOut(store);
    await screen.findByText(/pieces are cut. No cuts are left/);
    expect(screen.getByRole('button', { name: 'Start cutting' })).toBeDisabled();
    turn('Buy');
    await screen.findByText(/all pieces are cut, or their boards are on the saw/);
    expect(screen.queryAllByRole('checkbox', { name: /pine/ })).toEqual([]);
    screen.getByText('Screws and fittings');
    turn('At the saw');
    press('Start over');
    await laidOut(store);
    expect(stock().cut).toEqual([]);
    await waitFor(() => expect(screen.getByRole('button', { name: 'Start cutting' })).toBeEnabled());
  });

  test('squaring an end has no large figure; the first one is a cut that matters', async () => {
    await cut('At the saw');
    press('Start cutting');
    screen.getByText('Square one end');
    while (screen.queryByTestId('saw-figure') === null) tick();
    const first = sawSteps(stock().saw!, stock().kerf.mm).find((sawStep) => sawStep.at >= 0)!;
    expect(screen.getByTestId('saw-figure')).toHaveTextContent(`${first.settingMm} mm`);
  });

  test('after the straight cuts the ends of each board are told, one tick each; only then all is cut', async () => {
    await cut('At the saw');
    press('Start cutting');
    const ends = furtherTasks().filter((furtherTask) => furtherTask.kind === 'end' && furtherTask.label.endsWith('S'));
    expect(ends.length).toBeGreaterThan(4);
    tickAllBut(furtherTasks().length);
    expect(screen.queryByText('All cut')).toBeNull();
    for (const one of furtherTasks()) {
      const card = within(screen.getByTestId('saw-card'));
      card.getByText(one.label);
      for (const line of one.how) card.getByText(words(line, alcove));
      tick();
    }
    screen.getByText('All cut');
  });

  test('what lies on the saw is not bought again', async () => {
    await cut('At the saw');
    press('Start cutting');
    turn('Buy');
    await laidOut(store);
    await screen.findByText(/all pieces are cut, or their boards are on the saw/);
  });

  test('pieces that are cut stay cut when the layouts are given up', async () => {
    await cut('At the saw');
    press('Start cutting');
    while (screen.queryByText(/^Pencil this on the blank at once/) === null) tick();
    tick();
    press('Drop these layouts');
    expect(stock().cut).toHaveLength(1);
  });

  test('a job that changed under the layouts says so', async () => {
    await cut('At the saw');
    press('Start cutting');
    store.dispatch(editJob((one) => ({ ...one, fit: { ...one.fit, habit: 'loose', play: typedLength('20', 'mm') } })));
    await planned(store);
    await screen.findByText(/other lengths now than in these layouts/);
  });
});
