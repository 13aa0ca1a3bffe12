import { fireEvent, waitFor, within } from '@testing-library/react-native';
import { type Job, type Offcut } from '@dormer/core/job/document';
import { pickFile } from '../../platform/files';
import { putOnRack, type AppStore } from '../../store';
import { gone, jobIn, planned, press, screen, type } from '../../test/screen';
import { given, alcove, mm, type Tab, turn, laidOut, openCut } from './cutTesting';

jest.mock('expo-clipboard', () => ({ setStringAsync: jest.fn() }));

jest.mock('../../platform/files', () => ({
  ...jest.requireActual('../../platform/files'),
  download: jest.fn(),
  pickFile: jest.fn(),
}));

const picked = pickFile as jest.MockedFunction<typeof pickFile>;

jest.setTimeout(40_000);

let store: AppStore;

afterEach(() => store.stop());

beforeEach(() => given.mockReset());

const cut = async (tab: Tab, job: Job = alcove) => {
  store = await openCut(tab, job);
};

const stock = () => jobIn(store).stock;

describe('layouts', () => {
  test('each board with its pieces, what is left, and that nothing is cheaper', async () => {
    await cut('Layouts');
    screen.getByText('18 mm × 400 mm board, pine');
    screen.getByText('5 pieces of stock, 75 % used. £80.00: the cheapest possible.');
    expect(screen.getAllByText('3B').length).toBeGreaterThan(0);
  });

  test('a piece that is pressed is lit, and its board is the one that is drawn', async () => {
    await cut('Layouts');
    const chip = screen.getByRole('button', { name: /^2S/ });
    fireEvent.press(chip);
    await screen.findByLabelText(/^18 mm × 400 mm board, pine, 1200 mm: 2S/);
    // In the list it is marked, and the drawing of the shelves shows where it goes.
    expect(screen.getByRole('button', { name: /^2S/ })).toHaveProp('aria-pressed', true);
  });

  test('a wider kerf is worked out anew; what cannot be carried is told', async () => {
    await cut('Layouts');
    const before = store.getState().cutting.key;
    type('Kerf (width of the cut)', '5');
    await planned(store);
    await waitFor(() => expect(store.getState().cutting.key).not.toBe(before));
    expect(stock().kerf.mm).toBe(5);
    fireEvent.press(screen.getByRole('checkbox', { name: 'Cut sheets down to carry' }));
    type('Longest piece to carry', '2500');
    await planned(store);
    await laidOut(store);
    const longBoards = () =>
      store.getState().cutting.result!.problems.filter((problem) => problem.message.code === 'problem.longBoard');
    await waitFor(() => expect(longBoards().length).toBeGreaterThan(0));
  });

  test('a board of one’s own is added and taken away', async () => {
    await cut('Layouts');
    press('Add own stock');
    type('Length', '2400');
    type('Price of one, £', '3,5');
    await planned(store);
    expect(stock().own).toMatchObject([{ form: 'board', thickness: mm('18'), price: 3.5 }]);
    type('Price of one, £', 'cheap');
    screen.getByText(/“cheap” is not a price/);
    expect(stock().own[0]!.price).toBe(3.5);
    press(/^Delete Own board 1/);
    expect(stock().own).toEqual([]);
  });

  test('as a table', async () => {
    await cut('Layouts');
    press('Save files');
    press('Save CSV');
    await waitFor(() => expect(given).toHaveBeenCalledTimes(1));
    expect(given.mock.calls[0]![1]).toContain('Cut from');
  });

  test('a piece that lies about is put on the rack by hand', async () => {
    await cut('Layouts');
    press('Add offcut');
    fireEvent.press(screen.getByRole('radio', { name: 'Sheet' }));
    const group = within(screen.getByLabelText('Add offcut'));
    const field = group.getByLabelText('Real width');
    fireEvent(field, 'focus');
    fireEvent.changeText(field, '1400');
    fireEvent(field, 'blur');
    press('Put on rack');
    const [piece] = store.getState().rack.pieces;
    // The longer side of a sheet is its length.
    expect(piece).toMatchObject({ form: 'sheet', material: 'pine', thicknessMm: 18, lengthMm: 1400, widthMm: 1000 });
  });

  test('what is on the rack is used first', async () => {
    const rest: Offcut = {
      id: 'rest',
      form: 'strip',
      material: 'pine',
      thicknessMm: 20,
      widthMm: 45,
      lengthMm: 1300,
      note: 'Hall',
    };
    await cut('Layouts');
    store.dispatch(putOnRack([rest]));
    await screen.findByText(/1300 mm · from the rack/);
    fireEvent.press(screen.getByRole('checkbox', { name: 'Use the rack first' }));
    expect(stock().useRack).toBe(false);
    await planned(store);
    await laidOut(store);
    await gone(/· from the rack$/);
  });
});

describe('what is bought', () => {
  test('ticks, what there is already, and the total', async () => {
    await cut('Buy');
    const screws = () => screen.getByRole('button', { name: /^Screws 5 × 70/ });
    fireEvent.press(screen.getByRole('checkbox', { name: /^In the basket: Screws 5 × 70/ }));
    expect(stock().ticked).toEqual(['screw-5-70']);
    screen.getByText('15 things to buy');
    fireEvent.press(screws());
    type('Already have, pieces', '40');
    expect(stock().have).toEqual([{ what: 'screw-5-70', count: 40 }]);
    await waitFor(() => expect(within(screws()).getByText('you have enough')).toBeTruthy());
  });

  test('a supplier is asked, and its prices stay with the job', async () => {
    await cut('Buy');
    await waitFor(() => press('Ask Yard (simulated)'));
    await screen.findByText('Prices from Yard, where it sells the item.');
    expect(stock().prices).toContainEqual({ item: 'screw-5-70:50', price: 10, left: 9 });
  });

  test('a price list comes in; what cannot be read is told by its line', async () => {
    await cut('Buy');
    picked.mockResolvedValue('item,price\nboard-pine-18x400-1200,1\nx,none\n');
    press('Import prices (CSV)');
    await screen.findByText('1 price imported.');
    expect(stock().prices).toEqual([{ item: 'board-pine-18x400-1200', price: 1 }]);
    await planned(store);
    await laidOut(store);
    await screen.findByText('5 at £1.00 each');
    press('Use planning prices');
    expect(stock().prices).toEqual([]);
  });

  test('what is not to be bought is left out, and bought again', async () => {
    await cut('Buy');
    press(/board, pine, 1200 mm long/);
    press('Cross off');
    expect(stock().leave).toEqual(['board-pine-18x400-1200']);
    await planned(store);
    await laidOut(store);
    const scrap = { name: /400 mm pine board, 1200 mm long/ };
    await waitFor(() => expect(screen.queryByRole('button', scrap) === null).toBe(true));
    turn('Layouts');
    screen.getByText('1 item is crossed off.');
    press('Restore items');
    expect(stock().leave).toEqual([]);
  });

  test('another finish is another list', async () => {
    await cut('Buy');
    screen.getByText('Primer');
    fireEvent.press(screen.getByRole('radio', { name: 'Bare' }));
    expect(screen.queryByText('Primer')).toBeNull();
    fireEvent.press(screen.getByRole('radio', { name: 'Oiled' }));
    screen.getByText('Oil');
  });

  test('materials side by side, and one of them chosen', async () => {
    await cut('Buy');
    press('Compare');
    await screen.findByText('Cheapest');
    press('Use MDF');
    expect(jobIn(store).wood.boards).toBe('mdf');
  });
});

test('a job without readings has nothing to cut, and says so on every tab', async () => {
  await cut('Layouts', { ...alcove, readings: [] });
  screen.getByText('Nothing to cut yet.');
  turn('Buy');
  screen.getByText('Nothing to cut yet.');
  turn('At the saw');
  expect(screen.getByRole('button', { name: 'Start cutting' })).toBeDisabled();
});
