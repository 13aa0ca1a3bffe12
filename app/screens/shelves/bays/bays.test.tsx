import { act, fireEvent } from '@testing-library/react-native';
import { towered } from '@dormer/core/planTesting';
import { planJob } from '@dormer/core/plan';
import { undo, type AppStore } from '../../../store';
import { planOfBay } from '../../../store/bay';
import { jobIn, screen, show } from '../../../test/screen';
import { ShelvesScreen } from '../ShelvesScreen';

let store: AppStore;
afterEach(() => store?.stop());

const choose = (name: string) => fireEvent.press(screen.getByRole('radio', { name }));
const press = (name: string) => fireEvent.press(screen.getByRole('button', { name }));
const bayOf = (id: string) => jobIn(store).bays?.find((bay) => bay.id === id);

test('what is changed in a bay changes that bay, and one step undoes it', async () => {
  store = await show(<ShelvesScreen onShape={() => undefined} />, towered);
  choose('Right bay');
  fireEvent.press(screen.getByLabelText('Add one shelf'));
  expect(bayOf('r')).toMatchObject({ shelves: { count: 3 } });
  expect(jobIn(store).shelves).toEqual(towered.shelves);
  choose('Supports');
  const height = screen.getByLabelText('Height of battens');
  fireEvent(height, 'focus');
  fireEvent.changeText(height, '60');
  fireEvent(height, 'blur');
  expect(bayOf('r')).toMatchObject({ support: { own: { 'three-side-cleats': { cleatHeight: { mm: 60 } } } } });
  expect(bayOf('l')).toEqual(towered.bays?.[0]);
  expect(jobIn(store).support).toEqual(towered.support);
  for (let i = 0; i < 2; i += 1) act(() => void store.dispatch(undo()));
  expect(jobIn(store)).toEqual(towered);
});

test('things and tilted shelves are in the main bay only', async () => {
  store = await show(<ShelvesScreen onShape={() => undefined} />, towered);
  choose('Middle bay');
  screen.getByRole('radio', { name: 'Things' });
  screen.getByRole('button', { name: 'Add tilted shelf' });
  choose('Left bay');
  expect(screen.queryByRole('radio', { name: 'Things' })).toBeNull();
  expect(screen.queryByRole('button', { name: 'Add tilted shelf' })).toBeNull();
});

test('bays are added, named, given a width, and deleted', async () => {
  const { bays: _bays, ...whole } = towered;
  store = await show(<ShelvesScreen onShape={() => undefined} />, whole);
  press('Add right bay');
  expect(jobIn(store).bays?.map(({ kind }) => kind)).toEqual(['main', 'beside']);
  const name = screen.getByLabelText('Name of Right bay');
  fireEvent(name, 'focus');
  fireEvent.changeText(name, 'Coats');
  fireEvent(name, 'blur');
  const width = screen.getByLabelText('Width of Coats');
  fireEvent(width, 'focus');
  fireEvent.changeText(width, '900');
  fireEvent(width, 'blur');
  expect(jobIn(store).bays?.[1]).toMatchObject({ name: 'Coats', width: { mm: 900 } });
  press('Delete width');
  expect(jobIn(store).bays?.[1]).not.toHaveProperty('width');
  press('Delete Coats');
  expect(jobIn(store)).toEqual(whole);
});

test('the plan of a bay has its shelves and gaps, and the pieces of all', () => {
  const plan = planJob(towered);
  const right = planOfBay(plan, 'r');
  expect(right.shelves.map(({ number }) => number)).toEqual([7, 8]);
  expect(right.gaps.map(({ below, above }) => [below, above])).toEqual([
    [null, 7],
    [7, 8],
    [8, null],
  ]);
  expect(right.parts).toBe(plan.parts);
  expect(planOfBay(plan, null).shelves.map(({ number }) => number)).toEqual([1, 2, 3, 4]);
});
