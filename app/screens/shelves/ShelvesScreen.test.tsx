import { act, fireEvent, waitFor } from '@testing-library/react-native';
import { chimneyAlcove } from '@dormer/core/rigs/demo';
import { undo, type AppStore } from '../../store';
import { jobIn, screen, show } from '../../test/screen';
import { ShelvesScreen } from './ShelvesScreen';

let store: AppStore;
afterEach(() => store.stop());

function set(label: string, text: string): void {
  const field = screen.getByLabelText(label);
  fireEvent(field, 'focus');
  fireEvent.changeText(field, text);
  fireEvent(field, 'blur');
}

const tab = (name: string) => fireEvent.press(screen.getByRole('radio', { name }));
const fromMark = (shelf: number, mm: string) =>
  `Shelf ${shelf}, Top of shelf, Floor mark, Left wall, front: ${mm} mm. Why?`;

test('one shelf fewer, and the marks follow', async () => {
  store = await show(<ShelvesScreen onShape={() => undefined} />, chimneyAlcove());
  tab('Marks');
  tab('Floor mark');
  screen.getByLabelText(fromMark(5, '2043.5'));
  tab('Heights');
  fireEvent.press(screen.getByLabelText('Remove one shelf'));
  tab('Marks');
  tab('Floor mark');
  // (1930 - 4 x 18) / 5 = 371.6; the first top 420 + 371.6 + 18 = 809.6, on the tape 809.5.
  await screen.findByLabelText(fromMark(1, '809.5'));
  expect(screen.queryByLabelText(/^Shelf 5, Top of shelf/)).toBeNull();
});

test('every size of board, batten and nosing is one step that can be undone', async () => {
  const alcove = chimneyAlcove();
  store = await show(<ShelvesScreen onShape={() => undefined} />, alcove);
  tab('Supports');
  set('Real thickness', '25.4');
  set('Depth with lipping', '13 in');
  set('Back batten shorter by', '0');
  set('Height of battens', '38');
  set('Thickness of the lipping', '18');
  const { shelves, support } = jobIn(store);
  expect(shelves).toMatchObject({
    thickness: { mm: 25.4 },
    depth: { mm: 330.2, typed: '13 in' },
  });
  expect(support.own['three-side-cleats']).toMatchObject({
    cleatShort: { mm: 0 },
    cleatHeight: { mm: 38 },
    nosingThickness: { mm: 18 },
  });
  for (let i = 0; i < 5; i += 1) act(() => void store.dispatch(undo()));
  expect(jobIn(store)).toEqual(alcove);
});

test('a thickness of nothing is refused in words', async () => {
  store = await show(<ShelvesScreen onShape={() => undefined} />, chimneyAlcove());
  tab('Supports');
  set('Real thickness', '0');
  screen.getByText(/comes out at zero/);
  expect(jobIn(store).shelves.thickness.mm).toBe(18);
});

test('a thing of one’s own: its sizes, its weight, how many; nothing of no height', async () => {
  store = await show(<ShelvesScreen onShape={() => undefined} />, { ...chimneyAlcove(), things: [] });
  tab('Things');
  fireEvent.press(screen.getByRole('button', { name: 'Add own thing' }));
  set('Name', 'Vinyl player');
  set('Height', '0');
  screen.getByText(/comes out at zero/);
  set('Height', '150');
  set('Weight of one', 'heavy');
  screen.getByText(/“heavy”/);
  set('Weight of one', '7.5');
  fireEvent.press(screen.getByLabelText('Add one'));
  fireEvent.press(screen.getByRole('radio', { name: 'Daily' }));
  fireEvent.press(screen.getByRole('radio', { name: 'Child' }));
  fireEvent.press(screen.getByRole('checkbox', { name: 'May lie flat' }));
  expect(jobIn(store).things).toMatchObject([
    {
      name: 'Vinyl player',
      height: { mm: 150 },
      weight: { kg: 7.5, typed: '7.5 kg' },
      count: 2,
      often: 'daily',
      who: 'child',
      flat: true,
    },
  ]);
  // With the one who reached for it gone, everyone does.
  fireEvent.press(screen.getByLabelText('Delete Child'));
  expect(jobIn(store).things[0]).not.toHaveProperty('who');
  expect(jobIn(store).people).toHaveLength(1);
});

test('the walk along the walls goes round, and every mark says why', async () => {
  store = await show(<ShelvesScreen onShape={() => undefined} />, chimneyAlcove());
  tab('Marks');
  fireEvent.press(screen.getByLabelText('Previous spot'));
  screen.getByLabelText(/^Shelf 1, Top of batten, Level line, Right wall, front: .*Why\?$/);
  tab('Ceiling here');
  fireEvent.press(screen.getByLabelText(/^Shelf 5, Top of shelf, Ceiling here, Right wall, front/));
  screen.getByText('Ceiling at this spot, above the floor mark');
});

test('from equal gaps to typed heights and on by hand', async () => {
  store = await show(<ShelvesScreen onShape={() => undefined} />, chimneyAlcove());
  fireEvent.press(screen.getByLabelText('Typed heights'));
  await waitFor(() => expect(jobIn(store).shelves.heights).toHaveLength(5));
  set('Top of shelf 1, above the floor mark', '700');
  fireEvent.press(screen.getByLabelText('Delete shelf 2'));
  expect(jobIn(store).shelves.heights.map((height) => height.up.typed)).toEqual(['700', '1394', '1718.5', '2043.5']);
  fireEvent.press(await screen.findByLabelText('Add shelf'));
  await waitFor(() => expect(jobIn(store).shelves.heights).toHaveLength(5));
});

test('boundaries from floor to ceiling, and heights of one’s own', async () => {
  store = await show(<ShelvesScreen onShape={() => undefined} />, chimneyAlcove());
  fireEvent.press(screen.getByRole('radio', { name: 'Floor' }));
  fireEvent.press(screen.getByRole('radio', { name: 'Ceiling' }));
  expect(jobIn(store).shelves).toMatchObject({ bottom: { kind: 'floor' }, top: { kind: 'ceiling' } });
  fireEvent.press(screen.getAllByRole('radio', { name: 'A height' })[1]!);
  set('End of the space, above the floor mark', '2200');
  expect(jobIn(store).shelves.top).toMatchObject({ kind: 'height', up: { mm: 2200 } });
});

test('a shelf that is pointed at leads to the shape of its board', async () => {
  const onShape = jest.fn();
  store = await show(<ShelvesScreen onShape={onShape} />, chimneyAlcove());
  tab('Marks');
  fireEvent.press(screen.getByRole('button', { name: 'Show shelf 3' }));
  fireEvent.press(screen.getByRole('button', { name: 'Shape of board 3' }));
  expect(onShape).toHaveBeenCalledWith(3);
});
